import { ramp } from '../base/ramp';
import type { PreparedCandidate, PreparedComponent } from './prepared';

/** White by white, the candidate the yellower: it looks dirty beside a clean white, the more the darker it is. */
export function dirtyCost({ model: m, lab, clean }: PreparedComponent, candidate: PreparedCandidate): number {
  const yellower = candidate.lab.b - lab.b;
  if (!clean || yellower <= m.dirtyFrom || candidate.lab.l < m.offWhiteL) return 0;
  const darker = ramp(candidate.lab.l, lab.l + m.dirtyLighter, lab.l);
  return (darker * candidate.whiteness * (yellower - m.dirtyFrom)) / m.dirtyStep;
}

/** White by white, the candidate clean and no darker: it makes the yellower one look dated. */
export function datedCost({ model: m, lab }: PreparedComponent, candidate: PreparedCandidate): number {
  const yellower = candidate.lab.b - lab.b;
  if (!candidate.clean || yellower >= 0 || candidate.lab.l < lab.l - 1 || candidate.lab.l < m.offWhiteL) return 0;
  return (ramp(lab.l, m.datedFrom, m.offWhiteL) * -yellower) / m.datedStep;
}
