import { polygonFactor, type Vector } from '../view-factor';
import type { PlannedAperture } from './outside';
import { facetsOf, patchesOf, type Facet, type PlanPatch, type Rect } from './patches';
import type { OpenDoor, PlannedRoom } from './planned-room';
import { movedBy, type SeenRoom } from './visible';

/** Own choices, checked against a path tracer (reference/rooms-as-they-are). */
export const PLANNED = {
  /** Patches of all rooms together, about so many. */
  patches: 620,
  /** Pieces across and up a window seen from patches, and from receivers; cut further while they are wide for their distance. */
  pieces: 5,
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
export type Patch = PlanPatch & { readonly room: number };

export function placedRooms(rooms: readonly PlannedRoom[], doors: readonly OpenDoor[]): Placed[] {
  return rooms.map((room, r) => {
    const own = doors.flatMap(({ rooms: of, walls, leftM, widthM, heightM }) =>
      ([0, 1] as const).flatMap((k) =>
        of[k] === r ? [{ facet: walls[k], rect: [leftM[k], leftM[k] + widthM, 0, heightM] as Rect }] : [],
      ),
    );
    const { facets, openings } = facetsOf(room, own);
    const glazed = [...room.windows, ...room.roofWindows];
    const apertures = openings.map(({ facet, rect }, k): PlannedAperture => {
      const { glass, panes, obstructionDeg, revealM, overhangM } = glazed[k]!;
      return { glass, panes, obstructionDeg, revealM, overhangM, facet: facets[facet]!, rect, upright: k < room.windows.length };
    });
    return { room, facets, apertures };
  });
}

export function patchesIn(placed: readonly Placed[]): Patch[] {
  const area = placed.reduce((sum, { room, facets }) => sum + patchesOf(room, facets, 100).reduce((s, p) => s + p.area, 0), 0);
  const size = Math.sqrt(area / PLANNED.patches);
  return placed.flatMap(({ room, facets }, r) => patchesOf(room, facets, size).map((p) => ({ ...p, room: r })));
}

/** Spots of a patch from which its own room is seen. */
const OWN_SPOTS = 2;

/** More spots of a patch than stand for it: along its diagonals' grid, inside by how they are made. */
export function manySpots({ spots, corners }: PlanPatch): readonly Vector[] {
  const more = corners.flatMap((c) =>
    spots.map((s): Vector => [(c[0] + 2 * s[0]) / 3, (c[1] + 2 * s[1]) / 3, (c[2] + 2 * s[2]) / 3]),
  );
  return [...spots, ...more];
}

/** How much of the hemisphere over an element a patch fills, as far as it is seen. */
export function factorTo(
  at: Vector,
  normal: Vector,
  patch: { readonly corners: readonly Vector[]; readonly spots: readonly Vector[] },
  sees: SeenRoom['sees'],
): number {
  const factor = polygonFactor(at, normal, patch.corners);
  if (factor === 0) return 0;
  let seen = 0;
  for (const spot of patch.spots) if (sees(at, spot)) seen += 1;
  return (factor * seen) / patch.spots.length;
}

/** A patch of another room as it lies in the frame of the one it is seen from. */
export const inFrame = (patch: Patch, { move }: SeenRoom, many: boolean) => ({
  corners: patch.corners.map((c) => movedBy(move, c)),
  spots: (many ? manySpots(patch) : patch.spots).map((s) => movedBy(move, s)),
});

export const ofRoom = (patches: readonly Patch[], room: number): number[] =>
  patches.flatMap((p, j) => (p.room === room ? [j] : []));

/**
 * Form factors from each patch to every other. Within a room they are made to add up to 1, as they must in a closed room: what is open is
 * black in its patch. What comes through doors comes on top.
 */
export function factorsOf(
  patches: readonly Patch[],
  placed: readonly Placed[],
  seen: readonly (readonly SeenRoom[])[],
): Float64Array {
  const n = patches.length;
  const factors = new Float64Array(n * n);
  seen.forEach((rooms, r) => {
    const own = ofRoom(patches, r);
    for (const view of rooms) {
      const through = view !== rooms[0];
      const targets = ofRoom(patches, view.room).map((j) => ({ j, patch: inFrame(patches[j]!, view, through) }));
      for (const i of own) {
        const { facet, spots } = patches[i]!;
        const { inward } = placed[r]!.facets[facet]!;
        const from = through ? spots : spots.slice(0, OWN_SPOTS);
        for (const { j, patch } of targets) {
          // a face sees nothing of itself
          if (!through && patches[j]!.facet === facet) continue;
          const sum = from.reduce((all, at) => all + factorTo(at, inward, patch, view.sees), 0);
          factors[i * n + j]! += sum / from.length;
        }
      }
    }
    closed(factors, own, n);
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
