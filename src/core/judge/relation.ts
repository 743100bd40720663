import { ramp } from '../base/ramp';
import { deltaE00 } from '../colour/ciede2000';
import { directions, type Directions } from '../colour/directions';
import { chroma, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { conflictsOf, costsBeside, noCosts, type Conflict } from './component-relation';
import { eyeInForce, mostRaised, type EyeFactors } from './eye-in-force';
import type { JudgedKind, School } from './kinds';
import { prepareCandidate } from './prepare-candidate';
import { prepareComponent } from './prepare-component';
import { cleannessOf, hasHue, strongFromOf, type PreparedCandidate, type PreparedComponent } from './prepared';
import { RELATION, type RelationModel } from './model';
import type { Reason, Verdict } from './reasons';
import { isWoodByName } from './wood';

export type Component = {
  readonly name: string;
  readonly share: number;
  readonly lab: Lab;
  /** In the deck, where `lab` is how it stands in another light: what a thing is made of does not change with the light. */
  readonly deck?: Lab;
};
export type Stay = {
  readonly name: string;
  readonly kind: JudgedKind;
  /** Whether it is of wood; left out, its name tells. */
  readonly wood?: boolean;
  readonly components: readonly Component[];
};

export type ComponentRelation = {
  readonly component: string;
  readonly directions: Directions;
  /** LRV of the candidate less that of the component, in points. */
  readonly lrvDifference: number;
  readonly conflicts: readonly Conflict[];
};

export type Relation = {
  readonly verdict: Verdict;
  /** Strongest first; empty when it works without reserve. */
  readonly reasons: readonly Reason[];
  /** The largest weighted cost: under 1 works, under 2 nearly, from 2 no. */
  readonly cost: number;
  /** The component that decided: the weakest link. */
  readonly link: string;
  readonly components: readonly ComponentRelation[];
};

/** A component of a thing, ready for many candidates. */
type PreparedPart = {
  readonly component: PreparedComponent;
  /** How much its conflicts count. */
  readonly weight: number;
  /** The most it may cost: a neutral furnishing refuses nothing. */
  readonly most: number;
};

/** A thing that stays, ready for many candidates. */
export type PreparedThing = {
  readonly parts: readonly PreparedPart[];
  /** Its own colours, welcome on the wall, of cloth and pictures; and how far it is patterned rather than woven of like threads, 0–1. */
  readonly own: readonly Lab[];
  readonly patterned: number;
  readonly model: RelationModel;
};

type SharedPart = { readonly lab: Lab; readonly share: number };

/** What a thing as a whole allows: the mean over its parts by their share, which must add up to 1. */
function wholeOf(parts: readonly SharedPart[], model: RelationModel, furnishing: boolean) {
  const mean = (of: (c: number, l: number) => number) =>
    parts.reduce((s, { lab, share }) => s + share * of(chroma(lab), lab.l), 0);
  return { strongFrom: mean((c) => strongFromOf(c, model, furnishing)), cleanness: mean((c, l) => cleannessOf(l, c, model)) };
}

/** Share of a thing that is alike to one of its parts, the part itself included, 0–1. */
const alikeTo = (lab: Lab, parts: readonly SharedPart[], { alikeUpTo, alikeNoMore }: RelationModel): number =>
  parts.reduce((s, p) => s + p.share * (p.lab === lab ? 1 : ramp(deltaE00(p.lab, lab), alikeNoMore, alikeUpTo)), 0);

/** The largest ΔE00 between two colours of a thing; 0 of one. */
const widest = (labs: readonly Lab[]): number =>
  labs.reduce((most, p) => labs.reduce((m, q) => Math.max(m, deltaE00(p, q)), most), 0);

/** How much the conflicts of a thing count, by what it is. */
function weightOf(kind: JudgedKind, { furnishing, artwork }: RelationModel): number {
  if (kind === 'furnishing') return furnishing;
  return kind === 'artwork' ? furnishing * artwork : 1;
}

/** A thing that stays, ready for many candidates. Shares count by their part of the sum. */
export function prepareThing(stay: Stay, school: School = 'share', model: RelationModel = RELATION): PreparedThing {
  const { kind } = stay;
  const sum = stay.components.reduce((s, c) => s + c.share, 0);
  const parts = stay.components.map(({ lab, share, deck }) => ({ lab, share: share / sum, deck }));
  const largest = Math.max(...parts.map((c) => c.share));
  const soft = kind === 'furnishing' || kind === 'artwork';
  const whole = wholeOf(parts, model, soft);
  const ofLargest = chroma(parts.find((p) => p.share === largest)!.lab);
  const ofWood = stay.wood ?? isWoodByName(stay.name);
  const weight = weightOf(kind, model);
  const prepared = parts.map(({ lab, share, deck }): PreparedPart => {
    const c = chroma(lab);
    const small = ramp(share, model.speckBelow, model.speckFull);
    const joint = small * ramp(c / Math.max(ofLargest, 1), model.jointFrom, model.jointFull);
    const speck = Math.max(joint, small * (1 - hasHue(c, model)));
    const mayAnswer = kind === 'furnishing' && school === 'answer';
    const inThing = { kind, mayAnswer, alike: alikeTo(lab, parts, model), speck, joint, whole, ofWood, deck, weight };
    return {
      component: prepareComponent(lab, model, inThing),
      weight: (share / largest) ** model.sharePower * weight,
      most: soft ? model.furnishingMost + MORE * ramp(c, model.neutralFurnishing, model.hueFurnishing) : Infinity,
    };
  });
  const own = soft && parts.length > 1 ? parts.map((p) => p.lab) : [];
  return { parts: prepared, own, patterned: ramp(widest(own), model.patternFrom, model.patternFull), model };
}
/** More than any furnishing costs. */
const MORE = 20;

const SCRATCH = noCosts();

/** The weighted cost of a candidate beside one part of a thing; 0 may stand for any that is not above `above`. */
const costOf = ({ component, weight, most }: PreparedPart, candidate: PreparedCandidate, above: number): number =>
  Math.min(most, weight * costsBeside(component, candidate, SCRATCH, above / weight));

/** What is left of the cost beside a thing of a candidate that is one of its own colours. */
function welcomed(cost: number, { own, patterned, model: m }: PreparedThing, { lab }: PreparedCandidate): number {
  if (cost === 0 || patterned === 0) return cost;
  const nearest = own.reduce((least, c) => Math.min(least, deltaE00(c, lab)), Infinity);
  const share = patterned * ramp(nearest, m.ownNoMore, m.ownUpTo);
  return share === 0 ? cost : (1 - share) * Math.min(cost, m.ownMost);
}

/** A cost under this stays nobody's matter, whatever the eye. Own choice. */
const NO_MATTER = 0.6;

/** What a part of a thing costs for the eye in force: its conflicts as much as that eye minds them; they add up as squares. */
function costForEye({ component, weight, most }: PreparedPart, candidate: PreparedCandidate, eye: EyeFactors): number {
  const plain = weight * costsBeside(component, candidate, SCRATCH);
  if (plain * mostRaised() < NO_MATTER) return Math.min(most, plain);
  let [shipped, minded] = [0, 0];
  for (const { reason, cost } of conflictsOf(component, candidate, SCRATCH)) {
    shipped += cost * cost;
    minded += (eye[reason] * cost) ** 2;
  }
  return Math.min(most, shipped > 0 ? plain * Math.sqrt(minded / shipped) : plain);
}

/** What a candidate costs beside a thing, and the part that decides: the weakest link, small parts less but able to veto. */
export function costBeside(thing: PreparedThing, candidate: PreparedCandidate): { readonly cost: number; readonly part: number } {
  const eye = eyeInForce();
  let [cost, part] = [0, 0];
  for (let k = 0; k < thing.parts.length; k++) {
    const found = eye ? costForEye(thing.parts[k]!, candidate, eye) : costOf(thing.parts[k]!, candidate, cost);
    if (found > cost) [cost, part] = [found, k];
  }
  FOUND.cost = welcomed(cost, thing, candidate);
  FOUND.part = part;
  return FOUND;
}
/** Millions of pairs are met: nothing is allocated for one. What is found holds until the next is asked for. */
const FOUND = { cost: 0, part: 0 };

/** The conflicts with one part of a thing, as much as they count, strongest first. */
export function conflictsWith(thing: PreparedThing, part: number, candidate: PreparedCandidate): Conflict[] {
  const { component, weight, most } = thing.parts[part]!;
  const costs = noCosts();
  const eye = eyeInForce();
  const all = weight * costsBeside(component, candidate, costs);
  const counts = all === 0 ? 0 : welcomed(Math.min(most, all), thing, candidate) / all;
  return conflictsOf(component, candidate, costs)
    .map(({ reason, cost }) => ({ reason, cost: cost * weight * counts * (eye ? eye[reason] : 1) }))
    .filter((c) => c.cost > 0)
    .sort((p, q) => (eye ? q.cost - p.cost : 0));
}

/** The verdict of a cost. */
export function verdictOf(cost: number, model: RelationModel = RELATION): Verdict {
  if (cost >= model.noFrom) return 'no';
  return cost >= model.nearlyFrom ? 'nearly' : 'works';
}

/**
 * How a candidate stands beside something that stays: the weakest link over its components, small ones less but able to veto.
 * Lab under D65 and the 10° observer, or corresponding to it as long as both were computed for the same light.
 *
 * @param stay at least one component; shares in (0, 1]
 * @throws RangeError when there is no component
 */
export function relation(stay: Stay, candidate: Lab, school: School = 'share', model: RelationModel = RELATION): Relation {
  if (stay.components.length === 0) throw new RangeError('a thing that stays needs at least one component');
  const prepared = prepareCandidate(candidate, model);
  const thing = prepareThing(stay, school, model);
  const { cost: total, part: decides } = costBeside(thing, prepared);
  const found = stay.components.map(({ name, lab }, k) => ({ name, lab, conflicts: conflictsWith(thing, k, prepared) }));
  const worst = found[decides]!;
  const verdict = verdictOf(total, model);
  const others = found.filter((c) => c !== worst).flatMap((c) => c.conflicts.filter((k) => k.cost >= model.nearlyFrom));
  const felt = verdict === 'works' ? [] : [...worst.conflicts, ...others.sort((p, q) => q.cost - p.cost)];
  return {
    verdict,
    reasons: [...new Set(felt.map((c) => c.reason))],
    cost: total,
    link: worst.name,
    components: found.map(({ name, lab, conflicts }) => ({
      component: name,
      directions: directions(lab, candidate),
      lrvDifference: lrvOf(candidate) - lrvOf(lab),
      conflicts,
    })),
  };
}
