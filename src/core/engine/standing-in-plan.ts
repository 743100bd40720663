import { leastRecentlyUsed } from '../base/least-recently-used';
import { DAYLIGHT_COMPONENTS } from '../colour/illuminant';
import type { Reflectance, SpectralPower } from '../colour/grid';
import { directionOf } from '../light/directions';
import type { Outdoors } from '../light/outdoors';
import type { Facet, Rect } from '../light/plan/patches';
import { ceilingParts, onFacet } from '../light/plan/patches';
import { inPolygon } from '../light/plan/planned-room';
import { plannedPatches, plannedPatchLight, type PlannedPatches } from '../light/plan/planned-patch-light';
import { beamOn, beamsInto, beyondPlanned, type Beam } from '../light/plan/prepare-planned';
import { movedBy, turnedBy, type Move } from '../light/plan/visible';
import { noLight } from '../light/spectral';
import type { Planned } from './engine-rooms';
import type { LitFace, LitPatch } from './standing-face';
import { glowing, type Adapted } from './standing-looks';
import type { Steps } from './steps';

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

/** Instead of what is on the walls, by their number, and on the ceiling of the room that is stood in. */
export type Repainted = {
  readonly walls: readonly (Reflectance | null)[];
  readonly ceiling: Reflectance | null;
  readonly slopes: readonly (Reflectance | null)[];
};

/** Faces of a room are its walls, the floor, what is overhead, and the sides and tops of what stands in it. */
const painted = (patches: PlannedPatches, on: Repainted): PlannedPatches => {
  const [own, ...others] = patches.known.placed;
  const walls = own!.room.plan.length;
  const overhead = ceilingParts(own!.room).map(({ slope }) => (slope === null ? on.ceiling : (on.slopes[slope] ?? null)));
  const facets = own!.facets.map((facet, k) => {
    const reflectance = (k < walls ? on.walls[k] : overhead[k - walls - 1]) ?? facet.reflectance;
    return reflectance === facet.reflectance ? facet : { ...facet, reflectance };
  });
  return { ...patches, known: { ...patches.known, placed: [{ ...own!, facets }, ...others] } };
};

type Lit = {
  /** As it was cut: faces are known by what they were then. */
  readonly cut: PlannedPatches;
  readonly patches: PlannedPatches;
  readonly light: readonly SpectralPower[];
  readonly outdoors: Outdoors;
  readonly adapted: Adapted;
};

/** What is seen through the middle of a window: the sky over what stands opposite, or that. */
function windowHex({ patches, adapted, outdoors }: Lit, w: number): string {
  const { known } = patches;
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
    adapted,
    shows.map((v, i) => Math.PI * v * aperture.glass[i]!),
  );
}

/** The sun is looked for on a face in cells of this size, metres, joined along its rows. Own choice. */
const CELL_M = 0.07;

/** The beam that falls on a place of a face, and how much of it. */
function hitAt(facet: Facet, at: readonly [number, number], beams: readonly Beam[]) {
  if (!inPolygon(at, facet.outline)) return undefined;
  for (const b of beams) {
    const share = beamOn(b, onFacet(facet, ...at), facet.inward);
    if (share > 0) return { b, share };
  }
  return undefined;
}

/** Where the sun falls on a face, in stretches. */
function sunOn(facet: Facet, { patches, outdoors }: Lit, room: number): LitFace['sun'] {
  const beams = beamsInto(room, patches.known, outdoors.sun);
  if (beams.length === 0 || outdoors.beamNormalLux <= 0) return [];
  const [us, vs] = [facet.outline.map((p) => p[0]), facet.outline.map((p) => p[1])];
  const found: LitFace['sun'][number][] = [];
  const [u0, u1, v0, v1] = [Math.min(...us), Math.max(...us), Math.min(...vs), Math.max(...vs)];
  for (let v = v0; v < v1; v += CELL_M) {
    let from: { readonly u: number; readonly share: number; readonly glass: Float64Array } | undefined;
    for (let u = u0; ; u += CELL_M) {
      const over = u >= u1;
      const hit = over ? undefined : hitAt(facet, [u + CELL_M / 2, v + CELL_M / 2], beams);
      if (hit) from ??= { u, share: hit.share, glass: hit.b.aperture.glass };
      else if (from) {
        const { share, glass } = from;
        const top = Math.min(v1, v + CELL_M);
        found.push({
          outline: [
            [from.u, v],
            [u, v],
            [u, top],
            [from.u, top],
          ],
          power: outdoors.beam.map((b, i) => outdoors.beamNormalLux * share * b * glass[i]!),
        });
        from = undefined;
      }
      if (over) break;
    }
  }
  return found;
}

