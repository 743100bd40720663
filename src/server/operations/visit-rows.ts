import { setConsultantCard } from '@/data/consultant-card';
import { insertPracticeSet, setEyeSettings } from '@/data/eye';
import { renameMaker, retireMaker, setProductLines } from '@/data/decks';
import { inWalkingOrder } from '@/core/operations/room-order';
import { statedOf } from '@/core/operations/stated';
import { newVisit } from '@/core/operations/visit-create';
import { savedStay } from '@/core/operations/stay-save';
import { upsertRow } from '@/data/columns';
import { upsertCandidate } from '@/data/candidates';
import { setRetired, type Retirable } from '@/data/retire';
import {
  countRooms,
  insertRoom,
  listRooms,
  nextRoomOrdinal,
  orderRooms,
  replaceLamps,
  replaceWindows,
  updateRoom,
  visitOfRoom,
} from '@/data/rooms';
import { countLooks, insertHand } from '@/data/looks';
import { findPictureRow } from '@/data/photos';
import type { Sql } from '@/data/sql';
import { findStay, nextStayOrdinal, replaceComponents } from '@/data/stays';
import { insertVisit, setPeople, updateVisit } from '@/data/visits';
import { storeDeck } from '../deck/store-deck';
import { changed, found, refuse, type RowsOf } from './refuse';

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
  | 'eye.practise'
  | 'eye.set'
> = {
  async 'visit.create'(sql, w, stamp) {
    const visit = newVisit(w, stamp);
    await insertVisit(sql, visit);
    for (const room of visit.rooms) await insertRoom(sql, visit.id, room);
  },
  async 'visit.edit'(sql, { name: _, visitId: id, revision, ...said }) {
    changed(await updateVisit(sql, { id, revision }, said));
  },
  async 'visit.schools'(sql, { name: _, visitId: id, ...schools }) {
    await updateVisit(sql, { id }, { schools });
  },
  async 'visit.brief'(sql, { name: _, visitId: id, ...said }) {
    await updateVisit(sql, { id }, statedOf(said));
  },
  async 'visit.shelve'(sql, { visitId: id, shelf }) {
    await updateVisit(sql, { id }, { shelf });
  },
  async 'visit.people'(sql, { name: _, visitId, ...said }) {
    await setPeople(sql, visitId, statedOf(said));
  },
  async 'visit.plan'(sql, { visitId: id, plan }) {
    await updateVisit(sql, { id }, { plan });
  },
  async 'visit.habits'(sql, { visitId: id, habits }) {
    await updateVisit(sql, { id }, { habits });
  },
  async 'visit.supply'(sql, { visitId: id, supply }) {
    await updateVisit(sql, { id }, { supply });
  },
  async 'look.hand'(sql, { visitId, handId: id, key, lookIds }, { at }) {
    found((await countLooks(sql, visitId, lookIds)) === new Set(lookIds).size, 'look');
    await insertHand(sql, visitId, { id, key, lookIds, at });
  },
  async 'room.add'(sql, { roomId: id, room: name, visitId }) {
    await insertRoom(sql, visitId, { id, name, ordinal: await nextRoomOrdinal(sql, visitId) });
  },
  async 'room.rename'(sql, { roomId: id, revision, room: name }) {
    changed(await updateRoom(sql, { id, revision }, { name }));
  },
  async 'room.retire'(sql, { roomId: id, retired }) {
    await updateRoom(sql, { id }, { retired });
    if ((await countRooms(sql, (await visitOfRoom(sql, id))!)) === 0) refuse({ reason: 'last-room' });
  },
  async 'room.light'(sql, { name: _, roomId: id, revision, windows, lamps, ...light }) {
    changed(await updateRoom(sql, { id, revision }, light));
    await replaceWindows(sql, id, windows);
    await replaceLamps(sql, id, lamps);
  },
  async 'room.wish'(sql, { roomId: id, wish, more, words }) {
    await updateRoom(sql, { id }, { wish, moreWishes: more, wishWords: words });
  },
  async 'room.use'(sql, { name: _, roomId: id, ...said }) {
    await updateRoom(sql, { id }, said);
  },
  async 'room.brief'(sql, { name: _, roomId: id, ...said }) {
    await updateRoom(sql, { id }, statedOf(said));
  },
  async 'room.paintwork'(sql, { roomId: id, paintwork }) {
    await updateRoom(sql, { id }, { paintwork });
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
    const before = await findStay(sql, w.stayId);
    found(before ? before.roomId === w.roomId : w.revision === null, 'thing that stays');
    if ((before?.revision ?? null) !== w.revision) refuse({ reason: 'changed-elsewhere' });
    const { components, ...stay } = savedStay(w);
    const ordinal = before?.ordinal ?? (await nextStayOrdinal(sql, w.roomId));
    const [revision, retired] = [(before?.revision ?? 0) + 1, before?.retired ?? false];
    await upsertRow(sql, 'stay', { ...stay, roomId: w.roomId, revision, ordinal, retired });
    await replaceComponents(sql, w.stayId, components);
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
  async 'eye.practise'(sql, { exercise, answers }, { id, at }) {
    await insertPracticeSet(sql, { id, at, exercise, answers });
  },
  async 'eye.set'(sql, { name: _, ...said }) {
    await setEyeSettings(sql, statedOf(said));
  },
  async 'deck.import'(sql, w, { id }) {
    for (const deck of w.decks) await storeDeck(sql, deck, { importId: id });
  },
};
