import type { Random } from '../base/random';
import { deltaE00 } from '../colour/ciede2000';
import { at, between, shown, tell, type Maker } from './asked-parts';

/** Hues in the middle of what a lean is called, degrees. Common practice, no source. */
const LEANS = [
  ['pink', 5],
  ['yellow', 92],
  ['green', 165],
  ['blue', 262],
] as const;
const LEAN_WORDS = LEANS.map(([word]) => word);
/** So far to either side of the middle is still nothing else, degrees. */
const WITHIN = 8;

/** A colour of a depth that leans one way by a ΔE00 from the grey of that depth. */
function leaning(random: Random, l: number, level: number) {
  const k = Math.floor(random() * LEANS.length);
  const hue = LEANS[k]![1] + between(random, -WITHIN, WITHIN);
  const grey = { l, a: 0, b: 0 };
  for (let c = 0.3; c < 30; c += 0.1) {
    const patch = shown(at(l, c, hue));
    if (patch && deltaE00(grey, patch.lab) >= level) return { k, patch, far: deltaE00(grey, patch.lab) };
  }
  return undefined;
}

const PAPER = shown({ l: 96, a: 0, b: 0 })!;
export const paperWhite: Maker = (random, level) => {
  const found = leaning(random, between(random, 88, 95.5), level);
  if (!found) return undefined;
  const { k, patch, far } = found;
  return {
    level: far,
    ask: 'Left is paper. Which way does the other white lean?',
    fields: [[PAPER], [patch]],
    beside: null,
    words: LEAN_WORDS,
    right: k,
    says: `It leans ${LEAN_WORDS[k]!}, by ΔE ${tell(far)} from a plain white of its depth.`,
  };
};

export const lean: Maker = (random, level) => {
  const found = leaning(random, between(random, 38, 78), level);
  if (!found) return undefined;
  const { k, patch, far } = found;
  return {
    level: far,
    ask: 'Which way does this grey lean?',
    fields: [[patch]],
    beside: null,
    words: LEAN_WORDS,
    right: k,
    says: `It leans ${LEAN_WORDS[k]!}, by ΔE ${tell(far)} from a plain grey of its depth.`,
  };
};
