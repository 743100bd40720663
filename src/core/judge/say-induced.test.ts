import { sayInduced } from './say-induced';

const floor = { name: 'Grey floor', lab: { l: 60, a: 0, b: 0.5 } };

test.each([
  ['red', { l: 45, a: 40, b: 25 }, 'blue-green'],
  ['green', { l: 40, a: -25, b: 5 }, 'pink'],
  ['blue', { l: 40, a: 0, b: -30 }, 'yellow'],
  ['yellow', { l: 80, a: 2, b: 45 }, 'blue'],
  ['violet', { l: 45, a: 22, b: -28 }, 'green'],
] as const)('a neutral takes the opposite of a %s (Chevreul 1839)', (_, lab, opposite) => {
  expect(sayInduced(floor, lab)).toMatch(new RegExp(`^Grey floor takes a breath of (yellow-)?${opposite} beside it$`));
});

test('nothing is said of quiet colours, nor beside what has a hue of its own', () => {
  expect(sayInduced(floor, { l: 80, a: 1, b: 7 })).toBeUndefined();
  expect(sayInduced({ ...floor, lab: { l: 40, a: -20, b: 5 } }, { l: 45, a: 40, b: 25 })).toBeUndefined();
});
