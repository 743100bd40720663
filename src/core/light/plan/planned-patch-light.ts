import { DAYLIGHT_COMPONENTS } from '../../colour/illuminant';
import type { SpectralPower } from '../../colour/grid';
import { OTHERS } from '../beyond-window';
import { lampSpectrum } from '../lamp';
import { lampAtPoint } from '../lamp-light';
import type { Outdoors } from '../outdoors';
import { bouncedLight, type PatchSource } from '../patch-light';
import { SKY_GRID } from '../sky-grid';
import type { PlannedShape } from './known-rooms';
import { beamOn, beamsInto, beyondPlanned, mayFallOn } from './prepare-planned';
import { movedBy } from './visible';
import { sightsOf, type PatchSights } from './window-sights';

/** A shape with what each of its patches sees through every window. */
export type PlannedPatches = PlannedShape & { readonly sights: readonly PatchSights[] };

export const patchSights = ({ known }: PlannedShape): readonly PatchSights[] =>
  known.windows.map((window) => sightsOf(window, known));

function lampsOnPatches({ known }: PlannedPatches, found: (power: SpectralPower) => Float64Array): void {
  const { placed, patches, seen } = known;
  placed.forEach(({ room }, r) => {
    for (const lamp of room.lamps) {
      const direct = found(lampSpectrum(lamp));
      patches.forEach((patch, p) => {
        const normal = placed[patch.room]!.facets[patch.facet]!.inward;
        for (const view of seen[patch.room]!.filter((v) => v.room === r)) {
          const there = { ...lamp, at: movedBy(view.move, lamp.at) };
          for (const at of patch.spots)
            if (view.sees(at, there.at)) direct[p]! += lampAtPoint(there, at, normal) / patch.spots.length;
        }
      });
    }
  });
}

/** Sources by their spectra, with what of each falls on every patch before any bounce; the sun apart, since it is drawn with its edge. */
function sourcesOf(of: PlannedPatches, outdoors: Outdoors, lampsOn: boolean): PatchSource[] {
  const { known, sights } = of;
  const { placed, patches, windows } = known;
  const found = new Map<string, PatchSource>();
  const source = (name: string, power: () => SpectralPower, apart = false): Float64Array => {
    const one = found.get(name) ?? { power: power(), direct: new Float64Array(patches.length), apart };
    found.set(name, one);
    return one.direct;
  };
  const through = (power: SpectralPower, glass: Float64Array) => power.map((v, i) => v * glass[i]!);
  windows.forEach((window, w) => {
    const { glass } = window.aperture;
    const glazed = glass.join();
    const beyond = beyondPlanned(window, placed, outdoors);
    const skies = DAYLIGHT_COMPONENTS.map((c, k) => source(`sky ${k} ${glazed}`, () => through(c, glass)));
    const { patch, target, factor } = sights[w]!;
    patch.forEach((p, k) => {
      const to = target[k]!;
      const share = Math.PI * factor[k]!;
      if (to < SKY_GRID.cells) skies.forEach((direct, c) => (direct[p]! += share * outdoors.cells[to * 3 + c]!));
      else {
        const other = OTHERS[to - SKY_GRID.cells]!;
        source(`${other} ${w}`, () => through(beyond[other], glass))[p]! += share;
      }
    });
  });
  if (outdoors.sun.altitudeDeg > 0 && outdoors.beamNormalLux > 0)
    patches.forEach((patch, p) => {
      const normal = placed[patch.room]!.facets[patch.facet]!.inward;
      for (const beam of beamsInto(patch.room, known, outdoors.sun)) {
        if (!mayFallOn(beam, patch)) continue;
        const { glass } = beam.aperture;
        const lit = patch.many.reduce((sum, at) => sum + beamOn(beam, at, normal), 0) / patch.many.length;
        if (lit > 0) source(`sun ${glass.join()}`, () => through(outdoors.beam, glass), true)[p]! += lit * outdoors.beamNormalLux;
      }
    });
  if (lampsOn) lampsOnPatches(of, (power) => source(`lamp ${found.size}`, () => power));
  return [...found.values()];
}

/**
 * Spectral illuminance of every patch at a moment with all bounces, but for the sun's own light where it falls. Yields after each source
 * how far it is, 0–1.
 */
export function* plannedPatchLight(
  of: PlannedPatches,
  outdoors: Outdoors,
  lampsOn: boolean,
): Generator<number, readonly SpectralPower[]> {
  const { known, factors } = of;
  const { patches, placed } = known;
  const sources = sourcesOf(of, outdoors, lampsOn);
  return yield* bouncedLight(sources, {
    factors,
    count: patches.length,
    reflectanceAt: (p, i) => {
      const { room, facet, solid } = patches[p]!;
      return placed[room]!.facets[facet]!.reflectance[i]! * solid;
    },
  });
}
