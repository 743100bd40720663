/** How often each option was picked over each other one: `wins[i][j]` times i over j. */
export type Picks = readonly (readonly number[])[];

export type Ranking = {
  /** Log strengths, mean 0: i is picked over j with probability 1 / (1 + exp(sⱼ − sᵢ)). */
  readonly scores: readonly number[];
  /** Covariance of the scores. */
  readonly covariance: readonly (readonly number[])[];
  readonly converged: boolean;
};

export const PAIRS = {
  /** Standard deviation of the scores expected before any pick; keeps an option that always won finite. Own choice. */
  prior: 1.5,
  steps: 50,
  tolerance: 1e-10,
  /** How sure the first must be of beating the second for the ranking to count as settled. */
  settledFrom: 0.9,
} as const;

/** Solves a symmetric positive definite system and inverts it, by Gauss–Jordan elimination. */
function inverse(matrix: readonly (readonly number[])[]): number[][] {
  const n = matrix.length;
  const rows = matrix.map((row, i) => [...row, ...Array.from({ length: n }, (_, j) => (i === j ? 1 : 0))]);
  for (let k = 0; k < n; k++) {
    const pivot = rows[k]![k]!;
    rows[k] = rows[k]!.map((v) => v / pivot);
    for (let i = 0; i < n; i++) {
      if (i === k) continue;
      const factor = rows[i]![k]!;
      rows[i] = rows[i]!.map((v, j) => v - factor * rows[k]![j]!);
    }
  }
  return rows.map((row) => row.slice(n));
}

const logistic = (x: number): number => 1 / (1 + Math.exp(-x));

/** Slope and curvature of the log likelihood at the scores, with the prior's own. */
function derivatives(wins: Picks, scores: readonly number[], precision: number) {
  const n = scores.length;
  const slope = scores.map((s) => -precision * s);
  const curvature = Array.from({ length: n }, (_, i) => Array.from({ length: n }, (_, j) => (i === j ? precision : 0)));
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) {
      if (i === j) continue;
      const played = wins[i]![j]! + wins[j]![i]!;
      const p = logistic(scores[i]! - scores[j]!);
      slope[i]! += wins[i]![j]! - played * p;
      curvature[i]![i]! += played * p * (1 - p);
      curvature[i]![j]! -= played * p * (1 - p);
    }
  return { slope, curvature };
}

/**
 * Ranks options by picks between two at a time: the Bradley–Terry model by Newton's method, with a normal prior on the scores. Bradley &
 * Terry 1952; Agresti 2013 §11.6.
 *
 * @param wins n × n, n ≥ 1, counts ≥ 0, diagonal ignored; @param prior standard deviation of the scores before any pick
 * @throws RangeError for a table that is not square or holds negative counts
 */
export function rankByPairs(wins: Picks, prior: number = PAIRS.prior): Ranking {
  const n = wins.length;
  if (n === 0 || wins.some((row) => row.length !== n || row.some((v) => !(v >= 0))))
    throw new RangeError('picks: a square table of counts that are not negative');
  const precision = 1 / (prior * prior);
  let scores: number[] = Array.from({ length: n }, () => 0);
  let converged = false;
  for (let step = 0; step < PAIRS.steps && !converged; step++) {
    const { slope, curvature } = derivatives(wins, scores, precision);
    const move = inverse(curvature).map((row) => row.reduce((s, v, j) => s + v * slope[j]!, 0));
    scores = scores.map((s, i) => s + move[i]!);
    converged = Math.max(...move.map(Math.abs)) < PAIRS.tolerance;
  }
  const mean = scores.reduce((s, v) => s + v, 0) / n;
  return {
    scores: scores.map((s) => s - mean),
    covariance: inverse(derivatives(wins, scores, precision).curvature),
    converged,
  };
}

/** Variance of the difference of two scores. */
const apartVariance = ({ covariance: c }: Ranking, i: number, j: number): number => c[i]![i]! + c[j]![j]! - 2 * c[i]![j]!;

/** How likely option i is truly better liked than j, 0–1; normal approximation with MacKay's correction for uncertainty. */
export function surerThan(ranking: Ranking, i: number, j: number): number {
  const spread = Math.sqrt(Math.max(0, apartVariance(ranking, i, j)));
  const apart = ranking.scores[i]! - ranking.scores[j]!;
  return spread === 0 ? (apart > 0 ? 1 : 0.5) : logistic((1.702 * apart) / spread);
}

/** Options from the best liked on. */
export const inOrder = ({ scores }: Ranking): number[] => scores.map((_, i) => i).sort((p, q) => scores[q]! - scores[p]!);

/** True when the first is surely enough ahead of the second. */
export function isSettled(ranking: Ranking): boolean {
  const [first, second] = inOrder(ranking);
  return second === undefined || surerThan(ranking, first!, second) >= PAIRS.settledFrom;
}

/** The pair whose pick would tell most about who is first: uncertain between them, and near the top. Undefined with fewer than two. */
export function nextComparison(ranking: Ranking): readonly [number, number] | undefined {
  const order = inOrder(ranking);
  let best: { readonly pair: readonly [number, number]; readonly gain: number } | undefined;
  order.forEach((i, place) =>
    order.slice(place + 1).forEach((j) => {
      const p = logistic(ranking.scores[i]! - ranking.scores[j]!);
      const toTop = Math.exp(ranking.scores[j]! - ranking.scores[order[0]!]!);
      const gain = p * (1 - p) * apartVariance(ranking, i, j) * toTop;
      if (!best || gain > best.gain) best = { pair: [i, j], gain };
    }),
  );
  return best?.pair;
}
