import { ramp } from '../base/ramp';
import { chroma, hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import { natureOf } from './colour-nature';
import type { JudgedKind } from './kinds';
import type { RelationModel } from './model';
import { cleannessOf, hasHue, roomForChroma, strengthOf, strongFromOf, type PreparedComponent } from './prepared';

const { max, sqrt } = Math;

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
export const ALONE: InThing = {
  kind: 'fixed',
  mayAnswer: false,
  alike: 1,
  speck: 0,
  joint: 0,
  whole: undefined,
  ofWood: false,
  weight: 1,
};

const easiness = (l: number, least: number, full: number, { easyLeast }: RelationModel): number =>
  easyLeast + (1 - easyLeast) * ramp(l, least, full);

/** What is left of a discord with a hue from across, by what a thing is and how far it may be answered. */
function acrossLeft(kind: JudgedKind, answers: number, { acrossSharing, acrossFixed }: RelationModel): number {
  if (kind === 'painted' || kind === 'artwork') return 0;
  return (1 - answers) * (kind === 'fixed' ? acrossFixed : acrossSharing);
}

type Allowed = { readonly own: number; readonly speck: number; readonly whole: Whole | undefined };

/** Chroma a candidate may have beside a part: its own allowance, or as far as it is a speck the whole thing's. */
const allowedBeside = ({ own, speck, whole }: Allowed): number =>
  whole ? max(own, own + speck * (whole.strongFrom - own)) : own;

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
  const rules = kind === 'fixed' ? 1 : 0;
  const own = strongFromOf(c, m, furnishing);
  const clean = cleannessOf(lab.l, c, m);
  const { chromatic: colour, hued, wood, brown, earth, cool } = natureOf(lab, m, { kind, ofWood, deck });
  const eased = 1 - m.woodRelief * brown;
  const large = ramp(alike, m.largeFrom, m.largeFull);
  const answers = mayAnswer ? ramp(c, m.answerFromChroma, m.answerFullChroma) : 0;
  const leans = (1 - colour) * (1 - wood) * (1 - clean) * (1 - joint);
  // spelt out: a spread gives every component a shape of its own, and millions of pairs are met
  return {
    model: m,
    lab,
    chroma: c,
    strength: strengthOf(lab, c),
    hueDeg: hue,
    kind,
    furnishing,
    large: large / weight,
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
    earth,
    cool,
    ground: furnishing ? 0 : colour * large,
    answers: ramp(hued.steps, m.answersNoMoreSteps, m.answersToSteps) * (1 - hued.clear * colour),
    leaning: painted ? 0 : leans * ramp(c, m.leanFrom, m.leanFull),
    acrossLeft: acrossLeft(kind, answers, m),
    cleanness: whole ? clean + speck * (whole.cleanness - clean) : clean,
    // what is painted anew, and cloth and pictures, are dated by no white
    datable: rules * ramp(lab.l, m.datedFrom, m.offWhiteL) * (1 - wood),
    pink: ramp(lab.a, 0, 1) * ramp(hue, 85, 75),
    strongFrom: painted ? Infinity : allowedBeside({ own, speck, whole }),
    strongFromAnswering: strongFromOf(c, m, furnishing, m.answerGrowth),
    // beside wood and brick nothing is too weak: quiet colours stand on them
    familyChroma: (rules * (1 - brown) * c) / sqrt(roomForChroma(lab.l)),
  };
}
