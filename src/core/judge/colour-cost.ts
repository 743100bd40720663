import { ramp } from '../base/ramp';
import { hueApart } from './hues';
import type { RelationModel } from './model';
import { nearness } from './nearness';
import type { PreparedCandidate, PreparedComponent } from './prepared';

const { max, min, sqrt } = Math;

/** What being louder than any ground permits costs a colour; beside a clean white it is crisp, and beside what is as strong it is none. */
export const loudCost = ({ model: m, crispness, strength }: PreparedComponent, candidate: PreparedCandidate): number =>
  candidate.loud === 0 ? 0 : candidate.loud * (1 - crispness) * ramp(candidate.strength, strength, strength + m.loudBeyond);

/** How much a discord counts with a colour of this L*, 0–1: deep colours are easy. */
const depthCounts = (l: number, { deepLeft, deepL, deepGoneL }: RelationModel): number =>
  deepLeft + (1 - deepLeft) * ramp(l, deepL, deepGoneL);

/** What is left of a discord between two hues by how they answer each other, 0–1: earth and cool, across the circle, greens and blues. */
function unanswered(stay: PreparedComponent, candidate: PreparedCandidate, apart: number, stayClear: number): number {
  const { model: m } = stay;
  const earth = max(stay.wood, stay.earth * (1 - candidate.pastel)) * candidate.cool * candidate.answers;
  const ofEarth = (1 - m.earthLeft) * candidate.earth * stay.cool * stay.answers;
  const across = (1 - stay.acrossLeft) * ramp(apart, m.acrossFromDeg, m.acrossFullDeg);
  const cools = (1 - m.coolsLeft) * stay.cool * candidate.cool;
  return 1 - max(max(earth, ofEarth) * (1 - stayClear), max(across, cools));
}

/** How far a neutral that leans resists a tint, 0–1: from the other side wholly, of another hue in part; a pink lean the greens. */
function leansAgainst(
  { model: m, pink, furnishing }: PreparedComponent,
  { green, yellow }: PreparedCandidate,
  apart: number,
): number {
  const opposite = max(ramp(apart, m.opposedFromDeg, m.opposedFullDeg), pink * green);
  const against = max(opposite, m.tintsApart * ramp(apart, m.tintsFromDeg, m.tintsFullDeg));
  return furnishing ? against * (m.tintsFurnishing + (1 - m.tintsFurnishing) * yellow) : against;
}

/**
 * What the hue of a colour costs beside a component, in "nearlies": hues in between, clear beside muted, a tint against what leans away
 * from it, a mauve beside wood. A neutral is ground and asks nothing.
 */
export function discordCost(stay: PreparedComponent, candidate: PreparedCandidate): number {
  const { model: m } = stay;
  const { hued, lab } = candidate;
  if (!hued) return 0;
  const apart = hueApart(stay.hued.hueDeg, hued.hueDeg);
  const other = ramp(apart, m.sharedDeg, m.betweenDeg);
  const stayClear = stay.hued.clear * stay.chromatic * (1 - stay.wood);
  const stayMuted = stay.hued.muted * max(stay.chromatic, stay.earth);
  const depth = nearness(lab.l - stay.lab.l, m.discordDepth) * min(depthCounts(lab.l, m), depthCounts(stay.lab.l, m));
  const strengths = stay.chromatic * ((stay.hued.steps * hued.steps) / m.discordSteps);
  const hues = strengths * other * unanswered(stay, candidate, apart, stayClear) * depth;
  const jars = m.jar * other * max(hued.clear * stayMuted, hued.muted * stayClear);
  const opposed =
    stay.leaning === 0 ? 0 : stay.leaning * leansAgainst(stay, candidate, apart) * candidate.tint * (hued.steps / m.opposedStep);
  const mauve = m.mauve * stay.earth * candidate.mauve;
  return sqrt(hues * hues + jars * jars + opposed * opposed + mauve * mauve);
}
