import { inOrder, isSettled, nextComparison, rankByPairs, surerThan } from '../judge/pairs';
import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';

/** The client's ranking of a room's candidates, from picks between two at a time. */
export type ClientRanking = {
  /** Best liked first; `ahead` is how sure each is of being liked more than the next, 0–1 (undefined for the last). */
  readonly ranked: readonly { readonly candidate: Candidate; readonly picks: number; readonly ahead: number | undefined }[];
  /** The two to show next; undefined when there are fewer than two. */
  readonly next: readonly [Candidate, Candidate] | undefined;
  /** True when the first is surely ahead of the second. */
  readonly settled: boolean;
  /** Picks that count. */
  readonly picks: number;
  readonly lastPickId: string | undefined;
};

/** Candidates at a time that a client is asked about: more than these tire. The product's own figure. */
export const MOST_RANKED = 6;

/**
 * Ranks the candidates that are asked about; picks of others do not count. Order of the arguments does not matter.
 *
 * @param asked ids of at least one candidate of the room
 */
export function clientRanking(room: Room, asked: readonly string[]): ClientRanking {
  const candidates = room.candidates.filter((c) => asked.includes(c.id));
  const at = new Map(candidates.map((c, i) => [c.id, i]));
  const counted = room.picks.filter((p) => !p.undone && at.has(p.chosenId) && at.has(p.otherId));
  const lastPickId = counted.at(-1)?.id;
  if (candidates.length === 0) return { ranked: [], next: undefined, settled: false, picks: 0, lastPickId };
  const wins = candidates.map(() => candidates.map(() => 0));
  for (const { chosenId, otherId } of counted) wins[at.get(chosenId)!]![at.get(otherId)!]! += 1;
  const ranking = rankByPairs(wins);
  const order = inOrder(ranking);
  const pair = nextComparison(ranking);
  return {
    ranked: order.map((i, place) => {
      const below = order[place + 1];
      const picks = wins[i]!.reduce((s, n) => s + n, 0);
      return { candidate: candidates[i]!, picks, ahead: below === undefined ? undefined : surerThan(ranking, i, below) };
    }),
    next: pair && [candidates[pair[0]]!, candidates[pair[1]]!],
    settled: candidates.length > 1 && counted.length > 0 && isSettled(ranking),
    picks: counted.length,
    lastPickId,
  };
}
