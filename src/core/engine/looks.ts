import { flagsOf, readingsOf } from '../appearance/readings';
import { SCENE, seenBy, type Appearance, type SceneLight, type SceneView } from '../appearance/scene';
import type { Reflectance } from '../colour/grid';
import { knownMetamers, rangeIn } from '../colour/metamers';
import type { PositionLight } from '../light/day-light';
import type { ShownColour, Swatch } from './light-protocol';

/** The surfaces a swatch may be: its measured one alone, or plausible ones of its Lab, the smoothest first. */
export const surfacesOf = ({ lab, spectrum, population = 'any' }: Swatch): readonly Reflectance[] =>
  spectrum ? [Float64Array.from(spectrum)] : knownMetamers(lab, population);

/** A swatch in a view: its look, and the appearance that look was made of. */
export function lookAt(swatch: Swatch, view: SceneView): { readonly look: ShownColour; readonly appearance: Appearance } {
  const surfaces = surfacesOf(swatch);
  const appearance = seenBy(view, surfaces[0]!);
  const look: ShownColour = {
    lab: appearance.lab,
    hex: appearance.hex,
    inGamut: appearance.inGamut,
    spread: surfaces.length === 1 ? 0 : rangeIn(surfaces, view.weights, (xyz) => view.reads(xyz).lab, swatch.population ?? 'any'),
    flags: flagsOf(readingsOf(swatch.lab, appearance)),
  };
  return { look, appearance };
}

/** The scene at a position, with the room's own light, to which the eye adapts in part; undefined where it is too dark to judge. */
export function sceneOf(light: PositionLight, room: Float64Array | undefined, scale: number): SceneLight | undefined {
  const lux = light.lux * scale;
  return lux < SCENE.tooDarkLux ? undefined : { power: light.power, lux, room };
}
