import { viewOf, type SceneLight } from '../appearance/scene';
import type { Reflectance } from '../colour/grid';
import { outdoorsAt } from '../light/outdoors';
import type { LightRoom } from '../light/light-room';
import { patchLight } from '../light/patch-light';
import { luxOf, noLight } from '../light/spectral';
import type { Vector } from '../light/view-factor';
import { isPlanned } from './engine-rooms';
import { cannotBe, dayOf, lightsOf, placeOf, roomOf, sceneAt, shapeFor } from './known-days';
import type { DayRequest, LookIn, NoAnswer, Swatch } from './light-protocol';
import { surfacesOf } from './looks';
import { DISCOUNTS } from './sight-lines';
import type { Covering } from './standing-covering';
import type { Dress } from './standing-dress';
import { plain, shownFacet, type Clad, type CladPart, type LitFace, type ShownFacet, type ShownPiece } from './standing-face';
import { facesInBox } from './standing-in-box';
import { facesInPlan, type Repainted } from './standing-in-plan';
import type { Adapted } from './standing-looks';
import { shownThings } from './standing-boxes';
import { WORKTOP_HIGH_M } from './standing-things';
import type { Steps } from './steps';

/** A room as one stands in it at a moment of a day; `dress` instead of what is on it. */
export type StandingRequest = {
  readonly day: DayRequest;
  readonly moment: number;
  readonly lookIn: LookIn;
  readonly dress: Dress | null;
};
export type StandingAnswer = {
  readonly ok: true;
  /**
   * Walls as they are met turning right, floor, ceiling and what stands there by the room's own shape, then what is seen of other rooms
   * through open doors; null where it is too dark to judge.
   */
  readonly facets: readonly ShownFacet[] | null;
  /** What stays, as boxes. */
  readonly things: readonly ShownPiece[];
  /** The mean colour of it all, sRGB: behind the faces, where two meet that are cut differently. */
  readonly mean: readonly [number, number, number];
};

const reflectance = (swatch: Swatch | null): Reflectance | null => (swatch ? surfacesOf(swatch)[0]! : null);
const cladIn = ({ swatches, laid }: Covering): Clad => ({ tones: swatches.map((s) => surfacesOf(s)[0]!), laid });

/** What lies on each face of a room, beside what the light knows of it. */
function cladOf({ facet }: LitFace, f: number, walls: number, dress: Dress | null): Clad {
  const [own, isLevel] = [plain(facet.reflectance), facet.inward[2] > 0.99];
  if (!dress || !isLevel) return own;
  if (f === walls && dress.floor) return cladIn(dress.floor);
  const high = facet.from[2];
  const isTop = f > walls && high >= WORKTOP_HIGH_M[0] && high <= WORKTOP_HIGH_M[1];
  return isTop && dress.worktop ? cladIn(dress.worktop) : own;
}

/** What is on a wall; a leaf does not hang in a door one sees through. */
function partsOn({ open }: LitFace, wall: number, dress: Dress | null): CladPart[] {
  return (dress?.parts ?? [])
    .filter((part) => part.wall === wall)
    .filter(({ layer, rect: { s0, s1 } }) => layer !== 'door' || !open.some(([u0, u1]) => s0 < u1 - 0.05 && s1 > u0 + 0.05))
    .map(({ rect: { s0, s1, z0, z1 }, covering, layer }) => ({ rect: [s0, s1, z0, z1] as const, clad: cladIn(covering), layer }));
}

function repaintedIn(dress: Dress | null): Repainted {
  if (!dress) return { walls: [], ceiling: null, slopes: [] };
  const { walls, ceiling, slopes } = dress;
  return { walls: walls.map(reflectance), ceiling: reflectance(ceiling), slopes: slopes.map(reflectance) };
}

function meanOf(facets: readonly ShownFacet[]): readonly [number, number, number] {
  const sums = [0, 0, 0];
  let count = 0;
  for (const { tones } of facets)
    tones[0]!.forEach((v, k) => {
      sums[k % 3]! += v;
      count += k % 3 === 2 ? 1 : 0;
    });
  const [r, g, b] = sums.map((v) => v / Math.max(1, count));
  return [r!, g!, b!];
}

