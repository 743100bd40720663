import { room, verdict, visit } from '../../../tests/made-up-room';
import { writeSchema, type Operation, type WriteInput } from '../formats/operations';
import { withOperations } from './optimistic';
import type { Room, Visit } from './types';

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
const operation = (write: WriteInput): Operation => ({ id: id((n += 1)), at, write: writeSchema.parse(write) });
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
    expect(after(base(), operation({ name: 'light.calibrate', roomId: ROOM, on: true })).calibrated).toBe(true);
  });

  test('the schools are the visit’s', () => {
    const schools = operation({ name: 'visit.schools', visitId: id(9), dimWhite: 'never', fightingLight: 'embrace' });
    const shown = withOperations(base(), [schools]);
    expect(shown.schools).toEqual({ dimWhite: 'never', fightingLight: 'embrace' });
    expect(shown.rooms).toEqual(base().rooms);
  });

  test('a verdict carries what the core had computed, or what it computes now', () => {
    expect(after(base(), given).verdicts[0]!.predicted).toMatch(/^(works|nearly|no)$/);
    const said = { ...given, write: { ...given.write, predicted: 'no' } as Operation['write'] };
    expect(after(base(), said).verdicts[0]).toMatchObject({ predicted: 'no', verdict: 'nearly', reason: null });
  });

  test('another room and writes that are only shown once saved change nothing', () => {
    const before = base();
    const elsewhere = withOperations(before, [pick]);
    expect(elsewhere.rooms[1]).toBe(before.rooms[1]);
    const saved = operation({ name: 'scheme.retire', roomId: ROOM, schemeId: id(50), retired: true });
    expect(withOperations(before, [saved]).rooms[0]).toBe(before.rooms[0]);
  });

  test('what the server has by now leaves the room as it is, not a copy of it', () => {
    const stored = withOperations(base(), [pick, note, reading, given]);
    const again = withOperations(stored, [pick, note, reading, given]);
    expect(again.rooms[0]).toBe(stored.rooms[0]);
  });

  test('undoing what is not there changes no event', () => {
    const verdicts = [verdict()];
    const shown = after(base({ verdicts }), operation({ name: 'verdict.undo', roomId: ROOM, verdictId: id(77) }));
    expect(shown.verdicts).toEqual(verdicts);
  });
});
