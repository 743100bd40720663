/**
 * Makes src/core/reference/surface-residuals.json: how real surfaces differ from the smoothest one of their colour, from which the range of a
 * colour under another light is found. Only spectra for setting are used; the checking ones are kept for the tests. The measured chart is for
 * tests alone. Run after changing the tint system, the demo decks or the sets: npx tsx scripts/make-residuals.ts
 */
import { writeFileSync } from 'node:fs';
import { GRID, type Reflectance } from '../src/core/colour/grid';
import { labFromXyz } from '../src/core/colour/lab';
import { reflectanceFromLab } from '../src/core/colour/reflectance';
import { D65_10, tristimulus } from '../src/core/colour/tristimulus';
import type { Lab } from '../src/core/colour/types';
import { deckSurfaces, forSetting, madePaints, madeSurfaces, standardSurfaces } from '../tests/made-surfaces';

/** Waves the residuals are written down in: together they leave less than a hundredth of their size. */
const WAVES = 10;
const [WAVE_UNIT, SCORE_UNIT, LAB_UNIT] = [1e-4, 1e-3, 0.1];
/** Where a curve is so near 0 or 1 that its z would run away. */
const LEAST = 5e-4;

type Residual = { readonly lab: Lab; readonly dz: Float64Array };

const zOf = (rho: number) => Math.atanh(2 * Math.min(1 - LEAST, Math.max(LEAST, rho)) - 1);

function residualsOf(surfaces: readonly Reflectance[]): Residual[] {
  return surfaces.flatMap((r) => {
    const lab = labFromXyz(tristimulus(r, D65_10));
    const smooth = reflectanceFromLab(lab);
    return smooth.ok ? [{ lab, dz: r.map((v, i) => zOf(v) - zOf(smooth.value[i]!)) }] : [];
  });
}

/** The strongest waves of a set, each of length 1, by power iteration with deflation. */
function wavesOf(set: readonly Residual[]): Float64Array[] {
  const n = GRID.count;
  const scatter = new Float64Array(n * n);
  for (const { dz } of set) for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) scatter[i * n + j]! += dz[i]! * dz[j]!;
  return Array.from({ length: WAVES }, (_, k) => {
    let wave = Float64Array.from({ length: n }, (_, i) => Math.cos((Math.PI * k * (i + 0.5)) / n));
    let size = 0;
    for (let round = 0; round < 500; round++) {
      const next = wave.map((_, i) => wave.reduce((s, v, j) => s + scatter[i * n + j]! * v, 0));
      size = Math.hypot(...next);
      wave = next.map((v) => v / size);
    }
    for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) scatter[i * n + j]! -= size * wave[i]! * wave[j]!;
    return wave;
  });
}

const units = (v: number, unit: number) => Math.round(v / unit);

const paint = residualsOf([...madePaints(2750, 7), ...forSetting(deckSurfaces())]);
const any = residualsOf([...madeSurfaces(2200, 8), ...madePaints(800, 9), ...forSetting(standardSurfaces())]);
const waves = wavesOf([...paint, ...any]);
const rows = (set: readonly Residual[]) =>
  set.map(({ lab, dz }) => [
    ...[lab.l, lab.a, lab.b].map((v) => units(v, LAB_UNIT)),
    ...waves.map((w) =>
      units(
        w.reduce((s, v, i) => s + v * dz[i]!, 0),
        SCORE_UNIT,
      ),
    ),
  ]);
const left = [...paint, ...any].map(({ dz }) => {
  const rest = dz.slice();
  for (const w of waves) {
    const score = w.reduce((s, v, i) => s + v * dz[i]!, 0);
    w.forEach((v, i) => (rest[i]! -= score * v));
  }
  return [Math.hypot(...rest) ** 2, Math.hypot(...dz) ** 2] as const;
});
const share = left.reduce((s, [r]) => s + r, 0) / left.reduce((s, [, d]) => s + d, 0);
process.stdout.write(
  `${paint.length} paints, ${any.length} surfaces; ${(100 * share).toFixed(2)} % of the variance is left out\n`,
);

const text = {
  about:
    'Made by scripts/make-residuals.ts. How surfaces differ from the smoothest of their colour, in z = atanh(2 ρ − 1), as sums of waves over 380–780 nm. A row is L*, a*, b* in tenths (D65, 10°) and the size of each wave in thousandths; waves in ten-thousandths.',
  waves: waves.map((w) => Array.from(w, (v) => units(v, WAVE_UNIT))),
  paint: rows(paint),
  any: rows(any),
};
writeFileSync('src/core/reference/surface-residuals.json', `${JSON.stringify(text).replaceAll('],[', '],\n[')}\n`);
