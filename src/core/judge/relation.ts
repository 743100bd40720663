import { ramp } from '../base/ramp';
import { deltaE00 } from '../colour/ciede2000';
import { directions, type Directions } from '../colour/directions';
import { chroma, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { conflictsOf, costsBeside, noCosts, type Conflict } from './component-relation';
import {
  cleannessOf,
  hasHue,
  prepareCandidate,
  prepareComponent,
  strongFromOf,
  type PreparedCandidate,
  type PreparedComponent,
} from './prepared';
import { RELATION, type RelationModel } from './model';
import type { Reason, Verdict } from './reasons';

export const STAY_KINDS = ['fixed', 'furnishing'] as const;
export type StayKind = (typeof STAY_KINDS)[number];
/** Furnishings may share the undertone (calm) or answer it from across the hue circle (lively); fixed finishes always share. */
export const SCHOOLS = ['share', 'answer'] as const;
export type School = (typeof SCHOOLS)[number];

export type Component = {
  readonly name: string;
  readonly share: number;
  readonly lab: Lab;
  /** In the deck, where `lab` is how it stands in another light: what a thing is made of does not change with the light. */
  readonly deck?: Lab;
};
export type Stay = { readonly name: string; readonly kind: StayKind; readonly components: readonly Component[] };

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

/** A component in a room, ready for many candidates. */
export type PreparedStay = {
  readonly component: PreparedComponent;
  /** How much its conflicts count. */
  readonly weight: number;
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

/** The components of a thing that stays, ready for many candidates. Shares count by their part of the sum. */
export function prepareStay(stay: Stay, school: School = 'share', model: RelationModel = RELATION): PreparedStay[] {
  const sum = stay.components.reduce((s, c) => s + c.share, 0);
  const parts = stay.components.map(({ lab, share, deck }) => ({ lab, share: share / sum, deck }));
  const largest = Math.max(...parts.map((c) => c.share));
  const furnishing = stay.kind === 'furnishing';
  const whole = wholeOf(parts, model, furnishing);
  return parts.map(({ lab, share, deck }) => {
    const speck = ramp(share, model.speckBelow, model.speckFull) * (1 - hasHue(chroma(lab), model));
    const inThing = {
      furnishing,
      mayAnswer: furnishing && school === 'answer',
      alike: alikeTo(lab, parts, model),
      speck,
      whole,
      deck,
    };
    return {
      component: prepareComponent(lab, model, inThing),
      weight: (share / largest) ** model.sharePower * (furnishing ? model.furnishing : 1),
    };
  });
}

const SCRATCH = noCosts();

/**
 * The weighted cost of a candidate beside one component.
 *
 * @param above 0 may stand for any cost that is not above this
 */
export function costOf(against: PreparedStay, candidate: PreparedCandidate, above = -1): number {
  const { component, weight } = against;
  return weight * costsBeside(component, candidate, SCRATCH, above / weight);
}

/** The conflicts behind {@link costOf}, weighted, strongest first. */
export function conflictsWith(against: PreparedStay, candidate: PreparedCandidate): Conflict[] {
  const { component, weight } = against;
  const costs = noCosts();
  costsBeside(component, candidate, costs);
  return conflictsOf(component, candidate, costs).map(({ reason, cost }) => ({ reason, cost: cost * weight }));
}

/** The verdict of a cost. */
export const verdictOf = (cost: number, model: RelationModel = RELATION): Verdict =>
  cost >= model.noFrom ? 'no' : cost >= model.nearlyFrom ? 'nearly' : 'works';

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
  const found = prepareStay(stay, school, model).map((beside, i) => ({
    name: stay.components[i]!.name,
    lab: stay.components[i]!.lab,
    cost: costOf(beside, prepared),
    conflicts: conflictsWith(beside, prepared),
  }));
  const worst = found.reduce((p, q) => (q.cost > p.cost ? q : p));
  const verdict = verdictOf(worst.cost, model);
  const others = found.filter((c) => c !== worst).flatMap((c) => c.conflicts.filter((k) => k.cost >= model.nearlyFrom));
  const felt = verdict === 'works' ? [] : [...worst.conflicts, ...others.sort((p, q) => q.cost - p.cost)];
  return {
    verdict,
    reasons: [...new Set(felt.map((c) => c.reason))],
    cost: worst.cost,
    link: worst.name,
    components: found.map(({ name, lab, conflicts }) => ({
      component: name,
      directions: directions(lab, candidate),
      lrvDifference: lrvOf(candidate) - lrvOf(lab),
      conflicts,
    })),
  };
}
