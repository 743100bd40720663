import { decidedRoom, type DecidedRoom } from '../derived/decided';
import { sizeOf } from '../derived/describe-room';
import { openingsOf } from '../derived/openings';
import { belowRail, railOf, skirtingOf, slopeSurface, wallSurface } from '../derived/paint-surfaces';
import type { WallRect } from '../light/room-fit';
import { CASING_M } from '../record/paintwork';
import type { Room } from '../record/room';
import { partsOfScheme, type Scheme } from '../record/scheme';
import { thingOf } from '../record/thing';
import { wallLength, wallsOf } from '../room/plan';
import { surfacesOfPart } from '../scheme/of-room';
import type { Swatch } from './light-protocol';
import { coveringOf, inOne, type Covering, type StandingPart } from './standing-covering';
import type { Layer } from './standing-face';
import { placedThings, type StandingThing, type ToPlace } from './standing-things';
import { candidateSwatch, colourSwatch } from './swatches';

/** What a room has on when one stands in it. */
export type Dress = {
  /** By their number, where they are not as they are. */
  readonly walls: readonly (Swatch | null)[];
  readonly ceiling: Swatch | null;
  /** By their number, where they are not as the ceiling is. */
  readonly slopes: readonly (Swatch | null)[];
  readonly floor: Covering | null;
  /** On top of what stands in a room of any plan and is as high as a worktop. */
  readonly worktop: Covering | null;
  readonly parts: readonly StandingPart[];
  readonly things: readonly StandingThing[];
};

/**
 * What is tried: on the walls as they are, as decided, a colour, or a scheme; another on the right half of each; with what stays or
 * without.
 */
export type Tried = { readonly walls: string; readonly half: string; readonly stays: boolean };
export const AS_DECIDED = 'decided';
/** A scheme among what is tried on the walls. */
export const schemeChoice = (id: string): string => `scheme:${id}`;
export const triedScheme = (room: Pick<Room, 'schemes'>, walls: string): Scheme | undefined =>
  room.schemes.find((s) => schemeChoice(s.id) === walls);

/** Pictures of components are so wide on a floor or a worktop, metres. Own choice. */
const WIDE_M = { floor: 3, worktop: 1.5 } as const;

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

/** The colour of each surface that has one: as decided, or as a scheme has it. */
type OnSurface = (id: string) => Swatch | null;

const decidedOn =
  ({ surfaces }: DecidedRoom): OnSurface =>
  (id) => {
    const candidate = surfaces.find((s) => s.surface.id === id)?.candidate;
    return candidate ? candidateSwatch(candidate) : null;
  };

function schemeOn(room: Room, scheme: Scheme): OnSurface {
  const parts = partsOfScheme(scheme);
  const has = parts.map((p) => p.part);
  const on = new Map<string, Swatch>();
  for (const { part, candidateId } of parts) {
    const candidate = room.candidates.find((c) => c.id === candidateId);
    if (candidate) for (const { id } of surfacesOfPart(room, part, has)) on.set(id, candidateSwatch(candidate));
  }
  return (id) => on.get(id) ?? null;
}

/** Trim, doors and what lies below rails, on one wall. */
function partsOfWall(room: Room, wall: number, on: { readonly surface: OnSurface; readonly below: OnSurface }): StandingPart[] {
  const size = sizeOf(room);
  const lengthM = wallLength(wall, size);
  const staying = (thing: string): Swatch | null => {
    const [component] = room.stays.find((s) => thingOf(s) === thing)?.components ?? [];
    return component ? colourSwatch(component.id, component.colour) : null;
  };
  const here = openingsOf(room, size).filter((o) => o.wall === wall);
  const doors = here.filter((o) => o.kind === 'door');
  const trim = on.surface('trim') ?? staying('trim');
  const part = (rect: WallRect, swatch: Swatch, layer: Layer): StandingPart => ({ wall, rect, covering: inOne(swatch), layer });
  const rail = railOf(room, wall, size.heightM);
  const below = rail === undefined ? null : on.below(belowRail(wall));
  const strips = [
    ...skirting(
      lengthM,
      skirtingOf(room),
      doors.map((d) => d.rect),
    ),
    ...here.flatMap((o) => casing(o.rect, o.kind === 'door')),
  ];
  return [
    ...(below ? [part({ s0: 0, s1: lengthM, z0: 0, z1: rail! }, below, 'below')] : []),
    ...(trim ? strips.map((rect) => part(rect, trim, 'trim')) : []),
    ...doors.flatMap(({ id, rect }) => {
      const leaf = on.surface(`door:${id}`) ?? staying('door') ?? trim;
      const stands = room.paintwork.doors.find((d) => d.id === id)?.stands;
      return leaf && stands !== 'opening' ? [part(rect, leaf, 'door')] : [];
    }),
  ];
}

/** What a scheme adds to what stays: things of its own, and what it buys in cloth. */
function ofScheme(scheme: Scheme | undefined): ToPlace[] {
  if (!scheme) return [];
  const large = scheme.parts.find((p) => p.part === 'large' && p.lab);
  const bought: ToPlace[] = large
    ? [
        {
          id: `${scheme.id}-large`,
          thing: 'sofa',
          components: [
            { id: `${scheme.id}-large`, name: 'cloth', share: 1, colour: { lab: large.lab!, source: { kind: 'lab' } } },
          ],
        },
      ]
    : [];
  return [...scheme.things.map(({ id, thing, components }): ToPlace => ({ id, thing, components })), ...bought];
}

/** What a room has on: its trim, doors and ceiling as tried, as decided, or as they stay; what nobody knows is not drawn apart. */
export function dressOf(room: Room, { walls, half, stays }: Tried): Dress {
  const scheme = triedScheme(room, walls);
  const decided = decidedOn(decidedRoom(room));
  const planned = scheme ? schemeOn(room, scheme) : () => null;
  const surface: OnSurface = (id) => planned(id) ?? decided(id);
  const below = scheme ? planned : walls === AS_DECIDED ? decided : () => null;
  const tried = (id: string): Swatch | null => {
    const candidate = room.candidates.find((c) => c.id === id);
    return candidate ? candidateSwatch(candidate) : null;
  };
  const size = sizeOf(room);
  const other = tried(half);
  const halves = other
    ? wallsOf(room).map((wall): StandingPart => {
        const lengthM = wallLength(wall, size);
        return { wall, rect: { s0: lengthM / 2, s1: lengthM, z0: 0, z1: size.heightM }, covering: inOne(other), layer: 'half' };
      })
    : [];
  const onWall = (wall: number): Swatch | null => {
    if (scheme) return planned(wallSurface(wall));
    return walls === AS_DECIDED ? decided(wallSurface(wall)) : tried(walls);
  };
  const there: ToPlace[] = room.stays.map((s) => ({ id: s.id, thing: thingOf(s), components: s.components }));
  const of = (thing: string, wideM: number): Covering | null => {
    const found = stays ? there.find((s) => s.thing === thing) : undefined;
    return found ? coveringOf(found, wideM) : null;
  };
  const placed = stays ? placedThings(room, [...there, ...ofScheme(scheme)]) : { things: [], hung: [] };
  return {
    walls: wallsOf(room).map(onWall),
    ceiling: surface('ceiling'),
    slopes: (size.shape?.slopes ?? []).map((_, k) => surface(slopeSurface(k))),
    floor: of('floor', WIDE_M.floor),
    worktop: of('worktop', WIDE_M.worktop),
    parts: [...halves, ...wallsOf(room).flatMap((wall) => partsOfWall(room, wall, { surface, below })), ...placed.hung],
    things: placed.things,
  };
}
