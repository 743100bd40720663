import { hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';
import type { PreparedComponent } from './prepared';

const { abs, min } = Math;

/** True when a furnishing answers the candidate from across the hue circle instead of sharing its undertone. */
export function answers(stay: PreparedComponent, candidate: Lab): boolean {
  const m = stay.model;
  if (stay.chroma < m.answerChroma) return false;
  const apart = abs(stay.hueDeg - hueDeg(candidate));
  return min(apart, 360 - apart) >= m.answerHueDeg;
}
