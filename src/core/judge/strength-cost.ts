import { ramp } from '../base/ramp';
import { nearness } from './nearness';
import type { PreparedCandidate, PreparedComponent } from './prepared';

/**
 * What being stronger than a component allows costs: the chroma beyond what it allows, in steps, less beside dark stays and clean whites.
 *
 * @param answer how far the component answers the candidate, 0–1: then less is allowed
 */
export function tooStrongCost(
  { model: m, strongFrom, strongFromAnswering, easiness, crispness }: PreparedComponent,
  candidate: PreparedCandidate,
  answer = 0,
): number {
  const excess = candidate.chroma - strongFrom - answer * (strongFromAnswering - strongFrom);
  return excess > 0 ? (excess / m.strongStep) * easiness * (1 - crispness) : 0;
}

/**
 * What being weaker than its depth family costs: the chroma that is missing, in steps, where a pale colour goes lifeless beside a
 * stronger one.
 */
export function tooWeakCost(
  { model: m, lab, strength, familyChroma, easiness }: PreparedComponent,
  candidate: PreparedCandidate,
): number {
  const lack = familyChroma * candidate.rootRoom * (1 - m.weakSlack) - candidate.chroma;
  if (lack <= 0 || candidate.strength >= strength) return 0;
  const lighterBy = candidate.lab.l - lab.l;
  const touch = nearness(lighterBy, lighterBy < 0 ? m.weakDeeper : m.weakDepth);
  return (
    (lack / m.weakStep) * ramp(candidate.strength, strength, (1 - m.weakMargin) * strength) * touch * easiness * candidate.pale
  );
}
