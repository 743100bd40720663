import { viewOf, type SceneLight } from '../appearance/scene';
import { DAYLIGHT_COMPONENTS } from '../colour/illuminant';
import type { SpectralPower } from '../colour/grid';
import { leastRecentlyUsed } from '../base/least-recently-used';
import { noLight } from '../light/spectral';
import { outdoorsAt, type Outdoors } from '../light/outdoors';
import { directionOf } from '../light/directions';
import type { Facet, Rect } from '../light/plan/patches';
import { onFacet, within } from '../light/plan/patches';
import { inPolygon, type PlannedRoom } from '../light/plan/planned-room';
import type { Patch } from '../light/plan/known-rooms';
import { plannedPatches, plannedPatchLight, type PlannedPatches } from '../light/plan/planned-patch-light';
import { beamOn, beamsInto, beyondPlanned, type Beam } from '../light/plan/prepare-planned';
import type { Vector } from '../light/view-factor';
import type { KnownDay } from './known-days';
import type { DayRequest, LookIn } from './light-protocol';
import type { Planned } from './engine-rooms';
import { dressedPieces, glowing, LAYERS, lookIn, rgbOf, type Adapted, type Dressed, type ShownPiece } from './standing-looks';
import type { Steps } from './steps';

/** A face of a room of any plan as it is drawn: points in the room, a colour (sRGB, 0–255) at each, the polygons between them. */
export type ShownFacet = {
  /** Into the room, length 1. */
  readonly inward: Vector;
  readonly points: readonly Vector[];
  readonly rgb: readonly number[];
  readonly polygons: readonly (readonly number[])[];
  /** What is in it: windows with what they show, and the sun where it falls, each of one colour. */
  readonly pieces: readonly ShownPiece<Vector>[];
};

type Asked = {
  readonly as: Planned;
  readonly scene: SceneLight;
  /** Instead of what is on it. */
  readonly on: Dressed;
  readonly known: KnownDay;
  readonly request: DayRequest;
  readonly moment: number;
  readonly lookIn: LookIn;
};

/** Cut rooms, by the room they are: moments and colours change nothing about it. */
const cut = leastRecentlyUsed<PlannedPatches>(4);
const keyOf = ({ rooms, doors }: Planned): string =>
  JSON.stringify([
    rooms.map(({ plan, heightM, slopes, windows, roofWindows, boxes, bearingDeg }) => [
      plan,
      heightM,
      slopes,
      bearingDeg,
      windows.map(({ glass: _, panes: __, ...w }) => w),
      roofWindows.map(({ glass: _, panes: __, ...w }) => w),
      boxes.map(({ reflectance: _, ...b }) => b),
    ]),
    doors,
  ]);

/** With other colours on the walls and the ceiling of the room that is stood in; its faces are its walls, the floor, what is overhead. */
const painted = (patches: PlannedPatches, on: Dressed, walls: number): PlannedPatches => {
  const [own, ...others] = patches.known.placed;
  const facets = own!.facets.map((facet, k) => {
    const overhead = k > walls && facet.inward[2] < -1e-6;
    const reflectance = (k < walls ? on.walls[k] : overhead ? on.ceiling : null) ?? facet.reflectance;
    return reflectance === facet.reflectance ? facet : { ...facet, reflectance };
  });
  return { ...patches, known: { ...patches.known, placed: [{ ...own!, facets }, ...others] } };
};

const nameOf = (v: Vector): string => v.map((c) => Math.round(c * 1000)).join();

/** A face of its patches: where they meet, the mean of their colours. */
function shownFace(patches: readonly { readonly patch: Patch; readonly hex: string }[]): Omit<ShownFacet, 'pieces' | 'inward'> {
  const at = new Map<string, { readonly k: number; readonly sum: number[]; count: number }>();
  const points: Vector[] = [];
  const polygons = patches.map(({ patch, hex }) =>
    patch.corners.map((corner) => {
      const name = nameOf(corner);
      const known = at.get(name) ?? { k: points.push(corner) - 1, sum: [0, 0, 0], count: 0 };
      at.set(name, known);
      rgbOf(hex).forEach((v, c) => (known.sum[c]! += v));
      known.count += 1;
      return known.k;
    }),
  );
  const rgb = [...at.values()].flatMap(({ sum, count }) => sum.map((v) => v / count));
  return { points, rgb, polygons };
}

