import type { Operation, WriteName, WriteOf } from '../formats/operations';
import { relationTo } from './room-record';
import type { Room, VerdictEvent, Visit } from './types';

type Stamp = { readonly id: string; readonly at: string };
type Change<N extends WriteName> = (room: Room, write: WriteOf<N>, stamp: Stamp) => Room;

const changeVerdict = (room: Room, verdictId: string, change: Partial<VerdictEvent>): Room => ({
  ...room,
  verdicts: room.verdicts.map((v) => (v.id === verdictId ? { ...v, ...change } : v)),
});

/** Adds an event unless it is there already: the server's answer may have come first. */
const added = <T extends { readonly id: string }>(all: readonly T[], event: T): readonly T[] =>
  all.some((e) => e.id === event.id) ? all : [...all, event];
const undone = <T extends { readonly id: string }>(all: readonly T[], id: string, isUndone = true): readonly T[] =>
  all.map((e) => (e.id === id ? { ...e, undone: isUndone } : e));

const giveVerdict: Change<'verdict.give'> = (room, write, { id, at }) => {
  const candidate = room.candidates.find((c) => c.id === write.candidateId);
  const stay = room.stays.find((s) => s.id === write.stayId);
  if (!candidate || !stay) return room;
  const predicted = write.predicted ?? relationTo(stay, candidate).verdict;
  const { candidateId, stayId, light, person, verdict, moment, firstGlanceMs } = write;
  const said = { candidateId, stayId, light, person, verdict, moment, firstGlanceMs };
  return { ...room, verdicts: added(room.verdicts, { id, at, ...said, predicted, reason: null, undone: false }) };
};

const addReading: Change<'light.read'> = (room, write, { id, at }) => {
  const { position, lux, cctK, computedLux, sky, lampsOn } = write;
  return { ...room, readings: added(room.readings, { id, at, position, lux, cctK, computedLux, sky, lampsOn, undone: false }) };
};

/** What each write changes in its room, for those that are shown before they are saved: all that is said on the bench and the record. */
const CHANGES: { readonly [N in WriteName]?: Change<N> } = {
  'verdict.give': giveVerdict,
  'verdict.reason': (room, write) => changeVerdict(room, write.verdictId, { reason: write.reason }),
  'verdict.undo': (room, write) => changeVerdict(room, write.verdictId, { undone: true }),
  'ruling.set': (room, { candidateId, ruling, note }, { id, at }) => ({
    ...room,
    rulings: added(room.rulings, { id, candidateId, ruling, note, at }),
  }),
  'pair.pick': (room, { chosenId, otherId }, { id, at }) => ({
    ...room,
    picks: added(room.picks, { id, chosenId, otherId, at, undone: false }),
  }),
  'pair.unpick': (room, write) => ({ ...room, picks: undone(room.picks, write.pickId) }),
  'note.add': (room, { candidateId, words }, { id, at }) => ({
    ...room,
    notes: added(room.notes, { id, candidateId, words, at, undone: false }),
  }),
  'note.remove': (room, write) => ({ ...room, notes: undone(room.notes, write.noteId, write.removed) }),
  'room.wish': (room, { wish, words }) => ({ ...room, wish, wishWords: words }),
  'light.read': addReading,
  'light.unread': (room, write) => ({ ...room, readings: undone(room.readings, write.readingId) }),
  'light.calibrate': (room, write) => ({ ...room, calibrated: write.on }),
};

function withEvent<N extends WriteName>(room: Room, write: WriteOf<N>, stamp: Stamp): Room {
  const change = CHANGES[write.name as N] as Change<N> | undefined;
  if (!change) return room;
  const next = change(room, write, stamp);
  // what was there already leaves the room as it was, so that nothing is drawn anew for it
  return (Object.keys(next) as (keyof Room)[]).every((part) => next[part] === room[part]) ? room : next;
}

/** The visit with operations that were just done here, saved or not yet; those it holds already change nothing. */
export function withOperations(visit: Visit, operations: readonly Operation[]): Visit {
  return operations.reduce((current, { id, at, write }) => {
    if (write.name === 'visit.schools')
      return { ...current, schools: { dimWhite: write.dimWhite, fightingLight: write.fightingLight } };
    if (!('roomId' in write)) return current;
    const { roomId } = write;
    return { ...current, rooms: current.rooms.map((room) => (room.id === roomId ? withEvent(room, write, { id, at }) : room)) };
  }, visit);
}
