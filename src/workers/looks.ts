import { flagsOf, readingsOf } from '@/core/appearance/readings';
import { seenIn, type Appearance, type SceneLight } from '@/core/appearance/scene';
import { deltaE00 } from '@/core/colour/ciede2000';
import type { Reflectance } from '@/core/colour/grid';
import { metamers, METAMERS } from '@/core/colour/metamers';
import type { Lab } from '@/core/colour/types';
import type { PositionLight } from '@/core/light/day-light';
import { leastRecentlyUsed } from '@/core/least-recently-used';
import type { Look, Swatch } from './protocol';

const ensembles = leastRecentlyUsed<readonly Reflectance[]>(400);

/** The surfaces a swatch may be: its measured one alone, or plausible ones of its Lab, the smoothest first. */
export function surfacesOf({ lab: [l, a, b], spectrum }: Swatch): readonly Reflectance[] {
  if (spectrum) return [Float64Array.from(spectrum)];
  return ensembles(JSON.stringify([l, a, b]), () => {
    const found = metamers({ l, a, b });
    if (!found.ok) throw new RangeError(`not a surface colour: ${l}, ${a}, ${b}`);
    return found.value;
  });
}

const labOf = ({ lab: [l, a, b] }: Swatch): Lab => ({ l, a, b });

/** A swatch in a prepared scene: its look, and the appearance that look was made of. */
export function lookAt(swatch: Swatch, see: ReturnType<typeof seenIn>): { readonly look: Look; readonly appearance: Appearance } {
  const surfaces = surfacesOf(swatch);
  const appearance = see(surfaces[0]!);
  const apart = surfaces.slice(1).map((r) => deltaE00(appearance.lab, see(r).lab));
  apart.sort((p, q) => p - q);
  const { l, a, b } = appearance.lab;
  const look: Look = {
    lab: [l, a, b],
    hex: appearance.hex,
    inGamut: appearance.inGamut,
    spread: apart[Math.min(apart.length - 1, Math.floor(apart.length * METAMERS.covered))] ?? 0,
    flags: flagsOf(readingsOf(labOf(swatch), appearance)),
  };
  return { look, appearance };
}

/** Under so many lux no colour is made out. */
const DARK_LUX = 0.5;

/** The scene at a position, the light that comes into the room being what the eye adapts to; undefined in the dark. */
export function sceneOf(light: PositionLight, room: Float64Array | undefined, scale: number): SceneLight | undefined {
  const lux = light.lux * scale;
  return lux < DARK_LUX ? undefined : { power: light.power, lux, room };
}
