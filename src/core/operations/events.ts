import { notFound, type Refusal } from './operation';
import { sameValue } from '../base/same-value';

type Event = { readonly id: string };
type Undoable = Event & { readonly undone: boolean };

/** Adds an event, once. */
export const added = <T extends Event>(all: readonly T[], event: T): readonly T[] =>
  all.some((e) => e.id === event.id) ? all : [...all, event];

/** An event changed; the list as it is when nothing changes. */
export function changed<T extends Event>(all: readonly T[], id: string, change: Partial<T>): readonly T[] {
  const before = all.find((e) => e.id === id);
  if (!before || (Object.keys(change) as (keyof T)[]).every((part) => sameValue(before[part], change[part]))) return all;
  return all.map((e) => (e === before ? { ...e, ...change } : e));
}

/** An event taken back, or put back. */
export const undone = <T extends Undoable>(all: readonly T[], id: string, isUndone = true): readonly T[] =>
  changed(all, id, { undone: isUndone } as Partial<T>);

/** `make` when all of them are there, a refusal that names the first missing one otherwise. */
export function having<T>(needed: readonly (readonly [what: string, there: boolean])[], make: () => T): T | Refusal {
  const missing = needed.find(([, there]) => !there);
  return missing ? notFound(missing[0]) : make();
}

export const has = (all: readonly Event[], id: string): boolean => all.some((e) => e.id === id);
