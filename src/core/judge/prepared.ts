import { ramp } from '../base/ramp';
import { chroma, hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import { coolOf, earthOf, greenOf, huedOf, mauveOf, type Hued } from './hues';
import type { JudgedKind } from './kinds';
import type { RelationModel } from './model';
import { chromatic } from './worlds';

const { abs, exp, max, sqrt } = Math;

/** A component with everything that does not depend on the candidate worked out. */
export type PreparedComponent = {
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
  /** How far it is a colour rather than a near-neutral, 0–1. */
  readonly chromatic: number;
  readonly hued: Hued;
  /** How far it is wood, brick or terracotta rather than stone, 0–1. */
  readonly brown: number;
  /** How much of that is wood, which also what is pale and cool answers, 0–1. */
  readonly wood: number;
  /** How far it is wood, brick or earth, 0–1. */
  readonly earth: number;
  /** How far it is a green to a blue, that answers earth, 0–1. */
  readonly cool: number;
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
  /** How far it is a green that a pink lean resists, 0–1. */
  readonly green: number;
  /** How far it is an earth itself, 0–1. */
  readonly earth: number;
};

/** What a thing as a whole allows, for those of its parts that have no say of their own. */
type Whole = { readonly strongFrom: number; readonly cleanness: number };

/** How a part stands in its thing. */
export type InThing = {
  readonly kind: JudgedKind;
  readonly mayAnswer: boolean;
  /** Share of the thing that it and what is alike take up, 0–1. */
  readonly alike: number;
  /** How far it is a joint or a speck, which asks no more than the whole does, 0–1. */
  readonly speck: number;
  /** How far it is so weak beside the largest part that its hue is not met: mortar between bricks, 0–1. */
  readonly joint: number;
  readonly whole: Whole | undefined;
  /** Of wood, by what it is called. */
  readonly ofWood: boolean;
  /** How much the conflicts of the thing count; blending with it counts wholly all the same. */
  readonly weight: number;
  /** What it is in the deck, where that is known apart. */
  readonly deck?: Lab | undefined;
};

/** A thing of a single part. */
export const ALONE: InThing = { kind: 'fixed', mayAnswer: false, alike: 1, speck: 0, joint: 0, whole: undefined, ofWood: false, weight: 1 };

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

/** How far what is called wood looks like it, 0–1: painted or stained grey it does not. */
const stillWood = (lab: Lab, m: RelationModel): number =>
  ramp(chroma(lab), m.namedWoodFrom, m.namedWoodFull) * ramp(abs(hueDeg(lab) - m.woodHueDeg), 45, 30);

/** A component made ready for many candidates. Lab of the same light as the candidates' (D65, 10°, or corresponding). */
export function prepareComponent(
  lab: Lab,
  m: RelationModel,
  { kind, mayAnswer, alike, speck, joint, whole, ofWood, weight, deck = lab }: InThing = ALONE,
): PreparedComponent {
  const c = chroma(lab);
  const hue = hueDeg(lab);
  const furnishing = kind === 'furnishing' || kind === 'artwork';
  const painted = kind === 'painted';
  const own = strongFromOf(c, m, furnishing);
  const clean = cleannessOf(lab.l, c, m);
  const named = ofWood ? stillWood(deck, m) : 0;
  const wood = furnishing || painted ? 0 : max(named, woodOf(deck, m));
  const hued = huedOf(lab, c, hue, m);
  const colour = chromatic(lab, m);
  const earth = painted ? 0 : earthOf(lab, c, hued, m);
  const brown = max(wood, earth * colour);
  const eased = 1 - m.woodRelief * brown;
  const answers = mayAnswer ? ramp(c, m.answerFromChroma, m.answerFullChroma) : 0;
  return {
    model: m,
    lab,
    chroma: c,
    strength: strengthOf(lab, c),
    hueDeg: hue,
    kind,
    furnishing,
    large: ramp(alike, m.largeFrom, m.largeFull) / weight,
    uniform: ramp(alike, 0.9, 1),
    committed: hasHue(c, m) * (1 - clean) * (1 - joint),
    answerable: answers,
    easiness: easiness(lab.l, m.easyAt, m.easyBelow, m) * eased,
    hueEasiness: easiness(lab.l, m.easyHueAt, m.easyHueBelow, m) * eased,
    crispness: ramp(lab.l, m.crispFrom, m.crispFull) * ramp(c, 4 * m.cleanFullChroma, m.cleanFullChroma),
    chromatic: colour,
    hued,
    brown,
    wood,
    earth: max(named, earth),
    cool: coolOf(hue, m),
    leaning: painted ? 0 : (1 - colour) * (1 - wood) * ramp(c, m.leanFrom, m.leanFull) * (1 - joint),
    acrossLeft: painted || kind === 'artwork' ? 0 : (1 - answers) * (furnishing ? m.acrossSharing : m.acrossFixed),
    cleanness: whole ? clean + speck * (whole.cleanness - clean) : clean,
    // what is painted anew, and cloth and pictures, are dated by no white
    datable: furnishing || painted ? 0 : ramp(lab.l, m.datedFrom, m.offWhiteL) * (1 - wood),
    pink: ramp(lab.a, 0, 1) * ramp(hue, 85, 75),
    strongFrom: painted ? Infinity : whole ? max(own, own + speck * (whole.strongFrom - own)) : own,
    strongFromAnswering: strongFromOf(c, m, furnishing, m.answerGrowth),
    // beside wood and brick nothing is too weak: quiet colours stand on them
    familyChroma: furnishing || painted ? 0 : ((1 - brown) * c) / sqrt(roomForChroma(lab.l)),
  };
}

/** A candidate made ready for many components. Lab of the same light as theirs (D65, 10°, or corresponding). */
export function prepareCandidate(lab: Lab, m: RelationModel): PreparedCandidate {
  const c = sqrt(lab.a * lab.a + lab.b * lab.b);
  const offWhite = ramp(lab.l, m.offWhiteL, m.offWhiteFullL) * ramp(c, m.dirtyGone, m.dirtyFades);
  const hue = hueDeg(lab);
  const colour = chromatic(lab, m);
  const hued = colour > 0 ? huedOf(lab, c, hue, m) : undefined;
  return {
    lab,
    chroma: c,
    strength: strengthOf(lab, c),
    rootRoom: sqrt(roomForChroma(lab.l)),
    committed: ramp(c, m.hueCandidateFrom, m.hueCandidateFull),
    committedOnGround: ramp(c, m.hueGroundFrom, m.hueGroundFull),
    pale: ramp(lab.l, m.weakFrom, m.weakFull),
    pastel: ramp(lab.l, m.pastelFromL, m.pastelFullL),
    yellowed: offWhite === 0 ? 0 : offWhite * ramp(abs(hue - 90), m.dirtyHueGone, m.dirtyHueFades),
    cleanness: cleannessOf(lab.l, c, m),
    chromatic: colour,
    hued,
    loud: hued ? loudness(lab.l, hued.steps, m) : 0,
    cool: c > m.hueCandidateFrom ? coolOf(hue, m) : 0,
    mauve: hued ? mauveOf(lab.l, hued, m) : 0,
    earth: hued ? earthOf(lab, c, hued, m) : 0,
    green: hued ? greenOf(hue, m) : 0,
    tint: hued ? ramp(lab.l, m.tintFromL, m.tintFullL) : 0,
  };
}

/** Costs of being stronger than any ground permits; deep colours may be stronger. */
const loudness = (l: number, steps: number, m: RelationModel): number =>
  max(0, (steps - m.loudFrom - m.loudMoreDeep * ramp(l, m.loudDeepL, m.loudDeepestL)) / m.loudStep);
