import { seededRandom } from '../base/random';
import { M2_PER_SQ_FT } from '../units/area';
import { dryingOf, potsFor, USUAL_COVERAGE, type Pot } from './sample-pots';

const NO_PRICES = { pint: null, 'sample-jar': null };
const sqFt = (n: number) => n * M2_PER_SQ_FT;

describe('pots for samples (coverage: common practice, no source)', () => {
  test('a jar is 2 ft by 4 ft, not “4 by 4”, which is sixteen and takes two; a pint is 30 square feet', () => {
    expect(potsFor(sqFt(2 * 4), 2, USUAL_COVERAGE, NO_PRICES).counts).toEqual({ 'sample-jar': 1, pint: 0 });
    expect(potsFor(sqFt(4 * 4), 2, USUAL_COVERAGE, NO_PRICES).counts).toEqual({ 'sample-jar': 2, pint: 0 });
    expect(potsFor(sqFt(30), 2, USUAL_COVERAGE, NO_PRICES).counts).toEqual({ 'sample-jar': 0, pint: 1 });
  });

  test('one coat takes half, nothing takes nothing', () => {
    expect(potsFor(sqFt(16), 1, USUAL_COVERAGE, NO_PRICES).counts['sample-jar']).toBe(1);
    expect(potsFor(0, 2, USUAL_COVERAGE, NO_PRICES)).toMatchObject({ counts: { 'sample-jar': 0, pint: 0 }, used: 0, cost: 0 });
  });

  test('where both are priced the cheapest wins, even with more over', () => {
    const dear = { pint: 6, 'sample-jar': 5 };
    expect(potsFor(sqFt(16), 2, USUAL_COVERAGE, dear)).toMatchObject({ counts: { 'sample-jar': 0, pint: 1 }, cost: 6 });
    expect(potsFor(sqFt(8), 2, USUAL_COVERAGE, dear)).toMatchObject({ counts: { 'sample-jar': 1, pint: 0 }, cost: 5 });
  });

  test('no other way is cheaper, or leaves less over (80 drawn needs by trying every way)', () => {
    const random = seededRandom(11);
    for (let k = 0; k < 80; k++) {
      const need = random() * 12;
      const prices = k % 2 === 0 ? { pint: 4 + random() * 4, 'sample-jar': 2 + random() * 4 } : NO_PRICES;
      const found = potsFor(need, 2, USUAL_COVERAGE, prices);
      const worth = (counts: Readonly<Record<Pot, number>>) =>
        k % 2 === 0
          ? counts.pint * prices.pint! + counts['sample-jar'] * prices['sample-jar']!
          : counts.pint * USUAL_COVERAGE.pint + counts['sample-jar'] * USUAL_COVERAGE['sample-jar'];
      const covers = (c: Readonly<Record<Pot, number>>) =>
        c.pint * USUAL_COVERAGE.pint + c['sample-jar'] * USUAL_COVERAGE['sample-jar'];
      expect(covers(found.counts)).toBeGreaterThan(need - 1e-9);
      for (let pint = 0; pint < 8; pint++)
        for (let jar = 0; jar < 20; jar++) {
          const other = { pint, 'sample-jar': jar };
          if (covers(other) >= need) expect(worth(found.counts)).toBeLessThanOrEqual(worth(other) + 1e-9);
        }
    }
  });
});

test('two coats begun at noon: the second from four, judged from eight in the evening', () => {
  const noon = Date.UTC(2026, 8, 23, 12);
  expect(dryingOf(noon, 2)).toEqual({ coatsFrom: [Date.UTC(2026, 8, 23, 16)], dryFrom: Date.UTC(2026, 8, 23, 20) });
  expect(dryingOf(noon, 1)).toEqual({ coatsFrom: [], dryFrom: Date.UTC(2026, 8, 23, 16) });
});

test('what is used of the pots; of ways that are alike the fewest pots', () => {
  const round = { pint: 4, 'sample-jar': 1 };
  expect(potsFor(2, 2, round, NO_PRICES)).toEqual({ counts: { 'sample-jar': 2, pint: 0 }, used: 1, cost: null });
  expect(potsFor(4, 2, round, NO_PRICES).counts).toEqual({ 'sample-jar': 0, pint: 1 });
  expect(potsFor(4, 2, round, { pint: 8, 'sample-jar': 2 }).counts).toEqual({ 'sample-jar': 0, pint: 1 });
  expect(potsFor(3, 1, round, { pint: 8, 'sample-jar': 3 })).toEqual({
    counts: { 'sample-jar': 2, pint: 0 },
    used: 0.75,
    cost: 6,
  });
  expect(potsFor(5, 2, round, { pint: 3, 'sample-jar': 2 })).toMatchObject({ counts: { 'sample-jar': 1, pint: 1 }, cost: 5 });
  expect(potsFor(3, 2, round, { pint: null, 'sample-jar': 2 })).toMatchObject({ counts: { 'sample-jar': 3 }, cost: 6 });
});
