import { DAYLIGHT_COMPONENTS } from '../colour/illuminant';
import type { Reflectance, SpectralPower } from '../colour/grid';
import { directionOf } from '../light/directions';
import type { Outdoors } from '../light/outdoors';
import type { Facet, Rect } from '../light/plan/patches';
import { ceilingParts } from '../light/plan/patches';
import { plannedPatchLight, type PlannedPatches } from '../light/plan/planned-patch-light';
import { beyondPlanned } from '../light/plan/prepare-planned';
import { movedBy, turnedBy, type Move } from '../light/plan/visible';
import { noLight } from '../light/spectral';
import type { Planned } from './engine-rooms';
import { plannedPatches } from './planned-shapes';
import type { LitFace, LitPatch } from './standing-face';
import { glowing, type Adapted } from './standing-looks';
import { sunOnFace } from './standing-sun';
import type { Steps } from './steps';

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
    sun: sunOnFace(facet, of.patches, of.outdoors, room),
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
  const asCut = plannedPatches(as);
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
