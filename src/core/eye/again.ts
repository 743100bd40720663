import { createEmptyCard, fsrs, Rating, type Card } from 'ts-fsrs';
import type { Practised } from './exercises';

/** One thing that was asked, when, and whether it was answered right. */
export type AskedOnce = {
  readonly exercise: Practised;
  readonly seed: number;
  readonly level: number;
  readonly right: boolean;
  /** Instant. */
  readonly at: number;
};
type Item = Pick<AskedOnce, 'exercise' | 'seed' | 'level'>;

/** The schedule is that of FSRS (Ye et al. 2022; the package of its authors), without its random parts, so that it is always the same. */
const SCHEDULE = fsrs({ enable_fuzz: false });
/** Right so often after it was missed, it need not come back. Own choice. */
const LEARNT = 3;
const keyOf = ({ exercise, seed, level }: Item): string => `${exercise} ${seed} ${level}`;

/**
 * What was missed and is due again, the longest due first: each thing that was answered wrong once comes back by the schedule until it was
 * right three times.
 *
 * @param asked in the order in which it was answered; @param now instant
 */
export function dueAgain(asked: readonly AskedOnce[], now: number): readonly Item[] {
  const items = new Map<string, { readonly item: Item; card: Card; right: number }>();
  for (const { right, at, ...item } of asked) {
    const known = items.get(keyOf(item));
    if (!known && right) continue;
    const when = new Date(at);
    const before = known ?? { item, card: createEmptyCard(when), right: 0 };
    const { card } = SCHEDULE.next(before.card, when, right ? Rating.Good : Rating.Again);
    items.set(keyOf(item), { item, card, right: right ? before.right + 1 : 0 });
  }
  return [...items.values()]
    .filter(({ card, right }) => right < LEARNT && card.due.getTime() <= now)
    .sort((p, q) => p.card.due.getTime() - q.card.due.getTime())
    .map(({ item }) => item);
}
