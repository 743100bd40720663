import { VISIBLE_STEP, type Direction, type Directions } from '../colour/directions';

/** Plain words from one sample to the next. */
const WORDS: Readonly<Record<Direction, readonly [down: string, up: string]>> = {
  pinkGreen: ['greener', 'pinker'],
  yellowBlue: ['bluer', 'yellower'],
  strongWeak: ['greyer', 'stronger'],
  lightDark: ['darker', 'lighter'],
};
const ORDER: readonly Direction[] = ['lightDark', 'pinkGreen', 'yellowBlue', 'strongWeak'];

/** Just-noticeable steps under which a difference is "a little", and from which it is "much". */
const SIZES = { little: 2.5, much: 7 } as const;
function sized(steps: number): string {
  if (steps < SIZES.little) return 'a little ';
  return steps >= SIZES.much ? 'much ' : '';
}

/** The two largest visible differences in words: "a little greyer and lighter"; "about the same" when nobody would see one. */
export function sayTowards(from: Directions): string {
  const seen = ORDER.filter((d) => Math.abs(from[d]) >= VISIBLE_STEP)
    .sort((p, q) => Math.abs(from[q]) - Math.abs(from[p]))
    .slice(0, 2);
  if (seen.length === 0) return 'about the same';
  const words = seen.map((d) => ({ size: sized(Math.abs(from[d])), word: WORDS[d][from[d] > 0 ? 1 : 0] }));
  return words.map(({ size, word }, i) => (i > 0 && size === words[0]!.size ? word : size + word)).join(' and ');
}
