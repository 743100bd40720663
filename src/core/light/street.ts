import type { Reflectance, SpectralPower } from '../colour/grid';
import { leastRecentlyUsed } from '../base/least-recently-used';
import {
  beamOnVertical,
  seenFromFront,
  seenFromGround,
  skyOn,
  sunlitGround,
  type Outdoors,
  type Skyline,
  type SkySeen,
} from './outdoors';
import { addLight } from './spectral';
import type { SunPosition } from './sun';
import { RAD } from '../base/angles';

/** How high the houses opposite stand over the middle of a window, and what ground and façades are made of. */
type Street = { readonly obstructionDeg: number; readonly ground: Reflectance; readonly obstruction: Reflectance };

/** What stands before a window: spectral radiance of ground and façade, and the spectral illuminance of the window from outside. */
export type BeforeWindow = { readonly ground: SpectralPower; readonly facade: SpectralPower; readonly onWindow: SpectralPower };

/** The ridge of a long row of houses that rises to an angle straight ahead, to both sides of a street along a wall of a bearing. */
const ridge =
  (bearingDeg: number, upDeg: number): Skyline =>
  (azimuthDeg) =>
    Math.atan(Math.tan(upDeg * RAD) * Math.abs(Math.cos((azimuthDeg - bearingDeg) * RAD))) / RAD;

/**
 * Share of the ground between the houses that the sun reaches, and of the façade opposite when the sun stands behind the window's own
 * house: both shadows shorten as the sun climbs over the ridges. Open ground, without an obstruction, is sunlit whole.
 */
function sunlitShares({ altitudeDeg, azimuthDeg }: SunPosition, bearingDeg: number, obstructionDeg: number) {
  if (altitudeDeg <= 0) return { ground: 0, facade: 0 };
  const climbed = Math.tan(altitudeDeg * RAD);
  const needed = Math.tan(obstructionDeg * RAD) * Math.abs(Math.cos((azimuthDeg - bearingDeg) * RAD));
  return { ground: Math.max(0, 1 - needed / climbed), facade: needed > climbed ? climbed / needed : 1 };
}

/** What ground, façade and window see of the sky between the houses; made once for a street. */
const seenInStreet = leastRecentlyUsed<{ readonly ground: SkySeen; readonly facade: SkySeen; readonly window: SkySeen }>(32);

function skySeen(bearingDeg: number, obstructionDeg: number, middleDeg: number) {
  return seenInStreet(`${bearingDeg} ${obstructionDeg}`, () => ({
    ground: seenFromGround(ridge(bearingDeg, obstructionDeg)),
    facade: seenFromFront((bearingDeg + 180) % 360, ridge(bearingDeg, middleDeg)),
    // what a window sees over the houses begins at one altitude everywhere, as its sky and sun do
    window: seenFromFront(bearingDeg, () => obstructionDeg),
  }));
}

/**
 * Ground and façade before a window that faces `bearingDeg`, lit by the sun and the sky that are left between two long rows of houses of
 * one height, and by each other; without an obstruction (0°) over open ground by all of the sky. The shares of ground and façades in each
 * other's view are those of an endless street: cos θ of its sky is left to the ground, (1 − sin θ) / 2 to a wall. Howell C-11, far away.
 */
export function beforeWindow(outdoors: Outdoors, bearingDeg: number, street: Street): BeforeWindow {
  const { obstructionDeg, ground: onGround, obstruction } = street;
  const { sun, beam, beamNormalLux } = outdoors;
  // the façade is seen between the eye and its ridge: its middle stands for it
  const middleDeg = Math.atan(Math.tan(obstructionDeg * RAD) / 2) / RAD;
  const seen = skySeen(bearingDeg, obstructionDeg, middleDeg);
  const sunlit = sunlitShares(sun, bearingDeg, obstructionDeg);
  const groundShare = Math.min(sunlit.ground, sunlitGround(sun, bearingDeg));
  const horizontalSun = groundShare * beamNormalLux * Math.max(0, Math.sin(sun.altitudeDeg * RAD));
  const groundE = skyOn(outdoors, seen.ground).map((e, i) => e + horizontalSun * beam[i]!);
  const facing = (bearingDeg + 180) % 360;
  const facadeE = skyOn(outdoors, seen.facade);
  addLight(facadeE, beamOnVertical(outdoors, facing), sunlit.facade);

  // radiances g and f of ground and façades: g = ρg (Eg / π + (1 − cos θ) f), f = ρf (Ef / π + g / 2 + sin(middle) f / 2)
  const toGround = 1 - Math.cos(obstructionDeg * RAD);
  const toFacade = Math.sin(middleDeg * RAD) / 2;
  const facade = facadeE.map((e, i) => {
    const [rhoG, rhoF] = [onGround[i]!, obstruction[i]!];
    const own = (rhoF * (e + (rhoG * groundE[i]!) / 2)) / Math.PI;
    return own / (1 - rhoF * (toFacade + (rhoG * toGround) / 2));
  });
  const ground = groundE.map((e, i) => onGround[i]! * (e / Math.PI + toGround * facade[i]!));

  const up = obstructionDeg * RAD;
  const onWindow = skyOn(outdoors, seen.window);
  if (sun.altitudeDeg > Math.max(0, obstructionDeg)) addLight(onWindow, beamOnVertical(outdoors, bearingDeg), 1);
  addLight(onWindow, ground, Math.PI / 2);
  addLight(onWindow, facade, up + Math.sin(up) * Math.cos(up));
  return { ground, facade, onWindow };
}
