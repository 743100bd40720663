import { candidate } from '../../../tests/made-up-room';
import type { Verdict } from '../judge/reasons';
import { byVerdict, MOST_IN_ROW, nextInRow, rowOf } from './row';

const colours = Array.from({ length: 12 }, (_, i) => candidate(`c${i}`, 100));
const ids = (row: readonly { readonly id: string }[]) => row.map((c) => c.id);

test.each([
  [0, 0, 7],
  [5, 1, 8],
  [11, 4, 11],
])('colour %i of twelve stands in a row from %i to %i', (at, from, to) => {
  expect(ids(rowOf(colours, { id: `c${at}` }))).toEqual(ids(colours.slice(from, to + 1)));
});

test('a row of few is all of them', () => {
  for (const n of [1, 2, MOST_IN_ROW]) expect(rowOf(colours.slice(0, n), { id: 'c0' })).toHaveLength(n);
});

const said = new Map<string, Verdict>([
  ['c0', 'no'],
  ['c1', 'nearly'],
  ['c3', 'works'],
]);
const saidOf = (c: { readonly id: string }) => said.get(c.id);

test('in order of what was said: works, nearly, open, no', () => {
  expect(ids(byVerdict(colours.slice(0, 5), saidOf))).toEqual(['c3', 'c1', 'c2', 'c4', 'c0']);
});

test('the next of which nothing was said, round the end; none when all is said', () => {
  const row = colours.slice(0, 5);
  expect(nextInRow(row, { id: 'c1' }, saidOf)!.id).toBe('c2');
  expect(nextInRow(row, { id: 'c4' }, saidOf)!.id).toBe('c2');
  expect(nextInRow(row, { id: 'c2' }, saidOf)!.id).toBe('c4');
  expect(nextInRow(row.slice(0, 2), { id: 'c0' }, saidOf)).toBeUndefined();
});
