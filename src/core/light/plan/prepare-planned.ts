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
import { SKY_GRID } from '../sky-grid';
import { addBanded, addWeights, transferOf, type Transfer } from '../transfers';
import { dot, type Vector } from '../view-factor';
import {
  factorTo,
  inFrame,
  ofRoom,
  PLANNED,
  shapeOfPlanned,
  type PlannedShape,
  type Known,
  type Patch,
  type Placed,
  type Window,
} from './known-rooms';
import { beamSpot, sightOut } from './outside';
import type { OpenDoor, PlannedRoom } from './planned-room';
import { movedBy, turnedBy, type SeenRoom } from './visible';
import { backTo, eachSight, sightsOf } from './window-sights';

/** A receiver in one of the rooms, in that room's own frame. */
export type PlannedReceiver = Receiver & { readonly room: number };
export type PreparedRooms = {
  readonly receivers: readonly PlannedReceiver[];
  /** Light at every receiver, in their order, from outside and, when they are on, from the lamps of all rooms. */
  readonly lightAt: (outdoors: Outdoors, lampsOn: boolean) => readonly ReceivedLight[];
};

/** What a window of a room shows besides the sky, before its glass. */
export function beyondPlanned({ room, aperture }: Window, placed: readonly Placed[], outdoors: Outdoors): BeyondWindow {
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
function weightsFor({ known, factors }: PlannedShape, receivers: readonly PlannedReceiver[]): Float64Array {
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
        sees[r * n + j]! += factorTo(at, normal, inFrame(patches[j]!, view, true), view);
  });
  return bounceWeights(factors, { factors: sees, reflectance, count: receivers.length, bands: BANDS.count }).weights;
}

/** Parts of a transfer: those of the sky's cells, and the rest. */
function parted({ targets, values }: Transfer, width: number): readonly [sky: Transfer, rest: Transfer] {
  const part = (isSky: boolean): Transfer => {
    const kept = [...targets.keys()].filter((k) => targets[k]! < SKY_GRID.cells === isSky);
    const own = new Float64Array(kept.length * width);
    kept.forEach((k, at) => own.set(values.subarray(k * width, (k + 1) * width), at * width));
    return { targets: Int32Array.from(kept, (k) => targets[k]!), values: own };
  };
  return [part(true), part(false)];
}

/** The same sky through several windows of one glass, as one. */
function joined(all: readonly Transfer[], width: number): Transfer {
  const slots = new Map<number, number>();
  for (const { targets } of all) targets.forEach((t) => slots.has(t) || slots.set(t, slots.size));
  const values = new Float64Array(slots.size * width);
  for (const { targets, values: own } of all)
    targets.forEach((t, k) => {
      const to = slots.get(t)! * width;
      for (let i = 0; i < width; i++) values[to + i]! += own[k * width + i]!;
    });
  return { targets: Int32Array.from(slots.keys()), values };
}
const NOTHING_BEYOND: BeyondWindow = {
  ground: noLight(),
  obstruction: noLight(),
  overhang: noLight(),
  reveal: noLight(),
  cloth: noLight(),
};

/** Sky, ground and what else is seen through every window, straight and bounced. */
function daylight(known: Known, receivers: readonly PlannedReceiver[], weights: Float64Array) {
  const { placed, seen, windows } = known;
  const width = receivers.length * BANDS.count;
  const transfers = windows.map((window) => parted(transferOf(sightsOf(window, known), weights, width), width));
  const glasses = [...new Set(windows.map((w) => w.aperture.glass.join()))];
  const skies = glasses.map((glass) => {
    const own = windows.flatMap((w, k) => (w.aperture.glass.join() === glass ? [k] : []));
    return {
      glass: windows[own[0]!]!.aperture.glass,
      transfer: joined(
        own.map((k) => transfers[k]![0]),
        width,
      ),
    };
  });
  const none = receivers.map(() => []);
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
    for (const sky of skies) addThroughWindow({ ...sky, straight: none }, outdoors, NOTHING_BEYOND, into);
    windows.forEach((window, w) => {
      const { glass } = window.aperture;
      const shows = beyondPlanned(window, placed, outdoors);
      const own = straight.map((sights) => sights[w]!);
      addThroughWindow({ transfer: transfers[w]![1], straight: own, glass }, outdoors, shows, into);
    });
  };
}

/** The sun through a window of one room, as it is met in another, or in the same. */
export type Beam = {
  readonly aperture: Window['aperture'];
  readonly own: PlannedRoom;
  readonly view: SeenRoom;
  /** To the sun, in the window's room and in that of whom it falls on. */
  readonly within: Vector;
  readonly toSun: Vector;
  /** What the glass lets through aslant. */
  readonly share: number;
};

