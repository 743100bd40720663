import { paintworkSchema } from '../record/paintwork';
import { candidate, room, roomWindow } from '../../../tests/made-up-room';
import { AS_DECIDED, dressOf } from './standing-dress';

const DOOR = '0197f3a0-0000-7000-8000-0000000000d1';
const trim = {
  ...room().stays[0]!,
  id: 'trim',
  name: 'Skirting',
  thing: 'trim' as const,
};
const made = room({
  widthM: 4,
  depthM: 5,
  heightM: 2.6,
  windows: [roomWindow({ wall: 0, leftM: 1, sillM: 0.9, widthM: 1.2, heightM: 1.3 })],
  stays: [trim],
  candidates: [candidate('c1', 100), candidate('c2', 50)],
  paintwork: paintworkSchema.parse({
    skirtingM: 0.15,
    doors: [{ id: DOOR, wall: 2, leftM: 1, widthM: 0.8, heightM: 2 }],
  }),
});
const partsOn = (wall: number, tried = { walls: '', half: '' }) => dressOf(made, tried).parts.filter((p) => p.wall === wall);

test('skirting runs along the walls but where a door stands, and casings stand around what is in them', () => {
  expect(partsOn(1).map((p) => p.rect)).toEqual([{ s0: 0, s1: 5, z0: 0, z1: 0.15 }]);
  const byDoor = partsOn(2).map((p) => p.rect);
  expect(byDoor.slice(0, 2)).toEqual([
    { s0: 0, s1: 1, z0: 0, z1: 0.15 },
    { s0: 1.8, s1: 4, z0: 0, z1: 0.15 },
  ]);
  // two sides and a head, then the leaf
  expect(byDoor).toHaveLength(2 + 3 + 1);
  expect(byDoor.at(-1)).toEqual({ s0: 1, s1: 1.8, z0: 0, z1: 2 });
  // a window has a casing below too
  expect(partsOn(0)).toHaveLength(1 + 4);
});

test('walls are as they are, as decided, or in a colour; half of each may have another', () => {
  expect(dressOf(made, { walls: '', half: '' }).walls).toEqual([null, null, null, null]);
  expect(dressOf(made, { walls: AS_DECIDED, half: '' }).walls).toEqual([null, null, null, null]);
  const all = dressOf(made, { walls: 'c1', half: 'c2' });
  expect(all.walls.map((w) => w?.id)).toEqual(['c1', 'c1', 'c1', 'c1']);
  const [half] = all.parts.filter((p) => p.wall === 1);
  expect(half).toMatchObject({ rect: { s0: 2.5, s1: 5, z0: 0, z1: 2.6 }, swatch: { id: 'c2' } });
});

test('what nobody knows is not drawn apart', () => {
  expect(dressOf({ ...made, stays: [] }, { walls: '', half: '' }).parts).toEqual([]);
});
