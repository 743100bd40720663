import { beyondWindow, type BeyondWindow } from './beyond-window';
import { normalOf } from './box';
import { vectorTo } from './directions';
import { diffuseShare, slantShare } from './glass';
import { lampSpectrum } from './lamp';
import { lampAtPoint, lampOnPatches } from './lamp-light';
import { roomProblems, wallFrame, type LightRoom } from './light-room';
import type { Outdoors } from './outdoors';
import { straightSights, type ReceivedLight, type Receiver } from './receiver';
import { shapeOf, type RoomShape } from './room-shape';
import { addLight, BANDS, noLight } from './spectral';
import { beamThrough, sunPatches } from './sun-patch';
import { addThroughWindow } from './through-window';
import { addBanded, addWeights, eachLitPatch, transferOf, weightsOf } from './transfers';
import { dot } from './view-factor';

/** A room ready for any moment. */
export type PreparedRoom = {
  readonly room: LightRoom;
  readonly receivers: readonly Receiver[];
  /** Light at every receiver, in their order, from outside and, when they are on, from the lamps. */
  readonly lightAt: (outdoors: Outdoors, lampsOn: boolean) => readonly ReceivedLight[];
};

type Into = readonly ReceivedLight[];
type Adder = (outdoors: Outdoors, into: Into) => void;

/** Sky, ground and what else is seen through one aperture, straight and bounced. */
function diffuseThrough(room: LightRoom, shape: RoomShape, receivers: readonly Receiver[], weights: Float64Array) {
  const width = receivers.length * BANDS.count;
  const transfers = shape.sights.map((sights) => transferOf(sights, weights, width));
  const straight = receivers.map((receiver) => straightSights(room, shape, receiver));
  const glasses = shape.apertures.map(({ window, through, scatters }) => {
    const { glass, panes } = room.windows[window]!;
    const share = through * (scatters ? diffuseShare(panes) : 1);
    return glass.map((t) => t * share);
  });
  return (a: number, outdoors: Outdoors, beyond: BeyondWindow, into: Into): void => {
    const own = straight.map((sights) => sights[a]!);
    addThroughWindow({ transfer: transfers[a]!, straight: own, glass: glasses[a]! }, outdoors, beyond, into);
  };
}

/** The sun's beam, bounced off every patch of sun. */
function bouncedBeam(room: LightRoom, shape: RoomShape, weights: Float64Array): Adder {
  return ({ sun, beam, beamNormalLux }, into) => {
    const width = into.length * BANDS.count;
    for (const patchOfSun of sunPatches(room, sun)) {
      const bands = new Float64Array(width);
      eachLitPatch(shape, patchOfSun, (patch, share) => addWeights(bands, weights, patch * width, share));
      const { glass } = room.windows[patchOfSun.window]!;
      const scale = beamNormalLux * patchOfSun.cosine * patchOfSun.slant;
      into.forEach(({ bounced }, r) =>
        addBanded(bounced, { power: beam, glass }, { values: bands, offset: r * BANDS.count }, scale),
      );
    }
  };
}

/** The sun's beam where it falls on a receiver itself. */
function straightBeam(room: LightRoom, shape: RoomShape, receivers: readonly Receiver[]): Adder {
  return ({ sun, beam, beamNormalLux }, into) => {
    const toSun = vectorTo(sun, room.bearingDeg);
    for (const aperture of shape.apertures) {
      const part = beamThrough(room, aperture, toSun, sun.altitudeDeg);
      if (!part) continue;
      const { wall, glass, panes } = room.windows[aperture.window]!;
      const { plane, from, turn } = wallFrame(room.box, wall);
      const out = -dot(toSun, normalOf(plane));
      const throughGlass = beamNormalLux * slantShare(panes, out);
      receivers.forEach(({ at, normal }, r) => {
        const facing = dot(toSun, normal);
        const t = Math.abs(at[plane.axis] - plane.value) / out;
        const s = (at[plane.u] + t * toSun[plane.u] - from) * turn;
        const z = at[2] + t * toSun[2];
        if (facing <= 0 || s < part.s0 || s > part.s1 || z < part.z0 || z > part.z1) return;
        const { direct } = into[r]!;
        beam.forEach((v, i) => (direct[i]! += throughGlass * facing * v * glass[i]!));
      });
    }
  };
}

/** All lamps at their dimming; the same at every moment. */
function lampLight(room: LightRoom, shape: RoomShape, receivers: readonly Receiver[], weights: Float64Array): Into {
  const width = receivers.length * BANDS.count;
  const found = receivers.map((): ReceivedLight => ({ direct: noLight(), bounced: noLight() }));
  for (const lamp of room.lamps) {
    const power = lampSpectrum(lamp);
    const bands = new Float64Array(width);
    lampOnPatches(lamp, shape.patched).forEach((lux, patch) => addWeights(bands, weights, patch * width, lux));
    receivers.forEach(({ at, normal }, r) => {
      addLight(found[r]!.direct, power, lampAtPoint(lamp, at, normal));
      addBanded(found[r]!.bounced, { power }, { values: bands, offset: r * BANDS.count }, 1);
    });
  }
  return found;
}

/**
 * Prepares a room for many moments: geometry, and how much of the light on each patch reaches each receiver after bouncing, in bands
 * of 40 nm. Direct light is exact but for a sky taken in 16 × 16 pieces a window; with bounces within 1 % of a path tracer.
 *
 * @param shape that of the room, when it is already there; @throws RangeError for a room that cannot be: see roomProblems
 */
export function prepareRoom(room: LightRoom, receivers: readonly Receiver[], shape: RoomShape = shapeOf(room)): PreparedRoom {
  const [problem] = roomProblems(room);
  if (problem) throw new RangeError(`the room cannot be computed: ${JSON.stringify(problem)}`);
  const weights = weightsOf(room, shape, receivers);
  const diffuse = diffuseThrough(room, shape, receivers, weights);
  const beams = [bouncedBeam(room, shape, weights), straightBeam(room, shape, receivers)];
  const lamps = lampLight(room, shape, receivers, weights);
  return {
    room,
    receivers,
    lightAt(outdoors, lampsOn) {
      const found = lamps.map(({ direct, bounced }) =>
        lampsOn ? { direct: direct.slice(), bounced: bounced.slice() } : { direct: noLight(), bounced: noLight() },
      );
      if (outdoors.horizontalLux > 0) {
        const beyond = room.windows.map((_, window) => beyondWindow(room, window, outdoors));
        shape.apertures.forEach(({ window }, a) => diffuse(a, outdoors, beyond[window]!, found));
      }
      if (outdoors.beamNormalLux > 0 && outdoors.sun.altitudeDeg > 0) for (const add of beams) add(outdoors, found);
      return found;
    },
  };
}
