import { seededRandom } from '../base/random';
import { made, saidAs } from '../../../tests/made-eyes';
import { sayParted, type Parted, type SaidOfPart } from './parted';

const of = (seed: number, count: number, parts: readonly Parted[], factors = {}): SaidOfPart[] =>
  saidAs(factors, made(seededRandom(seed), count), seededRandom(seed + 1)).map((s) => ({ ...s, parts }));

test('an eye that minds green twice as much beside stone is told so, and nothing of where it sees as elsewhere', () => {
  const says = sayParted([
    ...of(3, 120, ['stone', 'day'], { green: 2 }),
    ...of(5, 160, ['cloth', 'day']),
    ...of(7, 120, ['floor', 'day']),
  ]);
  expect(says.join(' ')).toMatch(
    /Beside stone and tile you mind green more than elsewhere: [12]\.\d times as much as most, from \d\.\d steps\./,
  );
  expect(says.join(' ')).not.toMatch(/cloth you mind green|floors you mind green/);
});

test('one that minds yellow more by lamps is told so', () => {
  const says = sayParted([...of(13, 150, ['floor', 'lamps'], { yellow: 2.2 }), ...of(15, 150, ['floor', 'day'])]);
  expect(says.join(' ')).toMatch(/By lamps you mind yellow more than elsewhere/);
});

test('of an eye that sees alike everywhere little is told, and nothing of few verdicts', () => {
  // chance alone: an interval that leaves it out lies beside it now and then
  const told = [21, 31, 41, 51].map(
    (seed) => sayParted([...of(seed, 150, ['stone', 'day']), ...of(seed + 5, 150, ['cloth', 'lamps'])]).length,
  );
  expect(Math.max(...told)).toBeLessThanOrEqual(2);
  expect(sayParted([...of(3, 12, ['stone'], { green: 2 }), ...of(5, 160, ['cloth'])])).toEqual([]);
  expect(sayParted([])).toEqual([]);
});
