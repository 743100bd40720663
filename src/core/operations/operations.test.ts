import { room, verdict, visit } from '../../../tests/made-up-room';
import type { Room } from '@/core/record/room';
import type { Visit } from '@/core/record/visit';
import { isRefusal } from './operation';
import { OPERATION_VERSION, outcomeOf, withOperations, writeSchema, type Operation, type WriteInput } from './operations';
import { readOperation } from './upgrade';

const id = (n: number) => `0190c5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const ROOM = id(1);
const [FULL, WEAK, FLOOR] = [id(2), id(3), id(4)];
const at = '2026-09-23T12:30:00.000Z';

/** The made-up room under ids that a write may have. */
const base = (more: Partial<Room> = {}): Visit => {
  const { candidates, stays, ...rest } = room();
  const [full, weak] = candidates;
  const here: Room = {
    ...rest,
    id: ROOM,
    candidates: [
      { ...full!, id: FULL },
      { ...weak!, id: WEAK },
    ],
    stays: [{ ...stays[0]!, id: FLOOR }],
    ...more,
  };
  return { ...visit(), id: id(9), rooms: [here, { ...here, id: id(8) }] };
};

let n = 100;
const operation = (write: WriteInput): Operation => ({
  id: id((n += 1)),
  version: OPERATION_VERSION,
  at,
  write: writeSchema.parse(write),
});
const after = (from: Visit, ...operations: Operation[]) => withOperations(from, operations).rooms[0]!;

const pick = operation({ name: 'pair.pick', roomId: ROOM, chosenId: WEAK, otherId: FULL });
const note = operation({ name: 'note.add', roomId: ROOM, candidateId: null, words: ' Curtains stay. ' });
const reading = operation({
  name: 'light.read',
  roomId: ROOM,
  position: 'wall-2',
  lux: 320,
  cctK: null,
  computedLux: 300,
  sky: 'overcast',
  lampsOn: false,
});
const given = operation({
  name: 'verdict.give',
  roomId: ROOM,
  candidateId: FULL,
  stayId: FLOOR,
  light: 'overcast',
  person: 'consultant',
  verdict: 'nearly',
});

describe('what is shown before it is saved', () => {
  test('events are added and taken back, and stay in the list', () => {
    const shown = after(base(), pick, note, reading);
    expect(shown.picks).toMatchObject([{ id: pick.id, chosenId: WEAK, otherId: FULL, undone: false }]);
    expect(shown.notes).toMatchObject([{ id: note.id, words: 'Curtains stay.', undone: false }]);
    expect(shown.readings).toMatchObject([{ id: reading.id, lux: 320, undone: false }]);
    const back = after(
      base(),
      pick,
      note,
      reading,
      operation({ name: 'pair.unpick', roomId: ROOM, pickId: pick.id }),
      operation({ name: 'note.remove', roomId: ROOM, noteId: note.id, removed: true }),
      operation({ name: 'light.unread', roomId: ROOM, readingId: reading.id }),
    );
    expect([...back.picks, ...back.notes, ...back.readings].map((e) => e.undone)).toEqual([true, true, true]);
  });

  test('a note that is put back is as it was', () => {
    const removal = (removed: boolean) => operation({ name: 'note.remove', roomId: ROOM, noteId: note.id, removed });
    expect(after(base(), note, removal(true), removal(false)).notes).toEqual(after(base(), note).notes);
    const once = after(base(), note, removal(true)).notes;
    expect(after(base(), note, removal(true), removal(true)).notes).toEqual(once);
    expect(once[0]!.undone).toBe(true);
  });

  test('what a room is set to follows the last write', () => {
    const wish = (words: string) => operation({ name: 'room.wish', roomId: ROOM, wish: 'calmer', words });
    expect(after(base(), wish('less yellow'), wish('quiet'))).toMatchObject({ wish: 'calmer', wishWords: 'quiet' });
    expect(after(base(), operation({ name: 'room.use', roomId: ROOM, use: 'day', kind: 'study' }))).toMatchObject({
      use: 'day',
      kind: 'study',
    });
    expect(after(base(), operation({ name: 'light.calibrate', roomId: ROOM, on: true })).calibrated).toBe(true);
  });

  test('the schools are the visit’s', () => {
    const schools = operation({ name: 'visit.schools', visitId: id(9), dimWhite: 'never', fightingLight: 'embrace' });
    const shown = withOperations(base(), [schools]);
    expect(shown.schools).toEqual({ dimWhite: 'never', fightingLight: 'embrace' });
    expect(shown.rooms).toEqual(base().rooms);
  });

  test('a verdict carries what had been predicted, and where', () => {
    expect(after(base(), given).verdicts[0]).toMatchObject({ predicted: null, predictedIn: null });
    const said = operation({ ...(given.write as WriteInput & { name: 'verdict.give' }), predicted: 'no', predictedIn: 'light' });
    expect(after(base(), said).verdicts[0]).toMatchObject({
      predicted: 'no',
      predictedIn: 'light',
      verdict: 'nearly',
      reason: null,
    });
    expect(writeSchema.safeParse({ ...given.write, predicted: 'no' }).success).toBe(false);
  });

  test('another room is left as it is, the same object', () => {
    const before = base();
    expect(withOperations(before, [pick]).rooms[1]).toBe(before.rooms[1]);
  });

  test('what the server has by now leaves the room as it is, not a copy of it', () => {
    const stored = withOperations(base(), [pick, note, reading, given]);
    const again = withOperations(stored, [pick, note, reading, given]);
    expect(again.rooms[0]).toBe(stored.rooms[0]);
  });

  test('what cannot be is refused with its reason and changes nothing', () => {
    const before = base({ verdicts: [verdict()] });
    const refused = (write: WriteInput) => {
      const outcome = outcomeOf(before, operation(write));
      if (!isRefusal(outcome)) throw new Error('not refused');
      return outcome;
    };
    expect(refused({ name: 'verdict.undo', roomId: ROOM, verdictId: id(77) })).toEqual({ reason: 'not-found', what: 'verdict' });
    expect(refused({ name: 'verdict.undo', roomId: id(70), verdictId: id(77) })).toEqual({ reason: 'not-found', what: 'room' });
    expect(refused({ name: 'room.rename', roomId: ROOM, revision: 9, room: 'Den' })).toEqual({ reason: 'changed-elsewhere' });
    expect(refused({ name: 'pair.pick', roomId: ROOM, chosenId: FULL, otherId: FULL })).toEqual({
      reason: 'not-found',
      what: 'other colour',
    });
    const gone = operation({ ...(given.write as WriteInput & { name: 'verdict.give' }), candidateId: id(78) });
    expect(withOperations(before, [gone])).toEqual(before);
  });

  test('the last room stays; a room taken off comes back to its place', () => {
    const retire = (roomId: string, retired: boolean) => operation({ name: 'room.retire', roomId, retired });
    const both = base();
    const rooms = [
      { ...both.rooms[0]!, ordinal: 1 },
      { ...both.rooms[1]!, ordinal: 2 },
    ];
    const one = withOperations({ ...both, rooms }, [retire(ROOM, true)]);
    expect(one.rooms.map((r) => r.id)).toEqual([id(8)]);
    expect(outcomeOf(one, retire(id(8), true))).toEqual({ reason: 'last-room' });
    expect(withOperations(one, [retire(ROOM, false)]).rooms.map((r) => r.id)).toEqual([ROOM, id(8)]);
  });
});

describe('operations of earlier versions', () => {
  const moment = { at, sky: 'overcast', lampsOn: false, position: 'wall-2' };
  const old = (more: object) => ({ id: id(1), at, write: { ...given.write, ...more } });

  test('the light of an old verdict follows its moment, and its prediction, which did not say where it was made, is left out', () => {
    const read = readOperation(old({ light: 'window-day', moment, predicted: 'no', predictedIn: undefined }));
    expect(read.data).toMatchObject({
      version: 1,
      write: { light: 'overcast', moment: { ...moment, lux: null }, predicted: null, predictedIn: null },
    });
  });

  test('what is written now is read as it is, and nonsense is refused', () => {
    expect(readOperation(given)).toEqual({ success: true, data: given });
    for (const nonsense of [null, 7, 'drop table visit', [], {}, { write: {} }, { ...given, version: 2 }])
      expect(readOperation(nonsense).success).toBe(false);
  });
});

describe('the light of a verdict', () => {
  const give = (light: string, moment: object | null) => writeSchema.safeParse({ ...given.write, light, moment }).success;
  const seen = { at, sky: 'overcast', lampsOn: false, position: 'wall-2', lux: 300 };

  test.each([
    ['overcast', seen, true],
    ['window-day', seen, false],
    ['window-day', { ...seen, sky: 'broken' }, true],
    ['lamps', { ...seen, lampsOn: true }, true],
    ['window-day', { ...seen, lampsOn: true }, false],
    ['window-day', { ...seen, sky: 'clear', lux: 0 }, false],
    ['lamps', { ...seen, lux: 0, lampsOn: true }, true],
    ['window-day', { ...seen, sky: 'clear', lux: null }, true],
    ['window-day', null, true],
  ])('%s at %j is taken: %s', (light, moment, taken) => expect(give(light, moment)).toBe(taken));
});
