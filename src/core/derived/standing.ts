import type { Person } from '../judge/ruling';
import type { JudgingLight } from '../room/facing';
import { isLookedAt } from '@/core/record/seen';
import type { VerdictEvent } from '@/core/record/verdict';

/**
 * The latest verdict of each cell and person that was not undone; of what was looked at and of what was judged on a screen or a
 * photograph one each: neither takes the other's place.
 */
export function standingVerdicts(events: readonly VerdictEvent[]): VerdictEvent[] {
  const latest = new Map<string, VerdictEvent>();
  for (const event of events) {
    if (event.undone) continue;
    const cell = [event.candidateId, event.stayId, event.light, event.person, isLookedAt(event)].join(' ');
    latest.delete(cell);
    latest.set(cell, event);
  }
  return [...latest.values()];
}

type Cell = {
  readonly candidateId: string;
  readonly stayId: string;
  readonly light: JudgingLight;
  readonly person: Person;
  /** Whether it was looked at in the room. */
  readonly lookedAt: boolean;
};

/** The verdict that stands in one cell, for one person; undefined when none was given yet. */
export const verdictIn = (standing: readonly VerdictEvent[], cell: Cell): VerdictEvent | undefined =>
  standing.find(
    (v) =>
      v.candidateId === cell.candidateId &&
      v.stayId === cell.stayId &&
      v.light === cell.light &&
      v.person === cell.person &&
      isLookedAt(v) === cell.lookedAt,
  );
