import { SCENE, seenThrough, type SceneLight, type SceneView } from '../appearance/scene';
import type { Reflectance, SpectralPower } from '../colour/grid';
import { integrationWeights } from '../colour/observer';
import { flat } from '../light/light-room';
import { luxOf } from '../light/spectral';

/** An eye that stands in a room, and the light it is adapted to. */
export type Adapted = { readonly eye: SceneView; readonly scene: SceneLight };

export const rgbOf = (hex: string): [number, number, number] =>
  [1, 3, 5].map((k) => parseInt(hex.slice(k, k + 2), 16)) as [number, number, number];

/** What a surface in a light looks like to an eye that is adapted to another. */
export function lookIn(eye: SceneView, eyeLux: number, power: SpectralPower, reflectance: Reflectance): string {
  const lux = luxOf(power);
  if (!(lux > 0)) return '#000000';
  return seenThrough(eye, integrationWeights(power, 10), (lux / eyeLux) ** SCENE.dimming)(reflectance).hex;
}

/** What glows more than this beside a white of the room is white with its tint, as the eye has it: times the eye's own lux. Own choice. */
const GLOWS = 1.15;
/** A perfect white, so that what glows may be looked at as a surface lit by so much. */
const WHITE = flat(1);

/** What is seen through a window: a colour where it is no brighter than the room; where it is, the whiter the brighter, as it dazzles. */
export function glowing({ eye, scene }: Adapted, power: SpectralPower): string {
  const lux = luxOf(power);
  const most = GLOWS * scene.lux;
  if (lux <= most) return lookIn(eye, scene.lux, power, WHITE);
  const [share, own] = [most / lux, luxOf(scene.power)];
  const dazzles = power.map((v, i) => most * ((share * v) / lux + ((1 - share) * scene.power[i]!) / own));
  return lookIn(eye, scene.lux, dazzles, WHITE);
}
