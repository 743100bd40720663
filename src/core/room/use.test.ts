import { isInUse, partsOfUse, ROOM_USES, USES, usesTogether } from './use';

test.each(ROOM_USES)('%s is made of its parts, in any order, and back', (use) => {
  const parts = partsOfUse(use);
  expect(usesTogether([...parts].reverse())).toBe(use);
  expect(parts.length).toBeGreaterThan(0);
  expect(USES[use].lamps + USES[use].both).toBeLessThan(1);
});

test('mornings and evenings leave the middle of the day out', () => {
  expect([5.9, 6, 11.9, 12, 15.9, 16, 21.9, 22].map((hour) => isInUse('morning-evening', hour))).toEqual([
    false,
    true,
    true,
    false,
    false,
    true,
    true,
    false,
  ]);
  expect(usesTogether([])).toBeUndefined();
});
