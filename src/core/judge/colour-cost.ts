import { ramp } from '../base/ramp';
import { hueApart } from './hues';
import { nearness } from './nearness';
import type { PreparedCandidate, PreparedComponent } from './prepared';

const { max, sqrt } = Math;

/** What being louder than any ground permits costs a colour; beside a clean white it is crisp. */
export const loudCost = ({ crispness }: PreparedComponent, { loud }: PreparedCandidate): number => loud * (1 - crispness);

/**
 * What the hue of a colour costs beside a component, in "nearlies": hues in between, clear beside muted, a tint against what leans away from
 * it, a mauve beside wood. A neutral is ground and asks nothing.
 */
export function discordCost(stay: PreparedComponent, candidate: PreparedCandidate): number {
  const { model: m } = stay;
  const { hued, lab } = candidate;
  if (!hued) return 0;
  const apart = hueApart(stay.hued.hueDeg, hued.hueDeg);
  const other = ramp(apart, m.sharedDeg, m.betweenDeg);
  const answersEarth =
    max(max(stay.wood, stay.earth * (1 - candidate.pastel)) * candidate.cool, (1 - stay.acrossLeft) * candidate.earth * stay.cool) * (1 - max(hued.clear, stay.hued.clear));
  const across = (1 - stay.acrossLeft) * ramp(apart, m.acrossFromDeg, m.acrossFullDeg);
  const hues =
    stay.chromatic *
    ((stay.hued.steps * hued.steps) / m.discordSteps) *
    other *
    (1 - max(answersEarth, across)) *
    nearness(lab.l - stay.lab.l, m.discordDepth) *
    (m.deepLeft + (1 - m.deepLeft) * ramp(max(lab.l, stay.lab.l), m.deepL, m.deepGoneL));
  const jars =
    m.jar * other * max(hued.clear * stay.hued.muted * max(stay.chromatic, stay.earth), hued.muted * stay.hued.clear * stay.chromatic);
  const against = max(ramp(apart, m.opposedFromDeg, m.opposedFullDeg), stay.pink * candidate.green);
  const opposed = stay.leaning * against * candidate.tint * (hued.steps / m.opposedStep);
  const mauve = m.mauve * stay.earth * candidate.mauve;
  return sqrt(hues * hues + jars * jars + opposed * opposed + mauve * mauve);
}
