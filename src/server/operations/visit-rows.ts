import { setConsultantCard } from '@/data/consultant-card';
import { renameMaker, retireMaker, setProductLines } from '@/data/decks';
import { inWalkingOrder } from '@/core/operations/room-order';
import { statedOf } from '@/core/operations/stated';
import { newVisit } from '@/core/operations/visit-create';
import { savedStay } from '@/core/operations/stay-save';
import { isSurfaceColour, type RecordedColour } from '@/core/record/recorded-colour';
import { upsertCandidate } from '@/data/candidates';
import { setRetired, type Retirable } from '@/data/retire';
import {
  countRooms,
  insertRoom,
  listRooms,
  nextRoomOrdinal,
  orderRooms,
  renameRoom,
  replaceLamps,
  replaceWindows,
  retireRoom,
  setPaintwork,
  setRoomBrief,
  setUse,
  setWish,
  updateRoomLight,
  visitOfRoom,
} from '@/data/rooms';
import { countLooks, insertHand } from '@/data/looks';
import { findPictureRow } from '@/data/photos';
import type { Sql } from '@/data/sql';
import { findStay, replaceComponents, upsertStay } from '@/data/stays';
import {
  insertVisit,
  setHabits,
  setSchools,
  updateVisit,
  setPeople,
  setPlan,
  setShelf,
  setSupply,
  setVisitBrief,
} from '@/data/visits';
import { storeDeck } from '../deck/store-deck';
import { changed, found, refuse, type RowsOf } from './refuse';

/** Only colours that a surface can have are kept. */
function mustBeSurface(colour: RecordedColour | null, what: string) {
  if (colour && !isSurfaceColour(colour)) refuse({ reason: 'not-a-surface-colour', what });
}

async function retire(sql: Sql, table: Retirable, row: Parameters<typeof setRetired>[2], what: string) {
  found(await setRetired(sql, table, row), what);
}

/** Operations on the visit, its rooms, and what is in them. */
export const VISIT_ROWS: RowsOf<
  | 'visit.create'
  | 'visit.edit'
  | 'visit.schools'
  | 'visit.brief'
  | 'visit.shelve'
  | 'visit.people'
  | 'visit.plan'
  | 'visit.supply'
  | 'visit.habits'
  | 'look.hand'
  | 'room.add'
  | 'room.rename'
  | 'room.retire'
  | 'room.light'
  | 'room.wish'
  | 'room.use'
  | 'room.brief'
  | 'room.paintwork'
  | 'room.order'
  | 'stay.save'
  | 'stay.retire'
  | 'candidate.add'
  | 'candidate.retire'
  | 'deck.import'
  | 'deck.products'
  | 'deck.rename'
  | 'deck.retire'
  | 'consultant.card'
> = {
  async 'visit.create'(sql, w, stamp) {
    const visit = newVisit(w, stamp);
    await insertVisit(sql, visit);
    for (const room of visit.rooms) await insertRoom(sql, visit.id, room);
  },
  async 'visit.edit'(sql, w) {
    changed(await updateVisit(sql, { ...w, id: w.visitId }));
  },
  async 'visit.schools'(sql, w) {
    await setSchools(sql, w.visitId, w);
  },
  async 'visit.brief'(sql, { name: _, visitId, ...said }) {
    await setVisitBrief(sql, visitId, said);
  },
  async 'visit.shelve'(sql, w) {
    await setShelf(sql, w.visitId, w.shelf);
  },
  async 'visit.people'(sql, { name: _, visitId, ...said }) {
    await setPeople(sql, visitId, statedOf(said));
  },
  async 'visit.plan'(sql, w) {
    await setPlan(sql, w.visitId, w.plan);
  },
  async 'visit.habits'(sql, w) {
    await setHabits(sql, w.visitId, w.habits);
  },
  async 'visit.supply'(sql, w) {
    await setSupply(sql, w.visitId, w.supply);
  },
  async 'look.hand'(sql, { visitId, handId: id, key, lookIds }, { at }) {
    found((await countLooks(sql, visitId, lookIds)) === new Set(lookIds).size, 'look');
    await insertHand(sql, visitId, { id, key, lookIds, at });
  },
  async 'room.add'(sql, { roomId: id, room: name, visitId }) {
    await insertRoom(sql, visitId, { id, name, ordinal: await nextRoomOrdinal(sql, visitId) });
  },
  async 'room.rename'(sql, w) {
    changed(await renameRoom(sql, { id: w.roomId, revision: w.revision, name: w.room }));
  },
  async 'room.retire'(sql, w) {
    await retireRoom(sql, w.roomId, w.retired);
    if ((await countRooms(sql, (await visitOfRoom(sql, w.roomId))!)) === 0) refuse({ reason: 'last-room' });
  },
  async 'room.light'(sql, w) {
    mustBeSurface(w.oldWall, 'existing wall colour');
    mustBeSurface(w.ceiling, 'ceiling');
    changed(await updateRoomLight(sql, { id: w.roomId, revision: w.revision }, w));
    await replaceWindows(sql, w.roomId, w.windows);
    await replaceLamps(sql, w.roomId, w.lamps);
  },
  async 'room.wish'(sql, w) {
    await setWish(sql, { id: w.roomId, wish: w.wish, moreWishes: w.more, wishWords: w.words });
  },
  async 'room.use'(sql, w) {
    await setUse(sql, { id: w.roomId, use: w.use, kind: w.kind });
  },
  async 'room.brief'(sql, { name: _, roomId, ...said }) {
    await setRoomBrief(sql, roomId, said);
  },
  async 'room.paintwork'(sql, w) {
    await setPaintwork(sql, w.roomId, w.paintwork);
  },
  async 'room.order'(sql, w) {
    const rooms = await listRooms(sql, w.visitId);
    found(
      w.roomIds.every((id) => rooms.some((r) => r.id === id)),
      'room',
    );
    await orderRooms(sql, inWalkingOrder(rooms, w.roomIds));
  },
  async 'stay.save'(sql, w) {
    for (const component of w.components) mustBeSurface(component.colour, component.name);
    const before = await findStay(sql, w.stayId);
    found(before ? before.roomId === w.roomId : w.revision === null, 'thing that stays');
    if ((before?.revision ?? null) !== w.revision) refuse({ reason: 'changed-elsewhere' });
    await upsertStay(sql, w.roomId, savedStay(w));
    await replaceComponents(sql, w.stayId, w.components);
  },
  async 'stay.retire'(sql, w) {
    await retire(sql, 'stay', { id: w.stayId, ...w }, 'thing that stays');
  },
  async 'candidate.add'(sql, w) {
    await upsertCandidate(sql, { id: w.candidateId, ...w });
  },
  async 'candidate.retire'(sql, w) {
    await retire(sql, 'candidate', { id: w.candidateId, ...w }, 'colour');
  },
  async 'deck.products'(sql, w) {
    found((await setProductLines(sql, w.makerId, w.products)).length > 0, 'deck');
  },
  async 'deck.rename'(sql, w) {
    found((await renameMaker(sql, w.makerId, w.called)).length > 0, 'deck');
  },
  async 'deck.retire'(sql, w) {
    found((await retireMaker(sql, w.makerId, w.retired)).length > 0, 'deck');
  },
  async 'consultant.card'(sql, { name: _, ...said }) {
    if (said.logo) found((await findPictureRow(sql, said.logo)) !== undefined, 'picture');
    await setConsultantCard(sql, statedOf(said));
  },
  async 'deck.import'(sql, w, { id }) {
    for (const deck of w.decks) await storeDeck(sql, deck, { importId: id });
  },
};
