import { ramp } from '../base/ramp';
import type { PreparedCandidate, PreparedComponent } from './prepared';

const { abs, min } = Math;

/** How far a furnishing answers the candidate from across the hue circle instead of sharing its undertone, 0–1. */
export function answering({ answerable, model: m, hueDeg }: PreparedComponent, candidate: PreparedCandidate): number {
  if (answerable === 0) return 0;
  const apart = abs(hueDeg - candidate.hueDeg);
  return answerable * ramp(min(apart, 360 - apart), m.answerFromDeg, m.answerFullDeg);
}
