import { readFileSync } from 'node:fs';
import { deltaE00 } from './ciede2000';
import type { Reflectance } from './grid';
import { illuminant } from './illuminant';
import { labFromXyz } from './lab';
import { ensembleUnder, measuredUnder, METAMERS, metamers } from './metamers';
import { integrationWeights } from './observer';
import { resample } from './resample';
import { D65_10, tristimulus } from './tristimulus';

/** The measured chart, 380–760 nm at 5 nm. */
function chart(): { readonly name: string; readonly reflectance: Reflectance }[] {
  const lines = readFileSync('tests/golden/colorchecker.csv', 'utf8')
    .trim()
    .split('\n')
    .filter((l) => !l.startsWith('#'));
  const rows = lines.slice(1).map((l) => l.split(',').map(Number));
  return lines[0]!
    .split(',')
    .slice(1)
    .map((name, k) => ({
      name,
      reflectance: resample(
        380,
        5,
        rows.map((r) => r[k + 1]!),
      ).reflectance,
    }));
}
const weights = (name: string) => {
  const light = illuminant(name);
  if (!light.ok) throw new Error(name);
  return integrationWeights(light.value, 10);
};
const labOf = (r: Reflectance) => labFromXyz(tristimulus(r, D65_10));

describe('plausible metamers', () => {
  test('all have the colour they were made for, and lie strictly between 0 and 1', () => {
    for (const lab of [
      { l: 84, a: 3.2, b: 11.5 },
      { l: 33.5, a: -0.5, b: -1.6 },
      { l: 96, a: -0.5, b: 2 },
      { l: 55, a: 30, b: 35 },
    ]) {
      const made = metamers(lab);
      if (!made.ok) throw new Error('no surface');
      expect(made.value).toHaveLength(METAMERS.count);
      for (const r of made.value) {
        expect(deltaE00(labOf(r), lab)).toBeLessThan(0.001);
        expect(Math.min(...r)).toBeGreaterThan(0);
        expect(Math.max(...r)).toBeLessThan(1);
      }
    }
  });

  test('the same seed gives the same curves; another seed others', () => {
    const [a, b, c] = [
      metamers({ l: 70, a: 2, b: 9 }, 5),
      metamers({ l: 70, a: 2, b: 9 }, 5),
      metamers({ l: 70, a: 2, b: 9 }, 6),
    ];
    if (!a.ok || !b.ok || !c.ok) throw new Error('no surface');
    expect(a.value[3]).toEqual(b.value[3]);
    expect(a.value[3]).not.toEqual(c.value[3]);
  });

  test('a colour no surface can have is refused', () => {
    expect(metamers({ l: 50, a: 140, b: 0 }).ok).toBe(false);
  });

  test('the range covers what a measured chart does under other lights, without being idle', () => {
    // 18 chromatic patches and the white of a measured chart (EBU Tech 3355): what each really does against what its Lab alone foretells
    const tally = { covered: 0, all: 0, spread: 0, error: 0 };
    const lights = ['A', 'F2', 'F11', 'LED-3000', 'D5000', 'D10000'].map(weights);
    for (const { reflectance } of chart().slice(0, 19)) {
      const made = metamers(labOf(reflectance));
      if (!made.ok) throw new Error('a measured patch is a surface');
      for (const light of lights) {
        const foretold = ensembleUnder(made.value, light);
        const error = deltaE00(foretold.lab, measuredUnder(reflectance, light).lab);
        tally.all += 1;
        tally.covered += Number(error <= foretold.spread);
        tally.spread += foretold.spread;
        tally.error += error;
      }
    }
    const share = tally.covered / tally.all;
    process.stdout.write(
      `metamers: range covers ${(100 * share).toFixed(0)} % of ${tally.all}; mean range ${(tally.spread / tally.all).toFixed(2)}, mean error ${(tally.error / tally.all).toFixed(2)} ΔE00\n`,
    );
    expect(share).toBeGreaterThan(0.85);
    expect(tally.spread / tally.all).toBeLessThan(3 * (tally.error / tally.all));
  });

  test('a measured spectrum has no range', () => {
    expect(measuredUnder(chart()[0]!.reflectance, weights('A')).spread).toBe(0);
  });
});

describe('the measured chart', () => {
  test('nominal Lab of its neutrals: L* 96 to 20, all but colourless', () => {
    // published nominal values of such charts (from memory): white 96, neutral 8 81, 6.5 67, 5 51, 3.5 36, black 20
    const neutrals = chart().slice(18);
    const nominal = [96, 81, 67, 51, 36, 20];
    neutrals.forEach(({ reflectance }, i) => {
      const lab = labOf(reflectance);
      expect(Math.abs(lab.l - nominal[i]!)).toBeLessThan(2.5);
      expect(Math.hypot(lab.a, lab.b)).toBeLessThan(3.2);
    });
  });
});