/** What is seen through the middle of a window: the sky over what stands opposite, or that. */
function windowHex(of: { readonly patches: PlannedPatches; readonly adapted: Adapted }, w: number, outdoors: Outdoors): string {
  const { known } = of.patches;
  const window = known.windows[w]!;
  const { aperture } = window;
  const beyond = beyondPlanned(window, known.placed, outdoors);
  const { inward } = aperture.facet;
  const { bearingDeg } = known.placed[window.room]!.room;
  const outward = directionOf([-inward[0], -inward[1], -inward[2]], bearingDeg);
  const altitude = Math.max(8, aperture.obstructionDeg + 8, outward.altitudeDeg);
  const amounts = outdoors.skyAt(Math.min(89, altitude), outward.azimuthDeg);
  const sky = DAYLIGHT_COMPONENTS.reduce((sum, c, k) => sum.map((v, i) => v + c[i]! * amounts[k]!), noLight());
  const opposite = aperture.obstructionDeg > 25 ? beyond.obstruction : sky;
  const shows = aperture.cloth ? beyond.cloth : opposite;
  return glowing(
    of.adapted,
    shows.map((v, i) => Math.PI * v * aperture.glass[i]!),
  );
}

const cornersOf = (facet: Facet, [u0, u1, v0, v1]: Rect): Vector[] => [
  onFacet(facet, u0, v0),
  onFacet(facet, u1, v0),
  onFacet(facet, u1, v1),
  onFacet(facet, u0, v1),
];

/** The sun is looked for on a face in cells of this size, metres, joined along its rows. Own choice. */
const CELL_M = 0.07;

type OnFace = { readonly facet: Facet; readonly patches: readonly { readonly patch: Patch; readonly light: SpectralPower }[] };
/** Light near a place of a face: that of the patch nearest to it. */
function lightNear({ patches }: OnFace, at: Vector): SpectralPower | undefined {
  const away = ({ patch }: OnFace['patches'][number]) => Math.hypot(...patch.spots[0]!.map((c, k) => c - at[k]!));
  return patches.length === 0 ? undefined : patches.reduce((best, one) => (away(one) < away(best) ? one : best)).light;
}

/** What is on a wall in a colour of its own, as high as the wall is there. */
function dressedOn(of: OnFace, parts: Dressed['parts'], adapted: Adapted): ShownFacet['pieces'] {
  const { facet } = of;
  return parts.flatMap(({ rect: { s0, s1, z0, z1 }, reflectance }) => {
    const litAt = (u: number, v: number) => lightNear(of, onFacet(facet, u, v));
    return dressedPieces({ rect: [s0, s1, z0, z1], reflectance }, litAt, adapted).flatMap(({ rect, hexes, ...shown }) => {
      const outline = within(facet.outline, rect);
      if (outline.length < 3) return [];
      const isWhole = outline.length === 4 && hexes;
      const corners = isWhole ? cornersOf(facet, rect) : outline.map(([u, v]) => onFacet(facet, u, v));
      return [{ ...shown, corners, ...(isWhole ? { hexes } : {}) }];
    });
  });
}

/** The beam that falls on a place of a face, and how much of it. */
function hitAt(facet: Facet, at: readonly [number, number], beams: readonly Beam[]) {
  if (!inPolygon(at, facet.outline)) return undefined;
  for (const b of beams) {
    const share = beamOn(b, onFacet(facet, ...at), facet.inward);
    if (share > 0) return { b, share };
  }
  return undefined;
}

