import type { Lab } from '../colour/types';
import { nearness } from './nearness';
import type { PreparedCandidate, PreparedComponent } from './prepared';

const { abs, max, min, sqrt } = Math;

/** How far two colours share their pink or their green, 0–1: what violet flecks have in common with an orange-pink beige. */
function sharing(stay: PreparedComponent, candidate: Lab): number {
  if (stay.lab.a * candidate.a <= 0) return 0;
  const weaker = min(abs(stay.lab.a), abs(candidate.a));
  const stronger = max(abs(stay.lab.a), abs(candidate.a));
  return min(1, weaker / stay.model.sharedFull) * min(1, (2 * weaker) / stronger);
}

/**
 * How far a hue conflict counts beside a component: by depth, by how much of a hue both have, and by what they share.
 *
 * @param answer how far the component answers the candidate, 0–1, which forgives it
 */
export function hueTouch(
  stay: PreparedComponent,
  { lab, chroma: c, committed, committedOnGround, cool, pastel }: PreparedCandidate,
  answer = 0,
): number {
  const m = stay.model;
  const hues = stay.committed * (stay.furnishing ? committedOnGround : committed) * (1 - answer);
  if (hues === 0) return 0;
  const touch = nearness(lab.l - stay.lab.l, m.hueDepth) * nearness(c - stay.chroma, m.hueChroma);
  const answersBrown = 1 - (1 - m.woodAnswered) * max(stay.wood, stay.brown * (1 - pastel)) * cool;
  const ground = 1 - (1 - m.groundLeft) * stay.ground;
  return hues * touch * ground * stay.hueEasiness * answersBrown * (1 - m.sharedRelief * sharing(stay, lab));
}

const POW25_7 = 25 ** 7;

/** ΔH′ of CIEDE2000 without its angles: 2 (C′₁ C′₂ − the scalar product); over SH, which is at least 1, the hue difference is no more. */
export function mostHue(stay: PreparedComponent, { lab, chroma: c }: PreparedCandidate): number {
  const mean = (stay.chroma + c) / 2;
  const mean2 = mean * mean;
  const mean7 = mean2 * mean2 * mean2 * mean;
  const g = 1.5 - 0.5 * sqrt(mean7 / (mean7 + POW25_7));
  const a1 = g * stay.lab.a;
  const a2 = g * lab.a;
  const { b: b1 } = stay.lab;
  const { b: b2 } = lab;
  return sqrt(max(0, 2 * (sqrt((a1 * a1 + b1 * b1) * (a2 * a2 + b2 * b2)) - a1 * a2 - b1 * b2)));
}
