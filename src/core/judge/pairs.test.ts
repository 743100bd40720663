import { all } from '../../../tests/all';
import fc from 'fast-check';
import { seededRandom } from '../base/random';
import { inOrder, isSettled, nextComparison, rankByPairs, surerThan } from './pairs';

/**
 * The worked example of Agresti (Categorical Data Analysis §11.6): American League baseball 1987, wins of the row over the column with home
 * and away games together. Table from memory; the published estimates it must give confirm it.
 */
const TEAMS = ['Milwaukee', 'Detroit', 'Toronto', 'New York', 'Boston', 'Cleveland', 'Baltimore'] as const;
const WINS = [
  [0, 7, 9, 7, 7, 9, 11],
  [6, 0, 7, 5, 11, 9, 9],
  [4, 6, 0, 7, 7, 8, 12],
  [6, 8, 6, 0, 6, 7, 10],
  [6, 2, 6, 7, 0, 7, 12],
  [4, 4, 5, 6, 6, 0, 6],
  [2, 4, 1, 3, 1, 7, 0],
];
/** Published log strengths against Baltimore, and standard errors. */
const PUBLISHED: Readonly<Record<string, readonly [number, number]>> = {
  Boston: [1.1077, 0.3339],
  Cleveland: [0.6839, 0.3319],
  Detroit: [1.4364, 0.3396],
  Milwaukee: [1.5814, 0.3433],
  'New York': [1.2476, 0.3359],
  Toronto: [1.2945, 0.3367],
};
/** So wide a prior that it says nothing. */
const FLAT = 1e4;

describe('ranking by pairs (Bradley & Terry 1952)', () => {
  test('the published example to three decimals, estimates and standard errors', () => {
    const { scores, covariance, converged } = rankByPairs(WINS, FLAT);
    expect(converged).toBe(true);
    const last = TEAMS.indexOf('Baltimore');
    for (const [team, [estimate, error]] of Object.entries(PUBLISHED)) {
      const i = TEAMS.indexOf(team as (typeof TEAMS)[number]);
      expect(scores[i]! - scores[last]!).toBeCloseTo(estimate, 3);
      expect(Math.sqrt(covariance[i]![i]! + covariance[last]![last]! - 2 * covariance[i]![last]!)).toBeCloseTo(error, 3);
    }
  });

  test('two options: the score difference is the log of the odds, without a prior', () => {
    const { scores } = rankByPairs(
      [
        [0, 3],
        [1, 0],
      ],
      FLAT,
    );
    expect(scores[0]! - scores[1]!).toBeCloseTo(Math.log(3), 4);
  });

  test('nothing picked yet: all alike, nothing settled, any pair is asked', () => {
    const none = rankByPairs([0, 1, 2].map(() => [0, 0, 0]));
    expect(all(none.scores, (s) => Math.abs(s) < 1e-12)).toBe(true);
    expect(isSettled(none)).toBe(false);
    expect(nextComparison(none)).toHaveLength(2);
    expect(surerThan(none, 0, 1)).toBeCloseTo(0.5, 9);
  });

  test('one that always wins stays finite, and soon is settled', () => {
    const ranking = rankByPairs([
      [0, 6, 6],
      [0, 0, 3],
      [0, 3, 0],
    ]);
    expect(all(ranking.scores, Number.isFinite)).toBe(true);
    expect(inOrder(ranking)[0]).toBe(0);
    expect(isSettled(ranking)).toBe(true);
  });

  test('one option alone is settled and has no pair', () => {
    const alone = rankByPairs([[0]]);
    expect(isSettled(alone)).toBe(true);
    expect(nextComparison(alone)).toBeUndefined();
  });

  test('the order of the options does not matter', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.nat(5), { minLength: 4, maxLength: 4 }), { minLength: 4, maxLength: 4 }), (wins) => {
        const turned = [3, 1, 0, 2];
        const a = rankByPairs(wins).scores;
        const b = rankByPairs(turned.map((i) => turned.map((j) => wins[i]![j]!))).scores;
        turned.forEach((i, k) => expect(b[k]).toBeCloseTo(a[i]!, 6));
      }),
      { numRuns: 50, seed: 6 },
    );
  });

  test('a simulated client’s first choice of six is found in few taps', () => {
    const liking = [0, -0.8, -1.5, 1.6, -0.3, 0.4];
    const random = seededRandom(11);
    const wins = liking.map(() => liking.map(() => 0));
    let taps = 0;
    for (; taps < 60; taps++) {
      const ranking = rankByPairs(wins);
      if (taps >= 5 && isSettled(ranking)) break;
      const [i, j] = nextComparison(ranking)!;
      const first = random() < 1 / (1 + Math.exp(liking[j]! - liking[i]!));
      if (first) wins[i]![j]!++;
      else wins[j]![i]!++;
    }
    expect(inOrder(rankByPairs(wins))[0]).toBe(3);
    expect(taps).toBeLessThan(40);
  });

  test('a table that is not square or has negative counts is a caller’s bug', () => {
    expect(() => rankByPairs([[0, 1]])).toThrow(RangeError);
    expect(() =>
      rankByPairs([
        [0, -1],
        [0, 0],
      ]),
    ).toThrow(RangeError);
  });
});
