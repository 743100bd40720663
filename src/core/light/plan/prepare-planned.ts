import type { BeyondWindow } from '../beyond-window';
import { ASSUMED } from '../assumptions';
import { directionOf, vectorTo } from '../directions';
import { slantShare } from '../glass';
import { lampSpectrum } from '../lamp';
import { lampAtPoint } from '../lamp-light';
import type { Outdoors } from '../outdoors';
import { bounceWeights } from '../radiosity';
import type { ReceivedLight, Receiver, ReceiverSight } from '../receiver';
import { addLight, BANDS, noLight } from '../spectral';
import { beforeWindow } from '../street';
import { addThroughWindow } from '../through-window';
import { addBanded, addWeights, transferOf } from '../transfers';
import { dot, type Vector } from '../view-factor';
import {
  factorsOf,
  factorTo,
  inFrame,
  manySpots,
  ofRoom,
  patchesIn,
  placedRooms,
  PLANNED,
  type Known,
  type Placed,
  type Window,
} from './known-rooms';
import { beamSpot, sightOut } from './outside';
import type { OpenDoor, PlannedRoom } from './planned-room';
import { movedBy, roomsSeenFrom, turnedBy } from './visible';
import { backTo, eachSight, sightsOf } from './window-sights';

/** A receiver in one of the rooms, in that room's own frame. */
export type PlannedReceiver = Receiver & { readonly room: number };
export type PreparedRooms = {
  /** Light at every receiver, in their order, from outside and, when they are on, from the lamps of all rooms. */
  readonly lightAt: (outdoors: Outdoors, lampsOn: boolean) => readonly ReceivedLight[];
};

/** What a window of a room shows besides the sky, before its glass. */
function beyond({ room, aperture }: Window, placed: readonly Placed[], outdoors: Outdoors): BeyondWindow {
  const { room: of } = placed[room]!;
  const { inward } = aperture.facet;
  const outward: Vector = [-inward[0], -inward[1], -inward[2]];
  const flat = Math.hypot(outward[0], outward[1]) > 1e-9 ? directionOf(outward, of.bearingDeg).azimuthDeg : of.bearingDeg;
  const { obstructionDeg, overhangM, revealM } = aperture;
  const { ground, facade, onWindow } = beforeWindow(outdoors, flat, {
    ground: of.ground,
    obstruction: of.obstruction,
    obstructionDeg,
  });
  const share = (k: number) => onWindow.map((e) => (k * e) / Math.PI);
  return {
    ground,
    obstruction: facade,
    overhang: overhangM > 0 ? ground.map((l) => l * ASSUMED.overhangReflectance.value) : noLight(),
    reveal: revealM > 0 ? share(ASSUMED.revealReturn.value) : noLight(),
    cloth: share(1),
  };
}

/** How much of the direct light on each patch reaches each receiver by bounces: (patch · receivers + receiver) · bands + band. */
function weightsFor(known: Known, receivers: readonly PlannedReceiver[]): Float64Array {
  const { patches, placed, seen } = known;
  const n = patches.length;
  const reflectance = new Float64Array(n * BANDS.count);
  patches.forEach(({ room, facet, solid }, j) => {
    const curve = placed[room]!.facets[facet]!.reflectance;
    for (let b = 0; b < BANDS.count; b++) reflectance[j * BANDS.count + b] = curve[b * BANDS.step]! * solid;
  });
  const sees = new Float64Array(receivers.length * n);
  receivers.forEach(({ room, at, normal }, r) => {
    for (const view of seen[room]!)
      for (const j of ofRoom(patches, view.room))
        sees[r * n + j]! += factorTo(at, normal, inFrame(patches[j]!, view, true), view.sees);
  });
  const factors = factorsOf(patches, placed, seen);
  return bounceWeights(factors, { factors: sees, reflectance, count: receivers.length, bands: BANDS.count }).weights;
}

/** Sky, ground and what else is seen through every window, straight and bounced. */
function daylight(known: Known, receivers: readonly PlannedReceiver[], weights: Float64Array) {
  const { placed, seen, windows } = known;
  const width = receivers.length * BANDS.count;
  const transfers = windows.map((window) => transferOf(sightsOf(window, known), weights, width));
  const straight = receivers.map((receiver) =>
    windows.map(({ room, aperture }) => {
      const found: ReceiverSight[] = [];
      for (const view of seen[receiver.room]!.filter((v) => v.room === room))
        eachSight(
          receiver,
          aperture,
          { view, room: placed[room]!.room, pieces: PLANNED.finePieces, cuts: PLANNED.mostCuts },
          (sight) => found.push(sight),
        );
      return found;
    }),
  );
  return (outdoors: Outdoors, into: readonly ReceivedLight[]): void => {
    windows.forEach((window, w) => {
      const { glass } = window.aperture;
      const shows = beyond(window, placed, outdoors);
      const own = straight.map((sights) => sights[w]!);
      addThroughWindow({ transfer: transfers[w]!, straight: own, glass }, outdoors, shows, into);
    });
  };
}

