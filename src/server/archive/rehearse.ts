import type { Deck } from '@/core/formats/deck/deck';
import { isRefusal } from '@/core/operations/operation';
import { isOfNoVisit, outcomeOf, type Operation } from '@/core/operations/operations';
import { newVisit } from '@/core/operations/visit-create';
import type { Visit } from '@/core/record/visit';
import { listDeckColoursById } from '@/data/decks';
import { idsOfOthers } from '@/data/held';
import { findPictureRow } from '@/data/photos';
import type { Sql } from '@/data/sql';
import { loadVisit } from '../visits/load-visit';

/** How long others wait for a rehearsal at a time, ms, and ids asked for at once. Own choices. */
const SLICE_MS = 20;
const ASKED = 2000;
const othersFirst = () => new Promise((resolve) => setImmediate(resolve));

/** What the operations of a visit bring in is named by: every id a row could stand under. */
const idsIn = (operations: readonly Operation[]): string[] =>
  operations.flatMap(({ id, write }) => [
    id,
    ...Object.entries(write).flatMap(([field, value]) =>
      ['roomId', 'stayId', 'candidateId', 'schemeId', 'lookId', 'sampleId'].includes(field) && typeof value === 'string'
        ? [value]
        : [],
    ),
    ...(write.name === 'visit.create' ? write.rooms.map((r) => r.roomId) : []),
  ]);

type Around = {
  readonly visitId: string;
  /** Decks and pictures that come in before them. */
  readonly decks: readonly Deck[];
  readonly pictures: ReadonlySet<string>;
};

async function namesWhatIsThere(
  sql: Sql,
  operations: readonly Operation[],
  { visitId, decks, pictures }: Around,
): Promise<boolean> {
  const ids = idsIn(operations);
  for (let from = 0; from < ids.length; from += ASKED)
    if ((await idsOfOthers(sql, visitId, ids.slice(from, from + ASKED))).length > 0) return false;
  const coming = new Set(decks.flatMap((d) => d.colours.map((c) => `${d.maker.id}:${c.code}`)));
  const colours = operations.flatMap(({ write }) =>
    write.name === 'candidate.add' && !coming.has(write.deckColourId) ? [write.deckColourId] : [],
  );
  const wanted = new Set(colours);
  if ((await listDeckColoursById(sql, [...wanted])).length < wanted.size) return false;
  for (const { write } of operations)
    if (write.name === 'photo.add' && !pictures.has(write.picture) && !(await findPictureRow(sql, write.picture))) return false;
  return true;
}

/**
 * Whether operations of one visit can be done here one after the other, told without writing anything: each one's effect is asked, and what
 * they name is looked for. What it says no to may still fit: then they are done in one transaction, which decides.
 *
 * @param operations those that are not here yet, in their order
 */
export async function canBeDoneInParts(sql: Sql, operations: readonly Operation[], around: Around): Promise<boolean> {
  let visit: Visit | undefined = await loadVisit(sql, around.visitId);
  let since = performance.now();
  for (const operation of operations) {
    const { write } = operation;
    if (isOfNoVisit(write)) return false;
    if (write.name === 'visit.create') {
      if (visit) return false;
      visit = newVisit(write, operation);
      continue;
    }
    if (!visit) return false;
    const after: ReturnType<typeof outcomeOf> = outcomeOf(visit, operation);
    if (isRefusal(after)) return false;
    visit = after;
    if (performance.now() - since < SLICE_MS) continue;
    await othersFirst();
    since = performance.now();
  }
  return namesWhatIsThere(sql, operations, around);
}
