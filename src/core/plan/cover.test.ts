import { seededRandom } from '../base/random';
import { smallestCover, type CoverOption } from './cover';

/** The least cost by trying every choice of up to 12 options. */
function bruteForce(options: readonly CoverOption[], elements: number): number {
  const shown = options.map((o) => o.shows.reduce((s, e) => s | (1 << e), 0));
  const possible = shown.reduce((s, m) => s | m, 0);
  expect(elements).toBeLessThan(30);
  let least = Infinity;
  for (let choice = 0; choice < 1 << options.length; choice++) {
    let [shows, cost] = [0, 0];
    options.forEach((o, k) => {
      if (!(choice & (1 << k))) return;
      shows |= shown[k]!;
      cost += o.cost;
    });
    if (shows === possible && cost < least) least = cost;
  }
  return least;
}

const random = seededRandom(14);
const drawn = (n: number, elements: number, density: number): CoverOption[] =>
  Array.from({ length: n }, () => ({
    cost: 1000 + Math.floor(16 * random()),
    shows: Array.from({ length: elements }, (_, e) => e).filter(() => random() < density),
  }));

describe('the smallest set of looks', () => {
  test('costs what trying every choice finds, in 300 drawn cases', () => {
    for (let n = 0; n < 300; n++) {
      const elements = 1 + Math.floor(18 * random());
      const options = drawn(1 + Math.floor(10 * random()), elements, 0.15 + 0.4 * random());
      const found = smallestCover(options, elements);
      expect(found.exact).toBe(true);
      expect(found.cost).toBe(bruteForce(options, elements));
      expect(found.atLeast).toBe(found.cost);
      const shown = new Set(found.chosen.flatMap((k) => options[k]!.shows));
      expect(shown.size + found.never.length).toBe(elements);
      expect(found.never.filter((e) => options.some((o) => o.shows.includes(e)))).toEqual([]);
    }
  });

  test('given up early, it still shows everything, and its bound is no more than the least cost', () => {
    let more = 0;
    for (let n = 0; n < 60; n++) {
      const options = drawn(12, 20, 0.2);
      const found = smallestCover(options, 20, 2);
      const least = bruteForce(options, 20);
      expect(found.cost).toBeGreaterThanOrEqual(least);
      expect(found.atLeast).toBeLessThanOrEqual(least);
      expect(new Set(found.chosen.flatMap((k) => options[k]!.shows)).size + found.never.length).toBe(20);
      if (!found.exact) more++;
    }
    expect(more).toBeGreaterThan(10);
  });

  test('the classic case in which the greedy choice takes one too many', () => {
    const options = [
      { cost: 1, shows: [0, 1, 2] },
      { cost: 1, shows: [3, 4, 5] },
      { cost: 1, shows: [0, 1, 3, 4] },
    ];
    expect(smallestCover(options, 6)).toMatchObject({ chosen: [0, 1], cost: 2, exact: true });
  });

  test('nothing to show costs nothing; a cost of 0 and an element that is none are refused', () => {
    expect(smallestCover([], 3)).toEqual({ chosen: [], cost: 0, exact: true, atLeast: 0, never: [0, 1, 2] });
    expect(() => smallestCover([{ cost: 0, shows: [] }], 1)).toThrow(RangeError);
    expect(() => smallestCover([{ cost: 1, shows: [1] }], 1)).toThrow(RangeError);
  });
});