/** Where the sun falls on a face, each stretch in its own light. */
function sunOn(
  { facet, patches }: OnFace,
  of: { readonly patches: PlannedPatches; readonly adapted: Adapted },
  outdoors: Outdoors,
): ShownFacet['pieces'] {
  const beams = beamsInto(0, of.patches.known, outdoors.sun);
  if (beams.length === 0 || outdoors.beamNormalLux <= 0) return [];
  const [us, vs] = [facet.outline.map((p) => p[0]), facet.outline.map((p) => p[1])];
  const pieces: ShownPiece<Vector>[] = [];
  const [u0, u1, v0, v1] = [Math.min(...us), Math.max(...us), Math.min(...vs), Math.max(...vs)];
  for (let v = v0; v < v1; v += CELL_M) {
    let from: { readonly u: number; readonly share: number; readonly glass: Float64Array } | undefined;
    for (let u = u0; ; u += CELL_M) {
      const middle: readonly [number, number] = [u + CELL_M / 2, v + CELL_M / 2];
      const over = u >= u1;
      const hit = over ? undefined : hitAt(facet, middle, beams);
      if (hit) from ??= { u, share: hit.share, glass: hit.b.aperture.glass };
      else if (from) {
        const { share, glass } = from;
        const light = lightNear({ facet, patches }, onFacet(facet, (from.u + u) / 2, v))!.map(
          (l, i) => l + outdoors.beamNormalLux * share * outdoors.beam[i]! * glass[i]!,
        );
        const rect: Rect = [from.u, u, v, Math.min(v1, v + CELL_M)];
        pieces.push({
          corners: cornersOf(facet, rect),
          hex: lookIn(of.adapted.eye, of.adapted.scene.lux, light, facet.reflectance),
          layer: LAYERS.sun,
        });
        from = undefined;
      }
      if (over) break;
    }
  }
  return pieces;
}

/** The faces of a room of any plan as an eye sees them that stands in it and is adapted to the place that is judged at. */
export function* standingInPlan(
  asked: Asked,
): Steps<{ readonly ok: true; readonly faces: null; readonly facets: readonly ShownFacet[] }> {
  const { as, scene, on, known, request, moment, lookIn: where } = asked;
  const room: PlannedRoom = as.planned;
  const asCut = cut(keyOf(as), () => plannedPatches(as.rooms, as.doors));
  const patches = painted(asCut, on, room.plan.length);
  yield 0.3;
  const { place, date } = request;
  const outdoors = outdoorsAt({ at: known.moments[moment]!, place, date, sky: known.skies[moment]! });
  const steps = plannedPatchLight(patches, outdoors, where.lampsOn);
  let step = steps.next();
  while (!step.done) {
    yield 0.3 + 0.6 * step.value;
    step = steps.next();
  }
  const light = step.value.map((power) => power.map((v) => v * where.scale));
  const adapted: Adapted = { eye: viewOf(scene), scene };
  const own = patches.known.placed[0]!;
  const facets: ShownFacet[] = [];
  for (const [f, facet] of own.facets.entries()) {
    const mine = patches.known.patches.flatMap((patch, p) =>
      patch.room === 0 && patch.facet === f ? [{ patch, light: light[p]! }] : [],
    );
    const shown = mine.map(({ patch, light: power }) => ({
      patch,
      hex: lookIn(adapted.eye, scene.lux, power, facet.reflectance),
    }));
    const windows = patches.known.windows.flatMap((window, w) =>
      window.room === 0 && window.aperture.facet === asCut.known.placed[0]!.facets[f]
        ? [
            {
              corners: cornersOf(facet, window.aperture.rect),
              hex: windowHex({ patches, adapted }, w, outdoors),
              layer: LAYERS.window,
            },
          ]
        : [],
    );
    facets.push({
      inward: facet.inward,
      ...shownFace(shown),
      pieces: [
        ...dressedOn(
          { facet, patches: mine },
          on.parts.filter((part) => part.wall === f),
          adapted,
        ),
        ...windows,
        ...sunOn({ facet, patches: mine }, { patches, adapted }, outdoors),
      ],
    });
    yield 0.9 + (0.1 * facets.length) / own.facets.length;
  }
  return { ok: true, faces: null, facets };
}
