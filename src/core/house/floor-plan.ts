import { wallLength } from '../room/plan';
import { WALLS, type Wall } from '../room/facing';
import { alongWall, leftEnd, middleOf, type Box } from './box-walls';
import { distance, minus, plus, turned, type Point } from './quarter-turns';

/** A room as it is placed in the house. */
export type PlanRoom = Box & {
  readonly id: string;
  /** Bearing its first wall faces outward, degrees; null where it was not read. */
  readonly bearingDeg: number | null;
  /** Walls with windows: nothing is put before them that could go elsewhere. */
  readonly windowWalls: readonly Wall[];
};
export type PlanSide = { readonly roomId: string; readonly wall: Wall | null; readonly leftM: number | null };
export type PlanDoor = {
  readonly id: string;
  readonly sides: readonly [PlanSide, PlanSide];
  readonly widthM: number;
  readonly stairs: boolean;
};

/** Where a room lies: its frame's origin, and by how many quarters its frame is turned clockwise. */
export type PlacedRoom = PlanRoom & { readonly at: Point; readonly quarters: number; readonly part: number };
export type PlacedSide = { readonly roomId: string; readonly wall: Wall; readonly leftM: number };
/** A door with a place on both its walls, measured or not. */
export type PlacedDoor = PlanDoor & { readonly placed: readonly [PlacedSide, PlacedSide]; readonly assumed: boolean };

/** What of a plan cannot be as it was recorded. */
export type PlanIssue =
  /** The two sides of a door are so far from each other. */
  | { readonly kind: 'gap'; readonly doorId: string; readonly metres: number }
  /** The two walls of a door do not face each other. */
  | { readonly kind: 'turned'; readonly doorId: string }
  /** Two rooms lie over each other. */
  | { readonly kind: 'overlap'; readonly rooms: readonly [string, string]; readonly areaM2: number }
  /** Stairs between rooms that other doors put on one floor. */
  | { readonly kind: 'one-floor'; readonly doorId: string };

export type FloorPlan = {
  /** Rooms that are joined without stairs make a part: a floor, or rooms of which it is not known how they lie to the rest. */
  readonly parts: readonly (readonly PlacedRoom[])[];
  readonly doors: readonly PlacedDoor[];
  readonly issues: readonly PlanIssue[];
};

/** Up to so much nobody measures better, metres; and square metres. Own choices. */
const CLOSES_M = 0.3;
const OVERLAPS_M2 = 0.3;

export type Rect = { readonly x0: number; readonly y0: number; readonly x1: number; readonly y1: number };
export function rectOf({ at, quarters, widthM, depthM }: Pick<PlacedRoom, 'at' | 'quarters' | 'widthM' | 'depthM'>): Rect {
  const [x, y] = plus(at, turned([widthM, depthM], quarters));
  return { x0: Math.min(at[0], x), y0: Math.min(at[1], y), x1: Math.max(at[0], x), y1: Math.max(at[1], y) };
}
const shared = (p: Rect, q: Rect): number =>
  Math.max(0, Math.min(p.x1, q.x1) - Math.max(p.x0, q.x0)) * Math.max(0, Math.min(p.y1, q.y1) - Math.max(p.y0, q.y0));

/** A point of a room's own frame in its part's. */
export const inPlan = ({ at, quarters }: Pick<PlacedRoom, 'at' | 'quarters'>, p: Point): Point => plus(at, turned(p, quarters));

/** How far a point of the plan lies along a wall from its left end, metres. */
export function alongFrom(room: PlacedRoom, wall: Wall, at: Point): number {
  const local = minus(turned(minus(at, room.at), -room.quarters), leftEnd(room, wall));
  const [dx, dy] = minus(alongWall(room, wall, 1), leftEnd(room, wall));
  return local[0] * dx + local[1] * dy;
}

const middle = (room: PlanRoom, { wall, leftM }: PlacedSide, widthM: number): Point => alongWall(room, wall, leftM + widthM / 2);

/** Quarters a room is turned by so that what it faces outward is up when it faces north. */
const byBearing = ({ bearingDeg }: PlanRoom): number | undefined =>
  bearingDeg === null ? undefined : ((Math.round(bearingDeg / 90) % 4) + 4) % 4;

/** Walls a door may be in: the one that was said, otherwise those without a window first. */
const wallsFor = (room: PlanRoom, said: Wall | null): readonly Wall[] =>
  said !== null ? [said] : [...WALLS].sort((p, q) => Number(room.windowWalls.includes(p)) - Number(room.windowWalls.includes(q)));

