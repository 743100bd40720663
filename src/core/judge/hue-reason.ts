import type { Lab } from '../colour/types';
import type { Reason } from './reasons';

const { abs, max, min, sqrt } = Math;

/**
 * The word for a hue difference, by its larger part. A weaker colour is compared with the stay at its own chroma, so that being weaker is not
 * taken for another hue. A pinkish or bluish shift of a weak colour is what consultants call too violet.
 */
export function hueReason(stay: Lab, candidate: Lab): Reason {
  const c = sqrt(candidate.a * candidate.a + candidate.b * candidate.b);
  const same = min(1, c / max(sqrt(stay.a * stay.a + stay.b * stay.b), 1e-9));
  const pinker = 1.5 * (candidate.a - same * stay.a); // the CIEDE2000 stretch of a* near grey
  const yellower = candidate.b - same * stay.b;
  if (abs(pinker) < abs(yellower)) {
    if (yellower > 0) return 'too-yellow';
    return candidate.a < -1 ? 'too-green' : 'too-violet';
  }
  if (pinker < 0) return 'too-green';
  return c < 8 ? 'too-violet' : 'too-pink';
}
