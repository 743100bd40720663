import reference from '../../../../tests/golden/rooms-as-they-are.json';
import type { LightRoom } from '../light-room';
import { outdoorsGiven } from '../outdoors';
import { prepareRoom } from '../prepare-room';
import { illuminance } from '../receiver';
import type { Vector } from '../view-factor';
import { openDoorsOf, plannedRoomOf, plannedRoomSchema, type DoorDescription } from './planned-description';
import { plannedPositions } from './planned-positions';
import { preparePlanned, type PlannedReceiver } from './prepare-planned';

type Given = {
  readonly plan: readonly (readonly number[])[];
  readonly heightM: number;
  readonly rho: { readonly floor: number; readonly ceiling: number; readonly walls: readonly number[] };
  readonly slopes?: readonly object[];
  readonly windows?: readonly object[];
  readonly roofWindows?: readonly object[];
  readonly boxes?: readonly (object & { readonly rho: number })[];
};
const GROUND = { overcast: 0.2, uniform: 0.9999 } as const;
const hole = (w: object) => ({ ...w, transmittance: 1 });
const roomOf = (
  { rho, boxes = [], windows = [], roofWindows = [], slopes = [], plan, heightM }: Given,
  sky: keyof typeof GROUND,
) =>
  plannedRoomSchema.parse({
    plan,
    heightM,
    slopes,
    surfaces: {
      walls: rho.walls.map((reflectance) => ({ reflectance })),
      floor: { reflectance: rho.floor },
      ceiling: { reflectance: rho.ceiling },
    },
    ground: { reflectance: GROUND[sky] },
    windows: windows.map(hole),
    roofWindows: roofWindows.map(hole),
    boxes: boxes.map(({ rho: reflectance, ...box }) => ({ ...box, surface: { reflectance } })),
  });

type Point = (typeof reference.rooms)[number]['points'][number];
const OUTDOORS = {
  overcast: outdoorsGiven({ type: 'traditional-overcast', horizontalLux: 10_000 }),
  uniform: outdoorsGiven({ type: 'uniform', horizontalLux: Math.PI }),
};
/** By how much a point is off, and how much it may be: 3 %, or four standard errors. */
function offOf(point: Point, sky: keyof typeof GROUND, lux: { readonly total: number; readonly direct: number }) {
  const { total, se, direct } = point[sky];
  return {
    off: Math.abs(lux.total / total - 1),
    may: Math.max(0.03, (4 * se) / total),
    directOff: lux.direct / (direct || 1) - 1,
  };
}
const receiverOf = (point: Point, room: number): PlannedReceiver => ({
  name: point.name,
  at: point.at as unknown as Vector,
  normal: point.normal as unknown as Vector,
  room,
});

describe.each(['overcast', 'uniform'] as const)('against an independent path tracer, %s sky', (sky) => {
  test.each(reference.rooms.map((room) => [room.name, room] as const))('%s', (_, given) => {
    const room = plannedRoomOf(roomOf(given as unknown as Given, sky));
    const receivers = given.points.map((p) => receiverOf(p, 0));
    const lights = preparePlanned([room], [], receivers).lightAt(OUTDOORS[sky], false);
    given.points.forEach((point, k) => {
      const { off, may } = offOf(point as Point, sky, illuminance(lights[k]!));
      expect([point.name, off <= may ? 'within' : off]).toEqual([point.name, 'within']);
    });
  });

  test.each(reference.joined.map((joined) => [joined.name, joined] as const))('%s', (_, given) => {
    const names = Object.keys(given.rooms);
    const described = Object.values(given.rooms).map((r) => roomOf(r as unknown as Given, sky));
    const doors = openDoorsOf(given.doors as unknown as DoorDescription[], names, described);
    const receivers = given.points.map((p) => receiverOf(p as unknown as Point, names.indexOf(p.room)));
    const lights = preparePlanned(described.map(plannedRoomOf), doors, receivers).lightAt(OUTDOORS[sky], false);
    given.points.forEach((point, k) => {
      const { off, may } = offOf(point as unknown as Point, sky, illuminance(lights[k]!));
      expect([point.name, off <= may ? 'within' : off]).toEqual([point.name, 'within']);
    });
  });
});

