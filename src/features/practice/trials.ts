import { askedFor, RANGES } from '@/core/eye/asked';
import type { Asked, Sources } from '@/core/eye/asked-parts';
import { dueAgain, type AskedOnce } from '@/core/eye/again';
import { isMeasured, type Practised } from '@/core/eye/exercises';
import { nextLevel, settledAt } from '@/core/eye/staircase';
import { measure, type Threshold, type Trial } from '@/core/eye/threshold';
import type { PracticeAnswer, PracticeSet } from '@/core/record/eye';

/** The latest answers count: an eye gets better, and tires. Own choice. */
const COUNTED = 60;
/** Every so-manieth is one that was missed before and is due again. */
const AGAIN_EVERY = 3;

/** Answers of an exercise over all sittings, the oldest first. */
export const answersOf = (sets: readonly PracticeSet[], exercise: Practised): readonly PracticeAnswer[] =>
  sets.filter((s) => s.exercise === exercise).flatMap((s) => s.answers);

/** What stands of an exercise: how fine this eye is, in its measure; undefined before enough was answered. */
export type Standing = { readonly estimate: number; readonly low: number | null; readonly high: number | null };
const LEAST = 8;
export function standingOf(exercise: Practised, answers: readonly Trial[]): Standing | undefined {
  const trials = answers.slice(-COUNTED);
  if (trials.length < LEAST) return undefined;
  if (isMeasured(exercise)) return measure(trials, 1).threshold;
  const settled = settledAt(trials, RANGES[exercise]);
  return settled === undefined ? undefined : { estimate: settled, low: null, high: null };
}

/** A threshold after each sitting that added to it, for the curve over time. */
export type Dated = Threshold & { readonly at: number };
export function overTime(sets: readonly PracticeSet[], exercise: Practised): readonly Dated[] {
  if (!isMeasured(exercise)) return [];
  const own = sets.filter((s) => s.exercise === exercise);
  return own.flatMap((set, k): Dated[] => {
    const standing = standingOf(exercise, answersOf(own.slice(0, k + 1), exercise));
    if (!standing || standing.low === null || standing.high === null) return [];
    return [{ at: Date.parse(set.at), estimate: standing.estimate, low: standing.low, high: standing.high }];
  });
}

const onceOf = (sets: readonly PracticeSet[]): AskedOnce[] =>
  sets.flatMap(({ exercise, at, answers }) => answers.map((a) => ({ exercise, ...a, at: Date.parse(at) })));

/** What was missed of an exercise and is due again. */
export const dueOf = (sets: readonly PracticeSet[], exercise: Practised, now: number) =>
  dueAgain(onceOf(sets.filter((s) => s.exercise === exercise)), now);

export type Sitting = { readonly exercise: Practised; readonly sets: readonly PracticeSet[]; readonly sources: Sources };

/** How hard the next is to be. */
function levelFor(exercise: Practised, trials: readonly Trial[], seed: number): number {
  const latest = trials.slice(-COUNTED);
  return isMeasured(exercise) ? measure(latest, seed).level : nextLevel(latest, RANGES[exercise]);
}

export type Next = {
  readonly asked: Asked;
  /** Whether it was missed before. */
  readonly again: boolean;
};

/**
 * What is asked next in a sitting.
 *
 * @param answers of this sitting; @param seed of what is drawn anew; @param now instant
 */
export function nextAsked(
  { exercise, sets, sources }: Sitting,
  answers: readonly PracticeAnswer[],
  { seed, now }: { readonly seed: number; readonly now: number },
): Next | undefined {
  const due = dueOf(sets, exercise, now).filter((d) => !answers.some((a) => a.seed === d.seed && a.level === d.level));
  const [first] = due;
  if (first && answers.length % AGAIN_EVERY === 0) {
    const asked = askedFor(exercise, first.seed, first.level, sources);
    if (asked) return { asked, again: true };
  }
  const level = levelFor(exercise, [...answersOf(sets, exercise), ...answers], seed);
  const asked = askedFor(exercise, seed, level, sources);
  return asked && { asked, again: false };
}
