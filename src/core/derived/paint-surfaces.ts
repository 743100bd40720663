import { aroundPlan, floorArea, planOf, wallLength, wallsOf } from '../room/plan';
import { areaUnder, overhead, upperEdgeOf } from './shape-faces';
import { wallName, type Wall } from '../room/facing';
import { sizeOf, type Size } from './describe-room';
import { coveredArea, inBand, openingsOf, type MeasuredRoom, type Opening } from './openings';
import { CASING_M, USUAL_SKIRTING_M, type RoomDoor, type SurfaceKind } from '@/core/record/paintwork';
import type { Room } from '@/core/record/room';

/** Something of a room that is painted in one way. */
export type PaintSurface = {
  /** Says where it is: a decision is kept under it. */
  readonly id: string;
  readonly kind: SurfaceKind;
  readonly name: string;
  readonly wall: Wall | null;
  /** Square metres, openings left out, both sides of a door where both are painted. */
  readonly areaM2: number;
  /** Metres of trim; null of what is no trim. */
  readonly runM: number | null;
  /** Some of its measures were not taken and are the usual ones. */
  readonly assumed: boolean;
  /** Of a wall: how many its room has; four where it is not said. */
  readonly ofWalls?: number;
};

type Measured = MeasuredRoom & Pick<Room, 'bearingDeg'>;

export const wallSurface = (wall: Wall): string => `wall-${wall}`;
export const belowRail = (wall: Wall): string => `wall-${wall}-below`;

/** Height of the skirting, metres. */
export const skirtingOf = ({ paintwork }: Pick<Room, 'paintwork'>): number => paintwork.skirtingM ?? USUAL_SKIRTING_M;
/** Height of a wall's rail, where it has one that parts it. */
export function railOf(room: Pick<Room, 'paintwork'>, wall: Wall, heightM: number): number | undefined {
  const rail = room.paintwork.rails.find((r) => r.wall === wall)?.heightM;
  return rail !== undefined && rail > skirtingOf(room) && rail < heightM ? rail : undefined;
}

type Walls = { readonly room: Measured; readonly size: Size; readonly openings: readonly Opening[] };

function wallParts({ room, size, openings }: Walls, wall: Wall): PaintSurface[] {
  const lengthM = wallLength(wall, size);
  const holes = openings.filter((o) => o.wall === wall).map((o) => o.rect);
  const edge = upperEdgeOf(size, wall, lengthM);
  const between = (from: number, to: number) =>
    Math.max(0, areaUnder(edge, from, to) - coveredArea(holes.map((rect) => inBand(rect, from, to))));
  const name = wallName(room, wall);
  const skirting = Math.min(skirtingOf(room), size.heightM);
  const rail = railOf(room, wall, size.heightM);
  const measures = wallLength(wall, room);
  const one = (id: string, called: string, from: number, to: number): PaintSurface => ({
    id,
    kind: 'wall',
    name: called,
    wall,
    areaM2: between(from, to),
    runM: null,
    assumed: room.heightM === null || measures === null,
    ...(size.shape ? { ofWalls: wallsOf(size).length } : {}),
  });
  if (rail === undefined) return [one(wallSurface(wall), name, skirting, size.heightM)];
  return [
    one(wallSurface(wall), `${name} above the rail`, rail, size.heightM),
    one(belowRail(wall), `${name} below the rail`, skirting, rail),
  ];
}

/** Skirting less its doors, and the casings of windows and doors. */
function trimOf({ room, size, openings }: Walls): PaintSurface {
  const doors = openings.filter((o) => o.kind === 'door');
  const wide = (o: Opening) => o.rect.s1 - o.rect.s0;
  const high = (o: Opening) => o.rect.z1 - o.rect.z0;
  const skirtingM = skirtingOf(room);
  const around = aroundPlan(planOf(size));
  const skirting = skirtingM > 0 ? Math.max(0, around - doors.reduce((sum, d) => sum + wide(d), 0)) : 0;
  const casings = openings.reduce((sum, o) => sum + 2 * high(o) + (o.kind === 'door' ? 1 : 2) * wide(o), 0);
  const names = [
    ...(skirtingM > 0 ? ['skirting'] : []),
    ...(room.windows.length > 0 ? ['window'] : []),
    ...(doors.length > 0 ? ['door'] : []),
  ];
  const frames = room.windows.length + doors.length > 0 ? ' frames' : '';
  return {
    id: 'trim',
    kind: 'trim',
    name: names.length === 0 ? 'trim' : `${names.join(', ')}${frames}`.replace('window, door frames', 'window and door frames'),
    wall: null,
    areaM2: skirting * skirtingM + casings * CASING_M,
    runM: skirting + casings,
    assumed: room.widthM === null || room.depthM === null || room.paintwork.skirtingM === null,
  };
}

