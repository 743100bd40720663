/**
 * The one spectral grid: 380–780 nm in steps of 5 nm, 81 samples.
 *
 * 5 nm is the finest step of common paint instruments' tables and of the CIE illuminant tables; below 380 nm and above
 * 780 nm the 10° observer holds under 0.01 % of the Y of any illuminant used here. See docs/decisions/0001-spectral-grid.md.
 */
export const GRID = { start: 380, end: 780, step: 5, count: 81 } as const;

/** A spectral reflectance factor on the grid, one value per sample, 0–1 for a surface that does not fluoresce. */
export type Reflectance = Float64Array;
/** A relative spectral power distribution on the grid. */
export type SpectralPower = Float64Array;

/** Wavelength of grid sample `i`, in nanometres. */
export const wavelength = (i: number): number => GRID.start + i * GRID.step;

/** A grid-shaped array from a function of wavelength in nanometres. */
export const onGrid = (f: (nanometres: number) => number): Float64Array =>
  Float64Array.from({ length: GRID.count }, (_, i) => f(wavelength(i)));