/** Through what the sun may come into a room at all: windows that it stands before, and over what stands opposite. */
export function beamsInto(room: number, { seen, windows, placed }: Known, sun: Outdoors['sun']): Beam[] {
  return windows.flatMap((window): Beam[] => {
    const { room: of, aperture } = window;
    // cloth scatters what comes by it
    if (aperture.cloth || sun.altitudeDeg <= Math.max(0, aperture.obstructionDeg)) return [];
    const own = placed[of]!.room;
    const within = vectorTo(sun, own.bearingDeg);
    const before = -dot(within, aperture.facet.inward);
    if (before <= 1e-6) return [];
    const share = slantShare(aperture.panes, before);
    return seen[room]!.filter((v) => v.room === of).map((view) => ({
      aperture,
      own,
      view,
      within,
      toSun: turnedBy(view.move, within),
      share,
    }));
  });
}

/** The share of an element's light by the sun that reaches it: the cosine on it and what the glass lets through. */
export function beamOn({ aperture, own, view, within, toSun, share }: Beam, at: Vector, normal: Vector): number {
  const facing = dot(toSun, normal);
  if (facing <= 0) return 0;
  const there = backTo(view, at);
  const spot = beamSpot(aperture, there, within);
  if (!spot || !view.sees(at, movedBy(view.move, spot))) return 0;
  return sightOut(own, aperture)(there, spot).seen === 'sky' ? facing * share : 0;
}

/** Whether the sun through a window may fall on any spot of a patch: its line through the middle passes the window, or near it. */
export function mayFallOn({ aperture, view, within }: Beam, { spots, corners }: Patch): boolean {
  const [middle] = spots;
  const reach = corners.reduce(
    (most, c) => Math.max(most, Math.hypot(c[0] - middle![0], c[1] - middle![1], c[2] - middle![2])),
    0,
  );
  // a patch aslant to the beam is reached as far along the window as the cosine of the beam on it is small
  const wide = reach / Math.max(0.05, -dot(within, aperture.facet.inward));
  const [u0, u1, v0, v1] = aperture.rect;
  const around = { ...aperture, rect: [u0 - wide, u1 + wide, v0 - wide, v1 + wide] as const };
  return beamSpot(around, backTo(view, middle!), within) !== undefined;
}

function sunlight(known: Known, receivers: readonly PlannedReceiver[], weights: Float64Array) {
  const { patches, placed } = known;
  const width = receivers.length * BANDS.count;
  return (outdoors: Outdoors, into: readonly ReceivedLight[]): void => {
    const { sun, beam, beamNormalLux } = outdoors;
    if (sun.altitudeDeg <= 0 || beamNormalLux <= 0) return;
    const beams = placed.map((_, room) => beamsInto(room, known, sun));
    const glasses = [...new Set(beams.flat().map((b) => b.aperture.glass))];
    const byGlass = glasses.map(() => new Float64Array(width));
    patches.forEach((patch, p) => {
      const normal = placed[patch.room]!.facets[patch.facet]!.inward;
      for (const one of beams[patch.room]!) {
        if (dot(one.toSun, normal) <= 0 || !mayFallOn(one, patch)) continue;
        let lit = 0;
        for (const at of patch.many) lit += beamOn(one, at, normal);
        if (lit > 0) addWeights(byGlass[glasses.indexOf(one.aperture.glass)]!, weights, p * width, lit / patch.many.length);
      }
    });
    into.forEach(({ direct, bounced }, r) => {
      glasses.forEach((glass, g) =>
        addBanded(bounced, { power: beam, glass }, { values: byGlass[g]!, offset: r * BANDS.count }, beamNormalLux),
      );
      const { room, at, normal } = receivers[r]!;
      for (const one of beams[room]!) {
        const own = beamOn(one, at, normal);
        const { glass } = one.aperture;
        if (own > 0) beam.forEach((v, i) => (direct[i]! += beamNormalLux * own * v * glass[i]!));
      }
    });
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
 *
 * @param shape what the rooms see of each other, where that is known already
 */
export function preparePlanned(
  rooms: readonly PlannedRoom[],
  doors: readonly OpenDoor[],
  receivers: readonly PlannedReceiver[],
  shape: PlannedShape = shapeOfPlanned(rooms, doors),
): PreparedRooms {
  const { known } = shape;
  const weights = weightsFor(shape, receivers);
  const addDaylight = daylight(known, receivers, weights);
  const addSun = sunlight(known, receivers, weights);
  let byLamps: readonly ReceivedLight[] | undefined;
  return {
    receivers,
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
