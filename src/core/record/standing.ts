import type { Person } from '../judge/ruling';
import type { JudgingLight } from '../room/facing';
import type { VerdictEvent } from './verdict';

/** The latest verdict of each cell and person that was not undone. */
export function standingVerdicts(events: readonly VerdictEvent[]): VerdictEvent[] {
  const latest = new Map<string, VerdictEvent>();
  for (const event of events) {
    if (event.undone) continue;
    const cell = [event.candidateId, event.stayId, event.light, event.person].join(' ');
    latest.delete(cell);
    latest.set(cell, event);
  }
  return [...latest.values()];
}

/** The verdict that stands in one cell, for one person; undefined when not looked at yet. */
export const verdictIn = (
  standing: readonly VerdictEvent[],
  cell: { candidateId: string; stayId: string; light: JudgingLight; person: Person },
): VerdictEvent | undefined =>
  standing.find(
    (v) => v.candidateId === cell.candidateId && v.stayId === cell.stayId && v.light === cell.light && v.person === cell.person,
  );
