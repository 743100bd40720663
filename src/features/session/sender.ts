import type { Refusal } from '@/core/operations/operation';
import { batchId, type Batch, type Operation } from '@/core/operations/operations';
import type { Applied, ApplyResult } from '@/core/operations/revision';
import { pauseBefore } from './back-off';
import type { Outbox } from './outbox';
import type { Timer, Transport } from './ports';

/** How often a batch that the server fails at is tried before it is set aside. */
export const MOST_FAILURES = 4;

export type Saving = 'saved' | 'saving' | 'waiting';
export type SenderState = {
  readonly saving: Saving;
  readonly unsaved: readonly Operation[];
  /** Why the server cannot write now, in its words; undefined when it did not say. */
  readonly trouble: string | undefined;
};

export type SenderEvents = {
  readonly onSaved: (batch: Batch, applied: Applied) => void;
  /** Refused for ever, or failed again and again. */
  readonly onRefused: (batch: Batch) => void;
  readonly onChange: () => void;
  /** Other windows had said these, and they wait too. */
  readonly onFound: (batches: readonly Batch[]) => void;
};

/** What became of a write, as whoever wrote it is told: saved, kept until the server is back, or refused. */
export type WriteResult =
  { readonly ok: true; readonly id: string; readonly saved: boolean } | ({ readonly ok: false } & Refusal);

type Waiting = { readonly tell: (result: WriteResult) => void; readonly answers: boolean };

/** A pause that can be cut short. */
function makePause(timer: Timer) {
  let end: (() => void) | undefined;
  const stop = () => {
    end?.();
    end = undefined;
  };
  return {
    stop,
    start(ms: number, then: () => void): void {
      end = timer(ms, () => {
        end = undefined;
        then();
      });
    },
  };
}

/** Whoever waits for what becomes of a batch, by its id. */
function makeAnswers() {
  const waiting = new Map<string, Waiting>();
  return {
    of: (id: string, answers: boolean): Promise<WriteResult> => new Promise((tell) => waiting.set(id, { tell, answers })),
    /** Tells whoever waits, once; true when a refusal is theirs to show. */
    tell(id: string, result: WriteResult): boolean {
      const listener = waiting.get(id);
      waiting.delete(id);
      listener?.tell(result);
      return listener?.answers ?? false;
    },
    /** Whoever waits is told that it is kept; the answer itself, should it be a refusal, then goes to the person. */
    tellKept(batches: readonly Batch[]): void {
      for (const id of batches.map(batchId)) this.tell(id, { ok: true, id, saved: false });
    },
  };
}

/** How often the server failed at each batch. */
function makeFailures() {
  const counts = new Map<string, number>();
  return {
    /** The count with this answer in it. */
    withNext(id: string, result: ApplyResult): number {
      const count = (counts.get(id) ?? 0) + (!result.ok && result.reason === 'failed' ? 1 : 0);
      counts.set(id, count);
      return count;
    },
    forget: (id: string) => void counts.delete(id),
  };
}

type Next =
  | { readonly next: 'saved'; readonly applied: Applied; readonly id: string }
  | { readonly next: 'refuse'; readonly refusal: Refusal }
  | { readonly next: 'again'; readonly trouble: string | undefined };
/** What follows from an answer; `failed`: how often the server failed at the batch, this time included. */
function nextAfter(result: ApplyResult, failed: number): Next {
  if (result.ok) return { next: 'saved', applied: result, id: result.id };
  const { ok: _, ...refusal } = result;
  if (refusal.reason === 'no-room') return { next: 'again', trouble: refusal.says };
  if (refusal.reason === 'failed' && failed < MOST_FAILURES) return { next: 'again', trouble: undefined };
  return { next: 'refuse', refusal };
}

/** A refusal that whoever wrote it shows goes with it; any other waits for the person. */
function setAside(
  outbox: Outbox,
  batch: Batch,
  { refusal, isTheirs }: { readonly refusal: Refusal; readonly isTheirs: boolean },
) {
  if (isTheirs) outbox.forget(batchId(batch));
  else outbox.setAside(batch, refusal);
}

