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
export const lookIn = (eye: SceneView, eyeLux: number, power: SpectralPower, reflectance: Reflectance): string =>
  seenIn(eye, eyeLux, power, reflectance).hex;

function seenIn(eye: SceneView, eyeLux: number, power: SpectralPower, reflectance: Reflectance) {
  const lux = luxOf(power);
  if (!(lux > 0)) return { hex: '#000000', inGamut: true };
  return seenThrough(eye, integrationWeights(power, 10), (lux / eyeLux) ** SCENE.dimming)(reflectance);
}

/**
 * What glows is shown at most so bright beside a white of the room, as the eye has it: times the eye's own lux; less where the screen could
 * not show its tint. Own choice.
 */
const GLOWS = [0.98, 0.9, 0.82, 0.74, 0.66] as const;
/** A perfect white, so that what glows may be looked at as a surface lit by so much. */
const WHITE = flat(1);

/** What is seen through a window: a colour where it is no brighter than the room; where it is, the whiter the brighter, as it dazzles. */
export function glowing({ eye, scene }: Adapted, power: SpectralPower): string {
  const lux = luxOf(power);
  const most = GLOWS[0] * scene.lux;
  if (lux <= most) return lookIn(eye, scene.lux, power, WHITE);
  const [share, own] = [most / lux, luxOf(scene.power)];
  const dazzles = power.map((v, i) => (share * v) / lux + ((1 - share) * scene.power[i]!) / own);
  const looks = GLOWS.map((g) => seenIn(eye, scene.lux, dazzles.map((v) => g * scene.lux * v), WHITE)); // prettier-ignore
  return (looks.find((look) => look.inGamut) ?? looks.at(-1)!).hex;
}
