import { all } from '../../../tests/all';
import { seededRandom } from '../base/random';
import type { Lab } from '../colour/types';
import { SHOWS, TELLING, tellingNeighbours, tells, type Shows, type Telling } from './telling';

const itself = (lab: Lab) => lab;
const random = seededRandom(20261130);
const near = (n: number): Lab[] =>
  Array.from({ length: n }, () => ({ l: 66 + 14 * random(), a: -6 + 14 * random(), b: -4 + 24 * random() }));

/** Every way to give distinct neighbours to some of the five things, by brute force. */
function bruteForce(colour: Lab, deck: readonly Lab[], shows: readonly Shows[]) {
  let best = { count: 0, sum: 0 };
  const go = (k: number, used: ReadonlySet<Lab>, count: number, sum: number) => {
    if (k === shows.length) {
      if (count > best.count || (count === best.count && sum > best.sum)) best = { count, sum };
      return;
    }
    go(k + 1, used, count, sum);
    for (const one of deck) {
      const score = tells(colour, one, shows[k]!);
      if (!used.has(one) && score > -Infinity) go(k + 1, new Set([...used, one]), count + 1, sum + score);
    }
  };
  go(0, new Set(), 0, 0);
  return best;
}
const sum = (found: readonly Telling<Lab>[]) => found.reduce((s, t) => s + t.tells, 0);

test('of small decks no other set says more', () => {
  let full = 0;
  for (let k = 0; k < 60; k++) {
    const deck = near(7);
    const colour = near(1)[0]!;
    const found = tellingNeighbours(colour, deck, itself);
    const best = (much: Shows) => bruteForce(colour, deck, ['pink', 'green', 'yellow', 'blue', much]);
    const most = Math.max(...deck.map((d) => tells(colour, d, 'colour')));
    const grey = Math.max(...deck.map((d) => tells(colour, d, 'grey')));
    const { count, sum: expected } = best(grey > most ? 'grey' : 'colour');
    expect(found).toHaveLength(count);
    expect(sum(found)).toBeCloseTo(expected, 9);
    full += count >= 4 ? 1 : 0;
  }
  expect(full).toBeGreaterThan(5);
});

test('each turns it another way, is near in depth, and is seen to differ', () => {
  const colour = { l: 74, a: 2, b: 9 };
  const found = tellingNeighbours(colour, near(400), itself);
  expect(found).toHaveLength(5);
  expect(new Set(found.map((t) => t.neighbour)).size).toBe(5);
  expect(new Set(found.map((t) => t.shows)).size).toBe(5);
  expect(all(found, (t) => SHOWS.includes(t.shows) && t.tells > 0)).toBe(true);
  expect(all(found, (t) => Math.abs(t.neighbour.l - colour.l) <= TELLING.depth)).toBe(true);
});

test('a pinker neighbour shows the green, a bluer one the yellow, a greyer one that it is a colour', () => {
  const greige = { l: 72, a: 0, b: 9 };
  const deck = { pink: { l: 72, a: 5, b: 9 }, blue: { l: 72, a: 0, b: 4 }, grey: { l: 72, a: 0, b: 5.5 } };
  expect(tells(greige, deck.pink, 'green')).toBeGreaterThan(3);
  expect(tells(greige, deck.pink, 'pink')).toBe(-Infinity);
  expect(tells(greige, deck.blue, 'yellow')).toBeGreaterThan(2);
  expect(tells(greige, deck.grey, 'colour')).toBeGreaterThan(1);
  expect(tells(greige, { l: 90, a: 5, b: 9 }, 'green')).toBe(-Infinity);
});

test('a deck without neighbours has none', () => {
  expect(tellingNeighbours({ l: 70, a: 0, b: 0 }, [], itself)).toEqual([]);
  expect(tellingNeighbours({ l: 70, a: 0, b: 0 }, [{ l: 20, a: 0, b: 0 }], itself)).toEqual([]);
});
