import { SAMPLE_COVERAGE_M2 } from '../paint/containers';

/** What a sample is painted from. */
export const POTS = ['sample-jar', 'pint'] as const;
export type Pot = (typeof POTS)[number];

/** Coats a pot's coverage is given for. Common practice, no source. */
export const COATS_OF_COVERAGE = 2;

export type Coverage = Readonly<Record<Pot, number>>;
export const USUAL_COVERAGE: Coverage = SAMPLE_COVERAGE_M2;

/** Pots of one colour, and how much of what they cover is used, 0–1. */
export type PotChoice = { readonly counts: Readonly<Record<Pot, number>>; readonly used: number; readonly cost: number | null };

type Prices = Readonly<Record<Pot, number | null>>;

const GRAIN = 1e-9;

/**
 * The pots for an area in so many coats: the cheapest where both prices are known, otherwise those that leave the least over, and the
 * fewest of these. Every way is tried.
 *
 * @param areaM2 painted area of all samples of the colour, ≥ 0; @param coverage m² a pot covers in two coats, > 0
 */
export function potsFor(areaM2: number, coats: number, coverage: Coverage, prices: Prices): PotChoice {
  const need = (areaM2 * coats) / COATS_OF_COVERAGE;
  const priced = POTS.every((p) => prices[p] !== null);
  let best: { counts: Record<Pot, number>; by: readonly number[] } | undefined;
  const mostPints = Math.ceil(need / coverage.pint - GRAIN);
  for (let pint = 0; pint <= mostPints; pint++) {
    const jars = Math.max(0, Math.ceil((need - pint * coverage.pint) / coverage['sample-jar'] - GRAIN));
    const counts = { 'sample-jar': jars, pint };
    const covers = pint * coverage.pint + jars * coverage['sample-jar'];
    const by = priced ? [pint * prices.pint! + jars * prices['sample-jar']!, covers, pint + jars] : [covers, pint + jars];
    const before = best?.by;
    const at = before ? by.findIndex((v, k) => Math.abs(v - before[k]!) > GRAIN) : -1;
    if (!before || (at >= 0 && by[at]! < before[at]!)) best = { counts, by };
  }
  const { counts } = best!;
  const covers = counts.pint * coverage.pint + counts['sample-jar'] * coverage['sample-jar'];
  const known = POTS.every((p) => counts[p] === 0 || prices[p] !== null);
  const cost = known ? POTS.reduce((sum, p) => sum + counts[p] * (prices[p] ?? 0), 0) : null;
  return { counts, used: covers === 0 ? 0 : need / covers, cost };
}

/**
 * Hours after the first coat until the second can go on, and until two coats can be judged; one coat more takes as long again. Common
 * practice, no source.
 */
const HOURS_A_COAT = 4;

export type Drying = {
  /** When each further coat can go on, instants. */
  readonly coatsFrom: readonly number[];
  /** When it can be judged. */
  readonly dryFrom: number;
};
/** The clock of a sample that was begun at an instant. */
export const dryingOf = (paintedAt: number, coats: number): Drying => ({
  coatsFrom: Array.from({ length: coats - 1 }, (_, k) => paintedAt + (k + 1) * HOURS_A_COAT * 3_600_000),
  dryFrom: paintedAt + coats * HOURS_A_COAT * 3_600_000,
});
