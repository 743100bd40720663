import { plainShape } from '../../../tests/made-shapes';
import { room, roomWindow } from '../../../tests/made-up-room';
import { all } from '../../../tests/all';
import { paintworkSchema } from '../record/paintwork';
import type { Thing } from '../record/thing';
import { inPlan } from '../room/plan';
import { placedThings, type ToPlace } from './standing-things';

const component = room().stays[0]!.components[0]!;
const thing = (of: Thing, id: string = of): ToPlace => ({ id, thing: of, components: [{ ...component, share: 1 }] });
const DOOR = { id: '0197f3a0-0000-7000-8000-0000000000d1', wall: 2, leftM: 1, widthM: 0.8, heightM: 2 };
const box = (more: Partial<Parameters<typeof room>[0]> = {}) =>
  room({
    widthM: 5,
    depthM: 4,
    heightM: 2.6,
    windows: [roomWindow({ wall: 0, leftM: 1.5, sillM: 0.9, widthM: 2, heightM: 1.3 })],
    paintwork: paintworkSchema.parse({ doors: [DOOR] }),
    ...more,
  });

test('what stands does so within the room, on its own ground, and leaves the door free', () => {
  const every: Thing[] = ['sofa', 'cabinets', 'built-in', 'hearth', 'other', 'rug'];
  const { things } = placedThings(
    box(),
    every.map((t) => thing(t)),
  );
  expect(things.map((t) => t.id).sort()).toEqual([...every].sort());
  const standing = things.filter((t) => t.id !== 'rug');
  for (const {
    atM: [x, y],
    widthM,
    depthM,
  } of standing) {
    expect(x).toBeGreaterThanOrEqual(-1e-9);
    expect(x + widthM).toBeLessThanOrEqual(5 + 1e-9);
    expect(y).toBeGreaterThanOrEqual(-1e-9);
    expect(y + depthM).toBeLessThanOrEqual(4 + 1e-9);
    // the door stands 1 m from wall 2's left end, seen from inside: x from 3.2 to 4
    expect(x < 4 && x + widthM > 3.2 && y + depthM > 3.2).toBe(false);
  }
  const pairs = standing.flatMap((p, i) => standing.slice(i + 1).map((q) => [p, q] as const));
  expect(
    all(
      pairs,
      ([p, q]) =>
        p.atM[0] >= q.atM[0] + q.widthM ||
        q.atM[0] >= p.atM[0] + p.widthM ||
        p.atM[1] >= q.atM[1] + q.depthM ||
        q.atM[1] >= p.atM[1] + p.depthM,
    ),
  ).toBe(true);
});

test('nothing taller than the sill stands before a window', () => {
  const { things } = placedThings(box(), [thing('built-in')]);
  const [shelf] = things;
  expect(shelf!.atM[1] < 0.01 && shelf!.atM[0] < 3.5 && shelf!.atM[0] + shelf!.widthM > 1.5).toBe(false);
});

test('a worktop lies on the cabinets, tiles over it; on an island where there is one', () => {
  const { things, hung } = placedThings(box(), [thing('worktop'), thing('cabinets'), thing('tile')]);
  const [under, top] = [things.find((t) => t.id === 'cabinets')!, things.find((t) => t.id === 'worktop')!];
  expect(top.fromM).toBe(under.toM);
  expect(top.atM[0]).toBe(under.atM[0]);
  expect(hung.map((p) => [p.layer, p.rect.z0])).toEqual([['hung', top.toM]]);
  const shape = {
    ...plainShape('L'),
    boxes: [{ id: DOOR.id, name: 'Island', xM: 1, yM: 3, widthM: 1, depthM: 1, heightM: 0.9, colour: null }],
  };
  expect(placedThings(box({ shape, windows: [] }), [thing('worktop')]).things).toEqual([]);
});

test('curtains hang beside each window, a picture on bare wall', () => {
  const { hung } = placedThings(box(), [thing('curtains'), thing('art')]);
  const curtains = hung.filter((p) => p.rect.z0 < 0.1);
  expect(curtains.map((p) => [p.wall, p.rect.s0, p.rect.s1])).toEqual([
    [0, 1.15, 1.5],
    [0, 3.5, 3.85],
  ]);
  const art = hung.find((p) => p.rect.z0 > 1)!;
  expect(art.wall).not.toBe(0);
});

test('in an attic nothing stands higher than the slope over it; in an L all of it is inside', () => {
  const attic = box({ shape: plainShape('attic'), widthM: 5, depthM: 4, windows: [], paintwork: paintworkSchema.parse({}) });
  const tall = placedThings(attic, [thing('built-in')]).things;
  // its long walls are 1.2 m high: against a gable, or nowhere
  expect(all(tall, (t) => t.widthM < t.depthM)).toBe(true);
  const l = plainShape('L');
  const found = placedThings(box({ shape: l, widthM: 7, depthM: 5, windows: [] }), [
    thing('sofa'),
    thing('cabinets'),
    thing('rug'),
  ]);
  expect(found.things.length).toBeGreaterThan(0);
  for (const {
    atM: [x, y],
    widthM,
    depthM,
  } of found.things)
    for (const corner of [
      [x + 0.02, y + 0.02],
      [x + widthM - 0.02, y + 0.02],
      [x + widthM - 0.02, y + depthM - 0.02],
      [x + 0.02, y + depthM - 0.02],
    ] as const)
      expect(inPlan(corner, l.plan)).toBe(true);
});

test('a room too small for a thing is left without it', () => {
  const tiny = box({ widthM: 1.4, depthM: 1.2, windows: [], paintwork: paintworkSchema.parse({}) });
  expect(placedThings(tiny, [thing('sofa'), thing('rug')]).things).toEqual([]);
});
