import type { Reason, Verdict } from '../judge/reasons';
import type { Person } from '../judge/ruling';
import type { JudgingLight } from '../room/facing';
import type { Candidate } from '@/core/record/candidate';
import type { RoomInLight } from './kinds-of-light';
import { ofTheWhole, roomRecord } from './room-record';

/** A colour that works in one light of a room and not in another. */
export type LightConflict = {
  readonly candidate: Candidate;
  /** Beside what; null: of the colour as a whole. */
  readonly stayId: string | null;
  readonly worksIn: JudgingLight;
  readonly failsIn: JudgingLight;
  readonly verdict: Exclude<Verdict, 'works'>;
  readonly reason: Reason | null;
  readonly person: Person;
};

type Seen = {
  readonly stayId: string | null;
  readonly light: JudgingLight;
  readonly verdict: Verdict;
  readonly reason: Reason | null;
  readonly person: Person;
};
const SEVERITY: Readonly<Record<Verdict, number>> = { works: 0, nearly: 1, no: 2 };

/**
 * What was seen to work beside something in one light and not in another; the severest of each colour and thing, in the order of the
 * record.
 */
export function lightConflicts(room: RoomInLight): LightConflict[] {
  return roomRecord(room).rows.flatMap(({ candidate, verdicts, answers }) => {
    const whole = answers.flatMap((a) => ofTheWhole(room, a));
    const seen: readonly Seen[] = [...verdicts, ...whole];
    return [...new Set(seen.map((v) => v.stayId))].flatMap((stayId): LightConflict[] => {
      const of = seen.filter((v) => v.stayId === stayId);
      const worst = [...of].sort((p, q) => SEVERITY[q.verdict] - SEVERITY[p.verdict])[0]!;
      const works = of.find((v) => v.verdict === 'works' && v.light !== worst.light);
      if (worst.verdict === 'works' || !works) return [];
      const { light: failsIn, verdict, reason, person } = worst;
      return [{ candidate, stayId, worksIn: works.light, failsIn, verdict, reason, person }];
    });
  });
}
