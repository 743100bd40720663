import { seededRandom } from '../base/random';
import { fewestLeftover, fewestTins, sayCans, SOLD_IN } from './cans';
import { CONTAINERS, type Container } from './containers';

/** Every way to fill a need with at most so many of each size: least over, then fewest. */
function byTrying(litres: number, sizes: readonly Container[]): { leftover: number; count: number } {
  let best = { leftover: Infinity, count: Infinity };
  const go = (k: number, sum: number, count: number) => {
    if (sum >= litres - 1e-6) {
      const leftover = Math.max(0, sum - litres);
      if (leftover < best.leftover - 1e-6 || (leftover < best.leftover + 1e-6 && count < best.count)) best = { leftover, count };
      return;
    }
    if (k === sizes.length) return;
    const size = CONTAINERS[sizes[k]!].litres;
    for (let n = 0; n <= Math.ceil(litres / size); n++) go(k + 1, sum + n * size, count + n);
  };
  go(0, 0, 0);
  return best;
}

describe.each(['metric', 'imperial'] as const)('containers, %s', (units) => {
  const sizes = SOLD_IN[units];
  test('leave no more over, in no more containers, than any other way (60 drawn needs by trying every way)', () => {
    const random = seededRandom(7);
    for (let k = 0; k < 60; k++) {
      const need = Math.round(random() * 1600) / 100;
      const { cans, leftover, litres } = fewestLeftover(need, sizes);
      const count = cans.reduce((sum, c) => sum + c.count, 0);
      const tried = byTrying(need, sizes);
      expect(leftover).toBeCloseTo(need === 0 ? 0 : tried.leftover, 6);
      expect(count).toBe(need === 0 ? 0 : tried.count);
      expect(litres - need).toBeCloseTo(leftover, 6);
    }
  });
});

test('5.2 litres are a five and a half; nothing needs nothing; a need that is a can takes that can', () => {
  expect(fewestLeftover(5.2, SOLD_IN.metric).cans).toEqual([
    { container: 'litre-5', count: 1 },
    { container: 'litre-0-5', count: 1 },
  ]);
  expect(fewestLeftover(0, SOLD_IN.metric)).toEqual({ cans: [], litres: 0, leftover: 0 });
  expect(fewestLeftover(CONTAINERS.gallon.litres, SOLD_IN.imperial).cans).toEqual([{ container: 'gallon', count: 1 }]);
});

test('a US quart is a quarter of a gallon, and a pail is five', () => {
  expect(CONTAINERS.pail.litres / CONTAINERS.gallon.litres).toBeCloseTo(5, 12);
  const { cans } = fewestLeftover(CONTAINERS.quart.litres * 7, SOLD_IN.imperial);
  expect(cans).toEqual([
    { container: 'gallon', count: 1 },
    { container: 'quart', count: 3 },
  ]);
});

describe.each(['metric', 'imperial'] as const)('fewest tins, %s', (units) => {
  const sizes = SOLD_IN[units];
  const count = ({ cans }: ReturnType<typeof fewestTins>) => cans.reduce((sum, c) => sum + c.count, 0);
  test('hold the need, leave at most a quarter over or the least there is, and never take more tins than that (200 drawn needs)', () => {
    const random = seededRandom(11);
    for (let k = 0; k < 200; k++) {
      const need = Math.round(random() * 3000) / 100 + 0.01;
      const [tins, least] = [fewestTins(need, sizes), fewestLeftover(need, sizes)];
      expect(tins.litres).toBeGreaterThanOrEqual(need - 1e-6);
      expect(tins.leftover).toBeLessThanOrEqual(Math.max(need / 4, least.leftover) + 1e-6);
      expect(count(tins)).toBeLessThanOrEqual(count(least));
    }
  });
});

test('of as few tins, those that leave least: 11 litres are a ten and a one, not a ten and a two and a half', () => {
  expect(sayCans(fewestTins(11, SOLD_IN.metric))).toBe('10 l + 1 l');
  // a quarter over is still allowed, more is not
  expect(sayCans(fewestTins(8, SOLD_IN.metric))).toBe('10 l');
  expect(sayCans(fewestTins(7.9, SOLD_IN.metric))).toBe('5 l + 2.5 l + 0.5 l');
});

test('4.1 litres are one tin of five; 6.7 a five and a two and a half; 0.3 a half', () => {
  expect(sayCans(fewestTins(4.1, SOLD_IN.metric))).toBe('5 l');
  expect(sayCans(fewestTins(6.7, SOLD_IN.metric))).toBe('5 l + 2.5 l');
  expect(sayCans(fewestTins(0.3, SOLD_IN.metric))).toBe('0.5 l');
  expect(sayCans(fewestTins(0, SOLD_IN.metric))).toBe('none');
});

test('what is no need, or no family of sizes, is refused', () => {
  expect(() => fewestLeftover(NaN, SOLD_IN.metric)).toThrow(RangeError);
  expect(() => fewestLeftover(-1, SOLD_IN.metric)).toThrow(RangeError);
  expect(() => fewestLeftover(1, ['litre', 'gallon'])).toThrow('no multiple');
});

test('cans are said as a counter says them', () => {
  expect(sayCans(fewestLeftover(5.2, SOLD_IN.metric))).toBe('5 l + 0.5 l');
  expect(sayCans(fewestLeftover(20, SOLD_IN.metric))).toBe('2 × 10 l');
  expect(sayCans(fewestLeftover(CONTAINERS.quart.litres * 27, SOLD_IN.imperial))).toBe(
    '1 pail of 5 gallons + 1 gallon + 3 quarts',
  );
  expect(sayCans(fewestLeftover(0, SOLD_IN.metric))).toBe('none');
});
