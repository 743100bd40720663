import { ramp } from '../base/ramp';
import { hueDeg } from '../colour/lab';
import type { PreparedCandidate, PreparedComponent } from './prepared';

const { abs, min } = Math;

/** How far a furnishing answers the candidate from across the hue circle instead of sharing its undertone, 0–1. */
export function answering({ answerable, model: m, hueDeg: own }: PreparedComponent, { lab }: PreparedCandidate): number {
  if (answerable === 0) return 0;
  const apart = abs(own - hueDeg(lab));
  return answerable * ramp(min(apart, 360 - apart), m.answerFromDeg, m.answerFullDeg);
}
