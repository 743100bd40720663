import { deltaE00 } from './ciede2000';
import { directions } from './directions';
import { NO_NUDGES, nudged } from './nudge';

const oak = { l: 60, a: 8, b: 24 };
const grey = { l: 60, a: 0, b: 0 };

// a step is one ΔE00: CIE 142-2001 (CIEDE2000)
test.each(['pinkGreen', 'yellowBlue', 'strongWeak', 'lightDark'] as const)(
  'a step of %s is one just-noticeable step, that way',
  (direction) => {
    for (const sign of [1, -1]) {
      const moved = nudged(oak, { ...NO_NUDGES, [direction]: sign });
      expect(deltaE00(oak, moved)).toBeCloseTo(1, 6);
      expect(Math.sign(directions(oak, moved)[direction])).toBe(sign);
    }
  },
);

test('steps add up, parts of a step lie between, and none changes nothing', () => {
  const three = nudged(oak, { ...NO_NUDGES, lightDark: 3 });
  const one = nudged(oak, { ...NO_NUDGES, lightDark: 1 });
  expect(nudged(one, { ...NO_NUDGES, lightDark: 2 }).l).toBeCloseTo(three.l, 9);
  const half = nudged(oak, { ...NO_NUDGES, lightDark: 0.5 });
  expect(half.l).toBeCloseTo((oak.l + one.l) / 2, 9);
  expect(nudged(oak, NO_NUDGES)).toEqual(oak);
});

test('a grey has nothing to be stronger in, and weakening ends at grey', () => {
  expect(nudged(grey, { ...NO_NUDGES, strongWeak: 5 })).toEqual(grey);
  const faded = nudged(oak, { ...NO_NUDGES, strongWeak: -40 });
  expect(Math.hypot(faded.a, faded.b)).toBeLessThan(0.2);
  expect(nudged({ l: 99, a: 0, b: 0 }, { ...NO_NUDGES, lightDark: 9 }).l).toBe(100);
});
