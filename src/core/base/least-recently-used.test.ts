import { leastRecentlyUsed } from './least-recently-used';

test('what was used least recently is made again', () => {
  const keep = leastRecentlyUsed<number>(2);
  let made = 0;
  const get = (key: string) => keep(key, () => ++made);
  expect([get('a'), get('b'), get('a'), get('c'), get('b')]).toEqual([1, 2, 1, 3, 4]);
});
