import fc from 'fast-check';
import { adaptCat16 } from './cat16';
import { correspondingIn } from './corresponding';
import { GRID, onGrid } from './grid';
import { illuminant, lightOfTemperature } from './illuminant';
import { labFromXyz } from './lab';
import { integrationWeights } from './observer';
import { reflectanceFromLab } from './reflectance';
import { tristimulus, WHITE_D65_10, whiteOf } from './tristimulus';

const f11 = illuminant('F11');
if (!f11.ok) throw new Error('F11');

describe('corresponding colours', () => {
  test('are those of integration and CAT16 one after the other', () => {
    const weights = integrationWeights(f11.value, 10);
    const see = correspondingIn(f11.value);
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: GRID.count, maxLength: GRID.count }), (r) => {
        const expected = labFromXyz(adaptCat16(tristimulus(r, weights), whiteOf(weights), WHITE_D65_10));
        const found = see(r);
        expect(found.l).toBeCloseTo(expected.l, 8);
        expect(found.a).toBeCloseTo(expected.a, 8);
        expect(found.b).toBeCloseTo(expected.b, 8);
      }),
      { seed: 3 },
    );
  });

  test.each([2700, 4000, 6500, 15000])('at %d K greys are grey and white is white', (cctK) => {
    const see = correspondingIn(lightOfTemperature(cctK));
    for (const share of [0.05, 0.4, 1]) {
      const { a, b } = see(onGrid(() => share));
      expect(Math.hypot(a, b)).toBeLessThan(1e-9);
    }
    expect(see(onGrid(() => 1)).l).toBeCloseTo(100, 9);
  });

  test('under daylight a colour is as in the deck', () => {
    const beige = { l: 84, a: 3.2, b: 11.5 };
    const curve = reflectanceFromLab(beige);
    const d65 = illuminant('D65');
    if (!curve.ok || !d65.ok) throw new Error('no curve');
    const found = correspondingIn(d65.value)(curve.value);
    expect(found.l).toBeCloseTo(beige.l, 3);
    expect(found.a).toBeCloseTo(beige.a, 3);
    expect(found.b).toBeCloseTo(beige.b, 3);
  });
});
