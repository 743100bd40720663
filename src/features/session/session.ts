import { z } from 'zod';
import {
  batchId,
  OPERATION_VERSION,
  writeSchema,
  type Batch,
  type Operation,
  type WriteInput,
} from '@/core/operations/operations';
import type { Outbox, SetAside } from './outbox';
import type { Timer, Transport } from './ports';
import { makeSender, type Saving, type WriteResult } from './sender';
import type { VisitStore } from './visit-store';

export type SessionState = {
  readonly saving: Saving;
  readonly unsaved: ReadonlySet<string>;
  /** What the server would not take and the person has not decided on. */
  readonly aside: readonly SetAside[];
  /** True when the browser had no room to keep something that is not saved yet. */
  readonly frail: boolean;
  /** Why the server cannot write now, in its words. */
  readonly trouble: string | undefined;
};

export type Written = {
  /** Of the first operation; what it adds carries it too. */
  readonly id: string;
  /** As they go to the server: trimmed, completed; empty when one of them is no write, and nothing is sent. */
  readonly operations: Batch;
  readonly result: Promise<WriteResult>;
};
/** One write, or several that land whole or not at all. */
export type Said = WriteInput | readonly WriteInput[];
export type WriteOptions = {
  /** Whoever writes shows a refusal itself. */
  readonly answers?: boolean;
};

type Environment = {
  readonly outbox: Outbox;
  readonly transport: Transport;
  readonly timer: Timer;
  readonly now: () => number;
  readonly newId: () => string;
  /** Tells the other windows that something was saved. */
  readonly tellOthers: () => void;
};

/** Everything a page writes goes through here, and is shown, kept, sent, and told of. */
export function makeSession({ outbox, transport, timer, now, newId, tellOthers }: Environment) {
  const listeners = new Set<() => void>();
  const stores = new Set<VisitStore>();
  let state: SessionState = { saving: 'saved', unsaved: new Set(), aside: [], frail: false, trouble: undefined };
  const kept = new Map<string, boolean>();

  function refresh() {
    const { saving, unsaved, trouble } = sender.state();
    const frail = unsaved.some((o) => kept.get(o.id) === false);
    state = { saving, unsaved: new Set(unsaved.map((o) => o.id)), aside: outbox.aside(), frail, trouble };
    for (const listener of listeners) listener();
  }
  function onRefused(batch: Batch) {
    for (const store of stores) {
      store.unsay(batch);
      // a refusal says that something here is not as it is there
      void store.read();
    }
    refresh();
  }
  const sender = makeSender(outbox, transport, timer, {
    onChange: () => refresh(),
    onRefused,
    onSaved(batch, applied) {
      for (const { id } of batch) kept.delete(id);
      for (const store of stores) if (!store.saved(batch, applied)) void store.read();
      tellOthers();
    },
  });

  function send(batch: Batch) {
    const isKept = outbox.keep(batch);
    for (const { id } of batch) kept.set(id, isKept);
    for (const store of stores) store.say(batch);
    sender.add([batch]);
  }
  return {
    state: () => state,
    subscribe(listener: () => void): () => void {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    /**
     * Reads what is said as the server will keep it, shows it at once, keeps it in the browser, and sends it until it is saved or refused. What
     * is no write is refused here, whole.
     */
    write(said: Said, { answers = false }: WriteOptions = {}): Written {
      const parsed = z
        .array(writeSchema)
        .min(1)
        .safeParse(Array.isArray(said) ? said : [said]);
      if (!parsed.success) {
        const issues = parsed.error.issues.map((i) => ({ path: i.path.slice(1).join('.'), message: i.message }));
        const [id, refusal] = [newId(), { reason: 'invalid', issues } as const];
        if (!answers) outbox.setAsideUnread(id, said, refusal);
        refresh();
        return { id, operations: [], result: Promise.resolve({ ok: false, ...refusal }) };
      }
      const at = new Date(now()).toISOString();
      const operations = parsed.data.map((write): Operation => ({ id: newId(), version: OPERATION_VERSION, at, write }));
      const id = batchId(operations);
      const result = sender.resultOf(id, answers);
      send(operations);
      return { id, operations, result };
    },
    /** Sends what an earlier page left behind. */
    resume(): void {
      const left = outbox.waiting();
      for (const store of stores) store.say(left.flat());
      sender.add(left);
      refresh();
    },
    /** A visit that is open here follows what is written. */
    attach(store: VisitStore): () => void {
      stores.add(store);
      store.say(sender.state().unsaved);
      return () => void stores.delete(store);
    },
    /** Another window saved something, or the network is back; done when everything that is open here has caught up. */
    async readAgain(): Promise<void> {
      sender.now();
      await Promise.all([...stores].map((store) => store.read()));
    },
    /** Sends once more what was set aside, as it is. */
    tryAgain(id: string): void {
      const batch = outbox.aside().find((a) => a.id === id)?.operations ?? [];
      outbox.letGo(id);
      if (batch.length > 0) send(batch);
      refresh();
    },
    letGo(id: string): void {
      outbox.letGo(id);
      refresh();
    },
  };
}
export type Session = ReturnType<typeof makeSession>;
