import { directions, type Direction } from '../colour/directions';
import { NO_NUDGES, nudged } from '../colour/nudge';
import { apart, LEAST_SHOWN, oneOf, shown, side, tell, wallColour, type Maker, type Patch } from './asked-parts';
import type { Exercise } from './exercises';

/** How much of what lies between two must lie along what is asked. */
const MOSTLY = 0.85;
export const ALONG: Readonly<Record<Exercise, readonly [Direction, 1 | -1]>> = {
  pinker: ['pinkGreen', 1],
  greener: ['pinkGreen', -1],
  yellower: ['yellowBlue', 1],
  bluer: ['yellowBlue', -1],
  stronger: ['strongWeak', 1],
  weaker: ['strongWeak', -1],
  lighter: ['lightDark', 1],
  darker: ['lightDark', -1],
};
/** Further than this the other way a colour is not called pinker or bluer, but less green or less yellow: a* and b*. Own choice. */
const NOT_THE_OTHER = 10;
const isTheOther = ({ lab }: Patch, [direction, sign]: readonly [Direction, 1 | -1]): boolean => {
  if (direction === 'pinkGreen') return sign * lab.a < -NOT_THE_OTHER;
  return direction === 'yellowBlue' && sign * lab.b < -NOT_THE_OTHER;
};
/** Steps tried on either side of what is wanted: a screen of eight bits does not have every colour. */
const TRIED = Array.from({ length: 21 }, (_, k) => 0.8 + 0.02 * k);

/** A colour that lies so far along a direction from another as the screen shows both; undefined where it shows none, or no word fits. */
function moved(from: Patch, [direction, sign]: readonly [Direction, 1 | -1], level: number): Patch | undefined {
  if (isTheOther(from, [direction, sign])) return undefined;
  let best: { readonly patch: Patch; readonly off: number } | undefined;
  for (const times of TRIED) {
    const patch = shown(nudged(from.lab, { ...NO_NUDGES, [direction]: sign * level * times }));
    if (!patch || patch.hex === from.hex) continue;
    const along = sign * directions(from.lab, patch.lab)[direction];
    const far = apart(from, patch);
    if (far < LEAST_SHOWN || along < MOSTLY * far) continue;
    const off = Math.abs(far / level - 1);
    if (!best || off < best.off) best = { patch, off };
  }
  return best && best.off < 0.25 ? best.patch : undefined;
}

export const WHICH: Readonly<Record<Exercise, string>> = {
  pinker: 'pinker',
  greener: 'greener',
  yellower: 'yellower',
  bluer: 'bluer',
  stronger: 'stronger',
  weaker: 'greyer',
  lighter: 'lighter',
  darker: 'darker',
};

export const along =
  (exercise: Exercise): Maker =>
  (random, level) => {
    const from = shown(wallColour(random));
    const to = from && moved(from, ALONG[exercise], level);
    if (!from || !to) return undefined;
    const right = random() < 0.5 ? 0 : 1;
    const far = apart(from, to);
    return {
      level: far,
      ask: `Which is the ${WHICH[exercise]}?`,
      fields: right === 0 ? [[to], [from]] : [[from], [to]],
      beside: null,
      words: [],
      right,
      says: `The ${side(right, 2)} is ${WHICH[exercise]}, by ΔE ${tell(far)}.`,
    };
  };

export const oddOne: Maker = (random, level) => {
  const from = shown(wallColour(random));
  const way = oneOf(random, Object.entries(ALONG)) as [Exercise, readonly [Direction, 1 | -1]];
  const odd = from && moved(from, way[1], level);
  if (!from || !odd) return undefined;
  const right = Math.floor(random() * 3);
  const far = apart(from, odd);
  return {
    level: far,
    ask: 'Which is the odd one out?',
    fields: [0, 1, 2].map((k) => [k === right ? odd : from]),
    beside: null,
    words: [],
    right,
    says: `The ${side(right, 3)} is ${WHICH[way[0]]}, by ΔE ${tell(far)}.`,
  };
};

const BY_DIRECTION: Readonly<Record<Direction, readonly [plus: Exercise, minus: Exercise]>> = {
  pinkGreen: ['pinker', 'greener'],
  yellowBlue: ['yellower', 'bluer'],
  strongWeak: ['stronger', 'weaker'],
  lightDark: ['lighter', 'darker'],
};
export const sameName: Maker = (random, _, { sameNames }) => {
  if (sameNames.length === 0) return undefined;
  const { name, makers, labs } = oneOf(random, sameNames);
  const order = random() < 0.5 ? [0, 1] : [1, 0];
  const [left, right] = order.map((k) => shown(labs[k]!));
  if (!left || !right || apart(left, right) < LEAST_SHOWN * 1.5) return undefined;
  const d = directions(left.lab, right.lab);
  const [direction] = (Object.keys(BY_DIRECTION) as Direction[]).sort((p, q) => Math.abs(d[q]) - Math.abs(d[p]));
  const ask = BY_DIRECTION[direction!][random() < 0.5 ? 0 : 1];
  const isRight = Math.sign(d[direction!]) === ALONG[ask][1] ? 1 : 0;
  const [first, second] = order.map((k) => makers[k]!);
  return {
    level: apart(left, right),
    ask: `${name} by two makers. Which is the ${WHICH[ask]}?`,
    fields: [[left], [right]],
    beside: null,
    words: [],
    right: isRight,
    says: `${isRight === 0 ? first! : second!}’s, on the ${side(isRight, 2)}; they are ΔE ${tell(apart(left, right))} apart under one name.`,
  };
};
