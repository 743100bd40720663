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

export type ColourTemperature = { readonly cctK: number; readonly duv: number };

/** The Planckian locus in steps of 1 mired, from 20 (50,000 K) to 1,000 (1,000 K): between them it is as good as straight. */
const MIREDS = { from: 20, to: 1000 } as const;
const tabled: (UV | undefined)[] = [];
/** The locus so many mireds on, each computed once. */
const tableAt = (k: number): UV => (tabled[k] ??= locus(1e6 / (MIREDS.from + k)));
const LAST = MIREDS.to - MIREDS.from;
/** Mireds between the places that are looked at first. */
const COARSE = 20;

/** The place of the table, in coarse steps, that lies nearest: the nearest of all is a step from it at most, so little does it bend. */
function nearestPlace([u, v]: UV): number {
  let best = 0;
  let away = Infinity;
  for (let k = 0; k <= LAST; k += COARSE) {
    const [pu, pv] = tableAt(k);
    const square = (u - pu) * (u - pu) + (v - pv) * (v - pv);
    if (square >= away) continue;
    away = square;
    best = k;
  }
  return best;
}

/** Nearest point of the segment from `p` to `q`: how far along (0–1), and how far away. */
function nearestOn(p: UV, q: UV, [u, v]: UV): { readonly along: number; readonly away: number } {
  const [du, dv] = [q[0] - p[0], q[1] - p[1]];
  const along = Math.min(1, Math.max(0, ((u - p[0]) * du + (v - p[1]) * dv) / (du * du + dv * dv)));
  return { along, away: Math.hypot(u - p[0] - along * du, v - p[1] - along * dv) };
}

/**
 * Correlated colour temperature in kelvin (1,000–50,000) and Duv (signed distance from the Planckian locus in CIE 1960 uv,
 * positive above it, i.e. greenish), as the nearest point of the locus in steps of 1 mired. CIE 15:2018 §9.5; |Duv| ≤ 0.05 for meaning.
 *
 * @param xyz 2° tristimulus values of the light, any scale
 */
export function colourTemperature(xyz: XYZ): ColourTemperature {
  const at = chromaticity60(xyz);
  const near = nearestPlace(at);
  let best = { mired: MIREDS.from as number, away: Infinity, v: 0 };
  for (let k = Math.max(0, near - COARSE); k < Math.min(LAST, near + COARSE); k++) {
    const [p, q] = [tableAt(k), tableAt(k + 1)];
    const { along, away } = nearestOn(p, q, at);
    if (away < best.away) best = { mired: MIREDS.from + k + along, away, v: p[1] + along * (q[1] - p[1]) };
  }
  return { cctK: 1e6 / best.mired, duv: Math.sign(at[1] - best.v) * best.away };
}
