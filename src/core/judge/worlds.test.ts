import fc from 'fast-check';
import { deltaE00 } from '../colour/ciede2000';
import type { Lab } from '../colour/types';
import { STAY_KINDS } from './kinds';
import { RELATION } from './model';
import { relation, type Stay } from './relation';
import { chromatic, neutralDistance } from './worlds';

const at = (deg: number, c: number): Lab => ({
  l: 70,
  a: c * Math.cos((deg * Math.PI) / 180),
  b: c * Math.sin((deg * Math.PI) / 180),
});
const border = (deg: number) => {
  let [low, high] = [0, 60];
  for (let n = 0; n < 40; n++) {
    const middle = (low + high) / 2;
    if (neutralDistance(at(deg, middle), RELATION) < 1) low = middle;
    else high = middle;
  }
  return low;
};

describe('the two worlds (common practice, no source)', () => {
  test.each([
    ['orange-yellow', 75, 18, 21],
    ['yellow', 95, 13, 19],
    ['green', 150, 5.5, 8],
    ['blue', 255, 6, 8],
    ['violet', 310, 5.5, 8],
    ['pink', 20, 4, 9],
  ] as const)('a near-neutral ends toward %s at a chroma that the trade names', (_, deg, from, to) => {
    expect(border(deg)).toBeGreaterThan(from);
    expect(border(deg)).toBeLessThan(to);
  });

  test.each([
    ['greige', { l: 78, a: 0.8, b: 7 }, 0],
    ['taupe', { l: 76, a: 2.6, b: 5 }, 0],
    ['orange-pink beige', { l: 79, a: 4.2, b: 14.5 }, 0],
    ['tan', { l: 78, a: -0.6, b: 13.5 }, 0],
    ['cream', { l: 92, a: 0, b: 11.5 }, 0],
    ['blue-grey', { l: 62, a: -1, b: -4 }, 0],
    ['sage', { l: 70, a: -9, b: 11 }, 1],
    ['dusty blue', { l: 64, a: -4, b: -14 }, 1],
    ['dusty pink', { l: 74, a: 14, b: 8 }, 1],
    ['navy', { l: 25, a: 1, b: -19 }, 1],
    ['terracotta', { l: 55, a: 24, b: 27 }, 1],
  ] as const)('%s belongs to one of them', (_, lab, world) => expect(chromatic(lab, RELATION)).toBe(world));

  test('nothing flips from works to no, or back, within half a ΔE00, over colours, kinds and schools', () => {
    const colour = fc.record({
      l: fc.double({ min: 15, max: 97, noNaN: true }),
      a: fc.double({ min: -45, max: 45, noNaN: true }),
      b: fc.double({ min: -40, max: 55, noNaN: true }),
    });
    const step = fc.record({
      l: fc.double({ min: -1, max: 1, noNaN: true }),
      a: fc.double({ min: -1, max: 1, noNaN: true }),
      b: fc.double({ min: -1, max: 1, noNaN: true }),
    });
    const pair = fc.record({
      stay: colour,
      other: colour,
      far: colour,
      near: step,
      isNear: fc.boolean(),
      step,
      kind: fc.constantFrom(...STAY_KINDS, 'painted' as const),
      school: fc.constantFrom('share' as const, 'answer' as const),
      name: fc.constantFrom('thing', 'oak floor'),
    });
    fc.assert(
      fc.property(pair, ({ stay, other, far, near, isNear, step: by, kind, school, name }) => {
        const moved = (lab: Lab, d: Lab, times: number) => ({
          l: lab.l + d.l * times,
          a: lab.a + d.a * times,
          b: lab.b + d.b * times,
        });
        const here = isNear ? moved(stay, near, 6) : far;
        let times = 1;
        for (let n = 0; n < 12; n++) times *= 0.5 / Math.max(1e-6, deltaE00(here, moved(here, by, times)));
        const labs = kind === 'painted' ? [stay] : [stay, other];
        const thing: Stay = { name, kind, components: labs.map((lab, k) => ({ name: `${k}`, share: 1 / labs.length, lab })) };
        const verdicts = [here, moved(here, by, times)].map((lab) => relation(thing, lab, school).verdict);
        expect(verdicts.includes('works') && verdicts.includes('no')).toBe(false);
      }),
      { seed: 25, numRuns: 6000 },
    );
  });
});
