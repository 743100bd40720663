/** K/S of an opaque film from its internal reflectance, 0 < R ≤ 1. Kubelka 1948: K/S = (1 − R)² / 2R. */
export function absorptionOverScattering(internal: number): number {
  if (!(internal > 0 && internal <= 1)) throw new RangeError(`internal reflectance ${internal}: must lie in (0, 1]`);
  return (1 - internal) ** 2 / (2 * internal);
}

/** Internal reflectance of an opaque film from K/S ≥ 0. Kubelka 1948: R = 1 + K/S − √((K/S)² + 2 K/S). */
export function reflectanceOfRatio(ratio: number): number {
  if (!(ratio >= 0)) throw new RangeError(`K/S ${ratio}: must not be negative`);
  // the textbook form subtracts near-equal numbers for dark films; its conjugate does not
  return 1 / (1 + ratio + Math.sqrt(ratio * ratio + 2 * ratio));
}
