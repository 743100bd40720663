import type { Outdoors } from '../light/outdoors';
import { litRect } from '../light/plan/outside';
import { cutBy, onFacet, type Facet } from '../light/plan/patches';
import type { PlannedPatches } from '../light/plan/planned-patch-light';
import { inPolygon, type Point } from '../light/plan/planned-room';
import { beamOn, beamsInto, type Beam } from '../light/plan/prepare-planned';
import { movedBy } from '../light/plan/visible';
import { dot, subtract, type Vector } from '../light/view-factor';
import { floorArea } from '../room/plan';
import { placeOn, type LitFace } from './standing-face';

/** The sun is looked for on a face in cells of this size, metres, joined along its rows where something is in its way. Own choice. */
const CELL_M = 0.07;

/** Where a beam would fall on a face, were nothing in its way: the window's lit part carried along the beam onto the face. */
function carried({ aperture, view, within, toSun }: Beam, facet: Facet): readonly Point[] | undefined {
  const rect = litRect(aperture, within);
  const facing = dot(toSun, facet.inward);
  if (!rect || facing <= 1e-6) return undefined;
  const [u0, u1, v0, v1] = rect;
  const corners: Point[] = [[u0, v0], [u1, v0], [u1, v1], [u0, v1]]; // prettier-ignore
  const landed = corners.map((c): Point | undefined => {
    const at = movedBy(view.move, onFacet(aperture.facet, ...c));
    const far = dot(subtract(at, facet.from), facet.inward) / facing;
    if (far < 0) return undefined;
    const on: Vector = [at[0] - far * toSun[0], at[1] - far * toSun[1], at[2] - far * toSun[2]];
    return placeOn(facet, on);
  });
  return landed.every((p) => p !== undefined) ? landed : undefined;
}

/** The part of a face within a convex polygon, either way round. */
function facePart({ outline }: Facet, polygon: readonly Point[]): Point[] {
  const signed = polygon.reduce((sum, [x, y], k) => {
    const [nx, ny] = polygon[(k + 1) % polygon.length]!;
    return sum + x * ny - nx * y;
  }, 0);
  const turned = signed > 0 ? polygon : [...polygon].reverse();
  return turned.reduce<Point[]>(
    (kept, [x, y], k) => {
      const [nx, ny] = turned[(k + 1) % turned.length]!;
      // to the left of each edge
      return cutBy(kept, ny - y, x - nx, (ny - y) * x + (x - nx) * y);
    },
    [...outline],
  );
}

type Stretch = { readonly outline: readonly Point[]; readonly share: number };
/** The cells of a region of a face that a beam falls on, joined along their rows. */
function cells(beam: Beam, facet: Facet, region: readonly Point[]): { readonly found: Stretch[]; readonly missed: number } {
  const [us, vs] = [region.map((p) => p[0]), region.map((p) => p[1])];
  const [u0, u1, v0, v1] = [Math.min(...us), Math.max(...us), Math.min(...vs), Math.max(...vs)];
  const found: Stretch[] = [];
  let missed = 0;
  for (let v = v0; v < v1; v += CELL_M) {
    let from: { readonly u: number; readonly share: number } | undefined;
    const top = Math.min(v1, v + CELL_M);
    for (let u = u0; ; u += CELL_M) {
      const over = u >= u1;
      const middle: Point = [u + CELL_M / 2, v + CELL_M / 2];
      const isHere = !over && inPolygon(middle, region);
      const share = isHere ? beamOn(beam, onFacet(facet, ...middle), facet.inward) : 0;
      if (isHere && share <= 0) missed += 1;
      if (share > 0) from ??= { u, share };
      else if (from) {
        found.push({ outline: [[from.u, v], [u, v], [u, top], [from.u, top]], share: from.share }); // prettier-ignore
        from = undefined;
      }
      if (over) break;
    }
  }
  return { found, missed };
}

/** Where a beam falls on a face: with its edge where nothing is in its way, otherwise in stretches. */
function beamOnFace(beam: Beam, facet: Facet): Stretch[] {
  const polygon = carried(beam, facet);
  const region = polygon ? facePart(facet, polygon) : [...facet.outline];
  if (region.length < 3 || floorArea(region) < 1e-4) return [];
  const { found, missed } = cells(beam, facet, region);
  const [first] = found;
  return polygon && missed === 0 && first ? [{ outline: region, share: first.share }] : found;
}

/** Where the sun falls on a face of one of some rooms, and the light it brings. */
export function sunOnFace(facet: Facet, { known }: PlannedPatches, outdoors: Outdoors, room: number): LitFace['sun'] {
  if (outdoors.beamNormalLux <= 0) return [];
  return beamsInto(room, known, outdoors.sun).flatMap((beam) =>
    beamOnFace(beam, facet).map(({ outline, share }) => ({
      outline,
      power: outdoors.beam.map((b, i) => outdoors.beamNormalLux * share * b * beam.aperture.glass[i]!),
    })),
  );
}
