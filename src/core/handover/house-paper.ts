import { screenColour } from '../colour/srgb';
import { signedRoom, type DecidedRoom } from '../derived/decided';
import { floorOf } from '../derived/floor-of';
import type { RoomInLight } from '../derived/kinds-of-light';
import { wallSurface } from '../derived/paint-surfaces';
import { doorSegment } from '../house/box-walls';
import { inPlan, rectOf, type FloorPlan, type Rect } from '../house/floor-plan';
import { joinedRooms, laidOut, roomsBetween } from '../house/joined-rooms';
import { plus, type Point } from '../house/quarter-turns';
import { sayTogether, sayView } from '../house/say-sight';
import { seenTogether, SEEN_KINDS, type SeenKind } from '../house/seen-together';
import type { View } from '../house/views';
import type { Candidate } from '../record/candidate';
import type { Wall } from '../room/facing';

/** A room of the house on paper: its walls, trim and floor as bands; null of what is not known. */
export type HouseStrip = {
  readonly room: string;
  readonly says: string;
  readonly wall: string | null;
  readonly trim: string | null;
  readonly floor: string | null;
};
/** Two walls that are seen together through a door. */
export type HouseSight = {
  readonly says: string;
  readonly kind: SeenKind;
  readonly together: string;
  readonly near: string;
  readonly far: string;
  readonly frame: string | null;
};
/** The plan as rectangles and gaps, metres from its corner. */
export type HousePlanDrawing = {
  readonly width: number;
  readonly height: number;
  readonly rooms: readonly (Rect & { readonly name: string })[];
  readonly doors: readonly (readonly [Point, Point])[];
};
/** The house as one, on paper. */
export type HousePaper = {
  readonly strips: readonly HouseStrip[];
  readonly plan: HousePlanDrawing | null;
  readonly sights: readonly HouseSight[];
  /** Colours that are in more than one room: "Ferrow Dorrin 100 %: hall, kitchen". */
  readonly runs: readonly { readonly hex: string; readonly says: string }[];
};

const hexOf = (c: Pick<Candidate, 'lab'> | undefined): string | null => (c ? screenColour(c.lab).hex : null);
type Known = { readonly room: RoomInLight; readonly decided: DecidedRoom };

const onSurface = ({ surfaces }: DecidedRoom, id: string) => surfaces.find((s) => s.surface.id === id)?.candidate;
const ofKind = ({ surfaces }: DecidedRoom, kind: 'wall' | 'trim') =>
  surfaces.find((s) => s.surface.kind === kind && s.candidate)?.candidate;

function stripOf({ room, decided }: Known): HouseStrip {
  const wall = ofKind(decided, 'wall');
  const floor = floorOf(room);
  return {
    room: room.name,
    says: wall ? `${wall.name} ${wall.strength} %` : 'not decided',
    wall: hexOf(wall),
    trim: hexOf(ofKind(decided, 'trim')),
    floor: floor ? screenColour(floor.component.colour.lab).hex : null,
  };
}

function drawingOf({ parts, doors }: FloorPlan, nameOf: (id: string) => string): HousePlanDrawing {
  const { shifts, width, height } = laidOut(parts);
  const rooms = parts.flatMap((part, k) =>
    part.map((room) => {
      const [[dx, dy], r] = [shifts[k]!, rectOf(room)];
      return { name: nameOf(room.id), x0: r.x0 + dx, x1: r.x1 + dx, y0: r.y0 + dy, y1: r.y1 + dy };
    }),
  );
  const gaps = parts.flatMap((part, k) =>
    doors.flatMap((door) =>
      door.placed.flatMap(({ roomId, wall, leftM }) => {
        const room = part.find((r) => r.id === roomId);
        if (!room) return [];
        const [p, q] = doorSegment(room, wall, leftM, door.widthM);
        return [[plus(inPlan(room, p), shifts[k]!), plus(inPlan(room, q), shifts[k]!)] as const];
      }),
    ),
  );
  return { width, height, rooms, doors: gaps };
}

function sightOf(view: View, known: readonly Known[], throughRooms: readonly string[]): HouseSight | undefined {
  const of = (id: string) => known.find((k) => k.room.id === id);
  const wallOf = (k: Known | undefined, wall: Wall) =>
    k && (onSurface(k.decided, wallSurface(wall)) ?? ofKind(k.decided, 'wall'));
  const [from, to] = [of(view.fromId), of(view.toId)];
  const [near, far] = [wallOf(from, view.nearWall), wallOf(to, view.farWall)];
  if (!near || !far) return undefined;
  const found = seenTogether(near.lab, far.lab);
  return {
    says: sayView({ ...view, throughRooms }, (id) => of(id)?.room.name ?? 'a room'),
    kind: found.kind,
    together: sayTogether(found),
    near: hexOf(near)!,
    far: hexOf(far)!,
    frame: hexOf(from && ofKind(from.decided, 'trim')),
  };
}

function runsThrough(known: readonly Known[]): HousePaper['runs'] {
  const rooms = new Map<string, { readonly candidate: Candidate; readonly names: string[] }>();
  for (const { room, decided } of known)
    for (const candidate of new Map(
      decided.painted.flatMap((p) => (p.candidate ? [[p.candidate.id, p.candidate] as const] : [])),
    ).values()) {
      const key = `${candidate.deckColourId} ${candidate.strength}`;
      const before = rooms.get(key);
      if (before) before.names.push(room.name);
      else rooms.set(key, { candidate, names: [room.name] });
    }
  return [...rooms.values()]
    .filter((r) => r.names.length > 1)
    .map(({ candidate: c, names }) => ({ hex: hexOf(c)!, says: `${c.name} ${c.strength} %: ${names.join(', ')}` }));
}

/**
 * The house as one, for the client: its decided rooms as bands, how they join, what one sees together of decided walls, as in the deck's
 * even light; null of a house of one room, or with fewer than two decided.
 */
export function housePaper(rooms: readonly RoomInLight[]): HousePaper | null {
  const known = rooms.map((room) => ({ room, decided: signedRoom(room) }));
  if (known.filter((k) => ofKind(k.decided, 'wall')).length < 2) return null;
  const { doors, plan, views } = joinedRooms(rooms);
  const worse = (s: HouseSight) => -SEEN_KINDS.indexOf(s.kind);
  return {
    strips: known.map(stripOf),
    plan: doors.length > 0 ? drawingOf(plan, (id) => rooms.find((r) => r.id === id)?.name ?? '') : null,
    sights: views.flatMap((view) => sightOf(view, known, roomsBetween(view, doors)) ?? []).sort((p, q) => worse(p) - worse(q)),
    runs: runsThrough(known),
  };
}
