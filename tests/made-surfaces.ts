import { readFileSync } from 'node:fs';
import { seededRandom } from '@/core/base/random';
import { GRID, type Reflectance } from '@/core/colour/grid';
import { resample } from '@/core/colour/resample';
import { opaqueReflectance } from '@/core/paint/film';
import { reflectanceOfRatio } from '@/core/paint/kubelka-munk';
import { mix, type Formula } from '@/core/paint/tint-system';
import { TEST_COLOUR_SAMPLES } from '@/core/reference/test-colour-samples';
import { basesOf, DEMO_TINT_SYSTEM } from '../demo/tint-curves';

/** Sets of spectra to set and to check how sure a colour is under another light. Each is 81 values on the grid. */
type Surfaces = readonly Reflectance[];

/** Paints of the tint system: two or three of its colourants in any base, from a trace to the most a base takes. */
export function madePaints(count: number, seed: number): Surfaces {
  const random = seededRandom(seed);
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)]!;
  const bases = basesOf('made', 0.0006, 0.001);
  return Array.from({ length: count }, () => {
    const base = pick(bases);
    const formula: Record<string, number> = {};
    const colourants = 2 + Math.floor(random() * 2);
    for (let k = 0; k < colourants; k++) formula[pick(DEMO_TINT_SYSTEM.colourants).id] = 10 ** (-1.5 + 2.8 * random());
    return opaqueReflectance(mix(DEMO_TINT_SYSTEM, base, formula as Formula), DEMO_TINT_SYSTEM.surface);
  });
}

/**
 * Any surface: one to three absorbers on a more or less white, yellowish or grey ground by Kubelka and Munk, half of them bands as dyes have
 * them, half edges as pigments have them, and 2 % of gloss. Invented, to behave like cloth, stone, wood, plants and prints.
 */
export function madeSurfaces(count: number, seed: number): Surfaces {
  const random = seededRandom(seed);
  const absorber = (): ((nm: number) => number) => {
    const size = 10 ** (-1.8 + 3 * random());
    if (random() < 0.45) {
      const [at, width] = [400 + 230 * random(), 6 + 24 * random()];
      return (nm) => size / (1 + Math.exp((nm - at) / width));
    }
    const [at, width, skew] = [360 + 400 * random(), 20 + 65 * random(), 0.6 + 0.8 * random()];
    return (nm) => size * Math.exp(-(((nm - at) / (nm > at ? width * skew : width)) ** 2) / 2);
  };
  return Array.from({ length: count }, () => {
    const ground = 0.004 * 10 ** (1.2 * random());
    const yellow = ground * random() * 6;
    const absorbers = Array.from({ length: 1 + Math.floor(random() * 3) }, absorber);
    const grey = random() < 0.5 ? 10 ** (-3 + 3 * random()) : 0;
    return Float64Array.from({ length: GRID.count }, (_, i) => {
      const nm = GRID.start + i * GRID.step;
      const ratio = ground + grey + yellow * Math.exp(-(nm - GRID.start) / 60) + absorbers.reduce((s, f) => s + f(nm), 0);
      return 0.02 + 0.96 * reflectanceOfRatio(ratio);
    });
  });
}

/** The colours of the two demo decks: the tint system as a counter uses it. */
export const deckSurfaces = (): Surfaces =>
  ['ferrowmere', 'tullacote'].flatMap((maker) => {
    const deck = JSON.parse(readFileSync(`demo/decks/${maker}.json`, 'utf8')) as {
      colours: { spectrum: { values: number[] } }[];
    };
    return deck.colours.map((c) => Float64Array.from(c.spectrum.values));
  });

/** The chromatic patches and the two lightest neutrals of a measured chart (EBU Tech 3355); the darker neutrals are scalings of one curve. */
export function chartSurfaces(): Surfaces {
  const lines = readFileSync('tests/golden/colorchecker.csv', 'utf8')
    .trim()
    .split('\n')
    .filter((l) => !l.startsWith('#'));
  const rows = lines.slice(1).map((l) => l.split(',').map(Number));
  return Array.from(
    { length: 20 },
    (_, k) =>
      resample(
        rows[0]![0]!,
        GRID.step,
        rows.map((r) => r[k + 1]!),
      ).reflectance,
  );
}

/** The test colour samples of CIE 13.3. */
export const standardSurfaces = (): Surfaces => TEST_COLOUR_SAMPLES.map((s) => Float64Array.from(s));

/** Of a set, the part a range is set on, and the part it is checked on. */
export const forSetting = (all: Surfaces): Surfaces => all.filter((_, i) => i % 3 !== 0);
export const forChecking = (all: Surfaces): Surfaces => all.filter((_, i) => i % 3 === 0);
