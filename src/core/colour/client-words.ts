import { chroma, hueDeg } from './lab';
import type { Lab } from './types';

/**
 * Where a client would begin to say a word of a wall, Lab (D65, 10°): under the first nobody says it, from the second on most do. Own
 * choices, on common practice.
 */
const CALLED = {
  pink: { of: ({ a }: Lab) => a, nobodyUnder: 1.5, mostFrom: 4.5 },
  green: { of: ({ a }: Lab) => -a, nobodyUnder: 0.8, mostFrom: 3 },
  yellow: { of: ({ b }: Lab) => b, nobodyUnder: 7, mostFrom: 16 },
  blue: { of: ({ b }: Lab) => -b, nobodyUnder: -1, mostFrom: 3 },
} as const;
type Called = keyof typeof CALLED;

/** Chroma under which a colour is neither warm nor cool; from which it is clear; hues that are warm. Own choices, on common practice. */
const WORDS = { neutralUnder: 2.5, softUnder: 9, clearFrom: 24, warm: { from: -30, to: 112 } } as const;

/** "warm", "cool", "neither warm nor cool". */
export function sayWarmth(lab: Lab): string {
  if (chroma(lab) < WORDS.neutralUnder) return 'neither warm nor cool';
  const hue = ((hueDeg(lab) + 180) % 360) - 180;
  return hue > WORDS.warm.from && hue < WORDS.warm.to ? 'warm' : 'cool';
}

/** "quiet", "soft", "clear": how much colour there is, as a person without the words of the trade sees it. */
export function sayClearness(lab: Lab): string {
  const c = chroma(lab);
  if (c < WORDS.softUnder) return 'quiet';
  return c < WORDS.clearFrom ? 'soft' : 'clear';
}

/** What people fear most of a quiet wall comes first. */
const FEARED: readonly Called[] = ['pink', 'green', 'blue', 'yellow'];

/** What nobody, and what some, will call a quiet colour; of a clear one its own name says it. */
function sayCalled(lab: Lab): string[] {
  const at = (called: Called) => CALLED[called].of(lab);
  const some = FEARED.filter((c) => at(c) >= CALLED[c].mostFrom);
  const nobody = FEARED.filter((c) => at(c) < CALLED[c].nobodyUnder).slice(0, 2);
  return [
    ...(some.length > 0 ? [`some will call it ${some[0]!}`] : []),
    ...(nobody.length > 0 ? [`nobody will call it ${nobody.join(' or ')}`] : []),
  ];
}

/**
 * Warmth and clearness in words a client understands: "warm and quiet; nobody will call it pink or green".
 *
 * @example sayForClient({ l: 88, a: 0.5, b: 8 }) // → 'warm and quiet; nobody will call it pink or green'
 */
export function sayForClient(lab: Lab): string {
  const first = `${sayWarmth(lab)} and ${sayClearness(lab)}`;
  return chroma(lab) >= WORDS.clearFrom ? first : [first, ...sayCalled(lab)].join('; ');
}
