import { ramp } from '../base/ramp';
import type { Lab } from '../colour/types';
import type { RelationModel } from './model';

const { cos, sin, sqrt, PI } = Math;

/**
 * How far out a colour lies of the ellipse of near-neutrals in a* b*: 1 on its border. The ellipse reaches farther toward orange-yellow
 * than toward green, blue and violet, as beiges, tans and creams do, is wider toward yellow-green, and pinched toward pink. Common
 * practice, no source.
 */
export function neutralDistance({ a, b }: Pick<Lab, 'a' | 'b'>, m: RelationModel): number {
  const axis = (m.neutralAxisDeg * PI) / 180;
  const warmth = a * cos(axis) + b * sin(axis);
  const along = warmth - (m.neutralWarm - m.neutralCool) / 2;
  const across = b * cos(axis) - a * sin(axis);
  const greenWidth = m.neutralGreen + (m.neutralTan - m.neutralGreen) * ramp(warmth, m.tanFromWarmth, m.tanFullWarmth);
  const pinkWidth = m.neutralViolet + (m.neutralPink - m.neutralViolet) * ramp(warmth, 0, m.pinkFromWarmth);
  const [length, width] = [(m.neutralWarm + m.neutralCool) / 2, across > 0 ? greenWidth : pinkWidth];
  return sqrt((along / length) ** 2 + (across / width) ** 2);
}

/** How far a colour belongs to the world of colours rather than to that of near-neutrals, 0–1. */
export const chromatic = (lab: Pick<Lab, 'a' | 'b'>, m: RelationModel): number =>
  ramp(neutralDistance(lab, m), m.neutralTo, m.colourFrom);
