import { GRID, type Reflectance } from '../colour/grid';
import { labFromXyz, lrvOf } from '../colour/lab';
import { reflectanceFromLab } from '../colour/reflectance';
import { D65_10, tristimulus } from '../colour/tristimulus';
import type { Lab } from '../colour/types';
import { leastRecentlyUsed } from '../base/least-recently-used';
import { contrastRatio, opaqueReflectance, reflectanceOver } from './film';
import { atStrength, isLighterThanBase, LIGHTER_THAN_BASE } from './strength';
import { mix, type BaseKind, type Formula, type Optical, type TintSystem } from './tint-system';

/** A maker's base as far as it is known: always its Lab, a spectrum when it was measured, K and S when its tint system is known. */
export type PaintBase = {
  readonly id: string;
  readonly kind: BaseKind;
  readonly name: string;
  readonly lab: Lab;
  readonly reflectance: Reflectance | undefined;
  readonly optical: (Optical & { readonly film: number }) | undefined;
};

/** The id of what stands for the base of a maker's colours that name none. */
export const assumedBaseId = (makerId: string): string => `${makerId}:assumed`;
/** Whether a base is only taken to be a usual white one, because nothing is known of its maker's. */
export const isAssumed = ({ id }: Pick<PaintBase, 'id'>): boolean => id.endsWith(':assumed');

/** A deck colour as paint. */
export type Paint = {
  readonly lab: Lab;
  readonly reflectance: Reflectance | undefined;
  readonly base: PaintBase;
  /** Only with the tint system it is written in. */
  readonly tint: { readonly system: TintSystem; readonly formula: Formula } | undefined;
};

export type PaintAtStrength = {
  readonly reflectance: Reflectance;
  readonly lab: Lab;
  readonly lrv: number;
  /** By the formula's own colourants, or by one constant between colour and base. */
  readonly how: 'colourants' | 'one-constant';
};

const MOST_KEPT = 400;
const solvedOnce = leastRecentlyUsed<ReturnType<typeof reflectanceFromLab>>(MOST_KEPT);

/** The reflectance that stands for a colour: its measured one, else the smoothest with its Lab. */
function curveOf(lab: Lab, measured: Reflectance | undefined): Reflectance {
  if (measured) return measured;
  // a colour at four strengths, and a base under a whole deck, are solved once
  const solved = solvedOnce(`${lab.l} ${lab.a} ${lab.b}`, () => reflectanceFromLab(lab));
  if (!solved.ok) throw new RangeError(`not a surface colour: L* ${lab.l} a* ${lab.a} b* ${lab.b}`);
  return solved.value;
}

/** A colour as its maker gives it. */
const itself = (lab: Lab) => ({ lab, lrv: lrvOf(lab) });

const described = (reflectance: Reflectance, how: PaintAtStrength['how']): PaintAtStrength => {
  const xyz = tristimulus(reflectance, D65_10);
  return { reflectance, lab: labFromXyz(xyz), lrv: xyz.y, how };
};

/**
 * A paint at a strength (percent of its formula, 0–150), hiding. With a formula, K and S of base and colourants add (two-constant
 * Kubelka–Munk, Duncan 1940); without, K/S is scaled between base and colour, which holds for white and pastel bases.
 *
 * @throws RangeError when the colour or base is no surface colour, or more strength than there is absorption is asked for
 */
export function paintAtStrength(paint: Paint, percent: number): PaintAtStrength {
  const { base, tint } = paint;
  if (tint && base.optical) {
    const mixed = opaqueReflectance(mix(tint.system, base.optical, tint.formula, percent / 100), tint.system.surface);
    // at full strength it is the colour itself: what the formula computes to differs from it by the rounding of a file
    return percent === 100 ? { ...described(mixed, 'colourants'), ...itself(paint.lab) } : described(mixed, 'colourants');
  }
  const full = curveOf(paint.lab, paint.reflectance);
  if (percent === 100) return { ...described(full, 'one-constant'), ...itself(paint.lab) };
  const mixed = atStrength(full, curveOf(base.lab, base.reflectance), percent / 100);
  if (!mixed.ok && mixed.reason === 'lighter-than-base') throw new RangeError(`${percent} %: ${LIGHTER_THAN_BASE}`);
  if (!mixed.ok) throw new RangeError(`${percent} % of this colour needs less absorption than none at ${mixed.nanometres} nm`);
  return { ...mixed.value, how: 'one-constant' };
}

/** Contrast ratio (0–1) of two coats at a strength; undefined when the base's K and S are not known. */
export function hidingAtStrength({ base, tint }: Paint, percent: number): number | undefined {
  if (!tint || !base.optical) return undefined;
  return contrastRatio(mix(tint.system, base.optical, tint.formula, percent / 100), base.optical.film, tint.system.surface);
}

/** What to be told before a strength is cut. */
export type StrengthCaution = 'none' | 'hides-less' | 'lighter-than-base';

/** In a deep or clear base little or no white pigment hides. */
export const hidesByColourant = (base: Pick<PaintBase, 'kind'>): boolean => base.kind === 'deep' || base.kind === 'clear';

/**
 * A colour lighter than its base is none that its colourants make. In a deep or clear base the colourant does the hiding: cutting strength
 * costs hiding first. Common practice, no source.
 */
export function cautionOf({ lab, base }: Pick<Paint, 'lab' | 'base'>, percent: number): StrengthCaution {
  if (isLighterThanBase(lrvOf(lab), lrvOf(base.lab))) return 'lighter-than-base';
  return hidesByColourant(base) && percent < 100 ? 'hides-less' : 'none';
}

/** What may lie under a finish: flat reflectances of usual primers. Common practice, no source. */
export const UNDERCOATS = {
  white: { name: 'white primer', reflectance: 0.85 },
  grey: { name: 'mid-grey primer', reflectance: 0.3 },
} as const;
export type Undercoat = keyof typeof UNDERCOATS;

/**
 * Lab (D65, 10°) of two coats at a strength over an undercoat, which shows through as far as they do not hide. Two-constant Kubelka–Munk
 * with incomplete hiding; undefined when the base's K and S are not known.
 */
export function overUndercoat({ base, tint }: Paint, percent: number, undercoat: Undercoat): Lab | undefined {
  if (!tint || !base.optical) return undefined;
  const under = new Float64Array(GRID.count).fill(UNDERCOATS[undercoat].reflectance);
  const paint = mix(tint.system, base.optical, tint.formula, percent / 100);
  return labFromXyz(tristimulus(reflectanceOver(paint, base.optical.film, under, tint.system.surface), D65_10));
}
