import { seededRandom } from '../base/random';
import { nextLevel, settledAt } from './staircase';
import type { Trial } from './threshold';

const RANGE = { start: 4, most: 10, least: 0.5 };
const said = (...right: boolean[]): Trial[] => right.map((r) => ({ level: 1, right: r }));

test('two right in a row make it harder, one wrong easier', () => {
  expect(nextLevel([], RANGE)).toBe(4);
  expect(nextLevel(said(true), RANGE)).toBe(4);
  expect(nextLevel(said(true, true), RANGE)).toBeCloseTo(3.2);
  expect(nextLevel(said(true, true, true), RANGE)).toBeCloseTo(3.2);
  expect(nextLevel(said(true, false), RANGE)).toBeCloseTo(5);
});

test('it leaves neither end', () => {
  expect(nextLevel(said(...Array<boolean>(40).fill(false)), RANGE)).toBe(10);
  expect(nextLevel(said(...Array<boolean>(60).fill(true)), RANGE)).toBe(0.5);
});

test('it settles where 71 % are right (Levitt 1971): made-up eyes, of three answers', () => {
  // right by chance a third; the level at which such an eye is right in 70.7 % lies by this function at
  const threshold = 2;
  const chance = (level: number) => 1 / 3 + (2 / 3) * (1 - Math.exp(-((level / threshold) ** 2)));
  const truth = threshold * Math.sqrt(-Math.log(1 - (Math.SQRT1_2 - 1 / 3) * 1.5));
  const found = Array.from({ length: 60 }, (_, n) => {
    const random = seededRandom(n + 1);
    const trials: Trial[] = [];
    while (trials.length < 120) {
      const level = nextLevel(trials, RANGE);
      trials.push({ level, right: random() < chance(level) });
    }
    return settledAt(trials, RANGE)!;
  });
  const mean = found.reduce((s, v) => s + v, 0) / found.length;
  expect(Math.abs(mean / truth - 1)).toBeLessThan(0.15);
});

test('before it has turned twice nothing is told', () => {
  expect(settledAt(said(true, true, true, true), RANGE)).toBeUndefined();
});
