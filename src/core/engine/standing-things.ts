import { sizeOf, type Size } from '../derived/describe-room';
import { openingsOf, type Opening } from '../derived/openings';
import { heightAlong, upperEdgeOf } from '../derived/shape-faces';
import type { WallRect } from '../light/room-fit';
import type { RecordedComponent } from '../record/recorded-colour';
import type { Room } from '../record/room';
import type { Thing } from '../record/thing';
import { inPlan, middleOf, onWall, planOf, wallLine, wallsOf, type Plan, type Point } from '../room/plan';
import { coveringOf, type Covering, type StandingPart } from './standing-covering';

/** Something to find a place for. */
export type ToPlace = {
  readonly id: string;
  readonly thing: Thing;
  readonly components: readonly RecordedComponent[];
};

/** A thing as a box on the floor, along the plan's axes, metres. */
export type StandingThing = {
  readonly id: string;
  readonly atM: Point;
  readonly widthM: number;
  readonly depthM: number;
  readonly fromM: number;
  readonly toM: number;
  readonly covering: Covering;
};

/** How large a thing usually is: along a wall, away from it, from and to so high, metres. Common practice, no source. */
type Usual = { readonly along: number; readonly deep: number; readonly from: number; readonly to: number };
const AT_WALL: Readonly<Partial<Record<Thing, Usual>>> = {
  cabinets: { along: 2.4, deep: 0.6, from: 0, to: 0.87 },
  hearth: { along: 1.4, deep: 0.3, from: 0, to: 1.1 },
  suite: { along: 1.7, deep: 0.75, from: 0, to: 0.55 },
  sofa: { along: 2, deep: 0.9, from: 0, to: 0.8 },
  'built-in': { along: 1.2, deep: 0.35, from: 0, to: 2 },
  other: { along: 0.6, deep: 0.5, from: 0, to: 0.75 },
};
/** What is largest and least free finds its place first. */
const ORDER = Object.keys(AT_WALL) as readonly Thing[];
const RUG: Usual = { along: 2.3, deep: 1.6, from: 0, to: 0.01 };
const WORKTOP: Usual = { along: 2.4, deep: 0.62, from: 0.87, to: 0.91 };
/** What stands in a room of any plan and is so high has the worktop on it. */
export const WORKTOP_HIGH_M = [0.7, 1.1] as const;
const TILED_M = 0.6;
const ART = { wide: 0.9, from: 1.25, to: 1.95 } as const;
const CURTAIN = { wide: 0.35, over: 0.15 } as const;
/** Free before a door, between two things, and steps in which a place is looked for. */
const BEFORE_DOOR_M = 0.8;
const BETWEEN_M = 0.05;
const STEP_M = 0.2;

type Rect = readonly [x0: number, x1: number, y0: number, y1: number];
const overlap = (p: Rect, q: Rect, by: number) => p[0] < q[1] + by && q[0] < p[1] + by && p[2] < q[3] + by && q[2] < p[3] + by;

/** Whether a rectangle of the floor lies in a plan. */
function isIn(plan: Plan, [x0, x1, y0, y1]: Rect): boolean {
  const slack = 0.01;
  const corners: Point[] = [
    [x0 + slack, y0 + slack],
    [x1 - slack, y0 + slack],
    [x1 - slack, y1 - slack],
    [x0 + slack, y1 - slack],
  ];
  return (
    corners.every((c) => inPlan(c, plan)) &&
    !plan.some(([x, y]) => x > x0 + slack && x < x1 - slack && y > y0 + slack && y < y1 - slack)
  );
}

type Wall = {
  readonly wall: number;
  readonly length: number;
  readonly openings: readonly Opening[];
  readonly rectOf: (s0: number, s1: number, deep: number) => Rect;
  /** How high it is over a stretch. */
  readonly high: (s0: number, s1: number) => number;
};