/** The wall of another room lies in the plane of this one's: drawn so far behind it, metres. */
const BEHIND_M = 0.01;
const setBack = (facet: ShownFacet): ShownFacet => {
  const behind = (at: Vector): Vector => at.map((c, k) => c + BEHIND_M * facet.inward[k]!) as [number, number, number];
  return {
    ...facet,
    points: facet.points.map(behind),
    pieces: facet.pieces.map((piece) => ({ ...piece, corners: piece.corners.map(behind) })),
  };
};

/**
 * An eye that looks through a door: it takes a part of the difference of the other light off, in its colour and in how bright it is, or a
 * room by the window would be white all over from a hall.
 */
function adaptedBeyond(faces: readonly LitFace[], scene: SceneLight): Adapted {
  const lights = faces.flatMap((f) => f.patches.map((p) => p.light));
  const mean = lights.reduce((sum, light) => sum.map((v, i) => v + light[i]! / lights.length), noLight());
  const far = luxOf(mean);
  if (!(far > 0)) return { eye: viewOf(scene), scene };
  const here = luxOf(scene.power);
  const power = scene.power.map((v, i) => ((1 - DISCOUNTS) * v) / here + (DISCOUNTS * mean[i]!) / far);
  const lux = scene.lux ** (1 - DISCOUNTS) * far ** DISCOUNTS;
  return { eye: viewOf({ ...scene, power }), scene: { ...scene, lux } };
}

/** The faces of a room as an eye sees them that stands in it and is adapted to the place that is judged at. */
export function* standingRoom({ day: request, moment, lookIn: where, dress }: StandingRequest): Steps<StandingAnswer | NoAnswer> {
  const { room: as, problem } = roomOf(request.room);
  if (problem) return cannotBe(problem);
  const known = yield* dayOf(request);
  const scene = sceneAt(lightsOf(known, moment, where.lampsOn), placeOf(as, where.position), where.scale);
  if (!scene) return { ok: true, facets: null, things: [], mean: [0, 0, 0] };
  const adapted: Adapted = { eye: viewOf(scene), scene };
  const on = repaintedIn(dress);
  const { place, date } = request;
  const outdoors = outdoorsAt({ at: known.moments[moment]!, place, date, sky: known.skies[moment]! });
  const lit = { on, outdoors, lampsOn: where.lampsOn, scale: where.scale, adapted };
  const { own, beyond } = isPlanned(as) ? yield* facesInPlan({ as, ...lit }) : yield* boxLit(as, lit);
  const walls = isPlanned(as) ? as.planned.plan.length : 4;
  const shown = own.map((face, f) =>
    shownFacet(face, cladOf(face, f, walls, dress), f < walls ? partsOn(face, f, dress) : [], adapted),
  );
  const there = adaptedBeyond(beyond, scene);
  const facets = [...shown, ...beyond.map((face) => setBack(shownFacet(face, plain(face.facet.reflectance), [], there)))];
  const things = (dress?.things ?? []).map(({ covering, ...thing }) => ({ ...thing, clad: cladIn(covering) }));
  return { ok: true, facets, things: shownThings(things, own, adapted), mean: meanOf(shown) };
}

type Lit = Omit<Parameters<typeof facesInPlan>[0], 'as'>;
/** The faces of a box with their light. */
function* boxLit(as: LightRoom, { on, outdoors, lampsOn, scale, adapted }: Lit) {
  const wall = (k: 0 | 1 | 2 | 3) => on.walls[k] ?? as.walls[k];
  const room: LightRoom = { ...as, walls: [wall(0), wall(1), wall(2), wall(3)], ceiling: on.ceiling ?? as.ceiling };
  const shape = shapeFor(as);
  const steps = patchLight(room, shape, outdoors, lampsOn);
  let step = steps.next();
  while (!step.done) {
    yield step.value;
    step = steps.next();
  }
  const light = step.value.map((power) => power.map((v) => v * scale));
  return { own: facesInBox({ room, shape, light, outdoors }, adapted), beyond: [] };
}
