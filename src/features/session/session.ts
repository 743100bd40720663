import { z } from 'zod';
import type { Refusal } from '@/core/operations/operation';
import {
  batchId,
  OPERATION_VERSION,
  writeSchema,
  type Batch,
  type Operation,
  type Write,
  type WriteInput,
} from '@/core/operations/operations';
import type { Applied } from '@/core/operations/revision';
import type { Outbox, SetAside } from './outbox';
import type { Timer, Transport } from './ports';
import { makeSender, type Saving, type WriteResult } from './sender';
import { readUnsaved, writeUnsaved } from './unsaved-file';
import type { VisitStore } from './visit-store';
import { makeListeners } from '@/ui/listeners';

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

type Read = { readonly writes: readonly Write[] } | { readonly refusal: Extract<Refusal, { reason: 'invalid' }> };
/** What was said, as the server will keep it, or what in it is no write. */
function readWrites(said: Said): Read {
  const parsed = z
    .array(writeSchema)
    .min(1)
    .safeParse(Array.isArray(said) ? said : [said]);
  if (parsed.success) return { writes: parsed.data };
  const issues = parsed.error.issues.map((i) => ({ path: i.path.slice(1).join('.'), message: i.message }));
  return { refusal: { reason: 'invalid', issues } };
}

/** The visits that are open here, and follow what is written. */
function makeOpenVisits() {
  const stores = new Set<VisitStore>();
  return {
    attach(store: VisitStore, unsaved: Batch): () => void {
      stores.add(store);
      store.say(unsaved);
      return () => void stores.delete(store);
    },
    say(operations: Batch): void {
      for (const store of stores) store.say(operations);
    },
    /** A refusal says that something here is not as it is there. */
    unsay(batch: Batch): void {
      for (const store of stores) {
        store.unsay(batch);
        void store.read();
      }
    },
    saved(batch: Batch, applied: Applied): void {
      for (const store of stores) if (!store.saved(batch, applied)) void store.read();
    },
    read: async (): Promise<void> => void (await Promise.all([...stores].map((store) => store.read()))),
  };
}

/** Everything a page writes goes through here, and is shown, kept, sent, and told of. */
export function makeSession({ outbox, transport, timer, now, newId, tellOthers }: Environment) {
  const { tell, subscribe } = makeListeners();
  const open = makeOpenVisits();
  let state: SessionState = { saving: 'saved', unsaved: new Set(), aside: [], frail: false, trouble: undefined };
  const kept = new Map<string, boolean>();

  function refresh() {
    const { saving, unsaved, trouble } = sender.state();
    const frail = unsaved.some((o) => kept.get(o.id) === false);
    state = { saving, unsaved: new Set(unsaved.map((o) => o.id)), aside: outbox.aside(), frail, trouble };
    tell();
  }
  function onRefused(batch: Batch) {
    open.unsay(batch);
    refresh();
  }
  const sender = makeSender(outbox, transport, timer, {
    onChange: () => refresh(),
    onRefused,
    onFound: (batches) => open.say(batches.flat()),
    onSaved(batch, applied) {
      for (const { id } of batch) kept.delete(id);
      open.saved(batch, applied);
      tellOthers();
    },
  });

  function send(batch: Batch) {
    const isKept = outbox.keep(batch);
    for (const { id } of batch) kept.set(id, isKept);
    open.say(batch);
    sender.add([batch]);
  }
  return {
    state: () => state,
    subscribe,
    /**
     * Reads what is said as the server will keep it, shows it at once, keeps it in the browser, and sends it until it is saved or
     * refused. What is no write is refused here, whole.
     */
    write(said: Said, { answers = false }: WriteOptions = {}): Written {
      const read = readWrites(said);
      if ('refusal' in read) {
        const id = newId();
        if (!answers) outbox.setAsideUnread(id, said, read.refusal);
        refresh();
        return { id, operations: [], result: Promise.resolve({ ok: false, ...read.refusal }) };
      }
      const at = new Date(now()).toISOString();
      const operations = read.writes.map((write): Operation => ({ id: newId(), version: OPERATION_VERSION, at, write }));
      const id = batchId(operations);
      const result = sender.resultOf(id, answers);
      send(operations);
      return { id, operations, result };
    },
    /** Sends what an earlier page left behind. */
    resume(): void {
      const left = outbox.waiting();
      open.say(left.flat());
      sender.add(left);
      refresh();
    },
    /** What is not saved, as a file to keep. */
    unsavedFile: (): string => writeUnsaved(sender.batches()),
    /** Takes in what such a file holds: shown, kept and sent as if it were said now. Answers how many; undefined when it is none. */
    takeIn(text: string): number | undefined {
      const batches = readUnsaved(text);
      for (const batch of batches ?? []) send(batch);
      refresh();
      return batches?.length;
    },
    /** A visit that is open here follows what is written. */
    attach: (store: VisitStore): (() => void) => open.attach(store, sender.state().unsaved),
    /** Another window saved something, or the network is back; done when everything that is open here has caught up. */
    async readAgain(): Promise<void> {
      sender.now();
      await open.read();
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
