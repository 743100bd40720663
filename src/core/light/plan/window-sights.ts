import { slantTable } from '../glass';
import type { ReceiverSight } from '../receiver';
import { targetOf, TARGETS } from '../room-shape';
import { cutAtHorizon } from '../see-out';
import { dot, polygonFactor, subtract, type Vector } from '../view-factor';
import { across, PLANNED, type Known, type Window } from './known-rooms';
import { sightOut, type PlannedAperture } from './outside';
import { onFacet, type Rect } from './patches';
import type { PlannedRoom } from './planned-room';
import { movedBy, type SeenRoom } from './visible';

export type PatchSights = { readonly patch: Int32Array; readonly target: Int32Array; readonly factor: Float64Array };

const piecesOf = ([u0, u1, v0, v1]: Rect, n: number): Rect[] =>
  Array.from({ length: n * n }, (_, k): Rect => {
    const [i, j] = [k % n, Math.floor(k / n)];
    const [du, dv] = [(u1 - u0) / n, (v1 - v0) / n];
    return [u0 + i * du, u0 + (i + 1) * du, v0 + j * dv, v0 + (j + 1) * dv];
  });
const middleOf = ([u0, u1, v0, v1]: Rect): readonly [number, number] => [(u0 + u1) / 2, (v0 + v1) / 2];

/** A window cut into n × n pieces, an upright one along the horizon of an eye, so that no piece shows sky and ground at once. */
function cutFor({ rect, upright }: PlannedAperture, eyeM: number, n: number): Rect[] {
  if (!upright) return piecesOf(rect, n);
  const [u0, u1, v0, v1] = rect;
  const vs = cutAtHorizon(v0, v1, eyeM, n);
  const du = (u1 - u0) / n;
  return vs
    .slice(0, -1)
    .flatMap((v, j) => Array.from({ length: n }, (_, i): Rect => [u0 + i * du, u0 + (i + 1) * du, v, vs[j + 1]!]));
}

/** Calls back with what an element sees through a window, piece by piece; the window of another room in the frame of the element's. */
export function eachSight(
  { at, normal }: { readonly at: Vector; readonly normal: Vector },
  aperture: PlannedAperture,
  {
    view,
    room,
    pieces,
    cuts,
  }: { readonly view: SeenRoom; readonly room: PlannedRoom; readonly pieces: number; readonly cuts: number },
  found: (sight: ReceiverSight) => void,
): void {
  const out = sightOut(room, aperture);
  const slantOf = slantTable(aperture.panes);
  const { facet } = aperture;
  const own = backTo(view, at);
  const spotAt = (u: number, v: number) => movedBy(view.move, onFacet(facet, u, v));
  const piece = (rect: Rect, left: number): void => {
    const [u, v] = middleOf(rect);
    const middle = spotAt(u, v);
    const away = Math.hypot(...subtract(middle, at));
    if (left > 0 && Math.max(rect[1] - rect[0], rect[3] - rect[2]) > PLANNED.wide * away) {
      for (const part of piecesOf(rect, 2)) piece(part, left - 1);
      return;
    }
    const [u0, u1, v0, v1] = rect;
    const factor = polygonFactor(at, normal, [spotAt(u0, v0), spotAt(u1, v0), spotAt(u1, v1), spotAt(u0, v1)]);
    if (factor <= 0 || !view.sees(at, middle)) return;
    const through = onFacet(facet, u, v);
    if (aperture.cloth) return found({ factor, target: TARGETS.cloth, altitudeDeg: 0, azimuthDeg: 0 });
    const sight = out(own, through);
    const along = subtract(through, own);
    const cosine = Math.abs(dot(along, facet.inward)) / Math.hypot(...along);
    found({
      factor: factor * slantOf(cosine),
      target: targetOf(sight),
      altitudeDeg: sight.altitudeDeg,
      azimuthDeg: sight.azimuthDeg,
    });
  };
  for (const rect of cutFor(aperture, own[2], pieces)) piece(rect, cuts);
}
/** A point of the frame it is seen from, in the room's own. */
export const backTo = ({ move: { cos, sin, x, y } }: SeenRoom, [px, py, pz]: Vector): Vector => [
  cos * (px - x) + sin * (py - y),
  -sin * (px - x) + cos * (py - y),
  pz,
];

/** What patches see through a window, their own room's or through doors. */
export function sightsOf({ room, aperture }: Window, { placed, patches, seen }: Known): PatchSights {
  const found: [number, number, number][] = [];
  patches.forEach((patch, p) => {
    const { facets } = placed[patch.room]!;
    if (facets[patch.facet] === aperture.facet) return;
    const by = new Map<number, number>();
    for (const view of seen[patch.room]!.filter((v) => v.room === room)) {
      const spots = view.room === patch.room ? across(patch) : patch.spots;
      for (const at of spots)
        eachSight(
          { at, normal: facets[patch.facet]!.inward },
          aperture,
          { view, room: placed[room]!.room, pieces: view.room === patch.room ? PLANNED.pieces : PLANNED.doorPieces, cuts: 1 },
          ({ target, factor }) => by.set(target, (by.get(target) ?? 0) + factor / spots.length),
        );
    }
    for (const [target, factor] of by) found.push([p, target, factor]);
  });
  return {
    patch: Int32Array.from(found, (f) => f[0]),
    target: Int32Array.from(found, (f) => f[1]),
    factor: Float64Array.from(found, (f) => f[2]),
  };
}