/** "door to the hall", "front door", "door". */
export function doorName({ leadsTo, outside }: Pick<RoomDoor, 'leadsTo' | 'outside'>): string {
  if (leadsTo) return `door to ${leadsTo}`;
  return outside ? 'front door' : 'door';
}

function doorParts(room: Measured): PaintSurface[] {
  const { doors } = room.paintwork;
  const called = doors.map(doorName);
  return doors.flatMap((door, k): PaintSurface[] => {
    // an opening has no leaf; one whose leaf is painted from the other room is painted there
    if (door.stands === 'opening' || door.sides === 'none') return [];
    const same = door.wall !== null && called.filter((name) => name === called[k]).length > 1;
    const name = same ? `${called[k]!} in the ${wallName(room, door.wall!)}` : called[k]!;
    const side = door.widthM * door.heightM;
    const both = door.sides === 'both' && !door.outside;
    const common = { wall: door.wall, runM: null, assumed: false };
    const sides = both ? `${name}, both sides` : name;
    const inside = door.outside ? `${name}, inside` : sides;
    const within: PaintSurface = { id: `door:${door.id}`, kind: 'door', name: inside, areaM2: both ? 2 * side : side, ...common };
    return door.outside
      ? [within, { id: `outside:${door.id}`, kind: 'outside', name: `${name}, outside`, areaM2: side, ...common }]
      : [within];
  });
}

export const slopeSurface = (slope: number): string => `slope-${slope}`;

/** The flat ceiling and the slopes, roof windows left out. */
function overheadParts(room: Measured, size: Size): PaintSurface[] {
  const one = (id: string, name: string, areaM2: number, wall: Wall | null = null): PaintSurface => ({
    id,
    kind: 'ceiling',
    name,
    wall,
    areaM2: Math.max(0, areaM2),
    runM: null,
    assumed: room.widthM === null || room.depthM === null || (wall !== null && room.heightM === null),
  });
  const above = overhead(size);
  if (!above || !size.shape) return [one('ceiling', 'ceiling', floorArea(planOf(size)))];
  const { slopes, roofWindows } = size.shape;
  const glass = (of: number | null) =>
    roofWindows.filter((w) => w.slope === of).reduce((sum, w) => sum + w.widthM * w.heightM, 0);
  const sloped = slopes.flatMap(({ wall }, k) =>
    above.slopes[k]! > 0
      ? [one(slopeSurface(k), `slope over the ${wallName(room, wall)}`, above.slopes[k]! - glass(k), wall)]
      : [],
  );
  // under slopes that meet nothing is flat
  return above.flat > 0.01 || sloped.length === 0 ? [...sloped, one('ceiling', 'ceiling', above.flat - glass(null))] : sloped;
}

/**
 * Everything of a room that is painted: walls (above and below a rail), trim, doors, the outside of a front door, cabinets and built-ins,
 * ceiling. Where measures are missing the usual ones stand, and it says so.
 */
export function paintSurfaces(room: Measured): PaintSurface[] {
  const size = sizeOf(room);
  const walls: Walls = { room, size, openings: openingsOf(room, size) };
  return [
    ...wallsOf(size).flatMap((wall) => wallParts(walls, wall)),
    trimOf(walls),
    ...doorParts(room),
    ...room.paintwork.extras.map(({ id, kind, name, areaM2 }): PaintSurface => ({
      id: `extra:${id}`,
      kind,
      name,
      wall: null,
      areaM2,
      runM: null,
      assumed: false,
    })),
    ...overheadParts(room, size),
  ];
}
