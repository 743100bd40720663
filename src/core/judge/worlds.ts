import { ramp } from '../base/ramp';
import type { Lab } from '../colour/types';
import type { RelationModel } from './model';

const { cos, sin, sqrt, PI } = Math;

/**
 * How far out a colour lies of the ellipse of near-neutrals in a* b*: 1 on its border. The ellipse reaches farther toward orange-yellow than
 * toward green, blue and violet, as beiges, tans and creams do. Common practice, no source.
 */
export function neutralDistance({ a, b }: Pick<Lab, 'a' | 'b'>, m: RelationModel): number {
  const axis = (m.neutralAxisDeg * PI) / 180;
  const along = a * cos(axis) + b * sin(axis) - (m.neutralWarm - m.neutralCool) / 2;
  const across = b * cos(axis) - a * sin(axis);
  const [length, width] = [(m.neutralWarm + m.neutralCool) / 2, m.neutralWide];
  return sqrt((along / length) ** 2 + (across / width) ** 2);
}

/** How far a colour belongs to the world of colours rather than to that of near-neutrals, 0–1. */
export const chromatic = (lab: Pick<Lab, 'a' | 'b'>, m: RelationModel): number =>
  ramp(neutralDistance(lab, m), m.neutralTo, m.colourFrom);
