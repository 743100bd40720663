import Color from 'colorjs.io';
import fc from 'fast-check';
import { labFromXyz, lightnessOfLrv, lrvOf, xyzFromLab } from './lab';
import { wcagLuminance } from 'culori';
import { labFromHex, luminanceOfHex, screenColour } from './srgb';
import { D65_10, lightReflectanceValue, tristimulus, WHITE_D65_10 } from './tristimulus';

/** D65 of the 2° observer as colorjs.io uses it (ASTM E308). */
const D65_2 = { x: 95.047, y: 100, z: 108.883 };
const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

describe('CIELAB', () => {
  test('agrees with a second library on 500 random screen colours, its D65 fixed', () => {
    fc.assert(
      fc.property(hex, (colour) => {
        const second = new Color(colour).to('lab-d65');
        const own = labFromHex(colour);
        const [l, a, b] = second.coords as [number, number, number];
        // its white is 0.95047, 1, 1.08883 within 3e-4 and its matrix has other digits: far below what can be seen
        expect(Math.abs(own.l - l)).toBeLessThan(0.01);
        expect(Math.abs(own.a - a)).toBeLessThan(0.03);
        expect(Math.abs(own.b - b)).toBeLessThan(0.03);
      }),
      { numRuns: 500, seed: 3 },
    );
  });

  test('luminance of a screen colour agrees with a second library', () => {
    fc.assert(
      fc.property(hex, (colour) => {
        expect(luminanceOfHex(colour)).toBeCloseTo(100 * wcagLuminance(colour), 1);
      }),
      { seed: 4 },
    );
    expect(() => luminanceOfHex('red')).toThrow(RangeError);
  });

  test('XYZ → Lab → XYZ is exact', () => {
    const value = fc.double({ min: 0, max: 120, noNaN: true });
    fc.assert(
      fc.property(value, value, value, (x, y, z) => {
        const back = xyzFromLab(labFromXyz({ x, y, z }, D65_2), D65_2);
        expect(back.x).toBeCloseTo(x, 8);
        expect(back.y).toBeCloseTo(y, 8);
        expect(back.z).toBeCloseTo(z, 8);
      }),
      { seed: 4 },
    );
  });

  test('hex → Lab → hex is exact', () => {
    fc.assert(
      fc.property(hex, (colour) => {
        expect(screenColour(labFromHex(colour))).toEqual({ hex: colour, inGamut: true });
      }),
      { numRuns: 500, seed: 5 },
    );
  });

  test('a colour beyond the screen is marked', () => {
    expect(screenColour({ l: 60, a: 110, b: 0 }).inGamut).toBe(false);
  });

  test('malformed hex is a caller’s bug', () => {
    expect(() => labFromHex('#12345')).toThrow(RangeError);
  });
});

describe('LRV (BS 8493: CIE Y, D65, 10°)', () => {
  test('the perfect diffuser is 100, a flat 18 % grey is 18', () => {
    expect(lightReflectanceValue(new Float64Array(81).fill(1))).toBeCloseTo(100, 9);
    expect(lightReflectanceValue(new Float64Array(81).fill(0.18))).toBeCloseTo(18, 9);
    expect(tristimulus(new Float64Array(81).fill(1), D65_10)).toEqual(WHITE_D65_10);
  });

  test('L* and LRV undo each other', () => {
    for (const lrv of [0, 0.5, 3, 8, 37, 70, 74, 86, 100])
      expect(lrvOf({ l: lightnessOfLrv(lrv), a: 3, b: -4 })).toBeCloseTo(lrv, 9);
  });
});
