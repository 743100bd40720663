import { diffuseShare } from '../glass';
import { polygonFactor, type Vector } from '../view-factor';
import type { PlannedAperture } from './outside';
import { facetsOf, patchesOf, type Facet, type PlanPatch, type Rect } from './patches';
import type { Glazed, OpenDoor, PlannedRoom } from './planned-room';
import { movedBy, roomsSeenFrom, type SeenRoom } from './visible';

/** Own choices, checked against a path tracer (reference/rooms-as-they-are). */
export const PLANNED = {
  /** Patches of one room, and of all rooms together where something stands in one, or light passes between: about so many. */
  patches: 400,
  finePatches: 620,
  /** Pieces across and up a window seen from patches, and from receivers; cut further while they are wide for their distance. */
  pieces: 4,
  finePieces: 14,
  wide: 0.3,
  mostCuts: 5,
  /** The first where it is looked at through a door, whose frame cuts it. */
  doorPieces: 10,
} as const;

export type Placed = {
  readonly room: PlannedRoom;
  readonly facets: readonly Facet[];
  readonly apertures: readonly PlannedAperture[];
};
export type Patch = PlanPatch & {
  readonly room: number;
  /** More spots than stand for it: see {@link manySpots}. */
  readonly many: readonly Vector[];
};

/** The clear and the covered parts of a window, as a box's: cloth hangs at both sides, and glows with what falls on it. */
function aperturesOf(
  { glass, panes, obstructionDeg, revealM, overhangM, curtain: { clear, through } }: Glazed,
  lies: Pick<PlannedAperture, 'facet' | 'whole' | 'upright'>,
): PlannedAperture[] {
  const [u0, u1, v0, v1] = lies.whole;
  const side = ((1 - clear) / 2) * (u1 - u0);
  const common = { panes, obstructionDeg, revealM, overhangM, ...lies };
  const share = through * diffuseShare(panes);
  const cloth = share < 1 ? glass.map((v) => v * share) : glass;
  const covered = (from: number, to: number): PlannedAperture => ({
    ...common,
    glass: cloth,
    rect: [from, to, v0, v1],
    cloth: true,
  });
  const open: PlannedAperture = { ...common, glass, rect: [u0 + side, u1 - side, v0, v1], cloth: false };
  if (clear === 1) return [open];
  return clear === 0 ? [covered(u0, u1)] : [covered(u0, u0 + side), open, covered(u1 - side, u1)];
}

export function placedRooms(rooms: readonly PlannedRoom[], doors: readonly OpenDoor[]): Placed[] {
  return rooms.map((room, r) => {
    const own = doors.flatMap(({ rooms: of, walls, leftM, widthM, heightM }) =>
      ([0, 1] as const).flatMap((k) =>
        of[k] === r ? [{ facet: walls[k], rect: [leftM[k], leftM[k] + widthM, 0, heightM] as Rect }] : [],
      ),
    );
    const { facets, openings } = facetsOf(room, own);
    const glazed = [...room.windows, ...room.roofWindows];
    const apertures = openings.flatMap(({ facet, rect }, k) =>
      aperturesOf(glazed[k]!, { facet: facets[facet]!, whole: rect, upright: k < room.windows.length }),
    );
    return { room, facets, apertures };
  });
}

export function patchesIn(placed: readonly Placed[]): Patch[] {
  const area = placed.reduce((sum, { room, facets }) => sum + patchesOf(room, facets, 100).reduce((s, p) => s + p.area, 0), 0);
  const plain = placed.length === 1 && placed[0]!.room.boxes.length === 0;
  const size = Math.sqrt(area / (plain ? PLANNED.patches : PLANNED.finePatches));
  return placed.flatMap(({ room, facets }, r) =>
    patchesOf(room, facets, size).map((p) => ({ ...p, room: r, many: manySpots(p) })),
  );
}

/** More spots of a patch than stand for it: along its diagonals' grid, inside by how they are made. */
function manySpots({ spots, corners }: PlanPatch): readonly Vector[] {
  const more = corners.flatMap((c) =>
    spots.map((s): Vector => [(c[0] + 2 * s[0]) / 3, (c[1] + 2 * s[1]) / 3, (c[2] + 2 * s[2]) / 3]),
  );
  return [...spots, ...more];
}

type Standing = { readonly corners: readonly Vector[]; readonly spots: readonly Vector[] };
/** How much of the hemisphere over an element a patch fills, as far as it is seen. */
export function factorTo(at: Vector, normal: Vector, { corners, spots }: Standing, { seenShare }: SeenRoom): number {
  const factor = polygonFactor(at, normal, corners);
  return factor === 0 ? 0 : factor * seenShare(at, spots);
}

