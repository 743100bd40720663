/** Second radiation constant in m·K (ITS-90, as CIE 15:2018 uses it for illuminants other than A). */
const C2 = 1.4388e-2;

/** Planck's relative spectral radiance at `nanometres` for a black body of `kelvin`, 1 at 560 nm. CIE 15:2018 §3. */
export function planckian(nanometres: number, kelvin: number): number {
  const share = 560 / nanometres;
  const square = share * share;
  const exponent = C2 / (560e-9 * kelvin);
  return (square * square * share * Math.expm1(exponent)) / Math.expm1(exponent * share);
}
