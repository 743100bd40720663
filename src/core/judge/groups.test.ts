import { deltaE00 } from '../colour/ciede2000';
import { grouped, GROUPS, groupTitle, leaningFrom } from './groups';
import type { Verdict } from './reasons';

const first = { l: 80, a: 2, b: 8 };
const row = (l: number, a: number, b: number, verdict: Verdict = 'works') => ({ lab: { l, a, b }, verdict });

test.each([
  ['like-the-first', [80.5, 2, 8]],
  ['lighter', [90, 2, 7]],
  ['deeper', [65, 2, 8]],
  ['quieter', [80, 0.5, 2]],
  ['stronger', [80, 4.5, 18]],
  ['pinker', [80, 8, 7]],
  ['greener', [80, -4, 7.5]],
  ['bluer', [79, -1, -8]],
] as const)('%s than the first', (leaning, [l, a, b]) => expect(leaningFrom(first, { l, a, b })).toBe(leaning));

test('rows that are much like a choice stand behind it, and none is lost', () => {
  const rows = [row(80, 2, 8), row(80.2, 2, 8.1), row(66, 2, 8), row(66.3, 2, 8), row(58, 2, 8), row(90, 2, 7)];
  const groups = grouped(rows);
  expect(groups.map((g) => g.by)).toEqual(['like-the-first', 'deeper', 'lighter']);
  expect(groups[1]!.choices).toEqual([row(66, 2, 8), row(58, 2, 8)]);
  expect(groups[1]!.alike).toEqual([row(66.3, 2, 8)]);
  expect(groups.flatMap((g) => [...g.choices, ...g.alike])).toHaveLength(rows.length);
  for (const { choices } of groups)
    choices.forEach((c, i) =>
      choices.slice(i + 1).forEach((d) => expect(deltaE00(c.lab, d.lab)).toBeGreaterThanOrEqual(GROUPS.apart)),
    );
});

test('a list of colours lies by hue, and what is no colour stands by itself', () => {
  const rows = [row(78, 18, 3), row(62, -14, 10), row(58, -6, -18), row(70, 8, 40), row(78.5, 18.6, 3.5), row(80, 1, 6)];
  const groups = grouped(rows);
  expect(groups.map(groupTitle)).toEqual(['Pinks', 'Greens', 'Blues', 'Yellows', 'Near-neutrals and browns']);
  expect(groups[0]).toMatchObject({ choices: [row(78, 18, 3)], alike: [row(78.5, 18.6, 3.5)] });
  expect(groupTitle({ verdict: 'works', by: 'like-the-first' })).toBe('The first, and like it');
});

test('what nearly works lies below all that works, whichever way it lies', () => {
  const rows = [row(80, 2, 8), row(80, 8, 7), row(80.5, 2, 8, 'nearly'), row(80, 9, 7, 'nearly'), row(66, 2, 8, 'nearly')];
  expect(grouped(rows).map(groupTitle)).toEqual([
    'The first, and like it',
    'Pinker',
    'Nearly: like the first',
    'Nearly: pinker',
    'Nearly: deeper',
  ]);
});

test('an empty list has no groups', () => expect(grouped([])).toEqual([]));
