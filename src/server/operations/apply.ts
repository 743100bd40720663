import { operationSchema, type Operation, type WriteName, type WriteOf, type WriteResult } from '@/core/formats/operations';
import { reflectanceFromLab } from '@/core/colour/reflectance';
import type { RecordedColour } from '@/core/record/types';
import { retireCandidate, upsertCandidate } from '@/data/candidates';
import { findDeckColour } from '@/data/decks';
import { insertOperation } from '@/data/operations';
import { deleteLamps, deleteWindows, insertLamps, insertWindows, updateRoomLight } from '@/data/rooms';
import { FOREIGN_KEY_VIOLATION, sqlState, UNIQUE_VIOLATION, type Database, type Sql } from '@/data/sql';
import { deleteComponents, findStay, insertComponents, retireStay, upsertStay } from '@/data/stays';
import { countRooms, findVisit, insertRoom, insertVisit, renameRoom, retireRoom, updateVisit } from '@/data/visits';
import { storeDeck } from '../deck/store-deck';
import { JUDGEMENT_HANDLERS } from './judgement-handlers';
import { changed, found, mustExist, refuse, Refused, type Handler, type Stamp } from './refuse';

/** Only colours that a surface can have are kept. */
function mustBeSurface(colour: RecordedColour | null, what: string) {
  if (colour && !reflectanceFromLab(colour.lab).ok) refuse({ reason: 'not-a-surface-colour', what });
}

const HANDLERS: { readonly [N in WriteName]: Handler<N> } = {
  async 'visit.create'(sql, w, { at }) {
    await insertVisit(sql, { id: w.visitId, label: w.label, place: w.place, units: w.units, at });
    for (const room of w.rooms) await insertRoom(sql, { id: room.roomId, visitId: w.visitId, name: room.name });
    return w.visitId;
  },
  async 'visit.edit'(sql, w) {
    if (!(await findVisit(sql, w.visitId))) refuse({ reason: 'not-found', what: 'visit' });
    changed(await updateVisit(sql, { id: w.visitId, revision: w.revision, label: w.label, place: w.place, units: w.units }));
  },
  async 'room.add'(sql, w) {
    if (!(await findVisit(sql, w.visitId))) refuse({ reason: 'not-found', what: 'visit' });
    await insertRoom(sql, { id: w.roomId, visitId: w.visitId, name: w.room });
    return w.roomId;
  },
  async 'room.rename'(sql, w) {
    await mustExist(sql, w.roomId);
    changed(await renameRoom(sql, { id: w.roomId, revision: w.revision, name: w.room }));
  },
  async 'room.retire'(sql, w) {
    const rows = await retireRoom(sql, w.roomId, w.retired);
    found(rows, 'room');
    if ((await countRooms(sql, rows[0]!.visit_id)) === 0) refuse({ reason: 'last-room' });
  },
  async 'room.light'(sql, w) {
    await mustExist(sql, w.roomId);
    mustBeSurface(w.oldWall, 'existing wall colour');
    mustBeSurface(w.ceiling, 'ceiling');
    changed(await updateRoomLight(sql, { id: w.roomId, revision: w.revision }, w));
    await deleteWindows(sql, w.roomId);
    await insertWindows(sql, w.roomId, w.windows);
    await deleteLamps(sql, w.roomId);
    await insertLamps(sql, w.roomId, w.lamps);
  },
  async 'stay.save'(sql, w) {
    await mustExist(sql, w.roomId);
    for (const component of w.components) mustBeSurface(component.colour, component.name);
    const before = await findStay(sql, w.stayId);
    if (before ? before.room_id !== w.roomId : w.revision !== null) refuse({ reason: 'not-found', what: 'thing that stays' });
    if ((before?.revision ?? null) !== w.revision) refuse({ reason: 'changed-elsewhere' });
    await upsertStay(sql, w.roomId, {
      id: w.stayId,
      name: w.stay,
      kind: w.kind,
      school: w.kind === 'fixed' ? 'share' : w.school,
      lies: w.lies,
      cover: w.cover,
    });
    await deleteComponents(sql, w.stayId);
    await insertComponents(sql, w.stayId, w.components);
    return w.stayId;
  },
  async 'stay.retire'(sql, w) {
    found(await retireStay(sql, w.stayId, w.roomId, w.retired), 'thing that stays');
  },
  async 'candidate.add'(sql, w) {
    await mustExist(sql, w.roomId);
    if (!(await findDeckColour(sql, w.deckColourId))) refuse({ reason: 'not-found', what: 'deck colour' });
    const rows = await upsertCandidate(sql, {
      id: w.candidateId,
      roomId: w.roomId,
      deckColourId: w.deckColourId,
      strength: w.strength,
    });
    return rows[0]!.id;
  },
  async 'candidate.retire'(sql, w) {
    found(await retireCandidate(sql, w.candidateId, w.roomId, w.retired), 'colour');
  },
  ...JUDGEMENT_HANDLERS,
  async 'deck.import'(sql, w, { id }) {
    for (const deck of w.decks) await storeDeck(sql, deck, { importId: id });
  },
};

const dispatch = <N extends WriteName>(sql: Sql, write: WriteOf<N>, stamp: Stamp) =>
  (HANDLERS[write.name as N] as Handler<N>)(sql, write, stamp);

/**
 * Journals and does one operation in one transaction: all of it or nothing. The same operation twice is done once.
 *
 * @param file what belongs to the operation and does not go into the journal: a picture
 */
export async function applyOperation(db: Database, operation: Operation, file?: Uint8Array): Promise<WriteResult> {
  try {
    return await db.transaction(async (sql) => {
      const fresh = await insertOperation(sql, operation);
      if (fresh.length === 0) return { ok: true, id: operation.id };
      const id = await dispatch(sql, operation.write, { id: operation.id, at: operation.at, file });
      return { ok: true, id: id ?? operation.id };
    });
  } catch (e) {
    if (e instanceof Refused) return { ok: false, ...e.refusal };
    const state = sqlState(e);
    if (state === UNIQUE_VIOLATION) return { ok: false, reason: 'already-there', what: operation.write.name };
    if (state === FOREIGN_KEY_VIOLATION) return { ok: false, reason: 'not-found', what: operation.write.name };
    throw e;
  }
}

const NOT_FROM_OUTSIDE: ReadonlySet<WriteName> = new Set(['deck.import', 'photo.add']);

/** Parses what came over the border and applies it. */
export async function applyUnknown(db: Database, input: unknown): Promise<WriteResult> {
  const parsed = operationSchema.safeParse(input);
  // decks come in through their preview, where every colour is checked; photographs through their upload, where they are cleaned
  if (parsed.success && NOT_FROM_OUTSIDE.has(parsed.data.write.name)) return { ok: false, reason: 'invalid', issues: [] };
  if (parsed.success) return applyOperation(db, parsed.data);
  const issues = parsed.error.issues.map((i) => ({ path: i.path.filter((p) => p !== 'write').join('.'), message: i.message }));
  return { ok: false, reason: 'invalid', issues };
}
