import { averageReadings } from './readings';

const near = (l: number) => ({ l, a: 3, b: 10 });

describe('averaging colorimeter readings', () => {
  test('0, 1 and 2 readings are too few; 3 are enough', () => {
    for (const n of [0, 1, 2])
      expect(averageReadings(Array.from({ length: n }, () => near(70)))).toEqual({
        ok: false,
        reason: 'too-few-readings',
        needed: 3,
        got: n,
      });
    expect(averageReadings([near(70), near(70.2), near(69.8)])).toMatchObject({ ok: true, value: { lab: { a: 3, b: 10 } } });
  });

  test('the spread is the largest difference from the mean', () => {
    const averaged = averageReadings([near(70), near(70.3), near(69.7)]);
    if (!averaged.ok) throw new Error(averaged.reason);
    expect(averaged.value.lab.l).toBeCloseTo(70, 12);
    expect(averaged.value.spread).toBeGreaterThan(0.2);
    expect(averaged.value.spread).toBeLessThan(0.3);
  });

  test('a reading off by too much is named, the one that is off and not its neighbours', () => {
    expect(averageReadings([near(70), near(73.5), near(70.1)])).toMatchObject({ ok: false, reason: 'reading-off', index: 1 });
  });
});