/** What waits here, with what is kept in the browser, in its order; what no browser keeps comes last. */
function joinedWith(queue: readonly Batch[], kept: readonly Batch[]) {
  const ids = new Set(kept.map(batchId));
  const own = new Map(queue.map((b) => [batchId(b), b]));
  return {
    all: [...kept.map((b) => own.get(batchId(b)) ?? b), ...queue.filter((b) => !ids.has(batchId(b)))],
    found: kept.filter((b) => !own.has(batchId(b))),
  };
}

/**
 * Sends batches one after the other, in the order in which they were written. A server that cannot be reached is tried again, ever more
 * slowly, until it is back. A batch that is refused for ever, or that the server fails at several times, is set aside and does not hold
 * up those behind it.
 */
export function makeSender(outbox: Outbox, transport: Pick<Transport, 'send'>, timer: Timer, events: SenderEvents) {
  let queue: readonly Batch[] = [];
  let saving: Saving = 'saved';
  let busy = false;
  let attempts = 0;
  let trouble: string | undefined;
  const pause = makePause(timer);
  const failures = makeFailures();
  const answers = makeAnswers();

  const change = (next: Saving) => ((saving = next), events.onChange());
  function leave(batch: Batch) {
    queue = queue.filter((b) => b !== batch);
    attempts = 0;
    failures.forget(batchId(batch));
  }
  const refuse = (batch: Batch, refusal: Refusal) => {
    leave(batch);
    setAside(outbox, batch, { refusal, isTheirs: answers.tell(batchId(batch), { ok: false, ...refusal }) });
    events.onRefused(batch);
  };
  /** False when the batch is to be sent again. */
  function settle(batch: Batch, result: ApplyResult): boolean {
    const id = batchId(batch);
    const after = nextAfter(result, failures.withNext(id, result));
    if (after.next === 'again') {
      trouble = after.trouble;
      return false;
    }
    if (after.next === 'refuse') refuse(batch, after.refusal);
    else {
      leave(batch);
      outbox.forget(id);
      answers.tell(id, { ok: true, id: after.id, saved: true });
      events.onSaved(batch, after.applied);
    }
    return true;
  }
  /** After the server was away: what other windows said meanwhile is sent too, all in the order it was said in. Twice does no harm. */
  function joinOthers() {
    const { all, found } = joinedWith(queue, outbox.waiting());
    queue = all;
    if (found.length > 0) events.onFound(found);
  }
  async function pump() {
    if (busy) return;
    busy = true;
    if (attempts > 0) joinOthers();
    for (let batch = queue[0]; batch; batch = queue[0]) {
      if (saving !== 'waiting') change('saving');
      const result = await transport.send(batch).catch(() => undefined);
      trouble = undefined;
      if (result && settle(batch, result)) {
        change('saving');
        continue;
      }
      attempts += 1;
      answers.tellKept(queue);
      change('waiting');
      pause.start(pauseBefore(attempts), () => void pump());
      break;
    }
    busy = false;
    if (queue.length === 0) change('saved');
  }
  /** Does not wait out a pause: something new was said, or the server seems to be back. */
  function now() {
    pause.stop();
    void pump();
  }
  return {
    state: (): SenderState => ({ saving, unsaved: queue.flat(), trouble }),
    /** What is not saved, in the order in which it was said. */
    batches: (): readonly Batch[] => queue,
    /** Sends batches; with `answers`, the refusal of one is told to whoever wrote it and to nobody else. */
    add(batches: readonly Batch[]): void {
      const fresh = batches.filter((b) => !queue.some((q) => batchId(q) === batchId(b)));
      queue = [...queue, ...fresh];
      if (fresh.length > 0) events.onChange();
      now();
    },
    /** What becomes of a batch that is being sent, by its id. */
    ...{ resultOf: answers.of, now, stop: pause.stop },
  };
}
export type Sender = ReturnType<typeof makeSender>;
