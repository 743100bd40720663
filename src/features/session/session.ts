import { OPERATION_VERSION, type Operation, type Write } from '@/core/operations/operations';
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
  /** Of the operation; what it adds carries it too. */
  readonly id: string;
  readonly result: Promise<WriteResult>;
};
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
  function onRefused(operation: Operation) {
    for (const store of stores) {
      store.unsay(operation.id);
      // a refusal says that something here is not as it is there
      void store.read();
    }
    refresh();
  }
  const sender = makeSender(outbox, transport, timer, {
    onChange: () => refresh(),
    onRefused,
    onSaved(operation, applied) {
      kept.delete(operation.id);
      for (const store of stores) if (!store.saved(operation, applied)) void store.read();
      tellOthers();
    },
  });

  function send(operation: Operation) {
    kept.set(operation.id, outbox.keep(operation));
    for (const store of stores) store.say([operation]);
    sender.add([operation]);
  }
  return {
    state: () => state,
    subscribe(listener: () => void): () => void {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    /** Shows it at once, keeps it in the browser, and sends it until it is saved or refused. */
    write(write: Write, { answers = false }: WriteOptions = {}): Written {
      const id = newId();
      const operation: Operation = { id, version: OPERATION_VERSION, at: new Date(now()).toISOString(), write };
      const result = sender.resultOf(id, answers);
      send(operation);
      return { id, result };
    },
    /** Sends what an earlier page left behind. */
    resume(): void {
      const left = outbox.waiting();
      for (const store of stores) store.say(left);
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
      const operation = outbox.aside().find((a) => a.id === id)?.operation;
      outbox.letGo(id);
      if (operation) send(operation);
      refresh();
    },
    letGo(id: string): void {
      outbox.letGo(id);
      refresh();
    },
  };
}
export type Session = ReturnType<typeof makeSession>;
