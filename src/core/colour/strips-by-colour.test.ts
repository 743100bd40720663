import { nearestInDepth, stripsByColour } from './strips-by-colour';
import type { Lab } from './types';

const lab = (l: number, a: number, b: number): Lab => ({ l, a, b });

test('colours without a strip stand by hue and depth, whatever the order of their rows', () => {
  const labs = [lab(40, -20, 10), lab(92, 1, 8.5), lab(60, -22, 12), lab(80, -12, 6), lab(30, 5, -30)];
  const strips = stripsByColour(labs);
  expect(strips.map((s) => s.strip)).toEqual(['green', 'cream', 'green', 'green', 'blue']);
  expect([strips[3]!.step, strips[2]!.step, strips[0]!.step]).toEqual([1, 2, 3]);
});

test('a family of many is parted evenly by hue, seven steps at most', () => {
  const labs = Array.from({ length: 15 }, (_, i) => lab(30 + 4 * i, -20 + (i % 5), 10 + (i % 3)));
  const strips = stripsByColour(labs);
  const sizes = ['green 1', 'green 2', 'green 3'].map((name) => strips.filter((s) => s.strip === name).length);
  expect(sizes).toEqual([5, 5, 5]);
  expect(stripsByColour([])).toEqual([]);
});

test('two steps deeper is a step that is seen, in the same hue; none where there is none', () => {
  const deck = [lab(70, 2, 12), lab(68, 2, 12), lab(60, 14, 2), lab(59, 2.5, 13), lab(30, 2, 12)];
  const labOf = (c: Lab) => c;
  expect(nearestInDepth(deck, deck[0]!, 1, labOf)).toBe(deck[3]);
  expect(nearestInDepth(deck, deck[3]!, -1, labOf)).toBe(deck[0]);
  expect(nearestInDepth(deck, deck[4]!, 1, labOf)).toBeUndefined();
});
