import { chroma, hueDeg } from '../colour/lab';
import { strengthSteps } from '../colour/nuance';
import type { Lab } from '../colour/types';
import { RELATION } from './model';
import { neutralDistance } from './worlds';

/**
 * Simultaneous contrast (Chevreul 1839): a neutral beside a colour takes a breath of the opposite. It is said, never held against the
 * colour. Own choice of figures: the strength from which it is noticed, and the chroma up to which something is neutral enough to take
 * it.
 */
const INDUCED = { fromSteps: 2.5, neutralTo: 4 } as const;

/** Names of hues by where they begin, degrees; the last goes round to the first. */
const HUES = [
  [20, 'orange'],
  [70, 'yellow'],
  [105, 'yellow-green'],
  [130, 'green'],
  [180, 'blue-green'],
  [225, 'blue'],
  [285, 'violet'],
  [330, 'pink'],
] as const;

/** "Grey floor takes a breath of green beside it"; undefined where neither or both are colours. */
export function sayInduced(stay: { readonly name: string; readonly lab: Lab }, candidate: Lab): string | undefined {
  const hue = hueDeg(candidate);
  if (neutralDistance(candidate, RELATION) < 1 || strengthSteps(chroma(candidate), hue) < INDUCED.fromSteps) return undefined;
  if (chroma(stay.lab) > INDUCED.neutralTo) return undefined;
  const opposite = (hue + 180) % 360;
  const name = HUES.findLast(([from]) => opposite >= from)?.[1] ?? 'pink';
  return `${stay.name} takes a breath of ${name} beside it`;
}
