import { ramp } from '../base/ramp';
import type { Lab } from '../colour/types';
import type { ColourNature } from './colour-nature';
import type { Hued } from './hues';
import type { JudgedKind } from './kinds';
import type { RelationModel } from './model';

const { exp, max, sqrt } = Math;

/** A component with everything that does not depend on the candidate worked out. */
export type PreparedComponent = ColourNature & {
  readonly model: RelationModel;
  readonly lab: Lab;
  readonly chroma: number;
  /** Chroma as CIEDE2000 sees it, by which the bars say stronger and weaker. */
  readonly strength: number;
  readonly hueDeg: number;
  readonly kind: JudgedKind;
  readonly furnishing: boolean;
  /** How much it is large enough to blend with, 0–1 over the weight of its thing: parts that are alike count together. */
  readonly large: number;
  /** How much the whole thing is of this one colour, 0–1. */
  readonly uniform: number;
  /** How far it has a hue to conflict with, 0–1. */
  readonly committed: number;
  /** How far it can be answered from across the hue circle, 0–1; 0 unless the school says so. */
  readonly answerable: number;
  /** How much a conflict of chroma counts beside it, 0–1, and one of hue: dark stays are easy on colour. */
  readonly easiness: number;
  readonly hueEasiness: number;
  /** How much it is a clean white that any colour sets off, 0–1. */
  readonly crispness: number;
  /** How far it leans pink, by which a green lean is felt more, 0–1. */
  readonly pink: number;
  /** How far it is a large finish of a colour, the ground of which a near-neutral is, 0–1. */
  readonly ground: number;
  /** How far it is muted or deep enough to answer earth, 0–1. */
  readonly answers: number;
  /** How far it leans without being a colour, by which it resists tints from the other side, 0–1. */
  readonly leaning: number;
  /** What is left of a discord between hues from across, 0–1: by what it is, and by the school. */
  readonly acrossLeft: number;
  /** How much it is a clean white, beside which a yellower one looks dirty, 0–1. */
  readonly cleanness: number;
  /** How far it can look dated beside a clean white, 0–1: what is light and no wood. */
  readonly datable: number;
  /** Chroma a candidate may have beside it before it is too strong, and when it is wholly an answer. */
  readonly strongFrom: number;
  readonly strongFromAnswering: number;
  /** Chroma its depth family would have, 0 for a furnishing and for what is brown, times the square root of the room left to white. */
  readonly familyChroma: number;
};

/** A candidate with everything that does not depend on what it is held against worked out. */
export type PreparedCandidate = {
  readonly lab: Lab;
  readonly chroma: number;
  readonly strength: number;
  /** Square root of the room for chroma left at its lightness. */
  readonly rootRoom: number;
  /** How far it has a hue to conflict with, 0–1; and beside a furnishing. */
  readonly committed: number;
  readonly committedOnGround: number;
  /** How far being weak makes it lifeless, 0–1: only pale colours are. */
  readonly pale: number;
  /** How far it is too pale to answer brick and terracotta, 0–1: it is a pastel beside earth. */
  readonly pastel: number;
  /** How far it counts as a white gone yellow rather than as a colour, 0–1. */
  readonly yellowed: number;
  /** How much it is a clean white, 0–1. */
  readonly cleanness: number;
  /** How far it is a colour rather than a near-neutral, 0–1. */
  readonly chromatic: number;
  /** Undefined where it is none. */
  readonly hued: Hued | undefined;
  /** How much louder it is than any ground permits, costs. */
  readonly loud: number;
  /** How far it is a green to a blue, that answers earth; a mauve, that is hard beside wood; light enough for a tint; each 0–1. */
  readonly cool: number;
  readonly mauve: number;
  readonly tint: number;
  /** How far it is a yellow, 0–1. */
  readonly yellow: number;
  /** How far it is a green that a pink lean resists, 0–1. */
  readonly green: number;
  /** How far it is muted or deep enough to answer earth, 0–1. */
  readonly answers: number;
  /** How far it is an earth itself, 0–1. */
  readonly earth: number;
};

const POW25_7 = 25 ** 7;

/** C′ of CIEDE2000 (Sharma, Wu & Dalal 2005, eq. 4–7) with the stretch of the colour's own chroma. */
export function strengthOf({ a, b }: Lab, c: number): number {
  const c7 = c ** 7;
  const stretched = a * (1.5 - 0.5 * sqrt(c7 / (c7 + POW25_7)));
  return sqrt(stretched * stretched + b * b);
}

/** The room for chroma left at a lightness: it grows away from white along a strip. */
export const roomForChroma = (l: number) => 1 - exp(-max(1, 98 - l) / 15);

/** How much a colour is a clean white, 0–1. */
export const cleannessOf = (l: number, c: number, m: RelationModel): number =>
  ramp(l, m.cleanFromL, m.cleanFullL) * ramp(c, m.cleanGoneChroma, m.cleanFullChroma);

/** Chroma that a colour of chroma `c` allows a candidate. */
export const strongFromOf = (c: number, m: RelationModel, furnishing: boolean, growth = m.strongGrowth): number =>
  m.strongAllowance + growth * c + (furnishing ? m.strongFurnishing : 0);

/** How far a colour has a hue to conflict with, 0–1. */
export const hasHue = (c: number, m: RelationModel): number => ramp(c, m.hueFromChroma, m.hueFullChroma);
