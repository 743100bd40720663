import type { Verdict } from '../judge/reasons';
import type { Person } from '../judge/ruling';
import type { JudgingLight } from '../room/facing';
import type { VerdictEvent } from './types';

const SEVERITY: Readonly<Record<Verdict, number>> = { works: 0, nearly: 1, no: 2 };

/** Which of the standing verdicts the record shows; `undefined` shows all. */
export type RecordView = { readonly light?: JudgingLight | undefined; readonly person?: Person | undefined };

export const inView = (verdicts: readonly VerdictEvent[], { light, person }: RecordView): VerdictEvent[] =>
  verdicts.filter((v) => (light === undefined || v.light === light) && (person === undefined || v.person === person));

/** The verdict a cell shows for several: the severest, the latest of equals; undefined for none. */
export function cellVerdict(verdicts: readonly VerdictEvent[]): VerdictEvent | undefined {
  return verdicts.reduce<VerdictEvent | undefined>(
    (worst, v) => (worst === undefined || SEVERITY[v.verdict] >= SEVERITY[worst.verdict] ? v : worst),
    undefined,
  );
}
