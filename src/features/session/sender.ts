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
};

/** What became of a write, as whoever wrote it is told: saved, kept until the server is back, or refused. */
export type WriteResult =
  { readonly ok: true; readonly id: string; readonly saved: boolean } | ({ readonly ok: false } & Refusal);

type Waiting = { readonly tell: (result: WriteResult) => void; readonly answers: boolean };

/**
 * Sends batches one after the other, in the order in which they were written. A server that cannot be reached is tried again, ever more
 * slowly, until it is back. A batch that is refused for ever, or that the server fails at several times, is set aside and does not hold up those
 * behind it.
 */
export function makeSender(outbox: Outbox, transport: Pick<Transport, 'send'>, timer: Timer, events: SenderEvents) {
  let queue: readonly Batch[] = [];
  let saving: Saving = 'saved';
  let busy = false;
  let attempts = 0;
  let trouble: string | undefined;
  let stopPause: (() => void) | undefined;
  const failures = new Map<string, number>();
  const waiting = new Map<string, Waiting>();

  const change = (next: Saving) => {
    saving = next;
    events.onChange();
  };
  /** Tells whoever waits; true when the refusal is theirs to show. */
  function tell(id: string, result: WriteResult): boolean {
    const listener = waiting.get(id);
    listener?.tell(result);
    return listener?.answers ?? false;
  }
  function leave(batch: Batch) {
    queue = queue.filter((b) => b !== batch);
    attempts = 0;
    failures.delete(batchId(batch));
  }
  function refuse(batch: Batch, refusal: Refusal) {
    leave(batch);
    if (tell(batchId(batch), { ok: false, ...refusal })) outbox.forget(batchId(batch));
    else outbox.setAside(batch, refusal);
    waiting.delete(batchId(batch));
    events.onRefused(batch);
  }
  function settle(batch: Batch, result: ApplyResult): 'next' | 'again' {
    if (result.ok) {
      leave(batch);
      outbox.forget(batchId(batch));
      tell(batchId(batch), { ok: true, id: result.id, saved: true });
      waiting.delete(batchId(batch));
      events.onSaved(batch, result);
      return 'next';
    }
    const { ok: _, ...refusal } = result;
    if (refusal.reason === 'no-room') {
      trouble = refusal.says;
      return 'again';
    }
    if (refusal.reason !== 'failed') {
      refuse(batch, refusal);
      return 'next';
    }
    const failed = (failures.get(batchId(batch)) ?? 0) + 1;
    failures.set(batchId(batch), failed);
    if (failed < MOST_FAILURES) return 'again';
    refuse(batch, refusal);
    return 'next';
  }
  /** Whoever waits for an answer is told that it is kept; the answer itself, should it be a refusal, then goes to the person. */
  function tellKept() {
    for (const id of queue.map(batchId)) {
      tell(id, { ok: true, id, saved: false });
      waiting.delete(id);
    }
  }
  async function pump() {
    if (busy) return;
    busy = true;
    for (let batch = queue[0]; batch; batch = queue[0]) {
      if (saving !== 'waiting') change('saving');
      const result = await transport.send(batch).catch(() => undefined);
      trouble = undefined;
      if (result && settle(batch, result) === 'next') {
        change('saving');
        continue;
      }
      attempts += 1;
      tellKept();
      change('waiting');
      stopPause = timer(pauseBefore(attempts), () => {
        stopPause = undefined;
        void pump();
      });
      break;
    }
    busy = false;
    if (queue.length === 0) change('saved');
  }
  /** Does not wait out a pause: something new was said, or the server seems to be back. */
  function now() {
    stopPause?.();
    stopPause = undefined;
    void pump();
  }
  return {
    state: (): SenderState => ({ saving, unsaved: queue.flat(), trouble }),
    /** Sends batches; with `answers`, the refusal of one is told to whoever wrote it and to nobody else. */
    add(batches: readonly Batch[]): void {
      const fresh = batches.filter((b) => !queue.some((q) => batchId(q) === batchId(b)));
      queue = [...queue, ...fresh];
      if (fresh.length > 0) events.onChange();
      now();
    },
    /** What becomes of a batch that is being sent, by its id. */
    resultOf: (id: string, answers: boolean): Promise<WriteResult> =>
      new Promise((tellIt) => waiting.set(id, { tell: tellIt, answers })),
    now,
    stop: () => stopPause?.(),
  };
}
export type Sender = ReturnType<typeof makeSender>;
