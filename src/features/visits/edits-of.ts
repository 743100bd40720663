import { isRefusal } from '@/core/operations/operation';
import { OPERATION_VERSION, outcomeOf, type Write, type WriteOf } from '@/core/operations/operations';
import { roomsOf, type Visit } from '@/core/record/visit';
import { sameValue } from '@/core/base/same-value';

type Form = Pick<WriteOf<'visit.create'>, 'label' | 'place' | 'units' | 'rooms'>;

/** The rooms of a visit as the form has them now: those it adds, renames, takes off and brings back. */
function roomEdits(visit: Visit, { rooms }: Form): Write[] {
  const edits = rooms.flatMap(({ roomId, name: room }): Write[] => {
    const known = roomsOf(visit).find((r) => r.id === roomId);
    if (!known) return [{ name: 'room.add', visitId: visit.id, roomId, room }];
    const back: Write[] = visit.retiredRooms.includes(known) ? [{ name: 'room.retire', roomId, retired: false }] : [];
    return known.name === room ? back : [...back, { name: 'room.rename', roomId, revision: known.revision, room }];
  });
  const off = visit.rooms.filter((r) => !rooms.some(({ roomId }) => roomId === r.id));
  return [...edits, ...off.map(({ id: roomId }): Write => ({ name: 'room.retire', roomId, retired: true }))];
}

/**
 * What makes of a visit that was written the one a form says now. What was written first may be saved already, its answer lost: it is never
 * written otherwise under the same id, but changed by what follows it.
 */
export function editsOf(visit: Visit, { label, place, units, rooms }: Form): Write[] {
  const head = { label, place, units };
  const same = sameValue(head, { label: visit.label, place: visit.place, units: visit.units });
  const edits: Write[] = same ? [] : [{ name: 'visit.edit', visitId: visit.id, revision: visit.revision, ...head }];
  return [...edits, ...roomEdits(visit, { ...head, rooms })];
}

/** The visit after such edits. */
export const afterEdits = (visit: Visit, edits: readonly Write[]): Visit =>
  edits.reduce((current, write) => {
    const outcome = outcomeOf(current, { id: '', version: OPERATION_VERSION, at: current.createdAt, write });
    return isRefusal(outcome) ? current : outcome;
  }, visit);
