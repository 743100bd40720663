import type { Operation, WriteOf } from '../formats/operations';
import { relationTo } from './room-record';
import type { Room, VerdictEvent, Visit } from './types';

/** The writes that are shown before they are saved: everything said on the bench and the record, and light read off a meter. */
export const EVENT_WRITES = [
  'verdict.give',
  'verdict.reason',
  'verdict.undo',
  'ruling.set',
  'light.read',
  'light.unread',
  'light.calibrate',
] as const;

function giveVerdict(room: Room, { id, at, write }: Operation): Room {
  if (write.name !== 'verdict.give' || room.verdicts.some((v) => v.id === id)) return room;
  const candidate = room.candidates.find((c) => c.id === write.candidateId);
  const stay = room.stays.find((s) => s.id === write.stayId);
  if (!candidate || !stay) return room;
  const { candidateId, stayId, light, person, verdict } = write;
  const predicted = relationTo(stay, candidate).verdict;
  const event: VerdictEvent = { id, at, candidateId, stayId, light, person, verdict, predicted, reason: null, undone: false };
  return { ...room, verdicts: [...room.verdicts, event] };
}

const changeVerdict = (room: Room, verdictId: string, change: Partial<VerdictEvent>): Room => ({
  ...room,
  verdicts: room.verdicts.map((v) => (v.id === verdictId ? { ...v, ...change } : v)),
});

function addReading(room: Room, id: string, at: string, write: WriteOf<'light.read'>): Room {
  if (room.readings.some((r) => r.id === id)) return room;
  const { position, lux, cctK, computedLux, sky, lampsOn } = write;
  return { ...room, readings: [...room.readings, { id, at, position, lux, cctK, computedLux, sky, lampsOn, undone: false }] };
}

function withEvent(room: Room, operation: Operation): Room {
  const { id, at, write } = operation;
  switch (write.name) {
    case 'verdict.give':
      return giveVerdict(room, operation);
    case 'verdict.reason':
      return changeVerdict(room, write.verdictId, { reason: write.reason });
    case 'verdict.undo':
      return changeVerdict(room, write.verdictId, { undone: true });
    case 'ruling.set': {
      if (room.rulings.some((r) => r.id === id)) return room;
      const { candidateId, ruling, note } = write;
      return { ...room, rulings: [...room.rulings, { id, candidateId, ruling, note, at }] };
    }
    case 'light.read':
      return addReading(room, id, at, write);
    case 'light.unread':
      return { ...room, readings: room.readings.map((r) => (r.id === write.readingId ? { ...r, undone: true } : r)) };
    case 'light.calibrate':
      return { ...room, calibrated: write.on };
    default:
      return room;
  }
}

/** The visit with operations that were just done here, saved or not yet; those it holds already change nothing. */
export function withOperations(visit: Visit, operations: readonly Operation[]): Visit {
  return operations.reduce((current, operation) => {
    if (!('roomId' in operation.write)) return current;
    const { roomId } = operation.write;
    return { ...current, rooms: current.rooms.map((room) => (room.id === roomId ? withEvent(room, operation) : room)) };
  }, visit);
}
