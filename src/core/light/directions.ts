import type { SunPosition } from './sun';
import type { Vector } from './view-factor';
import { RAD } from '../base/angles';

/** Azimuth (degrees clockwise from north) and altitude of a direction in the room, when wall 0 (at y = 0) faces `bearingDeg` outward. */
export function directionOf([x, y, z]: Vector, bearingDeg: number): SunPosition {
  const azimuth = bearingDeg + Math.atan2(x, -y) / RAD;
  return { azimuthDeg: ((azimuth % 360) + 360) % 360, altitudeDeg: Math.atan2(z, Math.hypot(x, y)) / RAD };
}

/** Unit vector in the room toward a direction in the sky. */
export function vectorTo({ azimuthDeg, altitudeDeg }: SunPosition, bearingDeg: number): Vector {
  const turn = (azimuthDeg - bearingDeg) * RAD;
  const flat = Math.cos(altitudeDeg * RAD);
  return [flat * Math.sin(turn), -flat * Math.cos(turn), Math.sin(altitudeDeg * RAD)];
}
