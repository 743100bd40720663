import { directions, type Directions } from '../colour/directions';
import { lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { answers, conflictsWith, type Conflict } from './component-relation';
import { RELATION, type RelationModel } from './model';
import type { Reason, Verdict } from './reasons';

export type StayKind = 'fixed' | 'furnishing';
/** Furnishings may share the undertone (calm) or answer it from across the hue circle (lively); fixed finishes always share. */
export type School = 'share' | 'answer';

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

function weightOf(stay: Stay, component: Component, m: RelationModel): number {
  const largest = Math.max(...stay.components.map((c) => c.share));
  const share = (component.share / largest) ** m.sharePower;
  return share * (stay.kind === 'furnishing' ? m.furnishing : 1);
}

/**
 * How a candidate stands beside something that stays: the weakest link over its components, small ones less but able to veto.
 * Lab under D65 and the 10° observer, or any other light as long as both were computed for the same one.
 *
 * @param stay at least one component; shares in (0, 1]
 * @throws RangeError when there is no component
 */
export function relation(stay: Stay, candidate: Lab, school: School = 'share', model: RelationModel = RELATION): Relation {
  if (stay.components.length === 0) throw new RangeError('a thing that stays needs at least one component');
  const weighed = stay.components.flatMap((component) => {
    const weight = weightOf(stay, component, model);
    const lively = school === 'answer' && stay.kind === 'furnishing' && answers(component.lab, candidate, model);
    const conflicts = lively ? [] : conflictsWith(component.lab, candidate, component.share, model);
    return conflicts.map((c) => ({ ...c, cost: c.cost * weight, component: component.name }));
  });
  weighed.sort((p, q) => q.cost - p.cost);
  const sums = stay.components.map(({ name }) => ({
    name,
    // conflicts of different kinds beside one component add like the parts of a colour difference
    cost: Math.hypot(...weighed.filter((c) => c.component === name).map((c) => c.cost)),
  }));
  const { name: link, cost } = sums.reduce((p, q) => (q.cost > p.cost ? q : p));
  const verdict: Verdict = cost >= model.noFrom ? 'no' : cost >= model.nearlyFrom ? 'nearly' : 'works';
  const felt = verdict === 'works' ? [] : weighed.filter((c) => c.component === link || c.cost >= model.nearlyFrom);
  felt.sort((p, q) => Number(q.component === link) - Number(p.component === link) || q.cost - p.cost);
  return {
    verdict,
    reasons: [...new Set(felt.map((c) => c.reason))],
    cost,
    link,
    components: stay.components.map((component) => ({
      component: component.name,
      directions: directions(component.lab, candidate),
      lrvDifference: lrvOf(candidate) - lrvOf(component.lab),
      conflicts: weighed.filter((c) => c.component === component.name).map(({ reason, cost: c }) => ({ reason, cost: c })),
    })),
  };
}
