import {
  chartSurfaces,
  deckSurfaces,
  forChecking,
  madePaints,
  madeSurfaces,
  standardSurfaces,
} from '../../../tests/made-surfaces';
import { deltaE00 } from './ciede2000';
import type { Reflectance } from './grid';
import { illuminant } from './illuminant';
import { labFromXyz } from './lab';
import { coveredShare, ensembleUnder, measuredUnder, METAMERS, metamers, rangeIn, type Population } from './metamers';
import { integrationWeights } from './observer';
import { D65_10, tristimulus, whiteOf } from './tristimulus';

const weights = (name: string) => {
  const light = illuminant(name);
  if (!light.ok) throw new Error(name);
  return integrationWeights(light.value, 10);
};
const labOf = (r: Reflectance) => labFromXyz(tristimulus(r, D65_10));
const made = (lab: ReturnType<typeof labOf>, population: Population) => {
  const found = metamers(lab, population);
  if (!found.ok) throw new Error('no surface');
  return found.value;
};

describe('plausible metamers', () => {
  test.each(['paint', 'any'] as const)(
    '%s: all have the colour they were made for, and lie strictly between 0 and 1',
    (population) => {
      for (const lab of [
        { l: 84, a: 3.2, b: 11.5 },
        { l: 33.5, a: -0.5, b: -1.6 },
        { l: 96, a: -0.5, b: 2 },
        { l: 55, a: 30, b: 35 },
      ]) {
        const curves = made(lab, population);
        expect(curves.length).toBeGreaterThanOrEqual(101);
        expect(curves.length).toBeLessThanOrEqual(METAMERS.neighbours + 1);
        for (const r of curves) {
          expect(deltaE00(labOf(r), lab)).toBeLessThan(0.001);
          expect(Math.min(...r)).toBeGreaterThan(0);
          expect(Math.max(...r)).toBeLessThan(1);
        }
      }
    },
  );

  test('are the same every time, and no two of them the same', () => {
    const lab = { l: 70, a: 2, b: 9 };
    const [a, b] = [made(lab, 'paint'), made(lab, 'paint')];
    expect(a).toEqual(b);
    expect(new Set(a.map((r) => r.join())).size).toBe(a.length);
  });

  test('a colour that moves by a tenth has nearly the same range: nothing in it is random', () => {
    const light = weights('A');
    const range = (l: number) => ensembleUnder(made({ l, a: 2, b: 9 }, 'any'), light, 'any').spread;
    const ranges = [70, 70.1, 70.2, 70.3, 70.4].map(range);
    expect(Math.max(...ranges) / Math.min(...ranges)).toBeLessThan(1.1);
  });

  test('a colour no surface can have is refused', () => {
    expect(metamers({ l: 50, a: 140, b: 0 }).ok).toBe(false);
  });

  test('the range by slopes is that of every surface looked at in full, within a twentieth', () => {
    const light = weights('F11');
    for (const lab of [
      { l: 84, a: 3.2, b: 11.5 },
      { l: 45, a: -20, b: 12 },
    ]) {
      const curves = made(lab, 'any');
      const white = whiteOf(light);
      const full = curves
        .slice(1)
        .map((r) => deltaE00(measuredUnder(curves[0]!, light).lab, measuredUnder(r, light).lab))
        .sort((p, q) => p - q);
      const at = Math.floor(full.length * coveredShare(lab, 'any'));
      const found = rangeIn(curves, light, (xyz) => labFromXyz(xyz, white), 'any');
      expect(Math.abs(found / full[at]! - 1)).toBeLessThan(0.05);
    }
  });

  test('a measured spectrum has no range', () => {
    expect(measuredUnder(chartSurfaces()[0]!, weights('A')).spread).toBe(0);
  });
});

const LIGHTS = ['A', 'D5000', 'D10000', 'F2', 'F11', 'LED-3000', 'LED-4000'];

type Foretold = { readonly range: number; readonly error: number };
const known = { paint: new WeakMap<Reflectance, Foretold[] | null>(), any: new WeakMap<Reflectance, Foretold[] | null>() };
/** Of a surface under each light, the range that was foretold and the error that was made; null where no surface is made. */
function foretold(reflectance: Reflectance, population: Population): Foretold[] | null {
  const before = known[population].get(reflectance);
  if (before !== undefined) return before;
  const found = metamers(labOf(reflectance), population);
  const all = found.ok
    ? LIGHTS.map((name) => {
        const told = ensembleUnder(found.value, weights(name), population);
        return { range: told.spread, error: deltaE00(told.lab, measuredUnder(reflectance, weights(name)).lab) };
      })
    : null;
  known[population].set(reflectance, all);
  return all;
}