/** Where along a wall it may be: as measured, otherwise in its middle or at its ends. */
function leftsFor(room: PlanRoom, wall: Wall, said: number | null, widthM: number): readonly number[] {
  if (said !== null) return [said];
  const last = Math.max(0, wallLength(wall, room) - widthM);
  return [middleOf(room, wall, widthM), 0, last];
}

type Placing = { readonly there: readonly PlacedRoom[]; readonly room: PlanRoom; readonly from: PlacedRoom };
type Place = { readonly room: PlacedRoom; readonly placed: readonly [PlacedSide, PlacedSide] };

/** The ways a room may lie behind a door, the likeliest first. */
function* waysBehind(door: PlanDoor, near: 0 | 1, { room, from }: Placing): Generator<Place> {
  const [here, there] = [door.sides[near], door.sides[near === 0 ? 1 : 0]];
  const facing = byBearing(room);
  const fromFacing = byBearing(from);
  for (const wall of wallsFor(from, here.wall)) {
    // known bearings say which wall of the other room it is; without them rooms are drawn as turned alike
    const known = facing !== undefined && fromFacing !== undefined ? facing - fromFacing + from.quarters : from.quarters;
    const likeliest = WALLS[(((wall + from.quarters + 2 - known) % 4) + 4) % 4]!;
    const walls = there.wall !== null ? [there.wall] : [likeliest, ...wallsFor(room, null).filter((w) => w !== likeliest)];
    for (const other of walls)
      for (const leftM of leftsFor(from, wall, here.leftM, door.widthM))
        for (const otherLeftM of leftsFor(room, other, there.leftM, door.widthM)) {
          const sides = [
            { roomId: from.id, wall, leftM },
            { roomId: room.id, wall: other, leftM: otherLeftM },
          ] as const;
          const quarters = (((wall + from.quarters + 2 - other) % 4) + 4) % 4;
          const doorAt = inPlan(from, middle(from, sides[0], door.widthM));
          const at = minus(doorAt, turned(middle(room, sides[1], door.widthM), quarters));
          yield { room: { ...room, at, quarters, part: from.part }, placed: near === 0 ? sides : [sides[1], sides[0]] };
        }
  }
}

const overlapsAny = (room: PlacedRoom, there: readonly PlacedRoom[]): boolean =>
  there.some((other) => other.id !== room.id && shared(rectOf(room), rectOf(other)) > OVERLAPS_M2);

function placeBehind(door: PlanDoor, near: 0 | 1, placing: Placing): Place {
  let first: Place | undefined;
  for (const place of waysBehind(door, near, placing)) {
    first ??= place;
    if (!overlapsAny(place.room, placing.there)) return place;
  }
  return first!;
}

/** How much of a door was measured: what is known best is placed first. */
const measured = ({ sides }: PlanDoor): number =>
  sides.reduce((sum, { wall, leftM }) => sum + (wall === null ? 0 : 2) + (leftM === null ? 0 : 1), 0);

/** Places one part of a house, beginning with a room. */
function placePart(
  first: PlanRoom,
  rooms: ReadonlyMap<string, PlanRoom>,
  { doors, part }: { doors: readonly PlanDoor[]; part: number },
) {
  const there: PlacedRoom[] = [{ ...first, at: [0, 0], quarters: byBearing(first) ?? 0, part }];
  const placed = new Map<string, PlacedDoor>();
  for (;;) {
    const reached = (id: string) => there.some((r) => r.id === id);
    const next = doors
      .filter((d) => !d.stairs && reached(d.sides[0].roomId) !== reached(d.sides[1].roomId))
      .sort((p, q) => measured(q) - measured(p))[0];
    if (!next) return { there, placed };
    const near = reached(next.sides[0].roomId) ? 0 : 1;
    const from = there.find((r) => r.id === next.sides[near].roomId)!;
    const room = rooms.get(next.sides[near === 0 ? 1 : 0].roomId)!;
    const place = placeBehind(next, near, { there, room, from });
    there.push(place.room);
    placed.set(next.id, { ...next, placed: place.placed, assumed: next.sides.some((s) => s.wall === null || s.leftM === null) });
  }
}

/** Where a room's wall faces in the plan: 0 up, 1 right, 2 down, 3 left. */
const faces = ({ quarters }: PlacedRoom, wall: Wall): number => (wall + quarters) % 4;

