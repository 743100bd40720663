import { decision, WALL_SURFACES } from '../../../tests/made-up-decision';
import { candidate, room } from '../../../tests/made-up-room';
import { paintworkSchema, roomDoorSchema } from '../record/paintwork';
import type { Room } from '../record/room';
import { housePaper } from './house-paper';

const id = (k: number) => `01a217f3-80e9-7106-930d-00000000000${k}`;
const box = (k: number, name: string, more: Partial<Room> = {}) =>
  room({ id: id(k), name, widthM: 4, depthM: 4, heightM: 2.5, bearingDeg: null, windows: [], ...more });
const painted = (more: object = {}) => ({
  candidates: [{ ...candidate('c', 100), ...more }],
  decisions: [decision(WALL_SURFACES, { candidateId: 'c' })],
});
const leadsTo = (k: number, toRoomId: string) => ({
  paintwork: { ...paintworkSchema.parse({}), doors: [roomDoorSchema.parse({ id: id(k), wall: 1, leftM: 1.5, toRoomId })] },
});

test('two decided rooms with a door: bands, a plan, both ways through the door, and what runs through', () => {
  const paper = housePaper([
    box(1, 'Hall', { ...painted(), ...leadsTo(7, id(2)) }),
    box(2, 'Kitchen', painted()),
    box(3, 'Attic'),
  ])!;
  expect(paper.strips.map((s) => [s.room, s.says, s.wall !== null])).toEqual([
    ['Hall', 'Test Shell 100 %', true],
    ['Kitchen', 'Test Shell 100 %', true],
    ['Attic', 'not decided', false],
  ]);
  expect(paper.sights.map((s) => [s.says.replace('the middle of ', ''), s.kind])).toEqual([
    ['From the hall into the kitchen', 'runs-on'],
    ['From the kitchen into the hall', 'runs-on'],
  ]);
  expect(paper.runs).toEqual([{ hex: expect.stringMatching(/^#/), says: 'Test Shell 100 %: Hall, Kitchen' }]);
  // two rooms of 4 m touch, the third stands a metre off
  expect(paper.plan).toMatchObject({ width: 13, height: expect.any(Number) });
  expect(paper.plan!.rooms).toHaveLength(3);
  expect(paper.plan!.doors).toHaveLength(2);
});

test('the doorway that breaks comes first', () => {
  const pink = { deckColourId: 'P', name: 'Pink', lab: { l: 80, a: 8, b: 10 } };
  const green = { deckColourId: 'G', name: 'Green', lab: { l: 78, a: -4, b: 12 } };
  const hall = box(1, 'Hall', {
    ...painted(green),
    paintwork: {
      ...paintworkSchema.parse({}),
      doors: [
        roomDoorSchema.parse({ id: id(7), wall: 1, leftM: 1.5, toRoomId: id(2) }),
        roomDoorSchema.parse({ id: id(8), wall: 3, leftM: 1.5, toRoomId: id(3) }),
      ],
    },
  });
  const { sights, runs } = housePaper([hall, box(2, 'Kitchen', painted(green)), box(3, 'Study', painted(pink))])!;
  expect(sights[0]).toMatchObject({ kind: 'clash' });
  expect(sights[0]!.says).toContain('study');
  expect(runs.map((r) => r.says)).toEqual(['Green 100 %: Hall, Kitchen']);
});

test('a house of one decided room has no page; rooms that nobody joined have no plan', () => {
  expect(housePaper([box(1, 'Hall', painted()), box(2, 'Kitchen')])).toBeNull();
  expect(housePaper([])).toBeNull();
  expect(housePaper([box(1, 'Hall', painted()), box(2, 'Kitchen', painted())])!.plan).toBeNull();
});