/** Walls along the plan's axes, the longest first. */
function straightWalls(plan: Plan, size: Size, openings: readonly Opening[]): Wall[] {
  const walls = wallsOf(size).flatMap((wall): Wall[] => {
    const { along, inward, length } = wallLine(plan, wall);
    if (Math.min(Math.abs(along[0]), Math.abs(along[1])) > 0.01) return [];
    const edge = upperEdgeOf(size, wall, length);
    return [
      {
        wall,
        length,
        openings: openings.filter((o) => o.wall === wall),
        rectOf: (s0, s1, deep) => {
          const [a, b] = [onWall(plan, wall, s0), onWall(plan, wall, s1)];
          const far: Point = [b[0] + deep * inward[0], b[1] + deep * inward[1]];
          const [xs, ys] = [[a[0], far[0]], [a[1], far[1]]]; // prettier-ignore
          return [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
        },
        high: (s0, s1) => Math.min(heightAlong(edge, s0 + 1e-6), heightAlong(edge, s1 - 1e-6)),
      },
    ];
  });
  return walls.sort((p, q) => q.length - p.length);
}

type Found = { readonly wall: Wall; readonly s0: number; readonly s1: number };
/** Places along a wall, the middle first. */
function places(length: number, along: number): number[] {
  const middle = (length - along) / 2;
  const most = Math.floor(middle / STEP_M);
  return Array.from({ length: Math.max(0, most) * 2 + 1 }, (_, k) => middle + (k % 2 ? 1 : -1) * Math.ceil(k / 2) * STEP_M);
}

/** Finds places in a room, one thing after the other. */
function roomToPlaceIn(room: Room) {
  const size = sizeOf(room);
  const plan = planOf(size);
  const openings = openingsOf(room, size);
  const walls = straightWalls(plan, size, openings);
  const doors = walls.flatMap((w) =>
    w.openings.filter((o) => o.kind === 'door').map(({ rect }) => w.rectOf(rect.s0, rect.s1, BEFORE_DOOR_M)),
  );
  const boxes = (room.shape?.boxes ?? []).map((b): Rect => [b.xM, b.xM + b.widthM, b.yM, b.yM + b.depthM]);
  const taken: { readonly rect: Rect; readonly on: Found | null; readonly toM: number }[] = [];
  const isFree = (rect: Rect) => ![...doors, ...boxes, ...taken.map((t) => t.rect)].some((t) => overlap(rect, t, BETWEEN_M));
  return {
    plan,
    walls,
    size,
    isFree: (rect: Rect) => isIn(plan, rect) && isFree(rect),
    take: (rect: Rect, on: Found | null, toM: number) => void taken.push({ rect, on, toM }),
    /** On a wall, over a stretch and up to a height: no window, no door, no slope. */
    atWall({ along, deep, to }: Usual): Found | undefined {
      for (const wall of walls)
        for (const s0 of places(wall.length, along)) {
          const s1 = s0 + along;
          const blocked = wall.openings.some((o) => o.rect.s0 < s1 && o.rect.s1 > s0 && o.rect.z0 < to);
          const rect = wall.rectOf(s0, s1, deep);
          if (s0 >= 0 && !blocked && wall.high(s0, s1) > to && isIn(plan, rect) && isFree(rect)) return { wall, s0, s1 };
        }
      return undefined;
    },
    /** On a bare stretch of wall, over what stands there. */
    hung({ wide, from, to }: { readonly wide: number; readonly from: number; readonly to: number }): Found | undefined {
      const bareFirst = [...walls].sort((p, q) => p.openings.length - q.openings.length);
      for (const wall of bareFirst)
        for (const s0 of places(wall.length, wide)) {
          const s1 = s0 + wide;
          const meets = (p: { readonly s0: number; readonly s1: number }) => p.s0 < s1 && p.s1 > s0;
          const blocked =
            wall.openings.some((o) => meets(o.rect) && o.rect.z0 < to && o.rect.z1 > from) ||
            taken.some((t) => t.on?.wall === wall && meets(t.on) && t.toM > from);
          if (s0 >= 0 && !blocked && wall.high(s0, s1) > to) return { wall, s0, s1 };
        }
      return undefined;
    },
  };
}

type Placed = { readonly things: StandingThing[]; readonly hung: StandingPart[] };
type Placing = { readonly places: ReturnType<typeof roomToPlaceIn>; readonly into: Placed };

function stand({ places, into }: Placing, of: ToPlace, usual: Usual, on: Found): void {
  const [x0, x1, y0, y1] = on.wall.rectOf(on.s0, on.s1, usual.deep);
  if (usual.from === 0) places.take([x0, x1, y0, y1], on, usual.to);
  into.things.push({
    id: of.id,
    atM: [x0, y0],
    widthM: x1 - x0,
    depthM: y1 - y0,
    fromM: usual.from,
    toM: usual.to,
    covering: coveringOf(of, of.thing === 'worktop' ? 1.5 : null),
  });
}

const hang = (into: Placed, of: ToPlace, { wall }: Found, rect: WallRect): void =>
  void into.hung.push({ wall: wall.wall, rect, covering: coveringOf(of, of.thing === 'tile' ? 1 : null), layer: 'hung' });

/** Tiles over a worktop up to a window, or on bare wall as high. */
function tiles({ places, into }: Placing, tile: ToPlace, on: Found | undefined): void {
  const over = on ?? places.hung({ wide: WORKTOP.along, from: WORKTOP.to, to: WORKTOP.to + TILED_M });
  if (!over) return;
  const windows = over.wall.openings.filter((o) => o.rect.s0 < over.s1 && o.rect.s1 > over.s0);
  const to = Math.min(WORKTOP.to + TILED_M, ...windows.map((o) => o.rect.z0));
  if (to > WORKTOP.to + 0.05) hang(into, tile, over, { s0: over.s0, s1: over.s1, z0: WORKTOP.to, z1: to });
}

/** Cabinets along a wall with the worktop on them; where something stands as high as one, that has the worktop. */
function kitchen(placing: Placing, room: Room, all: readonly ToPlace[]): void {
  const [top, under, tile] = (['worktop', 'cabinets', 'tile'] as const).map((thing) => all.find((t) => t.thing === thing));
  const [low, high] = WORKTOP_HIGH_M;
  const hasIsland = (room.shape?.boxes ?? []).some((b) => b.heightM >= low && b.heightM <= high);
  const usual = AT_WALL.cabinets!;
  const on = under || (top && !hasIsland) ? placing.places.atWall({ ...usual, to: WORKTOP.to }) : undefined;
  if (on && under) stand(placing, under, usual, on);
  if (on && top) stand(placing, top, WORKTOP, on);
  if (tile) tiles(placing, tile, on);
}

/** Curtains drawn aside, beside every window of straight walls. */
function curtains({ places, into }: Placing, of: ToPlace): void {
  for (const wall of places.walls)
    for (const { rect } of wall.openings.filter((o) => o.kind === 'window')) {
      const to = Math.min(rect.z1 + CURTAIN.over, places.size.heightM);
      for (const [s0, s1] of [
        [Math.max(0, rect.s0 - CURTAIN.wide), rect.s0],
        [rect.s1, Math.min(wall.length, rect.s1 + CURTAIN.wide)],
      ] as const)
        if (s1 > s0) hang(into, of, { wall, s0, s1 }, { s0, s1, z0: 0.02, z1: to });
    }
}

function rug({ places, into }: Placing, of: ToPlace): void {
  const [x, y] = middleOf(places.plan);
  for (const [w, d] of [
    [RUG.along, RUG.deep],
    [RUG.deep, RUG.along],
    [1.6, 1.1],
  ] as const) {
    // prettier-ignore
    const rect: Rect = [x - w / 2, x + w / 2, y - d / 2, y + d / 2];
    if (!isIn(places.plan, rect)) continue;
    into.things.push({
      id: of.id,
      atM: [rect[0], rect[2]],
      widthM: w,
      depthM: d,
      fromM: 0,
      toM: RUG.to,
      covering: coveringOf(of, null),
    });
    return;
  }
}

/**
 * Finds a place for what stays: boxes of usual size with their backs to walls where nothing is in the way, rugs in the middle, pictures on
 * bare wall, curtains beside windows. What finds no place is left out. Floors, trim, doors and ceilings are surfaces and not asked here.
 */
export function placedThings(room: Room, all: readonly ToPlace[]): Placed {
  const placing: Placing = { places: roomToPlaceIn(room), into: { things: [], hung: [] } };
  const { places, into } = placing;
  kitchen(placing, room, all);
  for (const thing of ORDER.filter((t) => t !== 'cabinets'))
    for (const of of all.filter((t) => t.thing === thing)) {
      const usual = AT_WALL[thing]!;
      const on = places.atWall(usual);
      if (on) stand(placing, of, usual, on);
    }
  for (const of of all) {
    if (of.thing === 'rug') rug(placing, of);
    if (of.thing === 'curtains') curtains(placing, of);
    const on = of.thing === 'art' ? places.hung(ART) : undefined;
    if (on) hang(into, of, on, { s0: on.s0, s1: on.s1, z0: ART.from, z1: ART.to });
  }
  return into;
}
