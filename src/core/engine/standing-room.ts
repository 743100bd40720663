import { viewOf, type SceneLight, type SceneView } from '../appearance/scene';
import type { SpectralPower } from '../colour/grid';
import { DAYLIGHT_COMPONENTS } from '../colour/illuminant';
import { facesOf, wallFrame, type LightRoom } from '../light/light-room';
import { patchLight } from '../light/patch-light';
import { openingOf } from '../light/room-fit';
import { sunPatches } from '../light/sun-patch';
import { beyondWindow } from '../light/beyond-window';
import { outdoorsAt } from '../light/outdoors';
import type { RoomShape } from '../light/room-shape';
import { standingInPlan, type ShownFacet } from './standing-in-plan';
import { isPlanned } from './engine-rooms';
import { cannotBe, dayOf, lightsOf, placeOf, roomOf, sceneAt, shapeFor } from './known-days';
import type { DayRequest, LookIn, NoAnswer } from './light-protocol';
import type { BoxWall } from '../room/facing';
import type { Dress } from './standing-dress';
import { dressedPieces, glowing, LAYERS, lookIn, reflectancesOf, rgbOf, type Dressed, type ShownPiece } from './standing-looks';
import type { Steps } from './steps';

/** A room as one stands in it at a moment of a day; `dress` instead of what is on it. */
export type StandingRequest = {
  readonly day: DayRequest;
  readonly moment: number;
  readonly lookIn: LookIn;
  readonly dress: Dress | null;
};
/** A face in its own axes: lines across and up it, metres, and a colour (sRGB, 0–255) where they cross, row by row. */
export type ShownFace = {
  readonly us: readonly number[];
  readonly vs: readonly number[];
  readonly rgb: readonly number[];
  /** What is in it: windows with what they show, and the sun where it falls, each of one colour. */
  readonly pieces: readonly ShownPiece<readonly [number, number]>[];
};
export type StandingAnswer = {
  readonly ok: true;
  /** Of a box in the order of FACES; null where it is too dark to judge, and of a room of any plan. */
  readonly faces: readonly ShownFace[] | null;
  /** Of a room of any plan. */
  readonly facets: readonly ShownFacet[] | null;
};

/** Colours where the lines of a face cross, each the mean of the patches that meet there. */
function atCrossings(hexes: readonly string[], columns: number, rows: number): number[] {
  const cells = hexes.map(rgbOf);
  const found: number[] = [];
  for (let j = 0; j <= rows; j++)
    for (let i = 0; i <= columns; i++) {
      const near = [
        [i - 1, j - 1],
        [i, j - 1],
        [i - 1, j],
        [i, j],
      ].filter(([c, r]) => c! >= 0 && c! < columns && r! >= 0 && r! < rows);
      for (const k of [0, 1, 2] as const)
        found.push(near.reduce((sum, [c, r]) => sum + cells[r! * columns + c!]![k], 0) / near.length);
    }
  return found;
}

type Seen = {
  readonly room: LightRoom;
  readonly shape: RoomShape;
  readonly light: readonly SpectralPower[];
  readonly eye: SceneView;
  readonly scene: SceneLight;
  readonly parts: Dressed['parts'];
};

