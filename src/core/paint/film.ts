import { GRID, type Reflectance } from '../colour/grid';
import { D65_10, tristimulus } from '../colour/tristimulus';
import { reflectanceOfRatio } from './kubelka-munk';
import { internalReflectance, measuredReflectance, SURFACE, type SurfaceConstants } from './saunderson';
import type { Optical } from './tint-system';

/**
 * Internal reflectance of a film of thickness `x` over an undercoat of internal reflectance `under`. Kubelka 1948:
 * R = [1 − Rg (a − b coth bSx)] / [a − Rg + b coth bSx], a = 1 + K/S, b = √(a² − 1).
 *
 * @param k absorption, ≥ 0; @param s scattering, > 0; @param x thickness, ≥ 0 (0 shows the undercoat)
 */
export function filmReflectance({ k, s, x }: { k: number; s: number; x: number }, under: number): number {
  if (!(k >= 0 && s > 0 && x >= 0)) throw new RangeError(`film K ${k}, S ${s}, thickness ${x}: out of range`);
  if (x === 0) return under;
  const a = 1 + k / s;
  const b = Math.sqrt(a * a - 1);
  const depth = b * s * x;
  // b coth(bSx) tends to 1/(Sx) as absorption vanishes
  const coth = depth < 1e-6 ? 1 / (s * x) : b / Math.tanh(depth);
  return (1 - under * (a - coth)) / (a - under + coth);
}

/** Measured reflectance of paint thick enough to hide anything. Kubelka 1948 with Saunderson's correction. */
export const opaqueReflectance = ({ k, s }: Optical, surface: SurfaceConstants = SURFACE): Reflectance =>
  Float64Array.from({ length: GRID.count }, (_, i) => measuredReflectance(reflectanceOfRatio(k[i]! / s[i]!), surface));

/** Measured reflectance of a film of thickness `x` over an undercoat of measured reflectance `under`. */
export const reflectanceOver = (
  { k, s }: Optical,
  x: number,
  under: Reflectance,
  surface: SurfaceConstants = SURFACE,
): Reflectance =>
  Float64Array.from({ length: GRID.count }, (_, i) =>
    measuredReflectance(filmReflectance({ k: k[i]!, s: s[i]!, x }, internalReflectance(under[i]!, surface)), surface),
  );

/** Reflectances of the usual test card: black and white, flat. ISO 6504-3 asks for 80 ± 2 over white and at most 5 over black. */
const CARD = { black: 0.05, white: 0.8 } as const;
const flat = (r: number): Reflectance => new Float64Array(GRID.count).fill(r);

/** Contrast ratio of a film: LRV over black as a share of LRV over white, 0–1; from 0.98 it counts as hiding. ISO 6504-3. */
export function contrastRatio(paint: Optical, x: number, surface: SurfaceConstants = SURFACE): number {
  const lrv = (under: number) => tristimulus(reflectanceOver(paint, x, flat(under), surface), D65_10).y;
  return lrv(CARD.black) / lrv(CARD.white);
}

/** Contrast ratio from which a film hides. ISO 6504-3, class 2. */
export const HIDES_FROM = 0.98;
