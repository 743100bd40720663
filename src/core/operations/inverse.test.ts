import { v7 } from 'uuid';
import { seededRandom } from '@/core/base/random';
import { candidate } from '../../../tests/made-up-room';
import { operation, PLACE } from '../../../tests/made-up-writes';
import { draws, drawnWhole } from '../../../tests/random-writes';
import type { Room } from '@/core/record/room';
import { roomsOf, type Visit } from '@/core/record/visit';
import { inverseOf, stepNow } from './inverse';
import { isRefusal } from './operation';
import { outcomeOf, type Operation, type Write } from './operations';
import { newVisit } from './visit-create';

const [VISIT, HALL, DEN] = [v7(), v7(), v7()];
const begun = (): Visit => {
  const rooms = [
    { roomId: HALL, name: 'Hall' },
    { roomId: DEN, name: 'Den' },
  ];
  const created = operation({ name: 'visit.create', visitId: VISIT, label: 'Row 1', place: PLACE, units: 'metric', rooms });
  return newVisit(created.write as never, created);
};
/** What the server would have resolved. */
function resolved(write: Write): Write {
  if (write.name !== 'candidate.add') return write;
  const { id: _, deckColourId: __, strength: ___, ordinal: ____, ...facts } = candidate('c', write.strength);
  return { ...write, facts };
}

/** What a person sees of a visit: without revisions, and without what was taken out or back. */
function seen(visit: Visit) {
  const standing = <T extends { readonly undone: boolean }>(all: readonly T[]) => all.filter((one) => !one.undone);
  const room = (r: Room) => ({
    ...r,
    revision: 0,
    ordinal: 0,
    stays: r.stays.map((s) => ({ ...s, revision: 0 })),
    verdicts: standing(r.verdicts),
    intensities: standing(r.intensities),
    reactions: standing(r.reactions),
    picks: standing(r.picks),
    notes: standing(r.notes),
    readings: standing(r.readings),
    answers: standing(r.answers),
    decisions: standing(r.decisions),
    // what was signed stays signed
    signatures: undefined,
    rulings: [...new Map(r.rulings.map((one) => [one.candidateId, `${one.ruling} ${one.note}`]))]
      .filter(([, said]) => said !== 'null ')
      .sort(),
    retired: undefined,
  });
  // what was handed to the client is out of the house
  return { ...visit, revision: 0, rooms: visit.rooms.map(room), retiredRooms: undefined, hands: undefined };
}

const doneTo = (visit: Visit, write: Write | undefined): Visit => {
  if (!write) throw new Error('nothing to do');
  const outcome = outcomeOf(visit, operation(write));
  if (isRefusal(outcome)) throw new Error(`${write.name}: ${JSON.stringify(outcome)}`);
  return outcome;
};

test.each([1, 2, 3, 4, 5])('every operation is taken back and done again, whatever was before it (seed %d)', (seed) => {
  const d = draws(seededRandom(seed));
  let visit = begun();
  const tried = new Set<string>();
  for (let step = 0; step < 300; step++) {
    const given: Operation = operation(resolved(drawnWhole(d, visit, d.pick(roomsOf(visit)))));
    const after = outcomeOf(visit, given);
    if (isRefusal(after)) continue;
    const inverse = inverseOf(visit, after, given);
    if (inverse) {
      tried.add(given.write.name);
      const back = doneTo(after, stepNow(after, { to: inverse.undo, from: inverse.redo }));
      expect({ [given.write.name]: seen(back) }).toEqual({ [given.write.name]: seen(visit) });
      const again = doneTo(back, stepNow(back, { to: inverse.redo, from: inverse.undo }));
      expect({ [given.write.name]: seen(again) }).toEqual({ [given.write.name]: seen(after) });
    } else expect(seen(after)).toEqual(seen(visit));
    visit = after;
  }
  expect(tried.size).toBeGreaterThan(24);
});

test('what someone changed since is not taken back', () => {
  const visit = begun();
  const mine = operation({ name: 'room.wish', roomId: HALL, wish: 'warmer', words: '' });
  const after = outcomeOf(visit, mine) as Visit;
  const { undo, redo } = inverseOf(visit, after, mine)!;
  const theirs = outcomeOf(after, operation({ name: 'room.wish', roomId: HALL, wish: 'calmer', words: '' })) as Visit;
  expect(stepNow(theirs, { to: undo, from: redo })).toBeUndefined();
  expect(stepNow(after, { to: undo, from: redo })).toMatchObject({ wish: null });
});

test('a thing that was changed elsewhere in between is stated at its revision of now', () => {
  const visit = begun();
  const rename = operation({ name: 'room.rename', roomId: HALL, revision: 1, room: 'Entrance' });
  const after = outcomeOf(visit, rename) as Visit;
  const inverse = inverseOf(visit, after, rename)!;
  const light = operation({ name: 'room.light', roomId: HALL, revision: 2, windows: [], lamps: [], bearingDeg: 90 });
  const later = outcomeOf(after, light) as Visit;
  expect(stepNow(later, { to: inverse.undo, from: inverse.redo })).toMatchObject({ room: 'Hall', revision: 3 });
});

test('a visit begun cannot be taken back, and what changed nothing is no step', () => {
  const visit = begun();
  expect(inverseOf(visit, visit, operation({ name: 'light.calibrate', roomId: HALL, on: false }))).toBeUndefined();
});
