import { GRID, onGrid, type Reflectance } from './grid';

export type Resampled = {
  readonly reflectance: Reflectance;
  /** Range in nanometres where the curve was measured; outside it the end values are held. */
  readonly measured: { readonly from: number; readonly to: number };
  readonly held: boolean;
};

/**
 * A measured reflectance on the product's grid: natural cubic spline between samples (monotone data may overshoot by under 0.001 at
 * 10 nm), end values held outside the measured range, which `held` reports. Values are kept within 0–1.
 *
 * @param start first wavelength in nm; @param step in nm, ≥ 1; @param values at least three, 0–1
 */
export function resample(start: number, step: number, values: readonly number[]): Resampled {
  const n = values.length;
  const bend = new Float64Array(n);
  const sweep = new Float64Array(n);
  for (let i = 1; i < n - 1; i++) {
    const pivot = 4 - sweep[i - 1]!;
    sweep[i] = 1 / pivot;
    bend[i] = (6 * (values[i + 1]! - 2 * values[i]! + values[i - 1]!) - bend[i - 1]!) / pivot;
  }
  for (let i = n - 2; i > 0; i--) bend[i]! -= sweep[i]! * bend[i + 1]!;
  const at = (nm: number) => {
    const position = Math.min(Math.max((nm - start) / step, 0), n - 1);
    const i = Math.min(Math.floor(position), n - 2);
    const [t, s] = [position - i, 1 - (position - i)];
    const curve = s * values[i]! + t * values[i + 1]! + ((s ** 3 - s) * bend[i]! + (t ** 3 - t) * bend[i + 1]!) / 6;
    return Math.min(1, Math.max(0, curve));
  };
  const to = start + step * (n - 1);
  return { reflectance: onGrid(at), measured: { from: start, to }, held: start > GRID.start || to < GRID.end };
}
