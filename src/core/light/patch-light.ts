import { DAYLIGHT_COMPONENTS } from '../colour/illuminant';
import { GRID, type SpectralPower } from '../colour/grid';
import { beyondWindow, OTHERS } from './beyond-window';
import { diffuseShare } from './glass';
import { lampSpectrum } from './lamp';
import { lampOnPatches } from './lamp-light';
import { facesOf, type LightRoom } from './light-room';
import type { Outdoors } from './outdoors';
import { bounce } from './radiosity';
import type { RoomShape } from './room-shape';
import { SKY_GRID } from './sky-grid';
import { BANDS, betweenBands, noLight } from './spectral';
import { sunPatches } from './sun-patch';
import { eachLitPatch } from './transfers';

/** One spectrum that lights a room, and how much of it falls on each patch before and after all bounces, in bands. */
export type PatchSource = {
  readonly power: SpectralPower;
  readonly direct: Float64Array;
  /** The sun's own light on a patch is drawn apart, with its edge: only what bounces of it counts here. */
  readonly apart: boolean;
};

type Bouncing = {
  /** n × n, row by row. */
  readonly factors: Float64Array;
  readonly count: number;
  /** Of a patch at a wavelength of the grid, 0 ≤ ρ < 1. */
  readonly reflectanceAt: (patch: number, wavelength: number) => number;
};
/** Spectral illuminance of every patch by some sources with all bounces. Yields after each source how far it is, 0–1. */
export function* bouncedLight(
  sources: readonly PatchSource[],
  { factors, count, reflectanceAt }: Bouncing,
): Generator<number, readonly SpectralPower[]> {
  const light = Array.from({ length: count }, () => noLight());
  for (const [s, { power, direct, apart }] of sources.entries()) {
    const byBand = Array.from({ length: BANDS.count }, (_, b) => {
      const reflectance = Float64Array.from({ length: count }, (__, p) => reflectanceAt(p, b * BANDS.step));
      return bounce(factors, direct, reflectance).total;
    });
    const bands = new Float64Array(BANDS.count);
    light.forEach((into, p) => {
      for (let b = 0; b < BANDS.count; b++) bands[b] = byBand[b]![p]! - (apart ? direct[p]! : 0);
      for (let i = 0; i < GRID.count; i++) into[i]! += betweenBands(bands, i) * power[i]!;
    });
    yield (s + 1) / sources.length;
  }
  return light;
}

/** Sources by their spectra: what comes through glass of one kind is one. */
function sourcesOf(room: LightRoom, shape: RoomShape, outdoors: Outdoors, lampsOn: boolean): PatchSource[] {
  const n = shape.patched.patches.length;
  const found = new Map<string, PatchSource>();
  const source = (name: string, power: () => SpectralPower, apart = false): Float64Array => {
    const known = found.get(name) ?? { power: power(), direct: new Float64Array(n), apart };
    found.set(name, known);
    return known.direct;
  };
  const through = (power: SpectralPower, glass: Float64Array) => power.map((v, i) => v * glass[i]!);
  shape.apertures.forEach(({ window, through: cloth, scatters }, a) => {
    const { glass, panes } = room.windows[window]!;
    const share = Math.PI * cloth * (scatters ? diffuseShare(panes) : 1);
    const glazed = glass.join();
    const beyond = beyondWindow(room, window, outdoors);
    const skies = DAYLIGHT_COMPONENTS.map((c, k) => source(`sky ${k} ${glazed}`, () => through(c, glass)));
    const { patch, target, factor } = shape.sights[a]!;
    patch.forEach((p, k) => {
      const to = target[k]!;
      if (to < SKY_GRID.cells) skies.forEach((direct, c) => (direct[p]! += share * factor[k]! * outdoors.cells[to * 3 + c]!));
      else {
        const other = OTHERS[to - SKY_GRID.cells]!;
        source(`${other} ${window}`, () => through(beyond[other], glass))[p]! += share * factor[k]!;
      }
    });
  });
  for (const patchOfSun of sunPatches(room, outdoors.sun)) {
    const { glass } = room.windows[patchOfSun.window]!;
    const direct = source(`sun ${glass.join()}`, () => through(outdoors.beam, glass), true);
    const lux = outdoors.beamNormalLux * patchOfSun.cosine * patchOfSun.slant;
    eachLitPatch(shape, patchOfSun, (p, share) => (direct[p]! += lux * share));
  }
  if (lampsOn)
    room.lamps.forEach((lamp, k) => {
      const direct = source(`lamp ${k}`, () => lampSpectrum(lamp));
      lampOnPatches(lamp, shape.patched).forEach((lux, p) => (direct[p]! += lux));
    });
  return [...found.values()];
}

/**
 * Spectral illuminance of every patch of a room at a moment, all bounces in it, but for the sun's own light where it falls: that is told
 * apart by {@link sunPatches}. Yields after each source how far it is, 0–1.
 */
export function* patchLight(
  room: LightRoom,
  shape: RoomShape,
  outdoors: Outdoors,
  lampsOn: boolean,
): Generator<number, readonly SpectralPower[]> {
  const { patches } = shape.patched;
  const faces = facesOf(room);
  const sources = sourcesOf(room, shape, outdoors, lampsOn);
  return yield* bouncedLight(sources, {
    factors: shape.factors,
    count: patches.length,
    reflectanceAt: (p, i) => faces[patches[p]!.face]![i]! * shape.solid[p]!,
  });
}
