import { directions, type Directions } from '../colour/directions';
import { lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { conflictsOf, costsBeside, noCosts, type Conflict } from './component-relation';
import { prepareCandidate, prepareComponent, type PreparedCandidate, type PreparedComponent } from './prepared';
import { answers } from './answers';
import { RELATION, type RelationModel } from './model';
import type { Reason, Verdict } from './reasons';

export const STAY_KINDS = ['fixed', 'furnishing'] as const;
export type StayKind = (typeof STAY_KINDS)[number];
/** Furnishings may share the undertone (calm) or answer it from across the hue circle (lively); fixed finishes always share. */
export const SCHOOLS = ['share', 'answer'] as const;
export type School = (typeof SCHOOLS)[number];

export type Component = { readonly name: string; readonly share: number; readonly lab: Lab };
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
  /** Whether it may be answered from across the hue circle. */
  readonly mayAnswer: boolean;
};

/** The components of a thing that stays, ready for many candidates. */
export function prepareStay(stay: Stay, school: School = 'share', model: RelationModel = RELATION): PreparedStay[] {
  const largest = Math.max(...stay.components.map((c) => c.share));
  const furnishing = stay.kind === 'furnishing';
  return stay.components.map(({ lab, share }) => ({
    component: prepareComponent(lab, share, model, furnishing),
    weight: (share / largest) ** model.sharePower * (furnishing ? model.furnishing : 1),
    mayAnswer: furnishing && school === 'answer',
  }));
}

const SCRATCH = noCosts();

/**
 * The weighted cost of a candidate beside one component; 0 when it is answered.
 *
 * @param above 0 may stand for any cost that is not above this
 */
export function costOf(against: PreparedStay, candidate: PreparedCandidate, above = -1): number {
  const { component, weight, mayAnswer } = against;
  if (mayAnswer && answers(component, candidate.lab)) return 0;
  return weight * costsBeside(component, candidate, SCRATCH, above / weight);
}

/** The conflicts behind {@link costOf}, weighted, strongest first. */
export function conflictsWith(against: PreparedStay, candidate: PreparedCandidate): Conflict[] {
  const { component, weight, mayAnswer } = against;
  if (mayAnswer && answers(component, candidate.lab)) return [];
  const costs = noCosts();
  costsBeside(component, candidate, costs);
  return conflictsOf(component.lab, candidate.lab, costs).map(({ reason, cost }) => ({ reason, cost: cost * weight }));
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
