import fc from 'fast-check';
import golden from '../../../tests/golden/kubelka-munk.json';
import { deltaE00 } from '../colour/ciede2000';
import { reflectanceFromLab } from '../colour/reflectance';
import type { Lab } from '../colour/types';
import { absorptionOverScattering, reflectanceOfRatio } from './kubelka-munk';
import { cautionOf, paintAtStrength } from './paint';
import { internalReflectance, measuredReflectance, surfaceFor } from './saunderson';
import { atStrength, sayStrength } from './strength';

const curve = (lab: Lab) => {
  const solved = reflectanceFromLab(lab);
  if (!solved.ok) throw new Error('not a surface');
  return solved.value;
};
const BASE: Lab = { l: 96.2, a: -0.6, b: 2.1 };
const labAtStrength = (full: Lab, base: Lab, percent: number) =>
  paintAtStrength(
    {
      lab: full,
      reflectance: undefined,
      tint: undefined,
      base: { id: 'b', kind: 'white', name: 'base', lab: base, reflectance: undefined, optical: undefined },
    },
    percent,
  ).lab;
const tints = fc.record({
  l: fc.double({ min: 45, max: 92, noNaN: true }),
  a: fc.double({ min: -8, max: 10, noNaN: true }),
  b: fc.double({ min: -8, max: 22, noNaN: true }),
});

describe('Kubelka–Munk and Saunderson', () => {
  test.each(golden.ratio)('K/S of an internal reflectance of $R', ({ R, KS }) => {
    expect(absorptionOverScattering(R)).toBeCloseTo(KS, 9);
    expect(reflectanceOfRatio(KS)).toBeCloseTo(R, 9);
  });

  test.each(golden.saunderson)('internal reflectance of $Rm with k1 $k1, k2 $k2', ({ Rm, k1, k2, R_internal }) => {
    expect(internalReflectance(Rm, { k1, k2 })).toBeCloseTo(R_internal, 12);
    expect(measuredReflectance(R_internal, { k1, k2 })).toBeCloseTo(Rm, 12);
  });

  test.each([0, -0.01, 1.01, NaN])('an internal reflectance of %d is a caller’s bug', (r) => {
    expect(() => absorptionOverScattering(r)).toThrow(RangeError);
  });

  test('a film that reads darker than its surface reflection lowers k1 and says so', () => {
    expect(surfaceFor([0.2, 0.5]).lowered).toBe(false);
    expect(surfaceFor([0.03, 0.5])).toMatchObject({ lowered: true, k2: 0.6 });
    expect(surfaceFor([0.03, 0.5]).k1).toBeLessThan(0.03);
  });
});

describe('strength', () => {
  test('p = 1 gives the colour and p = 0 the base, at every wavelength', () => {
    const [full, base] = [curve({ l: 78, a: 3.6, b: 13 }), curve(BASE)];
    for (const [p, expected] of [
      [1, full],
      [0, base],
    ] as const) {
      const mixed = atStrength(full, base, p);
      if (!mixed.ok) throw new Error(mixed.reason);
      mixed.value.reflectance.forEach((r, i) => expect(r).toBeCloseTo(expected[i]!, 9));
    }
  });

  test('in a white base LRV never falls when the strength falls', () => {
    fc.assert(
      fc.property(tints, (lab) => {
        const [full, base] = [curve(lab), curve(BASE)];
        const lrvs = [1.5, 1, 0.75, 0.5, 0.25, 0.1, 0].map((p) => {
          const mixed = atStrength(full, base, p);
          return mixed.ok ? mixed.value.lrv : -1;
        });
        for (let i = 1; i < lrvs.length; i++) expect(lrvs[i]! + 1e-9).toBeGreaterThanOrEqual(lrvs[i - 1]!);
      }),
      { numRuns: 60, seed: 7 },
    );
  });

  test('three quarters of the formula is far more than three quarters of the way to the colour', () => {
    const full = { l: 62, a: 5, b: 18 };
    const three = labAtStrength(full, BASE, 75);
    // tinting strength is not linear in lightness: the first quarter cut changes little (Kubelka–Munk's own prediction)
    expect((BASE.l - three.l) / (BASE.l - full.l)).toBeGreaterThan(0.85);
    expect(deltaE00(three, full)).toBeGreaterThan(1);
  });

  test('100 % is the colour itself, to the last digit', () => {
    const full = { l: 62, a: 5, b: 18 };
    expect(labAtStrength(full, BASE, 100)).toBe(full);
  });

  test('more than the full formula of a colour lighter than its base is refused: it would only get lighter', () => {
    for (const lighter of [80.5, 85, 97]) {
      const asked = (p: number) => atStrength(curve({ l: lighter, a: 0, b: 2 }), curve({ l: 80, a: 0, b: 0 }), p);
      expect(asked(1.1)).toEqual({ ok: false, reason: 'lighter-than-base' });
      expect(asked(1)).toMatchObject({ ok: true });
      expect(asked(0.5)).toMatchObject({ ok: true });
    }
    expect(() => labAtStrength({ l: 98, a: 0, b: 2 }, BASE, 110)).toThrow('this maker’s base cannot make it lighter');
    expect(atStrength(curve(BASE), curve(BASE), 1.5)).toMatchObject({ ok: true });
  });

  test('a colour as light as its base, but cleaner in one region, has no more absorption to give there', () => {
    const [blue, cream] = [curve({ l: 80, a: 0, b: -20 }), curve({ l: 92, a: 0, b: 25 })];
    expect(atStrength(blue, cream, 1.5)).toMatchObject({ ok: false, reason: 'beyond-base' });
  });

  test('the caution is said of every strength of such a colour', () => {
    const base = { id: 'b', kind: 'white', name: 'base', lab: BASE, reflectance: undefined, optical: undefined } as const;
    const caution = (l: number, percent: number) => cautionOf({ lab: { l, a: 0, b: 2 }, base }, percent);
    expect([100, 75, 25].map((percent) => caution(97, percent))).toEqual(Array(3).fill('lighter-than-base'));
    expect([100, 25].map((percent) => caution(95, percent))).toEqual(['none', 'none']);
  });

  test.each([
    [75, '75 % strength (colourant cut by a quarter)'],
    [50, '50 % strength (colourant cut by half)'],
    [25, '25 % strength (colourant cut by three quarters)'],
    [80, '80 % strength (colourant cut by 20 %)'],
    [100, '100 % strength (the full formula)'],
    [120, '120 % strength (20 % more colourant than the formula)'],
  ])('%i %% is said both ways', (percent, says) => {
    expect(sayStrength(percent)).toBe(says);
  });
});