/** A door between two rooms that lie already: on the walls that were said, otherwise where the rooms touch. */
function placeBetween(
  door: PlanDoor,
  [a, b]: readonly [PlacedRoom, PlacedRoom],
): { readonly door: PlacedDoor; readonly apartM: number; readonly turned: boolean } {
  let best: { readonly placed: readonly [PlacedSide, PlacedSide]; readonly apartM: number; readonly turned: boolean } | undefined;
  for (const wall of wallsFor(a, door.sides[0].wall))
    for (const other of wallsFor(b, door.sides[1].wall)) {
      const away = (faces(a, wall) + 2) % 4 !== faces(b, other);
      for (const leftM of leftsAlong(a, wall, door.sides[0].leftM, door.widthM)) {
        const otherLeftM =
          door.sides[1].leftM ?? nearestLeft(b, other, inPlan(a, alongWall(a, wall, leftM + door.widthM / 2)), door.widthM);
        const placed = [
          { roomId: a.id, wall, leftM },
          { roomId: b.id, wall: other, leftM: otherLeftM },
        ] as const;
        const apartM = distance(inPlan(a, middle(a, placed[0], door.widthM)), inPlan(b, middle(b, placed[1], door.widthM)));
        const worse = best && (Number(away) - Number(best.turned) || apartM - best.apartM) >= 0;
        if (!worse) best = { placed, apartM, turned: away };
      }
    }
  const assumed = door.sides.some((s) => s.wall === null || s.leftM === null);
  return { door: { ...door, placed: best!.placed, assumed }, apartM: best!.apartM, turned: best!.turned };
}

/** Where a door of a wall stands nearest to a point of the plan, from the wall's left end, metres. */
function nearestLeft(room: PlacedRoom, wall: Wall, at: Point, widthM: number): number {
  const last = Math.max(0, wallLength(wall, room) - widthM);
  return Math.min(last, Math.max(0, alongFrom(room, wall, at) - widthM / 2));
}

/** Every tenth of a metre a door may stand at, where it was not measured. */
function leftsAlong(room: PlanRoom, wall: Wall, said: number | null, widthM: number): readonly number[] {
  if (said !== null) return [said];
  const last = Math.max(0, wallLength(wall, room) - widthM);
  return Array.from({ length: Math.floor(last / 0.1) + 1 }, (_, k) => k * 0.1);
}

function overlaps(part: readonly PlacedRoom[]): PlanIssue[] {
  return part.flatMap((room, k) =>
    part.slice(k + 1).flatMap((other): PlanIssue[] => {
      const areaM2 = shared(rectOf(room), rectOf(other));
      return areaM2 > OVERLAPS_M2 ? [{ kind: 'overlap', rooms: [room.id, other.id], areaM2 }] : [];
    }),
  );
}

/**
 * The plan of a house out of its rooms' own plans and the doors between them: each room is put behind the door one comes to it by, what is
 * measured best first; where nobody measured, so that no room lies over another. Doors that close a round say by how much it does not.
 * Walls have no thickness. Metres.
 *
 * @param rooms in walking order; the first lies at the origin
 */
export function floorPlan(rooms: readonly PlanRoom[], doors: readonly PlanDoor[]): FloorPlan {
  const byId = new Map(rooms.map((r) => [r.id, r]));
  const known = doors.filter((d) => d.sides.every((s) => byId.has(s.roomId)) && d.sides[0].roomId !== d.sides[1].roomId);
  const parts: PlacedRoom[][] = [];
  const placed = new Map<string, PlacedDoor>();
  for (const room of rooms) {
    if (parts.some((part) => part.some((r) => r.id === room.id))) continue;
    const made = placePart(room, byId, { doors: known, part: parts.length });
    parts.push(made.there);
    for (const [id, door] of made.placed) placed.set(id, door);
  }
  const lies = (id: string) => parts.flat().find((r) => r.id === id)!;
  const issues: PlanIssue[] = parts.flatMap(overlaps);
  for (const door of known) {
    if (placed.has(door.id)) continue;
    const [a, b] = [lies(door.sides[0].roomId), lies(door.sides[1].roomId)];
    const between = placeBetween(door, [a, b]);
    placed.set(door.id, between.door);
    if (door.stairs) {
      if (a.part === b.part) issues.push({ kind: 'one-floor', doorId: door.id });
    } else if (between.turned) issues.push({ kind: 'turned', doorId: door.id });
    else if (between.apartM > CLOSES_M) issues.push({ kind: 'gap', doorId: door.id, metres: between.apartM });
  }
  return { parts, doors: known.map((d) => placed.get(d.id)!), issues };
}
