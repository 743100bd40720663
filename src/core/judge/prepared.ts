import { ramp } from '../base/ramp';
import { chroma, hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import type { RelationModel } from './model';

const { abs, exp, max, sqrt } = Math;

/** A component with everything that does not depend on the candidate worked out. */
export type PreparedComponent = {
  readonly model: RelationModel;
  readonly lab: Lab;
  readonly chroma: number;
  /** Chroma as CIEDE2000 sees it, by which the bars say stronger and weaker. */
  readonly strength: number;
  readonly hueDeg: number;
  readonly furnishing: boolean;
  /** How much it is large enough to blend with, 0–1: parts that are alike count together. */
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
  /** How much it is a clean white, beside which a yellower one looks dirty, 0–1. */
  readonly cleanness: number;
  /** How far it can look dated beside a clean white, 0–1: what is light and no wood. */
  readonly datable: number;
  /** Chroma a candidate may have beside it before it is too strong, and when it is wholly an answer. */
  readonly strongFrom: number;
  readonly strongFromAnswering: number;
  /** Chroma its depth family would have, 0 for a furnishing, times the square root of the room left to white. */
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
  /** How far it counts as a white gone yellow rather than as a colour, 0–1. */
  readonly yellowed: number;
  /** How much it is a clean white, 0–1. */
  readonly cleanness: number;
};

/** What a thing as a whole allows, for those of its parts that have no say of their own. */
type Whole = { readonly strongFrom: number; readonly cleanness: number };

/** How a part stands in its thing. */
export type InThing = {
  readonly furnishing: boolean;
  readonly mayAnswer: boolean;
  /** Share of the thing that it and what is alike take up, 0–1. */
  readonly alike: number;
  /** How far it is a joint or a speck, which asks no more than the whole does, 0–1. */
  readonly speck: number;
  readonly whole: Whole | undefined;
  /** What it is in the deck, where that is known apart. */
  readonly deck?: Lab | undefined;
};

/** A thing of a single part. */
export const ALONE: InThing = { furnishing: false, mayAnswer: false, alike: 1, speck: 0, whole: undefined };

const POW25_7 = 25 ** 7;

/** C′ of CIEDE2000 (Sharma, Wu & Dalal 2005, eq. 4–7) with the stretch of the colour's own chroma. */
function strengthOf({ a, b }: Lab, c: number): number {
  const c7 = c ** 7;
  const stretched = a * (1.5 - 0.5 * sqrt(c7 / (c7 + POW25_7)));
  return sqrt(stretched * stretched + b * b);
}

/** The room for chroma left at a lightness: it grows away from white along a strip. */
const roomForChroma = (l: number) => 1 - exp(-max(1, 98 - l) / 15);

/** How much a colour is a clean white, 0–1. */
export const cleannessOf = (l: number, c: number, m: RelationModel): number =>
  ramp(l, m.cleanFromL, m.cleanFullL) * ramp(c, m.cleanGoneChroma, m.cleanFullChroma);

/** Chroma that a colour of chroma `c` allows a candidate. */
export const strongFromOf = (c: number, m: RelationModel, furnishing: boolean, growth = m.strongGrowth): number =>
  m.strongAllowance + growth * c + (furnishing ? m.strongFurnishing : 0);

const easiness = (l: number, least: number, full: number, { easyLeast }: RelationModel): number =>
  easyLeast + (1 - easyLeast) * ramp(l, least, full);

/** How far a colour has a hue to conflict with, 0–1. */
export const hasHue = (c: number, m: RelationModel): number => ramp(c, m.hueFromChroma, m.hueFullChroma);

/** How far a colour is that of wood, 0–1: yellow-brown, of medium depth, stronger than any stone. */
const woodOf = (lab: Lab, m: RelationModel): number =>
  ramp(abs(hueDeg(lab) - m.woodHueDeg), m.woodHueNoMore, m.woodHueWithin) *
  ramp(chroma(lab), m.woodFromChroma, m.woodFullChroma) *
  ramp(lab.l, m.woodGoneL, m.woodFullL);

/** A component made ready for many candidates. Lab of the same light as the candidates' (D65, 10°, or corresponding). */
export function prepareComponent(
  lab: Lab,
  m: RelationModel,
  { furnishing, mayAnswer, alike, speck, whole, deck = lab }: InThing = ALONE,
): PreparedComponent {
  const c = chroma(lab);
  const own = strongFromOf(c, m, furnishing);
  const clean = cleannessOf(lab.l, c, m);
  const wood = furnishing ? 0 : woodOf(deck, m);
  const eased = 1 - m.woodRelief * wood;
  return {
    model: m,
    lab,
    chroma: c,
    strength: strengthOf(lab, c),
    hueDeg: hueDeg(lab),
    furnishing,
    large: ramp(alike, m.largeFrom, m.largeFull),
    uniform: ramp(alike, 0.9, 1),
    committed: hasHue(c, m) * (1 - clean),
    answerable: mayAnswer ? ramp(c, m.answerFromChroma, m.answerFullChroma) : 0,
    easiness: easiness(lab.l, m.easyAt, m.easyBelow, m) * eased,
    hueEasiness: easiness(lab.l, m.easyHueAt, m.easyHueBelow, m) * eased,
    crispness: ramp(lab.l, m.crispFrom, m.crispFull) * ramp(c, 4 * m.cleanFullChroma, m.cleanFullChroma),
    cleanness: whole ? clean + speck * (whole.cleanness - clean) : clean,
    datable: ramp(lab.l, m.datedFrom, m.offWhiteL) * (1 - wood),
    pink: ramp(lab.a, 0, 1) * ramp(hueDeg(lab), 85, 75),
    strongFrom: whole ? max(own, own + speck * (whole.strongFrom - own)) : own,
    strongFromAnswering: strongFromOf(c, m, furnishing, m.answerGrowth),
    familyChroma: furnishing ? 0 : c / sqrt(roomForChroma(lab.l)),
  };
}

/** A candidate made ready for many components. Lab of the same light as theirs (D65, 10°, or corresponding). */
export function prepareCandidate(lab: Lab, m: RelationModel): PreparedCandidate {
  const c = sqrt(lab.a * lab.a + lab.b * lab.b);
  const offWhite = ramp(lab.l, m.offWhiteL, m.offWhiteFullL) * ramp(c, m.dirtyGone, m.dirtyFades);
  return {
    lab,
    chroma: c,
    strength: strengthOf(lab, c),
    rootRoom: sqrt(roomForChroma(lab.l)),
    committed: ramp(c, m.hueCandidateFrom, m.hueCandidateFull),
    committedOnGround: ramp(c, m.hueGroundFrom, m.hueGroundFull),
    pale: ramp(lab.l, m.weakFrom, m.weakFull),
    yellowed: offWhite === 0 ? 0 : offWhite * ramp(abs(hueDeg(lab) - 90), m.dirtyHueGone, m.dirtyHueFades),
    cleanness: cleannessOf(lab.l, c, m),
  };
}
