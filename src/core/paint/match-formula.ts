import { deltaE00 } from '../colour/ciede2000';
import { labFromXyz } from '../colour/lab';
import { solve3 } from '../colour/tridiagonal';
import { D65_10, tristimulus } from '../colour/tristimulus';
import type { Lab } from '../colour/types';
import { ok, type Ok, type Refused } from '../base/result';
import { opaqueReflectance } from './film';
import { mix, type Formula, type Optical, type TintSystem } from './tint-system';

export const MATCH = {
  steps: 24,
  hopelessAfter: 7,
  hopeless: 6,
  start: 0.5,
  tolerance: 0.02,
  damping: 1e-3,
  least: 1e-4,
  mostMove: 1.5,
} as const;

/** Lab (D65, 10°) of a base with a formula, hiding. */
export const labOfFormula = (system: TintSystem, base: Optical, formula: Formula, p = 1): Lab =>
  labFromXyz(tristimulus(opaqueReflectance(mix(system, base, formula, p), system.surface), D65_10));

const vector = (lab: Lab) => [lab.l, lab.a, lab.b] as const;

/**
 * Amounts of three colourants that give a colour in a base, by damped Newton steps on their logarithms (so they stay positive).
 *
 * @param target Lab (D65, 10°) of the hiding paint; @param ids three colourant ids
 * @returns `no-match` with the nearest ΔE00 when these three cannot reach it
 */
export function matchWith(
  { system, base }: { readonly system: TintSystem; readonly base: Optical },
  target: Lab,
  ids: readonly [string, string, string],
): Ok<{ readonly formula: Formula; readonly deltaE00: number }> | Refused<'no-match', { nearest: number }> {
  let u = ids.map(() => Math.log(MATCH.start));
  const formulaOf = (at: readonly number[]): Formula => Object.fromEntries(ids.map((id, k) => [id, Math.exp(at[k]!)]));
  const labAt = (at: readonly number[]) => labOfFormula(system, base, formulaOf(at));
  let found = labAt(u);
  let apart = deltaE00(target, found);
  for (let step = 0; step < MATCH.steps && apart > MATCH.tolerance / 4; step++) {
    const here = vector(found);
    const columns = u.map((_, k) =>
      vector(labAt(u.map((v, i) => (i === k ? v + 1e-4 : v)))).map((v, row) => (v - here[row]!) / 1e-4),
    );
    const error = vector(target).map((v, row) => v - here[row]!);
    const normal = columns.map((p, i) =>
      columns.map((q, j) => p.reduce((s, v, r) => s + v * q[r]!, i === j ? MATCH.damping : 0)),
    );
    const move = solve3(
      normal,
      columns.map((p) => p.reduce((s, v, r) => s + v * error[r]!, 0)),
    );
    const size = Math.max(...move.map(Math.abs));
    if (!Number.isFinite(size) || (step > MATCH.hopelessAfter && apart > MATCH.hopeless)) break;
    const scale = Math.min(1, MATCH.mostMove / size);
    u = u.map((v, k) => Math.max(Math.log(MATCH.least), v + scale * move[k]!));
    found = labAt(u);
    apart = deltaE00(target, found);
  }
  return apart <= MATCH.tolerance
    ? ok({ formula: formulaOf(u), deltaE00: apart })
    : { ok: false, reason: 'no-match', nearest: apart };
}
