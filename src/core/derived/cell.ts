import type { Reason, Verdict } from '../judge/reasons';
import type { Person } from '../judge/ruling';
import type { JudgingLight } from '../room/facing';
import { isLookedAt } from '@/core/record/seen';
import type { VerdictEvent } from '@/core/record/verdict';

const SEVERITY: Readonly<Record<Verdict, number>> = { works: 0, nearly: 1, no: 2 };

/** Which of the standing verdicts the record shows; `undefined` shows all. */
export type RecordView = { readonly light?: JudgingLight | undefined; readonly person?: Person | undefined };

export const inView = (verdicts: readonly VerdictEvent[], { light, person }: RecordView): VerdictEvent[] =>
  verdicts.filter((v) => (light === undefined || v.light === light) && (person === undefined || v.person === person));

/** The verdict a cell shows for several: the severest, the latest of equals; undefined for none. */
export function severest<T extends { readonly verdict: Verdict }>(verdicts: readonly T[]): T | undefined {
  return verdicts.reduce<T | undefined>(
    (worst, v) => (worst === undefined || SEVERITY[v.verdict] >= SEVERITY[worst.verdict] ? v : worst),
    undefined,
  );
}

/** What is computed of a candidate beside a thing in one light of the record. */
export type ComputedCell = {
  readonly candidateId: string;
  readonly stayId: string;
  readonly light: JudgingLight;
  readonly verdict: Verdict;
  readonly reason: Reason | null;
};

/** Seen and computed in one cell of the record. */
export type SeenAndComputed = {
  readonly seen: VerdictEvent | undefined;
  /** What was said of the screen's prediction or of a photograph, where nothing was seen. */
  readonly unlooked: VerdictEvent | undefined;
  readonly computed: Verdict | undefined;
  /** The consultant saw it otherwise than it had been computed. */
  readonly differs: boolean;
};

/**
 * What a cell of the record says. Where something was seen, what counts is what had been computed when it was said, in that light; where
 * nothing was, the severest that is computed now.
 */
export function seenAndComputed(all: readonly VerdictEvent[], computed: readonly ComputedCell[]): SeenAndComputed {
  const verdicts = all.filter(isLookedAt);
  const seen = severest(verdicts);
  if (!seen) return { seen, unlooked: severest(all), computed: severest(computed)?.verdict, differs: false };
  const predicted = verdicts.filter((v) => v.predicted !== null);
  const missed = severest(predicted.filter((v) => v.person === 'consultant' && v.verdict !== v.predicted));
  return { seen, unlooked: undefined, computed: (missed ?? seen).predicted ?? undefined, differs: missed !== undefined };
}