/** A box of 4 × 5 × 2.6 m with a window in wall 0, as a plan. */
const BOX = {
  plan: [
    [0, 0],
    [4, 0],
    [4, 5],
    [0, 5],
  ],
  heightM: 2.6,
  rho: { floor: 0.3, ceiling: 0.8, walls: [0.5, 0.6, 0.5, 0.4] },
  windows: [{ wall: 0, leftM: 1, sillM: 0.9, widthM: 1.6, heightM: 1.3 }],
};
const luxIn = (light: Parameters<typeof illuminance>[0]) => illuminance(light).total;

test.each(['open', 'sheer', 'half'] as const)('a box by its plan has the light of the box, curtains %s', (curtain) => {
  const given = { ...BOX, windows: BOX.windows.map((w) => ({ ...w, curtain })) };
  const room = plannedRoomOf(roomOf(given, 'overcast'));
  const box: LightRoom = {
    box: { widthM: 4, depthM: 5, heightM: 2.6 },
    bearingDeg: 0,
    walls: [room.walls[0]!, room.walls[1]!, room.walls[2]!, room.walls[3]!],
    floor: room.floor,
    ceiling: room.ceiling,
    ground: room.ground,
    obstruction: room.obstruction,
    windows: room.windows.map((w) => ({ ...w, wall: w.wall as 0, curtain })),
    lamps: [],
  };
  const receivers = plannedPositions(room);
  for (const outdoors of [OUTDOORS.overcast, SUNNY]) {
    const planned = preparePlanned([room], [], receivers).lightAt(outdoors, false);
    const boxed = prepareRoom(box, receivers).lightAt(outdoors, false);
    planned.forEach((light, r) => {
      const off = luxIn(light) / luxIn(boxed[r]!) - 1;
      expect([receivers[r]!.name, Math.abs(off) < 0.04 ? 'alike' : off]).toEqual([receivers[r]!.name, 'alike']);
    });
  }
});
const SUNNY = outdoorsGiven({
  type: 12,
  horizontalLux: 12_000,
  sun: { azimuthDeg: 340, altitudeDeg: 30 },
  beamNormalLux: 60_000,
});

test('a box cut in two by an open wall gives the box', () => {
  const whole = plannedRoomOf(roomOf(BOX, 'overcast'));
  const part = (from: number, to: number, windows: readonly object[]) =>
    roomOf(
      {
        ...BOX,
        plan: [
          [0, 0],
          [4, 0],
          [4, to - from],
          [0, to - from],
        ],
        windows,
      },
      'overcast',
    );
  const described = [part(0, 2.5, BOX.windows), part(2.5, 5, [])];
  const doors = openDoorsOf(
    [{ rooms: ['front', 'back'], walls: [2, 0], leftM: [0, 0], widthM: 4, heightM: 2.6 }],
    ['front', 'back'],
    described,
  );
  const at = [
    { name: 'floor, front', at: [2, 1.2, 0] as Vector, normal: [0, 0, 1] as Vector },
    { name: 'floor, back', at: [2, 4, 0] as Vector, normal: [0, 0, 1] as Vector },
    { name: 'end wall', at: [2, 5, 1.3] as Vector, normal: [0, -1, 0] as Vector },
  ];
  const one = preparePlanned(
    [whole],
    [],
    at.map((r) => ({ ...r, room: 0 })),
  ).lightAt(OUTDOORS.overcast, false);
  const shifted = at.map(({ at: [x, y, z], ...r }): PlannedReceiver =>
    y > 2.5 ? { ...r, at: [x, y - 2.5, z], room: 1 } : { ...r, at: [x, y, z], room: 0 },
  );
  const two = preparePlanned(described.map(plannedRoomOf), doors, shifted).lightAt(OUTDOORS.overcast, false);
  at.forEach(({ name }, k) => {
    const off = luxIn(two[k]!) / luxIn(one[k]!) - 1;
    expect([name, Math.abs(off) < 0.04 ? 'alike' : off]).toEqual([name, 'alike']);
  });
});

