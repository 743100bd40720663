import { seededRandom } from '../base/random';

/** One answer of a person: how far apart the two were, ΔE00, and whether they were told right. */
export type Trial = { readonly level: number; readonly right: boolean };
export type Threshold = {
  /** ΔE00 at which 74 % are right, with the interval it lies in by 95 %. */
  readonly estimate: number;
  readonly low: number;
  readonly high: number;
};
export type Measured = {
  /** How far apart the next two should be, ΔE00. */
  readonly level: number;
  readonly threshold: Threshold;
  /** Whether enough was asked. */
  readonly done: boolean;
};

/**
 * Adaptive measuring of a threshold with two alternatives: QUEST+ (Watson 2017), a Weibull function of ΔE00, its threshold, slope and
 * lapses unknown. The next level is the one after which the threshold is expected to be known best (Kontsevich & Tyler 1999; of it alone,
 * Prins 2013). Grids and stop are own choices.
 */
export const PRACTICE = {
  /** Right by chance, and at the threshold. */
  chance: 0.5,
  target: 0.74,
  thresholds: { from: 0.15, to: 25, count: 61 },
  slopes: [1.2, 2, 3.2, 5],
  lapses: [0.01, 0.04],
  /** Before anything is known: about so much, give or take that many powers of ten. */
  prior: { at: 2, spread: 0.4 },
  levels: { from: 0.25, to: 20, count: 41 },
  /** A level is given this much otherwise, so that no two patches are the same. */
  jitter: 0.03,
  /** Asked at least and at most so often; enough is known when the interval is no wider than this factor. */
  least: 20,
  most: 60,
  sureWithin: 1.7,
} as const;

const spaced = ({ from, to, count }: { from: number; to: number; count: number }): number[] =>
  Array.from({ length: count }, (_, k) => from * (to / from) ** (k / (count - 1)));

const THRESHOLDS = spaced(PRACTICE.thresholds);
const LEVELS = spaced(PRACTICE.levels);
/** Every slope with every lapse. */
const SHAPES = PRACTICE.slopes.flatMap((slope) => PRACTICE.lapses.map((lapse) => ({ slope, lapse })));
const SIZE = THRESHOLDS.length * SHAPES.length;

/**
 * How often one is right at a level: by chance when nothing is seen, less the lapses when all is.
 *
 * @param threshold ΔE00 at which {@link PRACTICE.target} are right
 */
export function chanceRight(level: number, threshold: number, { slope, lapse }: { slope: number; lapse: number }): number {
  const span = 1 - PRACTICE.chance - lapse;
  const atThreshold = (PRACTICE.target - PRACTICE.chance) / span;
  // Weibull 1951, scaled so that the threshold is where the target is reached
  const seen = 1 - (1 - atThreshold) ** ((level / threshold) ** slope);
  return PRACTICE.chance + span * seen;
}

/** How likely a right answer is at a level, for everything that may be so. */
const rightAt = (level: number): Float64Array =>
  Float64Array.from({ length: SIZE }, (_, i) =>
    chanceRight(level, THRESHOLDS[Math.floor(i / SHAPES.length)]!, SHAPES[i % SHAPES.length]!),
  );
const AT_LEVELS = LEVELS.map(rightAt);

function priorOf(): Float64Array {
  const { at, spread } = PRACTICE.prior;
  return normalised(
    Float64Array.from({ length: SIZE }, (_, i) => {
      const away = Math.log10(THRESHOLDS[Math.floor(i / SHAPES.length)]! / at) / spread;
      return Math.exp(-(away ** 2) / 2);
    }),
  );
}
function normalised(of: Float64Array): Float64Array {
  const sum = of.reduce((s, v) => s + v, 0);
  return of.map((v) => v / sum);
}

/** What may be so after some answers. */
function posterior(trials: readonly Trial[]): Float64Array {
  let now = priorOf();
  for (const { level, right } of trials) {
    const chances = rightAt(level);
    now = normalised(now.map((v, i) => v * (right ? chances[i]! : 1 - chances[i]!)));
  }
  return now;
}

/** How likely each threshold is, whatever slope and lapses are. */
function ofThresholds(of: ArrayLike<number>): Float64Array {
  const sums = new Float64Array(THRESHOLDS.length);
  for (let i = 0; i < SIZE; i++) sums[Math.floor(i / SHAPES.length)]! += of[i]!;
  return sums;
}
const entropyOf = (of: Float64Array): number => of.reduce((sum, v) => (v > 0 ? sum - v * Math.log(v) : sum), 0);

/** How little is expected to be known of the threshold after one more answer at a level. */
function expectedEntropy(now: Float64Array, chances: Float64Array): number {
  let right = 0;
  const after = { right: new Float64Array(SIZE), wrong: new Float64Array(SIZE) };
  for (let i = 0; i < SIZE; i++) {
    after.right[i] = now[i]! * chances[i]!;
    after.wrong[i] = now[i]! * (1 - chances[i]!);
    right += after.right[i]!;
  }
  const known = (of: Float64Array, share: number) => (share > 0 ? share * entropyOf(ofThresholds(of).map((v) => v / share)) : 0);
  return known(after.right, right) + known(after.wrong, 1 - right);
}

/** The threshold under which such a share of what may be so lies, between the steps of the grid. */
function quantile(of: Float64Array, share: number): number {
  let sum = 0;
  for (let k = 0; k < of.length; k++) {
    if (sum + of[k]! >= share) {
      // each step stands for what lies half a step to either side
      const within = of[k]! > 0 ? (share - sum) / of[k]! - 0.5 : 0;
      const step = THRESHOLDS[1]! / THRESHOLDS[0]!;
      return THRESHOLDS[k]! * step ** within;
    }
    sum += of[k]!;
  }
  return THRESHOLDS.at(-1)!;
}

/**
 * What is known of a threshold after some answers, and what to ask next.
 *
 * @param seed of the small differences between what is asked; the same answers with the same seed ask the same
 */
export function measure(trials: readonly Trial[], seed: number): Measured {
  const now = posterior(trials);
  const marginal = ofThresholds(now);
  const threshold = { estimate: quantile(marginal, 0.5), low: quantile(marginal, 0.025), high: quantile(marginal, 0.975) };
  const entropies = AT_LEVELS.map((chances) => expectedEntropy(now, chances));
  const best = entropies.reduce((p, _, k) => (entropies[k]! < entropies[p]! ? k : p), 0);
  const random = seededRandom(seed * 1009 + trials.length);
  const level = LEVELS[best]! * (1 + PRACTICE.jitter * (2 * random() - 1));
  const sure = trials.length >= PRACTICE.least && threshold.high / threshold.low <= PRACTICE.sureWithin;
  return { level, threshold, done: sure || trials.length >= PRACTICE.most };
}
