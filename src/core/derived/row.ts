import { VERDICTS, type Verdict } from '../judge/reasons';
import type { Candidate } from '../record/candidate';

/** Strips of one row: more are too narrow to judge. Own choice. */
export const MOST_IN_ROW = 8;

/** The colours of a row, at most eight: those of the room in their order, the one in view among them. */
export function rowOf(candidates: readonly Candidate[], current: Pick<Candidate, 'id'>): readonly Candidate[] {
  const at = candidates.findIndex((c) => c.id === current.id);
  const from = Math.max(0, Math.min(at - MOST_IN_ROW / 2, candidates.length - MOST_IN_ROW));
  return candidates.slice(from, from + MOST_IN_ROW);
}

/** Works first, then nearly, then what was not said yet, and no last; what is said alike keeps its order. */
export function byVerdict<T>(row: readonly T[], saidOf: (one: T) => Verdict | undefined): readonly T[] {
  const rank = (one: T) => {
    const said = saidOf(one);
    // what is open stands before what is refused
    return said === undefined ? 1.5 : VERDICTS.indexOf(said);
  };
  return [...row].sort((p, q) => rank(p) - rank(q));
}

/** The colour after one in a row of which nothing was said yet, round its end; undefined when all is said. */
export function nextInRow<T extends { readonly id: string }>(
  row: readonly T[],
  after: Pick<T, 'id'>,
  saidOf: (one: T) => Verdict | undefined,
): T | undefined {
  const at = row.findIndex((one) => one.id === after.id);
  const round = [...row.slice(at + 1), ...row.slice(0, at + 1)];
  return round.find((one) => one.id !== after.id && saidOf(one) === undefined);
}
