import { dueAgain, type AskedOnce } from './again';

const DAY = 24 * 60 * 60_000;
const START = Date.UTC(2026, 10, 1, 10);
const one = (right: boolean, days: number, seed = 7): AskedOnce => ({
  exercise: 'pinker',
  seed,
  level: 1.5,
  right,
  at: START + days * DAY,
});

test('what was right at once never comes back; what was missed does, the same again', () => {
  expect(dueAgain([one(true, 0)], START + 30 * DAY)).toEqual([]);
  expect(dueAgain([one(false, 0)], START + DAY)).toEqual([{ exercise: 'pinker', seed: 7, level: 1.5 }]);
});

test('it comes back in minutes, then after longer and longer, and not before', () => {
  const minutes = 60_000;
  expect(dueAgain([one(false, 0)], START + 10_000)).toEqual([]);
  expect(dueAgain([one(false, 0)], START + 15 * minutes)).toHaveLength(1);
  const twice = [one(false, 0), one(true, 1), one(true, 2)];
  expect(dueAgain(twice, START + 2 * DAY + minutes)).toEqual([]);
  expect(dueAgain(twice, START + 60 * DAY)).toHaveLength(1);
});

test('after three right in a row it is learnt; missed again it begins anew', () => {
  const learnt = [one(false, 0), one(true, 1), one(true, 4), one(true, 12)];
  expect(dueAgain(learnt, START + 400 * DAY)).toEqual([]);
  expect(dueAgain([...learnt, one(false, 13)], START + 14 * DAY)).toHaveLength(1);
});

test('the longest due stands first', () => {
  const asked = [one(false, 0, 1), one(false, 2, 2), one(false, 1, 3)];
  expect(dueAgain(asked, START + 5 * DAY).map((i) => i.seed)).toEqual([1, 3, 2]);
});
