import { ramp } from '../base/ramp';
import type { PreparedCandidate, PreparedComponent } from './prepared';

const { min } = Math;

/** White by white, the candidate the yellower: it looks dirty beside a clean white, the more the darker it is. */
export function dirtyCost({ model: m, lab, cleanness }: PreparedComponent, candidate: PreparedCandidate): number {
  const yellower = candidate.lab.b - lab.b;
  const counts = cleanness * candidate.yellowed;
  if (counts === 0 || yellower <= m.dirtyFrom) return 0;
  const darker = ramp(candidate.lab.l, lab.l + m.dirtyLighter, lab.l);
  return darker * counts * min(m.dirtyMost, (yellower - m.dirtyFrom) / m.dirtyStep);
}

/** White by white, the candidate clean and no darker: it makes the yellower one look dated. */
export function datedCost({ model: m, lab, datable }: PreparedComponent, candidate: PreparedCandidate): number {
  const yellower = candidate.lab.b - lab.b;
  if (candidate.cleanness === 0 || yellower >= 0) return 0;
  const lighter = ramp(candidate.lab.l, lab.l - 2, lab.l);
  return (lighter * candidate.cleanness * datable * -yellower) / m.datedStep;
}
