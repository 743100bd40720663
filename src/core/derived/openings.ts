import { openingOf, rectsOverlap, sillOf, type WallRect } from '../light/room-fit';
import { wallLength, wallsOf } from '../room/plan';
import type { Wall } from '../room/facing';
import { leftsOf, sizeOf, type Size } from './describe-room';
import type { RoomDoor } from '@/core/record/paintwork';
import type { Room } from '@/core/record/room';

/** A hole in a wall that is not painted with it. */
export type Opening = { readonly kind: 'window' | 'door'; readonly id: string; readonly wall: Wall; readonly rect: WallRect };

/** What the walls of a room are measured by. */
export type MeasuredRoom = Pick<Room, 'widthM' | 'depthM' | 'heightM' | 'shape' | 'windows' | 'paintwork'>;

/** How far from a corner a door stands that was not placed, and how much openings may share, metres. */
const FROM_CORNER_M = 0.15;
const SLACK_M = 0.01;

const clipped = (rect: WallRect, lengthM: number, heightM: number): WallRect => ({
  s0: Math.min(Math.max(0, rect.s0), lengthM),
  s1: Math.min(Math.max(0, rect.s1), lengthM),
  z0: Math.min(Math.max(0, rect.z0), heightM),
  z1: Math.min(Math.max(0, rect.z1), heightM),
});

/** Where a door stands: as measured, otherwise the first free place from the right end on. */
function doorRect({ leftM, widthM, heightM }: RoomDoor, taken: readonly WallRect[], lengthM: number): WallRect {
  const at = (left: number) => openingOf({ leftM: left, sillM: 0, widthM, heightM });
  if (leftM !== null) return at(leftM);
  const last = Math.max(0, lengthM - widthM);
  const places = [last - FROM_CORNER_M, last, FROM_CORNER_M, 0, ...taken.flatMap((t) => [t.s1, t.s0 - widthM])].filter(
    (s) => s >= 0 && s <= last,
  );
  const free = places.find((s) => !taken.some((t) => rectsOverlap(t, at(s), SLACK_M)));
  return at(free ?? places[0] ?? 0);
}

function openingsOfWall(room: MeasuredRoom, wall: Wall, size: Size): Opening[] {
  const lengthM = wallLength(wall, size);
  const windows = room.windows.filter((w) => w.wall === wall);
  const lefts = leftsOf(windows, lengthM);
  const found = windows.map((w): Opening => ({
    kind: 'window',
    id: w.id,
    wall,
    rect: openingOf({ ...w, leftM: lefts.get(w.id)!, sillM: sillOf(w, size.heightM) }),
  }));
  // what was measured stands first
  const doors = room.paintwork.doors
    .filter((d) => d.wall === wall)
    .sort((p, q) => Number(p.leftM === null) - Number(q.leftM === null));
  for (const door of doors)
    found.push({
      kind: 'door',
      id: door.id,
      wall,
      rect: doorRect(
        door,
        found.map((f) => f.rect),
        lengthM,
      ),
    });
  return found.map((opening) => ({ ...opening, rect: clipped(opening.rect, lengthM, size.heightM) }));
}

/** Windows and doors of a room in its walls, cut to what the walls are, wall by wall. */
export function openingsOf(room: MeasuredRoom, size: Size = sizeOf(room)): Opening[] {
  return wallsOf(size).flatMap((wall) => openingsOfWall(room, wall, size));
}

/** Area that rectangles cover together, m²: where they overlap it counts once. */
export function coveredArea(rects: readonly WallRect[]): number {
  const cuts = [...new Set(rects.flatMap((r) => [r.s0, r.s1]))].sort((p, q) => p - q);
  return cuts.slice(1).reduce((sum, s1, k) => {
    const s0 = cuts[k]!;
    const here = rects.filter((r) => r.s0 <= s0 && r.s1 >= s1).sort((p, q) => p.z0 - q.z0);
    let height = 0;
    let top = -Infinity;
    for (const { z0, z1 } of here) {
      height += Math.max(0, z1 - Math.max(top, z0));
      top = Math.max(top, z1);
    }
    return sum + (s1 - s0) * height;
  }, 0);
}

/** A rectangle less what lies outside a band of heights. */
export const inBand = (rect: WallRect, from: number, to: number): WallRect => ({
  ...rect,
  z0: Math.min(Math.max(rect.z0, from), to),
  z1: Math.min(Math.max(rect.z1, from), to),
});
