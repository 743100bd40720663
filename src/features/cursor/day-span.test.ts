import { heightOf, spanOf } from './day-span';

const HOUR = 4;
const dayOf = (lit: (m: number) => boolean) => ({
  moments: Array.from({ length: 96 }, (_, m) => m),
  sun: Array.from({ length: 96 }, (_, m) => ({ altitudeDeg: lit(m) ? 20 : -20, azimuthDeg: 0 })),
});

describe('the span of the ribbon', () => {
  test('runs from five to half past ten on an ordinary day', () => {
    expect(spanOf(dayOf((m) => m >= 7 * HOUR && m <= 18 * HOUR))).toEqual({ first: 5 * HOUR, last: 90 });
  });
  test('begins an hour before a midsummer’s first light and ends an hour after its last', () => {
    expect(spanOf(dayOf((m) => m >= 3 * HOUR && m <= 22 * HOUR))).toEqual({ first: 2 * HOUR, last: 23 * HOUR });
  });
  test('the polar day is shown whole, the polar night as any', () => {
    expect(spanOf(dayOf(() => true))).toEqual({ first: 0, last: 95 });
    expect(spanOf(dayOf(() => false)).first).toBeLessThanOrEqual(5 * HOUR);
  });
});

describe('the height of a bar', () => {
  test('grows with the logarithm of the light, from nothing to full', () => {
    expect(heightOf(3, 1000)).toBe(0);
    expect(heightOf(1000, 1000)).toBe(1);
    expect(heightOf(50_000, 1000)).toBe(1);
    const steps = [10, 100, 1000].map((lux) => heightOf(lux, 10_000));
    expect(steps[1]! - steps[0]!).toBeCloseTo(steps[2]! - steps[1]!, 9);
  });
});
