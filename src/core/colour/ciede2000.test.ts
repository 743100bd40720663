import fc from 'fast-check';
import { differenceCiede2000 } from 'culori';
import golden from '../../../tests/golden/ciede2000.json';
import { deltaE00 } from './ciede2000';

const lab = fc.record({
  l: fc.double({ min: 0, max: 100, noNaN: true }),
  a: fc.double({ min: -100, max: 100, noNaN: true }),
  b: fc.double({ min: -100, max: 100, noNaN: true }),
});

describe('CIEDE2000', () => {
  test.each(golden.pairs.map((p, i) => [i + 1, p] as const))('pair %i of Sharma, Wu & Dalal 2005', (_, pair) => {
    const [l1, a1, b1, l2, a2, b2, expected] = pair as [number, number, number, number, number, number, number];
    expect(deltaE00({ l: l1, a: a1, b: b1 }, { l: l2, a: a2, b: b2 })).toBeCloseTo(expected, 4);
  });

  test('agrees with a second implementation away from the 180° hue branch', () => {
    // culori's difference converts to its own D65 Lab mode; given in that mode already, it takes the numbers as they are
    const second = differenceCiede2000();
    fc.assert(
      fc.property(lab, lab, (p, q) => {
        const hue = (c: typeof p) => Math.atan2(c.b, c.a);
        fc.pre(Math.abs(Math.abs(hue(p) - hue(q)) - Math.PI) > 0.05);
        expect(deltaE00(p, q)).toBeCloseTo(second({ mode: 'lab65', ...p }, { mode: 'lab65', ...q }), 6);
      }),
      { numRuns: 500, seed: 1 },
    );
  });

  test('agrees with it where hues are nearly opposite, on either side, and where they are nearly the same', () => {
    const second = differenceCiede2000();
    for (let hue = 3; hue < 360; hue += 11)
      for (const apart of [180 - 2, 180 + 2, 180 - 0.01, 180 + 0.01, 180 - 1e-5, 180 + 1e-5, 1e-3, 1e-6])
        for (const [c1, c2] of [
          [40, 40],
          [3, 60],
        ] as const) {
          const at = (c: number, deg: number) => ({
            a: c * Math.cos((deg * Math.PI) / 180),
            b: c * Math.sin((deg * Math.PI) / 180),
          });
          const p = { l: 50, ...at(c1, hue) };
          const q = { l: 60, ...at(c2, hue + apart) };
          expect(deltaE00(p, q)).toBeCloseTo(second({ mode: 'lab65', ...p }, { mode: 'lab65', ...q }), 6);
        }
  });

  test('is symmetric, never negative, and zero only for equals', () => {
    fc.assert(
      fc.property(lab, lab, (p, q) => {
        expect(deltaE00(p, q)).toBeCloseTo(deltaE00(q, p), 9);
        expect(deltaE00(p, q)).toBeGreaterThanOrEqual(0);
        expect(deltaE00(p, p)).toBe(0);
      }),
      { seed: 2 },
    );
  });
});