/** A patch of another room as it lies in the frame of the one it is seen from. */
export const inFrame = (patch: Patch, { move }: SeenRoom, many: boolean) => ({
  corners: patch.corners.map((c) => movedBy(move, c)),
  spots: (many ? patch.many : patch.spots).map((s) => movedBy(move, s)),
});

export const ofRoom = (patches: readonly Patch[], room: number): number[] =>
  patches.flatMap((p, j) => (p.room === room ? [j] : []));

/** Spots of a patch from which its own room is seen: two across from each other. */
export const across = ({ spots }: PlanPatch): readonly Vector[] =>
  spots.length < 3 ? spots : [spots[0]!, spots[spots.length - 1]!];

type ForFactors = Pick<Known, 'patches' | 'placed' | 'seen'>;

/** From each patch of a room to every other of it: half of them asked, the rest by reciprocity (A i F ij = A j F ji). */
function ownFactors(factors: Float64Array, { patches, placed, seen }: ForFactors, r: number): void {
  const n = patches.length;
  const own = ofRoom(patches, r);
  const [view] = seen[r]!;
  own.forEach((i, k) => {
    const { facet, area } = patches[i]!;
    const { inward } = placed[r]!.facets[facet]!;
    const from = across(patches[i]!);
    for (const j of own.slice(k + 1)) {
      const other = patches[j]!;
      // a face sees nothing of itself
      if (other.facet === facet) continue;
      const factor = from.reduce((sum, at) => sum + factorTo(at, inward, other, view!), 0) / from.length;
      factors[i * n + j] = factor;
      factors[j * n + i] = (factor * area) / other.area;
    }
  });
}

/**
 * Form factors from each patch to every other. Within a room they are made to add up to 1, as they must in a closed room: what is open is
 * black in its patch. What comes through doors comes on top.
 */
export function factorsOf({ patches, placed, seen }: ForFactors): Float64Array {
  const n = patches.length;
  const factors = new Float64Array(n * n);
  seen.forEach((rooms, r) => {
    const own = ofRoom(patches, r);
    ownFactors(factors, { patches, placed, seen }, r);
    closed(factors, own, n);
    for (const view of rooms.slice(1)) {
      const targets = ofRoom(patches, view.room).map((j) => ({ j, patch: inFrame(patches[j]!, view, true) }));
      for (const i of own) {
        const { facet, spots } = patches[i]!;
        const { inward } = placed[r]!.facets[facet]!;
        for (const { j, patch } of targets) {
          const sum = spots.reduce((all, at) => all + factorTo(at, inward, patch, view), 0);
          factors[i * n + j]! += sum / spots.length;
        }
      }
    }
  });
  return factors;
}

/** Makes the factors within a room add up to 1, row by row: what is missed by asking a few spots is missed of all alike. */
function closed(factors: Float64Array, own: readonly number[], n: number): void {
  for (const i of own) {
    const inside = own.reduce((sum, j) => sum + factors[i * n + j]!, 0);
    if (inside > 0) for (const j of own) factors[i * n + j]! /= inside;
  }
}

export type Window = { readonly room: number; readonly aperture: PlannedAperture };
export type Known = {
  readonly placed: readonly Placed[];
  readonly patches: readonly Patch[];
  readonly seen: readonly (readonly SeenRoom[])[];
  readonly windows: readonly Window[];
};

/** Rooms cut into patches, and what each of these sees of the others: it depends on no light and on no colour. */
export type PlannedShape = { readonly known: Known; readonly factors: Float64Array };

const windowsOf = (placed: readonly Placed[]): readonly Window[] =>
  placed.flatMap(({ apertures }, room) => apertures.map((aperture) => ({ room, aperture })));

export function shapeOfPlanned(rooms: readonly PlannedRoom[], doors: readonly OpenDoor[]): PlannedShape {
  const placed = placedRooms(rooms, doors);
  const known: Known = {
    placed,
    patches: patchesIn(placed),
    seen: rooms.map((_, r) => roomsSeenFrom(rooms, doors, r)),
    windows: windowsOf(placed),
  };
  return { known, factors: factorsOf(known) };
}

/** The same shape with other colours, glass and lamps in its rooms: nothing else of them may differ. */
export function inColours(
  { known, factors }: PlannedShape,
  rooms: readonly PlannedRoom[],
  doors: readonly OpenDoor[],
): PlannedShape {
  const placed = placedRooms(rooms, doors);
  return { known: { ...known, placed, windows: windowsOf(placed) }, factors };
}
