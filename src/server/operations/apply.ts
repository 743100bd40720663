import {
  operationSchema,
  type Operation,
  type WriteName,
  type WriteOf,
  type WriteRefusal,
  type WriteResult,
} from '@/core/formats/operations';
import { reflectanceFromLab } from '@/core/colour/reflectance';
import type { RecordedColour } from '@/core/record/types';
import { findCandidate, retireCandidate, upsertCandidate } from '@/data/candidates';
import { findDeckColour } from '@/data/decks';
import { insertLightReading, insertLightReadingUndo, lightReadingExists, setCalibrated } from '@/data/light-readings';
import { insertOperation } from '@/data/operations';
import { deleteLamps, deleteWindows, insertLamps, insertWindows, updateRoomLight } from '@/data/rooms';
import { FOREIGN_KEY_VIOLATION, sqlState, UNIQUE_VIOLATION, type Database, type Sql } from '@/data/sql';
import { deleteComponents, findStay, insertComponents, retireStay, upsertStay } from '@/data/stays';
import { insertRuling, insertVerdict, insertVerdictReason, insertVerdictUndo, verdictExists } from '@/data/verdicts';
import { countRooms, findVisit, insertRoom, insertVisit, renameRoom, retireRoom, roomExists, updateVisit } from '@/data/visits';
import { storeDeck } from '../deck/store-deck';
import { predictedVerdict } from './predict';

/** Thrown inside the transaction so that it rolls back; answered as a value. */
class Refused extends Error {
  readonly refusal: WriteRefusal;
  constructor(refusal: WriteRefusal) {
    super(refusal.reason);
    this.refusal = refusal;
  }
}
const refuse = (refusal: WriteRefusal): never => {
  throw new Refused(refusal);
};

type Stamp = { readonly id: string; readonly at: string };
type Handler<N extends WriteName> = (sql: Sql, write: WriteOf<N>, stamp: Stamp) => Promise<string | void>;

const mustExist = async (sql: Sql, roomId: string) => {
  if (!(await roomExists(sql, roomId))) refuse({ reason: 'not-found', what: 'room' });
};
const changed = (rows: readonly unknown[]) => {
  if (rows.length === 0) refuse({ reason: 'changed-elsewhere' });
};
const found = (rows: readonly unknown[], what: string) => {
  if (rows.length === 0) refuse({ reason: 'not-found', what });
};

/** Only colours that a surface can have are kept. */
function mustBeSurface(colour: RecordedColour | null, what: string) {
  if (colour && !reflectanceFromLab(colour.lab).ok) refuse({ reason: 'not-a-surface-colour', what });
}

async function mustBelong(sql: Sql, roomId: string, candidateId: string, stayId?: string) {
  const candidate = await findCandidate(sql, candidateId);
  if (candidate?.room_id !== roomId) refuse({ reason: 'not-found', what: 'colour' });
  if (stayId === undefined) return;
  const stay = await findStay(sql, stayId);
  if (stay?.room_id !== roomId) refuse({ reason: 'not-found', what: 'thing that stays' });
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
  async 'verdict.give'(sql, w, { id, at }) {
    await mustBelong(sql, w.roomId, w.candidateId, w.stayId);
    const predicted = await predictedVerdict(sql, w.candidateId, w.stayId);
    const { roomId, candidateId, stayId, light, person, verdict } = w;
    await insertVerdict(sql, { id, roomId, candidateId, stayId, light, person, verdict, predicted, at });
  },
  async 'verdict.reason'(sql, w, { id, at }) {
    if (!(await verdictExists(sql, w.verdictId, w.roomId))) refuse({ reason: 'not-found', what: 'verdict' });
    await insertVerdictReason(sql, { id, verdictId: w.verdictId, reason: w.reason, at });
  },
  async 'verdict.undo'(sql, w, { id, at }) {
    if (!(await verdictExists(sql, w.verdictId, w.roomId))) refuse({ reason: 'not-found', what: 'verdict' });
    await insertVerdictUndo(sql, { id, verdictId: w.verdictId, at });
  },
  async 'light.read'(sql, w, { id, at }) {
    await mustExist(sql, w.roomId);
    const { position, lux, cctK, computedLux, sky, lampsOn } = w;
    await insertLightReading(sql, w.roomId, { id, position, lux, cctK, computedLux, sky, lampsOn, at });
  },
  async 'light.unread'(sql, w, { id, at }) {
    if (!(await lightReadingExists(sql, w.readingId, w.roomId))) refuse({ reason: 'not-found', what: 'reading' });
    await insertLightReadingUndo(sql, { id, readingId: w.readingId, at });
  },
  async 'light.calibrate'(sql, w) {
    found(await setCalibrated(sql, w.roomId, w.on), 'room');
  },
  async 'deck.import'(sql, w, { id }) {
    for (const deck of w.decks) await storeDeck(sql, deck, { importId: id });
  },
  async 'ruling.set'(sql, w, { id, at }) {
    await mustBelong(sql, w.roomId, w.candidateId);
    await insertRuling(sql, { id, roomId: w.roomId, candidateId: w.candidateId, ruling: w.ruling, note: w.note, at });
  },
};

const dispatch = <N extends WriteName>(sql: Sql, write: WriteOf<N>, stamp: Stamp) =>
  (HANDLERS[write.name as N] as Handler<N>)(sql, write, stamp);

/** Journals and does one operation in one transaction: all of it or nothing. The same operation twice is done once. */
export async function applyOperation(db: Database, operation: Operation): Promise<WriteResult> {
  try {
    return await db.transaction(async (sql) => {
      const fresh = await insertOperation(sql, operation);
      if (fresh.length === 0) return { ok: true, id: operation.id };
      const id = await dispatch(sql, operation.write, operation);
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

/** Parses what came over the border and applies it. */
export async function applyUnknown(db: Database, input: unknown): Promise<WriteResult> {
  const parsed = operationSchema.safeParse(input);
  // decks come in through their preview only, where every colour is checked
  if (parsed.success && parsed.data.write.name === 'deck.import') return { ok: false, reason: 'invalid', issues: [] };
  if (parsed.success) return applyOperation(db, parsed.data);
  const issues = parsed.error.issues.map((i) => ({ path: i.path.filter((p) => p !== 'write').join('.'), message: i.message }));
  return { ok: false, reason: 'invalid', issues };
}