/** The share of an element's light by the sun that reaches it through a window: the cosine on it and what the glass lets through. */
function beamOn(
  known: Known,
  { room, aperture }: Window,
  of: { readonly room: number; readonly at: Vector; readonly normal: Vector },
  sun: Outdoors['sun'],
): number {
  const { placed, seen } = known;
  if (sun.altitudeDeg <= Math.max(0, aperture.obstructionDeg)) return 0;
  let share = 0;
  for (const view of seen[of.room]!.filter((v) => v.room === room)) {
    const within = vectorTo(sun, placed[room]!.room.bearingDeg);
    const toSun = turnedBy(view.move, within);
    const facing = dot(toSun, of.normal);
    if (facing <= 0) continue;
    const own = backTo(view, of.at);
    const spot = beamSpot(aperture, own, within);
    if (!spot || !view.sees(of.at, movedBy(view.move, spot))) continue;
    if (sightOut(placed[room]!.room, aperture)(own, spot).seen !== 'sky') continue;
    share += facing * slantShare(aperture.panes, -dot(within, aperture.facet.inward));
  }
  return share;
}

function sunlight(known: Known, receivers: readonly PlannedReceiver[], weights: Float64Array) {
  const { patches, placed, windows } = known;
  const width = receivers.length * BANDS.count;
  return ({ sun, beam, beamNormalLux }: Outdoors, into: readonly ReceivedLight[]): void => {
    if (sun.altitudeDeg <= 0 || beamNormalLux <= 0) return;
    for (const window of windows) {
      const { glass } = window.aperture;
      const bands = new Float64Array(width);
      patches.forEach((patch, p) => {
        const normal = placed[patch.room]!.facets[patch.facet]!.inward;
        const spots = manySpots(patch);
        let lit = 0;
        for (const at of spots) lit += beamOn(known, window, { room: patch.room, at, normal }, sun);
        if (lit > 0) addWeights(bands, weights, p * width, lit / spots.length);
      });
      into.forEach(({ direct, bounced }, r) => {
        addBanded(bounced, { power: beam, glass }, { values: bands, offset: r * BANDS.count }, beamNormalLux);
        const own = beamOn(known, window, receivers[r]!, sun);
        if (own > 0) beam.forEach((v, i) => (direct[i]! += beamNormalLux * own * v * glass[i]!));
      });
    }
  };
}

/** All lamps of all rooms at their dimming; the same at every moment. */
function lamps(known: Known, receivers: readonly PlannedReceiver[], weights: Float64Array): readonly ReceivedLight[] {
  const { placed, patches, seen } = known;
  const width = receivers.length * BANDS.count;
  const found = receivers.map((): ReceivedLight => ({ direct: noLight(), bounced: noLight() }));
  placed.forEach(({ room }, r) => {
    for (const lamp of room.lamps) {
      const power = lampSpectrum(lamp);
      const luxAt = (of: { readonly room: number; readonly at: Vector; readonly normal: Vector }): number =>
        seen[of.room]!.filter((v) => v.room === r).reduce((sum, view) => {
          const there = { ...lamp, at: movedBy(view.move, lamp.at) };
          return view.sees(of.at, there.at) ? sum + lampAtPoint(there, of.at, of.normal) : sum;
        }, 0);
      const bands = new Float64Array(width);
      patches.forEach((patch, p) => {
        const normal = placed[patch.room]!.facets[patch.facet]!.inward;
        const lux = patch.spots.reduce((sum, at) => sum + luxAt({ room: patch.room, at, normal }), 0) / patch.spots.length;
        addWeights(bands, weights, p * width, lux);
      });
      receivers.forEach((receiver, k) => {
        addLight(found[k]!.direct, power, luxAt(receiver));
        addBanded(found[k]!.bounced, { power }, { values: bands, offset: k * BANDS.count }, 1);
      });
    }
  });
  return found;
}

/**
 * Prepares rooms of any plan, joined by open doors, for many moments: as {@link prepareRoom} does a box, with what stands between seen to.
 * Direct light is exact but for windows taken in pieces; with bounces within 3 % of a path tracer.
 */
export function preparePlanned(
  rooms: readonly PlannedRoom[],
  doors: readonly OpenDoor[],
  receivers: readonly PlannedReceiver[],
): PreparedRooms {
  const placed = placedRooms(rooms, doors);
  const known: Known = {
    placed,
    patches: patchesIn(placed),
    seen: rooms.map((_, r) => roomsSeenFrom(rooms, doors, r)),
    windows: placed.flatMap(({ apertures }, room) => apertures.map((aperture) => ({ room, aperture }))),
  };
  const weights = weightsFor(known, receivers);
  const addDaylight = daylight(known, receivers, weights);
  const addSun = sunlight(known, receivers, weights);
  let byLamps: readonly ReceivedLight[] | undefined;
  return {
    lightAt(outdoors, lampsOn) {
      const found = receivers.map((): ReceivedLight => ({ direct: noLight(), bounced: noLight() }));
      addDaylight(outdoors, found);
      addSun(outdoors, found);
      if (lampsOn) {
        byLamps ??= lamps(known, receivers, weights);
        byLamps.forEach(({ direct, bounced }, r) => {
          addLight(found[r]!.direct, direct);
          addLight(found[r]!.bounced, bounced);
        });
      }
      return found;
    },
  };
}
