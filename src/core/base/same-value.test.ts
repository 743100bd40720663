import { sameValue } from './same-value';

test('the same whatever the order of members; a member more, a list in another order or another number are not', () => {
  const window = { wall: 1, widthM: 1.2, glazing: ['double', { coated: true }], sillM: null };
  expect(sameValue(window, { sillM: null, glazing: ['double', { coated: true }], widthM: 1.2, wall: 1 })).toBe(true);
  for (const other of [
    { ...window, widthM: 1.2000001 },
    { ...window, leftM: null },
    { ...window, glazing: [{ coated: true }, 'double'] },
    { ...window, sillM: 0 },
    null,
    undefined,
  ])
    expect(sameValue(window, other)).toBe(false);
  expect([sameValue([], []), sameValue(null, undefined), sameValue(0, -0)]).toEqual([true, false, true]);
});
