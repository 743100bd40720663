import { onGrid } from './grid';
import { integrationWeights } from './observer';
import { planckian } from './planck';
import type { XYZ } from './types';

type UV = readonly [u: number, v: number];

/** CIE 1960 chromaticity of a 2° XYZ. CIE 15:2018 §9.5. */
function chromaticity60({ x, y, z }: XYZ): UV {
  const sum = x + 15 * y + 3 * z;
  return [(4 * x) / sum, (6 * y) / sum];
}

function locus(kelvin: number): UV {
  const w = integrationWeights(
    onGrid((nm) => planckian(nm, kelvin)),
    2,
  );
  const sum = (v: Float64Array) => v.reduce((s, n) => s + n, 0);
  return chromaticity60({ x: sum(w.x), y: 100, z: sum(w.z) });
}

export type ColourTemperature = { readonly cct: number; readonly duv: number };

const SEARCH = { mired: [20, 1000], steps: 50, phi: (Math.sqrt(5) - 1) / 2 } as const;

/**
 * Correlated colour temperature in kelvin (1,000–50,000) and Duv (signed distance from the Planckian locus in CIE 1960 uv,
 * positive above it, i.e. greenish), by search along the locus in mireds. CIE 15:2018 §9.5; |Duv| ≤ 0.05 for meaning.
 *
 * @param xyz 2° tristimulus values of the light, any scale
 */
export function colourTemperature(xyz: XYZ): ColourTemperature {
  const [u, v] = chromaticity60(xyz);
  const distance = (mired: number) => {
    const [lu, lv] = locus(1e6 / mired);
    return Math.hypot(u - lu, v - lv);
  };
  let [low, high]: [number, number] = [SEARCH.mired[0], SEARCH.mired[1]];
  for (let i = 0; i < SEARCH.steps; i++) {
    const a = high - SEARCH.phi * (high - low);
    const b = low + SEARCH.phi * (high - low);
    if (distance(a) < distance(b)) high = b;
    else low = a;
  }
  const mired = (low + high) / 2;
  const [, lv] = locus(1e6 / mired);
  return { cct: 1e6 / mired, duv: Math.sign(v - lv) * distance(mired) };
}
