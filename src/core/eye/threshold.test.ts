import { seededRandom } from '../base/random';
import { chanceRight, measure, PRACTICE, type Trial } from './threshold';

/** A made-up person, asked until enough is known. */
function asked(threshold: number, shape: { slope: number; lapse: number }, seed: number) {
  const random = seededRandom(seed);
  const trials: Trial[] = [];
  for (;;) {
    const found = measure(trials, seed);
    if (found.done) return { ...found, trials };
    trials.push({ level: found.level, right: random() < chanceRight(found.level, threshold, shape) });
  }
}

test('the threshold is where 74 % are right, chance and lapses at the ends', () => {
  for (const slope of [1.2, 3]) {
    const shape = { slope, lapse: 0.02 };
    expect(chanceRight(1.7, 1.7, shape)).toBeCloseTo(PRACTICE.target, 12);
    expect(chanceRight(0, 1.7, shape)).toBeCloseTo(0.5, 12);
    expect(chanceRight(500, 1.7, shape)).toBeCloseTo(0.98, 6);
  }
});

test('made-up persons are measured: the interval holds the truth in nineteen of twenty, the estimate is near', () => {
  const random = seededRandom(3);
  const found = Array.from({ length: 36 }, (_, k) => {
    const truth = 0.6 * 10 ** random();
    const shape = { slope: 1.5 + 2.5 * random(), lapse: 0.03 * random() };
    const { threshold, trials } = asked(truth, shape, 100 + k);
    return { truth, threshold, count: trials.length };
  });
  const held = found.filter((f) => f.truth >= f.threshold.low && f.truth <= f.threshold.high).length;
  expect(held / found.length).toBeGreaterThan(0.88);
  const off = found.map((f) => Math.abs(Math.log10(f.threshold.estimate / f.truth))).sort((p, q) => p - q);
  expect(off[18]).toBeLessThan(0.09);
  expect(Math.max(...found.map((f) => f.count))).toBeLessThanOrEqual(PRACTICE.most);
});

test('what is asked comes toward the threshold, and the same answers ask the same', () => {
  const { trials } = asked(1.2, { slope: 2.5, lapse: 0.01 }, 7);
  const late = trials.slice(15).map((t) => t.level);
  const middle = [...late].sort((p, q) => p - q)[Math.floor(late.length / 2)]!;
  expect(middle).toBeGreaterThan(0.6);
  expect(middle).toBeLessThan(3.5);
  expect(measure(trials.slice(0, 9), 7)).toEqual(measure(trials.slice(0, 9), 7));
});

test('before anything was answered it begins in the middle of what may be, and says how little it knows', () => {
  const { threshold, done, level } = measure([], 1);
  expect(done).toBe(false);
  expect(threshold.high / threshold.low).toBeGreaterThan(10);
  expect(level).toBeGreaterThan(0.25);
});

test('one who is always right, and one who only guesses', () => {
  const ever = (right: boolean) => {
    const trials: Trial[] = [];
    while (!measure(trials, 5).done) trials.push({ level: measure(trials, 5).level, right: right || trials.length % 2 === 0 });
    return measure(trials, 5);
  };
  expect(ever(true).threshold.estimate).toBeLessThan(0.6);
  expect(ever(false).threshold.estimate).toBeGreaterThan(8);
});