test('lamps light their own room, and the next through the door; shut off, nothing', () => {
  const lamp = { kind: 'led' as const, cctK: 2700, xM: 2, yM: 2.5, heightM: 2.2, lumens: 1500 };
  const kitchen = plannedRoomSchema.parse({ plan: BOX.plan, heightM: 2.6, lamps: [lamp] });
  const hall = plannedRoomSchema.parse({
    plan: [
      [0, 0],
      [2, 0],
      [2, 4],
      [0, 4],
    ],
    heightM: 2.6,
  });
  const floor = (room: number): PlannedReceiver => ({ name: 'floor', at: [1, 2, 0], normal: [0, 0, 1], room });
  const lit = (doors: Parameters<typeof preparePlanned>[1]) =>
    preparePlanned([plannedRoomOf(kitchen), plannedRoomOf(hall)], doors, [floor(0), floor(1)])
      .lightAt(outdoorsGiven({ type: 'uniform', horizontalLux: 0 }), true)
      .map(luxIn);
  const door = openDoorsOf(
    [{ rooms: ['k', 'h'], walls: [1, 3], leftM: [1.5, 1.5], widthM: 1, heightM: 2.1 }],
    ['k', 'h'],
    [kitchen, hall],
  );
  const [own, borrowed] = lit(door);
  expect(own).toBeGreaterThan(40);
  expect(borrowed).toBeGreaterThan(0.3);
  expect(borrowed).toBeLessThan(own! / 2);
  expect(lit([])[1]).toBe(0);
});

test.each([
  [
    'walls that cross',
    {
      plan: [
        [0, 0],
        [4, 0],
        [1, 3],
        [4, 3],
        [0, 2],
      ],
    },
    /cross/,
  ],
  [
    'the wrong way round',
    {
      plan: [
        [0, 0],
        [4, 0],
        [4, -3],
        [0, -3],
      ],
    },
    /turning right/,
  ],
  [
    'a wall 0 that runs elsewhere',
    {
      plan: [
        [1, 0],
        [4, 0],
        [4, 3],
        [1, 3],
      ],
    },
    /begins at 0, 0/,
  ],
  [
    'a window around a corner',
    { plan: BOX.plan, windows: [{ wall: 0, leftM: 3, widthM: 1.6, heightM: 1 }] },
    /around the corner/,
  ],
  ['a window in no wall', { plan: BOX.plan, windows: [{ wall: 7, leftM: 1, widthM: 1, heightM: 1 }] }, /no wall 7/],
  [
    'a slope from above the ceiling',
    { plan: BOX.plan, heightM: 2.4, slopes: [{ wall: 0, kneeM: 2.5, pitchDeg: 30 }] },
    /under the flat ceiling/,
  ],
  [
    'a roof window in no slope',
    { plan: BOX.plan, roofWindows: [{ slope: 0, leftM: 1, upM: 1, widthM: 1, heightM: 1 }] },
    /no slope 0/,
  ],
  [
    'a window in a flat ceiling there is none of',
    {
      plan: BOX.plan,
      heightM: 5,
      slopes: [
        { wall: 0, kneeM: 1, pitchDeg: 40 },
        { wall: 2, kneeM: 1, pitchDeg: 40 },
      ],
      roofWindows: [{ ceiling: true, atM: [1, 1], widthM: 1, depthM: 1 }],
    },
    /No part of the ceiling is flat/,
  ],
  [
    'a box outside',
    { plan: BOX.plan, boxes: [{ atM: [5, 1], widthM: 1, depthM: 1, heightM: 1, surface: { reflectance: 0.5 } }] },
    /outside the room/,
  ],
  ['too few surfaces', { plan: BOX.plan, surfaces: { walls: [{ reflectance: 0.5 }] } }, /4 walls, and 1 surfaces/],
])('%s is refused in words', (_, given, says) => {
  const read = plannedRoomSchema.safeParse(given);
  expect(read.success).toBe(false);
  expect(read.error!.issues.map((i) => i.message).join()).toMatch(says);
});
