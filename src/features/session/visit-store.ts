import { advanced, withOperations, type Batch, type Operation } from '@/core/operations/operations';
import { journalledOf, type Applied, type Revision, type VisitAt, type VisitNews } from '@/core/operations/revision';
import type { Visit } from '@/core/record/visit';
import type { Transport } from './ports';
import { shareEqual } from './share-equal';

type Ids = ReadonlySet<string>;
const without = (operations: readonly Operation[], ids: Ids) => operations.filter((o) => !ids.has(o.id));

/** What came of reading: all is here, something was missed, or the server is away. */
type Came = 'here' | 'missed' | 'away';

/** Reads once at a time; asked while it reads, it reads once more, unless the server is away. */
function oneAtATime(read: () => Promise<Came>): () => Promise<void> {
  let doing: Promise<void> | undefined;
  let again = false;
  const whole = async () => {
    let came: Came;
    do {
      again = false;
      came = await read();
    } while (came === 'missed' || (again && came !== 'away'));
  };
  return async () => {
    if (doing) {
      again = true;
      return doing;
    }
    doing = whole();
    await doing;
    doing = undefined;
  };
}

/**
 * A visit as a page holds it: as the server had it at a revision, and over it what was said here and is not in that yet. What an operation
 * makes of a visit is the same here and there, so that after a write nothing has to be read again; what others wrote is read as operations.
 */
export function makeVisitStore(first: VisitAt, transport: Pick<Transport, 'news'>, onChange: () => void) {
  let stored = first.visit;
  let revision: Revision | undefined = first.revision;
  let said: readonly Operation[] = [];
  /** Said here, done there, not in what was read yet. */
  let saved: Ids = new Set();
  let view = first.visit;

  function show() {
    // what was said and is saved now says the same: it is the same object, and nobody is drawn again for it
    const next = shareEqual(view, withOperations(stored, said));
    if (said.length === 0) stored = next;
    if (next === view) return;
    view = next;
    onChange();
  }
  function drop(ids: Ids) {
    said = without(said, ids);
    saved = new Set([...saved].filter((id) => !ids.has(id)));
  }
  /** Does operations to what is stored; false when one of them cannot be done, which says that something was missed. */
  function advance(operations: readonly Operation[], to: Revision): boolean {
    const next = advanced(stored, operations);
    if (!next) return false;
    stored = next;
    revision = to;
    drop(new Set(operations.map((o) => o.id)));
    return true;
  }
  function take(news: VisitNews, asked: { readonly revision: Revision | undefined; readonly saved: Ids }): Came {
    if (news.kind === 'same') {
      drop(asked.saved);
      return 'here';
    }
    // what was read since the question counts, not the answer to it
    if (asked.revision?.seq !== revision?.seq) return 'missed';
    if (news.kind === 'operations') {
      if (advance(news.operations, news.revision)) return 'here';
      revision = undefined;
      return 'missed';
    }
    stored = shareEqual(stored, news.visit);
    revision = news.revision;
    drop(asked.saved);
    return 'here';
  }
  async function readOnce(): Promise<Came> {
    const asked = { revision, saved };
    let came: Came = 'here';
    try {
      const news = await transport.news(first.visit.id, revision);
      if (news) came = take(news, asked);
    } catch {
      // what is on the screen stays, and sending goes on by itself
      came = 'away';
    }
    show();
    return came;
  }
  return {
    visit: (): Visit => view,
    /** Shows what was just said, saved or not. */
    say(operations: readonly Operation[]): void {
      said = [...without(said, new Set(operations.map((o) => o.id))), ...operations];
      show();
    },
    /** What was said is not to be. */
    unsay(batch: Batch): void {
      drop(new Set(batch.map((o) => o.id)));
      show();
    },
    /** What was said has been done; true when that is all that happened, and nothing has to be read. */
    saved(batch: Batch, applied: Applied): boolean {
      const { done } = applied;
      const journalled = journalledOf(applied, batch);
      const follows = done && revision?.seq === done.before && advance(journalled!, { ...revision, seq: done.after });
      if (!follows) saved = new Set([...saved, ...batch.map((o) => o.id).filter((id) => said.some((o) => o.id === id))]);
      show();
      return follows === true;
    },
    /** Reads what happened since; asked while it reads, it reads once more. */
    read: oneAtATime(readOnce),
  };
}
export type VisitStore = ReturnType<typeof makeVisitStore>;
