import { flagsOf, readingsOf } from '../appearance/readings';
import { SCENE, seenIn, type Appearance, type SceneLight } from '../appearance/scene';
import { deltaE00 } from '../colour/ciede2000';
import type { Reflectance } from '../colour/grid';
import { metamers, METAMERS } from '../colour/metamers';
import type { PositionLight } from '../light/day-light';
import { leastRecentlyUsed } from '../base/least-recently-used';
import type { Look, Swatch } from './light-protocol';

const ensembles = leastRecentlyUsed<readonly Reflectance[]>(400);

/** The surfaces a swatch may be: its measured one alone, or plausible ones of its Lab, the smoothest first. */
export function surfacesOf({ lab, spectrum }: Swatch): readonly Reflectance[] {
  if (spectrum) return [Float64Array.from(spectrum)];
  return ensembles(`${lab.l} ${lab.a} ${lab.b}`, () => {
    const found = metamers(lab);
    if (!found.ok) throw new RangeError(`not a surface colour: ${lab.l}, ${lab.a}, ${lab.b}`);
    return found.value;
  });
}

/** A swatch in a prepared scene: its look, and the appearance that look was made of. */
export function lookAt(swatch: Swatch, see: ReturnType<typeof seenIn>): { readonly look: Look; readonly appearance: Appearance } {
  const surfaces = surfacesOf(swatch);
  const appearance = see(surfaces[0]!);
  const apart = surfaces.slice(1).map((r) => deltaE00(appearance.lab, see(r).lab));
  apart.sort((p, q) => p - q);
  const look: Look = {
    lab: appearance.lab,
    hex: appearance.hex,
    inGamut: appearance.inGamut,
    spread: apart[Math.min(apart.length - 1, Math.floor(apart.length * METAMERS.covered))] ?? 0,
    flags: flagsOf(readingsOf(swatch.lab, appearance)),
  };
  return { look, appearance };
}

/** The scene at a position, the light that comes into the room being what the eye adapts to; undefined where it is too dark to judge. */
export function sceneOf(light: PositionLight, room: Float64Array | undefined, scale: number): SceneLight | undefined {
  const lux = light.lux * scale;
  return lux < SCENE.tooDarkLux ? undefined : { power: light.power, lux, room };
}
