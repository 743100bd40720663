import { paintworkSchema } from '../record/paintwork';
import { candidate, room, roomWindow, scheme } from '../../../tests/made-up-room';
import { AS_DECIDED, dressOf, schemeChoice, type Tried } from './standing-dress';

const AS_IS: Tried = { walls: '', half: '', stays: true };

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
const partsOn = (wall: number, tried: Tried = AS_IS) => dressOf(made, tried).parts.filter((p) => p.wall === wall);

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
  expect(dressOf(made, AS_IS).walls).toEqual([null, null, null, null]);
  expect(dressOf(made, { ...AS_IS, walls: AS_DECIDED }).walls).toEqual([null, null, null, null]);
  const all = dressOf(made, { ...AS_IS, walls: 'c1', half: 'c2' });
  expect(all.walls.map((w) => w?.id)).toEqual(['c1', 'c1', 'c1', 'c1']);
  const [half] = all.parts.filter((p) => p.wall === 1);
  expect(half).toMatchObject({ rect: { s0: 2.5, s1: 5, z0: 0, z1: 2.6 }, covering: { swatches: [{ id: 'c2' }] }, layer: 'half' });
});

test('what nobody knows is not drawn apart', () => {
  expect(dressOf({ ...made, stays: [] }, AS_IS).parts).toEqual([]);
});

test('a scheme puts each of its colours where it belongs', () => {
  const picked = scheme({ wallId: 'c1', trimId: 'c2', parts: [{ part: 'focal', candidateId: 'c2', lab: null }] });
  const dress = dressOf({ ...made, schemes: [picked] }, { ...AS_IS, walls: schemeChoice(picked.id) });
  const on = dress.walls.map((w) => w?.id);
  expect(on.filter((id) => id === 'c1')).toHaveLength(3);
  expect(on.filter((id) => id === 'c2')).toHaveLength(1);
  const trims = dress.parts.filter((p) => p.layer === 'trim');
  expect(new Set(trims.map((p) => p.covering.swatches[0]!.id))).toEqual(new Set(['c2']));
});

test('a rail parts a wall as decided or as in a scheme, and not where one colour is tried on all', () => {
  const railed = { ...made, paintwork: { ...made.paintwork, rails: [{ wall: 1, heightM: 0.95 }] } };
  const picked = scheme({ wallId: 'c1', trimId: null, parts: [{ part: 'below', candidateId: 'c2', lab: null }] });
  const below = (walls: string) =>
    dressOf({ ...railed, schemes: [picked] }, { ...AS_IS, walls }).parts.filter((p) => p.layer === 'below');
  expect(below(schemeChoice(picked.id)).map((p) => [p.wall, p.rect.z1, p.covering.swatches[0]!.id])).toEqual([[1, 0.95, 'c2']]);
  expect(below('c1')).toEqual([]);
});

test('what stays is there unless it is left out', () => {
  const floor = { ...trim, id: 'floor', name: 'Boards', thing: 'floor' as const };
  const stays = [floor, { ...trim, id: 'sofa', name: 'Sofa', thing: 'sofa' as const }];
  const [there, not] = [true, false].map((s) => dressOf({ ...made, stays }, { ...AS_IS, stays: s }));
  expect(there!.floor!.swatches).toHaveLength(floor.components.length);
  expect(there!.things.map((t) => t.id)).toEqual(['sofa']);
  expect([not!.floor, not!.things]).toEqual([null, []]);
});
