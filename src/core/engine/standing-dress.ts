import { decidedRoom } from '../derived/decided';
import { sizeOf } from '../derived/describe-room';
import { openingsOf } from '../derived/openings';
import { skirtingOf, wallSurface } from '../derived/paint-surfaces';
import type { RoomInLight } from '../derived/kinds-of-light';
import type { WallRect } from '../light/room-fit';
import { CASING_M } from '../record/paintwork';
import { thingOf } from '../record/thing';
import { wallLength, wallsOf } from '../room/plan';
import type { Swatch } from './light-protocol';
import { candidateSwatch, colourSwatch } from './swatches';

/** Something on a wall that has a colour of its own: skirting, casings, a door, half of the wall. */
export type StandingPart = { readonly wall: number; readonly rect: WallRect; readonly swatch: Swatch };
/** What a room has on when one stands in it: walls by their number, where they are not as they are, the ceiling, and what is on walls. */
export type Dress = {
  readonly walls: readonly (Swatch | null)[];
  readonly ceiling: Swatch | null;
  readonly parts: readonly StandingPart[];
};

/** What is tried on the walls: as they are, as decided, or a colour; and another on the right half of each. */
export type Tried = { readonly walls: string; readonly half: string };
export const AS_DECIDED = 'decided';

/** The casing around an opening, as strips of its wall; a door's has none below. */
function casing({ s0, s1, z0, z1 }: WallRect, isDoor: boolean): WallRect[] {
  const [left, right] = [Math.max(0, s0 - CASING_M), s1 + CASING_M];
  const low = isDoor ? z0 : Math.max(0, z0 - CASING_M);
  const strips: WallRect[] = [
    { s0: left, s1: s0, z0: low, z1: z1 + CASING_M },
    { s0: s1, s1: right, z0: low, z1: z1 + CASING_M },
    { s0, s1, z0: z1, z1: z1 + CASING_M },
  ];
  return isDoor ? strips : [...strips, { s0, s1, z0: low, z1: z0 }];
}

/** A wall's skirting, left out where doors stand. */
function skirting(lengthM: number, highM: number, doors: readonly WallRect[]): WallRect[] {
  let from = 0;
  const strips: WallRect[] = [];
  for (const { s0, s1 } of [...doors].sort((p, q) => p.s0 - q.s0)) {
    if (s0 > from) strips.push({ s0: from, s1: s0, z0: 0, z1: highM });
    from = Math.max(from, s1);
  }
  if (from < lengthM) strips.push({ s0: from, s1: lengthM, z0: 0, z1: highM });
  return strips;
}

/** What a room has on: its trim, doors and ceiling as decided, or as they stay; what nobody knows is not drawn apart. */
export function dressOf(room: RoomInLight, { walls, half }: Tried): Dress {
  const { surfaces } = decidedRoom(room);
  const decided = (is: (id: string, kind: string) => boolean): Swatch | null => {
    const candidate = surfaces.find((s) => is(s.surface.id, s.surface.kind))?.candidate;
    return candidate ? candidateSwatch(candidate) : null;
  };
  const staying = (thing: string): Swatch | null => {
    const [component] = room.stays.find((s) => thingOf(s) === thing)?.components ?? [];
    return component ? colourSwatch(component.id, component.colour) : null;
  };
  const tried = (id: string): Swatch | null => {
    const candidate = room.candidates.find((c) => c.id === id);
    return candidate ? candidateSwatch(candidate) : null;
  };
  const size = sizeOf(room);
  const openings = openingsOf(room, size);
  const trim = decided((_, kind) => kind === 'trim') ?? staying('trim');
  const other = tried(half);
  const parts = wallsOf(room).flatMap((wall): StandingPart[] => {
    const lengthM = wallLength(wall, size);
    const here = openings.filter((o) => o.wall === wall);
    const doors = here.filter((o) => o.kind === 'door');
    const halves = other ? [{ s0: lengthM / 2, s1: lengthM, z0: 0, z1: size.heightM }] : [];
    const ofTrim = trim
      ? [
          ...skirting(
            lengthM,
            skirtingOf(room),
            doors.map((d) => d.rect),
          ),
          ...here.flatMap((o) => casing(o.rect, o.kind === 'door')),
        ]
      : [];
    return [
      ...halves.map((rect) => ({ wall, rect, swatch: other! })),
      ...ofTrim.map((rect) => ({ wall, rect, swatch: trim! })),
      ...doors.flatMap(({ id, rect }) => {
        const leaf = decided((surface) => surface === `door:${id}`) ?? staying('door') ?? trim;
        const stands = room.paintwork.doors.find((d) => d.id === id)?.stands;
        return leaf && stands !== 'opening' ? [{ wall, rect, swatch: leaf }] : [];
      }),
    ];
  });
  const onWall = (wall: number) => (walls === AS_DECIDED ? decided((id) => id === wallSurface(wall)) : tried(walls));
  return { walls: wallsOf(room).map(onWall), ceiling: decided((_, kind) => kind === 'ceiling'), parts };
}
