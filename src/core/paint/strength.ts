import { ok, type Ok, type Refused } from '../base/result';
import { GRID, type Reflectance } from '../colour/grid';
import { labFromXyz } from '../colour/lab';
import { D65_10, lightReflectanceValue, tristimulus } from '../colour/tristimulus';
import type { Lab } from '../colour/types';
import { absorptionOverScattering, reflectanceOfRatio } from './kubelka-munk';
import { internalReflectance, measuredReflectance, surfaceFor, type SurfaceConstants } from './saunderson';

/** Strengths a counter will mix, as a share of the formula. */
export const STRENGTH_RANGE = { min: 0.1, max: 1.5 } as const;
/** The strengths offered, in percent, and the one below which hardly any tint is left for most tastes. Common practice, no source. */
export const OFFERED_STRENGTHS = [100, 75, 50, 25] as const;
export const MARKED_BELOW = 50;

export type Strengthened = {
  readonly reflectance: Reflectance;
  readonly lab: Lab;
  readonly lrv: number;
  /** The surface constants used; `lowered` when a very dark film needed a smaller k1. */
  readonly surface: SurfaceConstants & { readonly lowered: boolean };
};

const ratioOf = (measured: number, surface: SurfaceConstants) => absorptionOverScattering(internalReflectance(measured, surface));

/** Points of LRV by which a colour counts as lighter than its base: below, the two were measured alike. This product's own choice. */
const LIGHTER_BY = 0.1;

/** What to say of a colour lighter than its base: no amount of colourant makes it. */
export const LIGHTER_THAN_BASE = 'this maker’s base cannot make it lighter';

/** True when a colour is lighter than the base it would be tinted from, both by LRV: colourant can only darken. */
export const isLighterThanBase = (lrv: number, baseLrv: number): boolean => lrv > baseLrv + LIGHTER_BY;

/**
 * A colour at strength p in its maker's own white or pastel base: K/S(λ, p) = K/S_base + p · (K/S_full − K/S_base), single-constant
 * Kubelka–Munk with Saunderson's correction, titanium dioxide doing nearly all the scattering. p = 1 gives the colour, p = 0 the base.
 *
 * @param full reflectance at 100 %, 81 values in (0, 1); @param base the base's own measured reflectance
 * @param p share of the formula; the counter mixes 0.10–1.50, the physics holds wherever K/S stays positive
 * @returns `beyond-base` when more strength than the colour has would need less absorption than none; `lighter-than-base` when more than
 * the full formula is asked of a colour lighter than its base, which would come out lighter still
 */
export function atStrength(
  full: Reflectance,
  base: Reflectance,
  p: number,
): Ok<Strengthened> | Refused<'beyond-base', { nanometres: number }> | Refused<'lighter-than-base'> {
  if (p > 1 && isLighterThanBase(lightReflectanceValue(full), lightReflectanceValue(base)))
    return { ok: false, reason: 'lighter-than-base' };
  const surface = surfaceFor(full, base);
  const reflectance = new Float64Array(GRID.count);
  for (let i = 0; i < GRID.count; i++) {
    const start = ratioOf(base[i]!, surface);
    const ratio = start + p * (ratioOf(full[i]!, surface) - start);
    if (ratio < 0) return { ok: false, reason: 'beyond-base', nanometres: GRID.start + i * GRID.step };
    reflectance[i] = measuredReflectance(reflectanceOfRatio(ratio), surface);
  }
  const xyz = tristimulus(reflectance, D65_10);
  return ok({ reflectance, lab: labFromXyz(xyz), lrv: xyz.y, surface });
}

const FRACTIONS: Readonly<Record<number, string>> = { 25: 'three quarters', 50: 'half', 75: 'a quarter' };

/**
 * The wording for the counter, both ways of saying it together: "75 % strength (colourant cut by a quarter)".
 *
 * @example sayStrength(75) // → '75 % strength (colourant cut by a quarter)'
 */
export function sayStrength(percent: number): string {
  if (percent === 100) return '100 % strength (the full formula)';
  if (percent > 100) return `${percent} % strength (${percent - 100} % more colourant than the formula)`;
  const cut = FRACTIONS[percent] ?? `${Math.round((100 - percent) * 10) / 10} %`;
  return `${percent} % strength (colourant cut by ${cut})`;
}