/** How often the range holds under each light, and the mean range over the error that nine in ten keep under. */
function held(surfaces: readonly Reflectance[], population: Population) {
  return LIGHTS.map((name, k) => {
    const found = surfaces.flatMap((reflectance) => foretold(reflectance, population)?.[k] ?? []);
    const errors = found.map((f) => f.error).sort((p, q) => p - q);
    const share = found.filter((f) => f.error <= f.range).length / found.length;
    const range = found.reduce((s, f) => s + f.range, 0) / found.length;
    return { name, share, range, ratio: range / errors[Math.floor(0.9 * errors.length)]! };
  });
}

const said = (title: string, count: number, found: ReturnType<typeof held>) =>
  process.stdout.write(
    `${title}, ${count}: ${found.map((f) => `${f.name} ${(100 * f.share).toFixed(1)} % (±${f.range.toFixed(2)}, ×${f.ratio.toFixed(2)})`).join(', ')}\n`,
  );

/** Kept back from what the range was set on. */
const [CHART, PAINTS] = [chartSurfaces(), [...forChecking(deckSurfaces()), ...madePaints(700, 191)]];
const ANY = [...madeSurfaces(600, 192), ...madePaints(300, 193)];

// Set on two thirds of the decks and standard samples and on made surfaces of other seeds (scripts/make-residuals.ts). Checked here on
// the rest,
// on new seeds, and on a measured chart that nothing was set on.
describe('nine in ten of surfaces that were kept back lie within the range, under each light', () => {
  test('paint: the decks, other paints of the tint system, and the measured chart', () => {
    const surfaces = [...PAINTS, ...CHART];
    const found = held(surfaces, 'paint');
    said('paint', surfaces.length, found);
    for (const { share, ratio } of found) {
      expect(Math.abs(share - 0.9)).toBeLessThanOrEqual(0.03);
      expect(ratio).toBeLessThan(1.6);
    }
  });

  test('any surface: made ones, paints, standard samples and the measured chart', () => {
    const surfaces = [...ANY, ...forChecking(standardSurfaces()), ...CHART];
    const found = held(surfaces, 'any');
    said('any surface', surfaces.length, found);
    for (const { share } of found) expect(Math.abs(share - 0.9)).toBeLessThanOrEqual(0.03);
  });

  test.each([
    [0, 5],
    [5, 15],
    [15, 40],
    [40, 150],
  ])('at chroma %d to %d too, all lights together (74 %% at 15 to 40 before)', (from, to) => {
    const within = (r: Reflectance) => {
      const { a, b } = labOf(r);
      return Math.hypot(a, b) >= from && Math.hypot(a, b) < to;
    };
    for (const [population, all] of [
      ['paint', [...PAINTS, ...CHART]],
      ['any', [...ANY, ...CHART]],
    ] as const) {
      const surfaces = all.filter(within);
      const found = held(surfaces, population);
      said(`${population} at chroma ${from} to ${to}`, surfaces.length, found);
      const share = found.reduce((s, f) => s + f.share, 0) / found.length;
      expect(share).toBeGreaterThan(0.84);
      expect(share).toBeLessThan(0.97);
    }
  });

  test('the measured chart alone, as either: at least seven in ten under each light, nine in ten in the middle', () => {
    for (const population of ['paint', 'any'] as const) {
      const found = held(CHART, population);
      said(`chart as ${population}`, 20, found);
      for (const { share } of found) expect(share).toBeGreaterThanOrEqual(0.7);
      expect([...found].sort((p, q) => p.share - q.share)[Math.floor(found.length / 2)]!.share).toBeGreaterThanOrEqual(0.85);
    }
  });
});

describe('the measured chart', () => {
  test('nominal Lab of its lightest neutrals', () => {
    // published nominal values of such charts (from memory): white 96, neutral 8 81
    const nominal = [96, 81];
    chartSurfaces()
      .slice(18)
      .forEach((reflectance, i) => {
        const lab = labOf(reflectance);
        expect(Math.abs(lab.l - nominal[i]!)).toBeLessThan(2.5);
        expect(Math.hypot(lab.a, lab.b)).toBeLessThan(3.2);
      });
  });
});
