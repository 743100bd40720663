import type { Inverse } from '@/core/operations/inverse';
import { inverseOf, stepNow } from '@/core/operations/inverse';
import { batchId, OPERATION_VERSION, withOperations, type Batch, type Write, type WriteName } from '@/core/operations/operations';
import type { Visit } from '@/core/record/visit';
import type { TextStorage } from './ports';
import { makeListeners } from '@/ui/listeners';

/** Where in the visit something was written, so that taking it back can be seen there. */
export type StepPlace = {
  readonly roomId: string | undefined;
  readonly step: string | undefined;
  readonly at?: Readonly<Record<string, string>>;
};
/** Something a person did that is taken back in one go: one write, or several that belong together. */
export type HistoryStep = {
  /** Of what was written first. */
  readonly id: string;
  readonly at: number;
  readonly parts: readonly (Inverse & { readonly id: string; readonly write: Write })[];
  readonly place: StepPlace;
};
export type History = { readonly done: readonly HistoryStep[]; readonly undone: readonly HistoryStep[] };

/** Steps kept. Own choice: a visit's hour at forty verdicts, with their reasons. */
const MOST_STEPS = 100;
/** A field that is typed in is saved whenever a person pauses: what comes within so many milliseconds is one step. */
const ONE_TYPING_MS = 3000;
const TYPED: ReadonlySet<WriteName> = new Set([
  'stay.save',
  'room.light',
  'room.wish',
  'room.brief',
  'visit.brief',
  'visit.edit',
]);

const EMPTY: History = { done: [], undone: [] };

/** What a typed write is of, and which of its fields it says. */
const targetOf = (write: Write): string =>
  ['roomId', 'stayId', 'visitId'].map((key) => (write as unknown as Record<string, unknown>)[key]).join(' ') +
  Object.keys(write).join();

/** Whether a step goes on with the typing of the one before. */
function continues(before: HistoryStep | undefined, step: HistoryStep): boolean {
  const [last, next] = [before?.parts[0], step.parts[0]!];
  if (!before || !last || before.parts.length > 1 || step.parts.length > 1 || !TYPED.has(next.write.name)) return false;
  // what was begun and then changed is taken back in two steps: first the change
  if (last.undo.name !== next.write.name) return false;
  return (
    last.write.name === next.write.name && targetOf(last.write) === targetOf(next.write) && step.at - before.at < ONE_TYPING_MS
  );
}

type Taken = { readonly step: HistoryStep; readonly writes: readonly Write[] };

/**
 * What was written in a visit, in one row whatever its kind, and the way back and forth through it. Kept for as long as the window is
 * open.
 */
export function makeHistory(key: string, storage: Pick<TextStorage, 'get' | 'set'> | undefined) {
  let history: History = read();
  const { tell, subscribe } = makeListeners();

  function read(): History {
    try {
      const kept: unknown = JSON.parse(storage?.get(key) ?? 'null');
      return kept !== null && typeof kept === 'object' && 'done' in kept && 'undone' in kept ? (kept as History) : EMPTY;
    } catch {
      return EMPTY;
    }
  }
  function put(next: History) {
    history = next;
    storage?.set(key, JSON.stringify(next));
    tell();
  }
  const putStep = (step: HistoryStep, rest: readonly HistoryStep[]) =>
    put({ done: [...rest, step].slice(-MOST_STEPS), undone: [] });

  /** The writes that take a step one way; undefined when one of them would overwrite what someone else changed. */
  function writesOf(visit: Visit, step: HistoryStep, way: 'undo' | 'redo'): readonly Write[] | undefined {
    const parts = way === 'undo' ? step.parts.toReversed() : step.parts;
    const at = new Date(step.at).toISOString();
    let now = visit;
    const writes: Write[] = [];
    for (const { id, undo, redo } of parts) {
      const write = stepNow(now, way === 'undo' ? { to: undo, from: redo } : { to: redo, from: undo });
      if (!write) return undefined;
      writes.push(write);
      // the next part stands over this one
      now = withOperations(now, [{ id, version: OPERATION_VERSION, at, write }]);
    }
    return writes;
  }
  /** Takes the last step of a row, to the other row; a step that cannot be taken any more is dropped. */
  function take(visit: Visit, way: 'undo' | 'redo'): Taken | { readonly changedSince: HistoryStep } | undefined {
    const from = way === 'undo' ? history.done : history.undone;
    const step = from.at(-1);
    if (!step) return undefined;
    const rest = from.slice(0, -1);
    const writes = writesOf(visit, step, way);
    const to = [...(way === 'undo' ? history.undone : history.done), ...(writes ? [step] : [])];
    put(way === 'undo' ? { done: rest, undone: to } : { done: to, undone: rest });
    return writes ? { step, writes } : { changedSince: step };
  }
  return {
    state: (): History => history,
    subscribe,
    /** Notes what was written in one go: one step, however many operations it took. */
    note(before: Visit, batch: Batch, place: StepPlace): void {
      let visit = before;
      const parts = batch.flatMap((operation) => {
        const after = withOperations(visit, [operation]);
        const inverse = inverseOf(visit, after, operation);
        visit = after;
        return inverse ? [{ id: operation.id, write: operation.write, ...inverse }] : [];
      });
      const [part] = parts;
      if (!part) return;
      const step: HistoryStep = { id: batchId(batch), at: Date.parse(batch[0]!.at), parts, place };
      const last = history.done.at(-1);
      if (continues(last, step))
        putStep({ ...step, parts: [{ ...part, undo: last!.parts[0]!.undo }] }, history.done.slice(0, -1));
      else putStep(step, history.done);
    },
    /** What was refused was not done. */
    forget(id: string): void {
      const without = (steps: readonly HistoryStep[]) => steps.filter((step) => step.id !== id);
      if ([...history.done, ...history.undone].some((step) => step.id === id))
        put({ done: without(history.done), undone: without(history.undone) });
    },
    undo: (visit: Visit) => take(visit, 'undo'),
    redo: (visit: Visit) => take(visit, 'redo'),
  };
}
export type VisitHistory = ReturnType<typeof makeHistory>;
