import fc from 'fast-check';
import { deltaE00 } from './ciede2000';
import { directions, sayDirections } from './directions';

const lab = fc.record({
  l: fc.double({ min: 5, max: 97, noNaN: true }),
  a: fc.double({ min: -30, max: 30, noNaN: true }),
  b: fc.double({ min: -30, max: 30, noNaN: true }),
});

describe('directions', () => {
  test('are numbers for any two colours, and their whole is ΔE00', () => {
    fc.assert(
      fc.property(lab, lab, (p, q) => {
        const found = directions(p, q);
        for (const value of Object.values(found)) expect(Number.isFinite(value)).toBe(true);
        expect(found.deltaE00).toBeCloseTo(deltaE00(p, q), 9);
      }),
      { seed: 6, numRuns: 500 },
    );
  });

  test.each([
    ['two greys', { l: 60, a: 0, b: 0 }, { l: 70, a: 0, b: 0 }],
    ['the same grey', { l: 60, a: 0, b: 0 }, { l: 60, a: 0, b: 0 }],
    ['colours across from each other', { l: 60, a: 5, b: -8 }, { l: 60, a: -5, b: 8 }],
  ])('%s have no mean hue, and still a difference in steps', (_, p, q) => {
    const { pinkGreen, yellowBlue, lightDark } = directions(p, q);
    expect(Math.abs(pinkGreen)).toBeLessThan(30);
    expect(Math.sign(pinkGreen)).toBe(Math.sign(q.a - p.a));
    expect(Math.sign(yellowBlue)).toBe(Math.sign(q.b - p.b));
    expect(Math.sign(lightDark)).toBe(Math.sign(q.l - p.l));
  });

  test('swapping the two turns every direction round', () => {
    fc.assert(
      fc.property(lab, lab, (p, q) => {
        const [there, back] = [directions(p, q), directions(q, p)];
        for (const d of ['pinkGreen', 'yellowBlue', 'strongWeak', 'lightDark'] as const)
          expect(there[d] + back[d]).toBeCloseTo(0, 9);
      }),
      { seed: 7 },
    );
  });

  test('nothing visible says nothing', () => {
    const grey = { l: 60, a: 0, b: 0 };
    expect(sayDirections(directions(grey, { ...grey, l: 60.4 }))).toHaveLength(0);
  });
});
