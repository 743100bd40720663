import { ramp } from '../base/ramp';
import { ciede2000Terms } from '../colour/ciede2000';
import type { Lab } from '../colour/types';
import type { Reason } from './reasons';

const { abs, max, min, sqrt } = Math;

/** The colour compared with a stay at the weaker one's chroma, so that being weaker is not taken for another hue. */
function atOneChroma(stay: Lab, candidate: Lab): { readonly pinker: number; readonly yellower: number; readonly chroma: number } {
  const c = sqrt(candidate.a * candidate.a + candidate.b * candidate.b);
  const same = min(1, c / max(sqrt(stay.a * stay.a + stay.b * stay.b), 1e-9));
  // 1.5: the CIEDE2000 stretch of a* near grey
  return { pinker: 1.5 * (candidate.a - same * stay.a), yellower: candidate.b - same * stay.b, chroma: c };
}

/** How far a candidate is greener than a stay, 0–1. */
export const greener = (stay: Lab, candidate: Lab): number => ramp(atOneChroma(stay, candidate).pinker, 0, -3);

/**
 * The word for a hue difference, by its larger part. A weaker colour is compared with the stay at its own chroma, so that being weaker is
 * not taken for another hue. A pinkish or bluish shift of a weak colour is what consultants call too violet: pinker, and not yellower.
 */
export function hueReason(stay: Lab, candidate: Lab): Reason {
  const word = byOneChroma(stay, candidate);
  if (agrees(word, stay, candidate)) return word;
  // violet only for its want of yellow: it is seen as the weaker one
  if (word === 'too-violet' && isWeaker(stay, candidate)) return 'too-weak';
  return IN_TURN.find((other) => agrees(other, stay, candidate)) ?? word;
}

/** Whether a candidate is the weaker of two, as the bars say it. */
const isWeaker = (stay: Lab, candidate: Lab): boolean => ciede2000Terms(stay, candidate).deltaC < 0;

/** Words of hue where the first one says what the bars do not. */
const IN_TURN = ['too-violet', 'too-yellow', 'too-pink', 'too-green'] as const;

/** Whether a word says what is seen between the two as they are: never "too green" of what is pinker. */
function agrees(word: Reason, stay: Lab, candidate: Lab): boolean {
  const pinker = 1.5 * (candidate.a - stay.a);
  const yellower = candidate.b - stay.b;
  if (word === 'too-green') return pinker <= 0;
  if (word === 'too-pink') return pinker >= 0;
  return word === 'too-yellow' ? yellower >= 0 : pinker >= 0 && yellower <= 0;
}

function byOneChroma(stay: Lab, candidate: Lab): Reason {
  const { pinker, yellower, chroma } = atOneChroma(stay, candidate);
  if (abs(pinker) < abs(yellower)) {
    if (yellower > 0) return 'too-yellow';
    return candidate.a < -1 ? 'too-green' : 'too-violet';
  }
  if (pinker < 0) return 'too-green';
  return chroma < 8 ? 'too-violet' : 'too-pink';
}
