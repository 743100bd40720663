import { onGrid } from './grid';
import { integrationWeights } from './observer';
import { planckian } from './planck';
import { colourTemperature } from './temperature';
import { whiteOf } from './tristimulus';

type UV = readonly [u: number, v: number];
/** A black body's chromaticity (CIE 1960 uv), in mireds. */
function blackBody(mired: number): UV {
  const { x, y, z } = whiteOf(
    integrationWeights(
      onGrid((nm) => planckian(nm, 1e6 / mired)),
      2,
    ),
  );
  const sum = x + 15 * y + 3 * z;
  return [(4 * x) / sum, (6 * y) / sum];
}
const xyzOf = ([u, v]: UV) => ({ x: (3 * u) / (2 * v), y: 1, z: (4 - u - 10 * v) / (2 * v) });

/** All of the locus, looked along at every half mired. */
const MIREDS = Array.from({ length: 1961 }, (_, k) => 20 + k / 2);
const LOCUS = MIREDS.map(blackBody);
function nearestOfAll([u, v]: UV): number {
  let best = 0;
  LOCUS.forEach(([p, q], k) => {
    const [bestU, bestV] = LOCUS[best]!;
    if (Math.hypot(u - p, v - q) < Math.hypot(u - bestU, v - bestV)) best = k;
  });
  return MIREDS[best]!;
}

test('looking in steps finds the same place of the locus as looking along all of it, on both its sides (|Duv| up to 0.05)', () => {
  for (let mired = 25; mired < 950; mired += 37)
    for (const duv of [-0.05, -0.02, -0.003, 0, 0.003, 0.02, 0.05]) {
      const [before, at, after] = [blackBody(mired - 0.5), blackBody(mired), blackBody(mired + 0.5)];
      const [du, dv] = [after[0] - before[0], after[1] - before[1]];
      const across: UV = [-dv / Math.hypot(du, dv), du / Math.hypot(du, dv)];
      // positive is above the locus
      const up = Math.sign(across[1]) * duv;
      const there: UV = [at[0] + up * across[0], at[1] + up * across[1]];
      const found = colourTemperature(xyzOf(there));
      expect(Math.abs(1e6 / found.cctK - nearestOfAll(there))).toBeLessThanOrEqual(0.51);
      expect(Math.abs(found.duv)).toBeLessThanOrEqual(Math.abs(duv) + 1e-6);
    }
});