/** Windows of a face with what is seen through their middle, and patches of sun on it. */
function piecesOn(
  face: number,
  { room, shape, light, eye, scene, parts }: Seen,
  outdoors: ReturnType<typeof outdoorsAt>,
): ShownFace['pieces'] {
  const reflectance = facesOf(room)[face]!;
  const windows = room.windows.flatMap((window, w) => {
    if (window.wall !== face) return [];
    const { from, turn } = wallFrame(room.box, window.wall);
    const { s0, s1, z0, z1 } = openingOf(window);
    const beyond = beyondWindow(room, w, outdoors);
    const bearing = (room.bearingDeg + 90 * window.wall) % 360;
    const altitude = Math.max(8, window.obstructionDeg + 8);
    const amounts = outdoors.skyAt(altitude, bearing);
    const sky = DAYLIGHT_COMPONENTS.reduce(
      (sum, c, k) => sum.map((v, i) => v + c[i]! * amounts[k]!),
      new Float64Array(window.glass.length),
    );
    const shows = window.obstructionDeg > 25 ? beyond.obstruction : sky;
    // a radiance is that of a white under π times as much light
    const power = shows.map((v, i) => Math.PI * v * window.glass[i]!);
    const [u0, u1] = [from + turn * s0, from + turn * s1];
    const corners = [
      [u0, z0],
      [u1, z0],
      [u1, z1],
      [u0, z1],
    ] as const;
    return [{ corners, hex: glowing({ eye, scene }, power), layer: LAYERS.window }];
  });
  const { us, vs, first } = shape.patched.faces[face]!;
  const columns = us.length - 1;
  const cellAt = (u: number, v: number): number => {
    const i = Math.min(columns - 1, Math.max(0, us.findIndex((x) => x > u) - 1));
    const j = Math.min(vs.length - 2, Math.max(0, vs.findIndex((x) => x > v) - 1));
    return first + j * columns + i;
  };
  const sun = sunPatches(room, outdoors.sun)
    .filter((patch) => patch.face === face)
    .map(({ polygon, window, cosine, slant }) => {
      const middle = polygon.reduce(([u, v], c) => [u + c[0] / polygon.length, v + c[1] / polygon.length], [0, 0]);
      const own = light[cellAt(middle[0]!, middle[1]!)]!;
      const { glass } = room.windows[window]!;
      const lux = outdoors.beamNormalLux * cosine * slant;
      const power = own.map((v, i) => v + lux * outdoors.beam[i]! * glass[i]!);
      return { corners: polygon, hex: lookIn(eye, scene.lux, power, reflectance), layer: LAYERS.sun };
    });
  const dressed = parts
    .filter((part) => part.wall === face)
    .flatMap(({ wall, rect, reflectance: own }) => {
      const { from, turn } = wallFrame(room.box, wall as BoxWall);
      const on = [from + turn * rect.s0, from + turn * rect.s1, rect.z0, rect.z1] as const;
      return dressedPieces({ rect: on, reflectance: own }, (u, v) => light[cellAt(u, v)], { eye, scene });
    })
    .map(({ rect: [u0, u1, v0, v1], ...shown }) => ({
      ...shown,
      corners: [
        [u0, v0],
        [u1, v0],
        [u1, v1],
        [u0, v1],
      ] as const,
    }));
  return [...dressed, ...windows, ...sun];
}

/** The faces of a room as an eye sees them that stands in it and is adapted to the place that is judged at. */
export function* standingRoom({ day: request, moment, lookIn: where, dress }: StandingRequest): Steps<StandingAnswer | NoAnswer> {
  const { room: as, problem } = roomOf(request.room);
  if (problem) return cannotBe(problem);
  const known = yield* dayOf(request);
  const scene = sceneAt(lightsOf(known, moment, where.lampsOn), placeOf(as, where.position), where.scale);
  if (!scene) return { ok: true, faces: null, facets: null };
  const on = reflectancesOf(dress);
  if (isPlanned(as)) return yield* standingInPlan({ as, scene, on, known, request, moment, lookIn: where });
  const onWall = (k: 0 | 1 | 2 | 3) => on.walls[k] ?? as.walls[k];
  const room: LightRoom = {
    ...as,
    walls: [onWall(0), onWall(1), onWall(2), onWall(3)],
    ceiling: on.ceiling ?? as.ceiling,
  };
  const shape = shapeFor(as);
  const { place, date } = request;
  const outdoors = outdoorsAt({ at: known.moments[moment]!, place, date, sky: known.skies[moment]! });
  const steps = patchLight(room, shape, outdoors, where.lampsOn);
  let step = steps.next();
  while (!step.done) {
    yield step.value;
    step = steps.next();
  }
  const light = step.value.map((power) => power.map((v) => v * where.scale));
  const eye = viewOf(scene);
  const seen = { room, shape, light, eye, scene, parts: on.parts };
  const surfaces = facesOf(room);
  const faces = shape.patched.faces.map(({ us, vs, first }, face): ShownFace => {
    const [columns, rows] = [us.length - 1, vs.length - 1];
    const hexes = Array.from({ length: columns * rows }, (_, k) => lookIn(eye, scene.lux, light[first + k]!, surfaces[face]!));
    return { us: [...us], vs: [...vs], rgb: atCrossings(hexes, columns, rows), pieces: piecesOn(face, seen, outdoors) };
  });
  return { ok: true, faces, facets: null };
}
