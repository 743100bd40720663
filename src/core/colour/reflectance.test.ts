import fc from 'fast-check';
import golden from '../../../tests/golden/smoothest-reflectance.json';
import { deltaE00 } from './ciede2000';
import { labFromXyz } from './lab';
import { reflectanceFromLab } from './reflectance';
import { smoothestReflectance, type WeightRows } from './smoothest-reflectance';
import { labFromHex } from './srgb';
import { D65_10, tristimulus } from './tristimulus';

const roughness = (reflectance: ArrayLike<number>) => {
  let sum = 0;
  for (let i = 1; i < reflectance.length; i++)
    sum += (Math.atanh(2 * reflectance[i]! - 1) - Math.atanh(2 * reflectance[i - 1]! - 1)) ** 2;
  return sum;
};

describe('smoothest reflectance (Burns 2020)', () => {
  test.each(golden.examples.map((e, i) => [i + 1, e] as const))('worked example %i', (_, example) => {
    const solved = smoothestReflectance(example.XYZ as [number, number, number], golden.weights as unknown as WeightRows, 1e-9);
    if (!solved.ok) throw new Error('unreachable');
    const { reflectance, residual } = solved.value;
    expect(residual).toBeLessThanOrEqual(1e-9);
    expect(roughness(reflectance)).toBeCloseTo(example.objective, 4);
    example.reflectance.forEach((r, i) => expect(reflectance[i]!).toBeCloseTo(r, 4));
  });

  test('round trip below 0.001 ΔE00 and strictly between 0 and 1, over the screen colours', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 0xffffff }), (n) => {
        const lab = labFromHex(n.toString(16).padStart(6, '0'));
        const solved = reflectanceFromLab(lab);
        // a few of the strongest screen colours lie outside what a surface can be: then it must say so
        if (!solved.ok) return expect(Math.hypot(lab.a, lab.b) > 60 || lab.l > 99.9 || lab.l < 0.5).toBe(true);
        expect(Math.min(...solved.value)).toBeGreaterThan(0);
        expect(Math.max(...solved.value)).toBeLessThan(1);
        expect(deltaE00(lab, labFromXyz(tristimulus(solved.value, D65_10)))).toBeLessThan(0.001);
      }),
      { numRuns: 400, seed: 6 },
    );
  });

  test.each([
    { l: 50, a: 140, b: 0 },
    { l: 97, a: 40, b: 0 },
    { l: 5, a: 0, b: -80 },
    { l: 99, a: 0, b: 60 },
  ])('%o is no surface colour', (lab) => {
    expect(reflectanceFromLab(lab)).toEqual({ ok: false, reason: 'not-a-surface-colour', lab });
  });

  test.each([
    { l: 99.6, a: 0, b: 0.4 },
    { l: 1, a: 0, b: 0 },
    { l: 20, a: 0, b: -12 },
    { l: 93, a: -8, b: 60 },
  ])('%o, near the edge of what a surface can be, is found', (lab) => {
    expect(reflectanceFromLab(lab).ok).toBe(true);
  });
});