/** A face as it lies in the frame of the room that is stood in. */
const movedFacet = (move: Move, facet: Facet): Facet => ({
  ...facet,
  from: movedBy(move, facet.from),
  along: turnedBy(move, facet.along),
  up: turnedBy(move, facet.up),
  inward: turnedBy(move, facet.inward),
});

const sameRect = (p: Rect, q: Rect): boolean => p.every((v, k) => Math.abs(v - q[k]!) < 1e-9);

/** One face of one of the rooms with its light, where it lies for one who stands in the first. */
function litFace(of: Lit, room: number, f: number, move: Move): LitFace {
  const { known } = of.patches;
  const facet = known.placed[room]!.facets[f]!;
  const asCut = of.cut.known.placed[room]!.facets[f]!;
  const panes = known.windows.flatMap(({ room: r, aperture }, w) =>
    r === room && aperture.facet === asCut ? [{ w, aperture }] : [],
  );
  const patches = known.patches.flatMap((patch, p): LitPatch[] =>
    patch.room === room && patch.facet === f
      ? [
          {
            corners: patch.corners.map((c) => movedBy(move, c)),
            at: movedBy(move, patch.spots[0]!),
            light: of.light[p]!,
          },
        ]
      : [],
  );
  return {
    facet: movedFacet(move, facet),
    patches,
    windows: panes.map(({ w, aperture }) => ({ rect: aperture.rect, hex: windowHex(of, w) })),
    sun: sunOn(facet, of, room),
    open: facet.holes.filter((hole) => !panes.some(({ aperture }) => sameRect(aperture.whole, hole))),
  };
}

type Asked = {
  readonly as: Planned;
  readonly on: Repainted;
  readonly outdoors: Outdoors;
  readonly lampsOn: boolean;
  /** What a light meter corrects it by. */
  readonly scale: number;
  readonly adapted: Adapted;
};
export type RoomsLit = {
  /** Of the room that is stood in: its walls, the floor, what is overhead, and what stands in it. */
  readonly own: readonly LitFace[];
  /** Of what is seen through its open doors. */
  readonly beyond: readonly LitFace[];
};

/** The faces of a room of any plan with their light, and those of the rooms that one sees through its open doors. */
export function* facesInPlan({ as, on, outdoors, lampsOn, scale, adapted }: Asked): Steps<RoomsLit> {
  const asCut = cut(keyOf(as), () => plannedPatches(as.rooms, as.doors));
  const patches = painted(asCut, on);
  yield 0.3;
  const steps = plannedPatchLight(patches, outdoors, lampsOn);
  let step = steps.next();
  while (!step.done) {
    yield 0.3 + 0.5 * step.value;
    step = steps.next();
  }
  const light = step.value.map((power) => power.map((v) => v * scale));
  const of: Lit = { cut: asCut, patches, light, outdoors, adapted };
  const { placed, seen } = patches.known;
  const found: { own: LitFace[]; beyond: LitFace[] } = { own: [], beyond: [] };
  const views = seen[0]!.filter((view, k, all) => all.findIndex((v) => v.room === view.room) === k);
  for (const [k, { room, move }] of views.entries()) {
    for (const f of placed[room]!.facets.keys()) {
      found[k === 0 ? 'own' : 'beyond'].push(litFace(of, room, f, move));
      yield 0.8 + (0.2 * k) / views.length;
    }
  }
  return found;
}
