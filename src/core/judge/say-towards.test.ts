import { directions } from '../colour/directions';
import { sayTowards } from './say-towards';

const from = (l: number, a: number, b: number) => ({ l, a, b });

test.each([
  [from(78, 2, 10), from(78.2, 2, 10), 'about the same'],
  [from(78, 2, 10), from(80, 2, 10), 'a little lighter'],
  [from(78, 2, 10), from(60, 2, 10), 'much darker'],
  [from(78, -1, 12), from(78, 2, 12), 'pinker'],
])('%j to %j is %s', (p, q, says) => {
  expect(sayTowards(directions(p, q))).toBe(says);
});

test('names at most two differences, the larger first, and "a little" once', () => {
  const flat = { pinkGreen: 0, yellowBlue: 0, strongWeak: 0, lightDark: 0, deltaE00: 3 };
  expect(sayTowards({ ...flat, strongWeak: -2, lightDark: 1.5, pinkGreen: 1.2 })).toBe('a little greyer and lighter');
  expect(sayTowards({ ...flat, lightDark: 8, yellowBlue: -1.5 })).toBe('much lighter and a little bluer');
});
