import { sayClearness, sayForClient, sayWarmth } from './client-words';

// common practice, no source: colours as a client would speak of them
test.each([
  ['a cream', { l: 90, a: 0.5, b: 11 }, 'warm and soft; nobody will call it pink or green'],
  ['a greige', { l: 78, a: 1, b: 7 }, 'warm and quiet; nobody will call it pink or green'],
  ['a pink beige', { l: 80, a: 6, b: 10 }, 'warm and soft; some will call it pink; nobody will call it green or blue'],
  ['a grey that is green', { l: 75, a: -3.5, b: 3 }, 'cool and quiet; some will call it green; nobody will call it pink or blue'],
  ['a blue grey', { l: 72, a: -1, b: -6 }, 'cool and quiet; some will call it blue; nobody will call it pink or yellow'],
  ['a pure grey', { l: 70, a: 0, b: 0 }, 'neither warm nor cool and quiet; nobody will call it pink or green'],
  ['a terracotta', { l: 50, a: 28, b: 30 }, 'warm and clear'],
  ['a navy', { l: 22, a: 2, b: -25 }, 'cool and clear'],
] as const)('%s', (_, lab, says) => expect(sayForClient(lab)).toBe(says));

test('the hue circle has a warm half and a cool one, whatever turn it is told in', () => {
  const at = (deg: number) => ({ l: 60, a: 20 * Math.cos((deg * Math.PI) / 180), b: 20 * Math.sin((deg * Math.PI) / 180) });
  expect([0, 45, 90, 110, 340].map((d) => sayWarmth(at(d)))).toEqual(Array(5).fill('warm'));
  expect([120, 180, 250, 300].map((d) => sayWarmth(at(d)))).toEqual(Array(4).fill('cool'));
  expect(sayClearness(at(10))).toBe('soft');
});
