import { inverse, Matrix } from 'ml-matrix';
import { ramp } from '../base/ramp';
import { listed } from '../base/words';
import type { EyeFactors } from '../judge/eye-in-force';
import { RELATION } from '../judge/model';
import { REASONS, VERDICTS, type Reason, type Verdict } from '../judge/reasons';
import { verdictOf, type Relation } from '../judge/relation';

/** What one eye may mind more or less than most. */
export const MINDED = ['pink', 'green', 'yellow', 'violet', 'strength', 'depth', 'closeness', 'dirt'] as const;
export type Minded = (typeof MINDED)[number];
export const MINDED_WORDS: Readonly<Record<Minded, string>> = {
  pink: 'pink',
  green: 'green',
  yellow: 'yellow',
  violet: 'blue and violet',
  strength: 'strength',
  depth: 'depth',
  closeness: 'what blends',
  dirt: 'what looks dirty',
};
const OF_REASON: Readonly<Record<Reason, Minded>> = {
  'too-pink': 'pink',
  'too-green': 'green',
  'too-yellow': 'yellow',
  'too-violet': 'violet',
  'too-strong': 'strength',
  'too-weak': 'strength',
  'too-dark': 'depth',
  'too-light': 'depth',
  'too-close': 'closeness',
  'reads-dirty': 'dirt',
  'dates-it': 'dirt',
};

/** What a reason is about. */
export const mindedOf = (reason: Reason): Minded => OF_REASON[reason];

/** A pair as the shipped model has it, with what an eye said of it. */
export type Said = { readonly relation: ToldRelation; readonly verdict: Verdict; readonly reason: Reason | null };
/** What of a relation an eye is learnt from. */
export type ToldRelation = Pick<Relation, 'cost'> & {
  readonly components: readonly { readonly conflicts: readonly { readonly reason: Reason; readonly cost: number }[] }[];
};
/** By how much a conflict of a kind counts for an eye; 1 is as shipped. */
export type Factor = { readonly factor: number; readonly low: number; readonly high: number };
export type Minds = Readonly<Record<Minded, Factor>>;

export const TUNING = {
  /** How far eyes differ before anything is known: standard deviation of the logarithm of a factor. Own choice. */
  spread: 0.3,
  /** Cost over which a verdict turns from one to the next, and the share that is given beside the point. Own choices. */
  turn: 0.2,
  lapse: 0.08,
  /** How clearly the strongest conflict is the one that is named, and the share of reasons given beside the point. Own choices. */
  clear: 2,
  reasonLapse: 0.1,
  /** A factor is spoken of where its interval leaves 1 out, or where it is so far from it. */
  toldFrom: 1.15,
  /** Factors are in force in such steps of their logarithm. Own choice. */
  step: 0.05,
} as const;

type Logs = readonly number[];

/** What was said of one pair, ready for many factors: sums of squares of the conflicts of each part by what they are about. */
type Prepared = {
  readonly parts: readonly Float64Array[];
  /** What the model makes of the plain conflicts: it bounds a cost here and there. */
  readonly scale: number;
  readonly cost: number;
  readonly verdict: Verdict;
  /** The strongest conflict of each reason, and which of them was named, where one was. */
  readonly reasons: readonly { readonly of: number; readonly cost: number }[];
  readonly named: number | null;
};
const indexOf: Readonly<Record<Reason, number>> = Object.fromEntries(
  REASONS.map((r) => [r, MINDED.indexOf(OF_REASON[r])]),
) as Record<Reason, number>;

/** Conflicts of a pair by part: they add up as squares in the model, so what is scaled is their root. */
function partsOf({ components }: ToldRelation): Float64Array[] {
  return components.map(({ conflicts }) => {
    const sums = new Float64Array(MINDED.length);
    for (const { reason, cost } of conflicts) sums[indexOf[reason]]! += cost ** 2;
    return sums;
  });
}
const rootOf = (sums: Float64Array, squares: ArrayLike<number>): number => {
  let all = 0;
  for (let k = 0; k < sums.length; k++) all += squares[k]! * sums[k]!;
  return Math.sqrt(all);
};
const AS_SHIPPED = new Float64Array(MINDED.length).fill(1);

function prepared({ relation, verdict, reason }: Said): Prepared {
  const parts = partsOf(relation);
  const plain = Math.max(0, ...parts.map((p) => rootOf(p, AS_SHIPPED)));
  const costs = new Map<Reason, number>();
  for (const { conflicts } of relation.components)
    for (const c of conflicts) costs.set(c.reason, Math.max(costs.get(c.reason) ?? 0, c.cost));
  const named = reason && verdict !== 'works' ? [...costs.keys()].indexOf(reason) : null;
  return {
    parts,
    scale: plain > 0 ? relation.cost / plain : 0,
    cost: relation.cost,
    verdict,
    reasons: [...costs].map(([r, cost]) => ({ of: indexOf[r], cost })),
    named,
  };
}

/** What a pair costs for an eye: the conflicts of each part scaled by how much it minds them, bounded as the model bounds them. */
function costAt({ parts, scale, cost }: Pick<Prepared, 'parts' | 'scale' | 'cost'>, squares: ArrayLike<number>): number {
  if (scale === 0) return cost;
  let most = 0;
  for (const sums of parts) most = Math.max(most, rootOf(sums, squares));
  return scale * most;
}

const logistic = (x: number) => 1 / (1 + Math.exp(-x));

/** How likely a verdict is at a cost. */
function chanceOf(verdict: Verdict, cost: number): number {
  const over = (from: number) => logistic((cost - from) / TUNING.turn);
  const [nearly, no] = [over(RELATION.nearlyFrom), over(RELATION.noFrom)];
  const plain = { works: 1 - nearly, nearly: nearly - no, no }[verdict];
  return TUNING.lapse / VERDICTS.length + (1 - TUNING.lapse) * plain;
}

/** How likely the reason that was named is, of the conflicts there are; −1 stands for one that is none of them. */
function chanceOfNamed(reasons: Prepared['reasons'], named: number, factors: ArrayLike<number>): number {
  let [all, its] = [0, 0];
  reasons.forEach(({ of, cost }, k) => {
    const weight = (factors[of]! * cost) ** TUNING.clear;
    all += weight;
    if (k === named) its = weight;
  });
  return TUNING.reasonLapse / REASONS.length + (all > 0 ? ((1 - TUNING.reasonLapse) * its) / all : 0);
}

/** Logarithm of how likely all that was said is, and the eye that said it. */
function logPosterior(said: readonly Prepared[], logs: Logs): number {
  const factors = logs.map(Math.exp);
  const squares = factors.map((f) => f * f);
  let sum = logs.reduce((s, v) => s - (v / TUNING.spread) ** 2 / 2, 0);
  for (const one of said) {
    sum += Math.log(chanceOf(one.verdict, costAt(one, squares)));
    if (one.named !== null) sum += Math.log(chanceOfNamed(one.reasons, one.named, factors));
  }
  return sum;
}

const STEP = 0.02;
const moved = (logs: Logs, ...by: readonly (readonly [number, number])[]): number[] =>
  logs.map((v, k) => v + by.reduce((s, [n, d]) => s + (n === k ? d : 0), 0));

/** First and second derivatives, by differences. */
function derivatives(of: (logs: Logs) => number, at: Logs) {
  const here = of(at);
  const size = at.length;
  const gradient = at.map((_, k) => (of(moved(at, [k, STEP])) - of(moved(at, [k, -STEP]))) / (2 * STEP));
  const hessian = Matrix.zeros(size, size);
  for (let p = 0; p < size; p++)
    for (let q = p; q < size; q++) {
      const second =
        p === q
          ? (of(moved(at, [p, STEP])) - 2 * here + of(moved(at, [p, -STEP]))) / STEP ** 2
          : (of(moved(at, [p, STEP], [q, STEP])) -
              of(moved(at, [p, STEP], [q, -STEP])) -
              of(moved(at, [p, -STEP], [q, STEP])) +
              of(moved(at, [p, -STEP], [q, -STEP]))) /
            (4 * STEP ** 2);
      hessian.set(p, q, second);
      hessian.set(q, p, second);
    }
  return { gradient, hessian };
}

/** Where a curve that falls off from a hump stands highest: uphill, halving the step where it overshoots. */
function highest(of: (logs: Logs) => number): number[] {
  let at: number[] = MINDED.map(() => 0);
  let height = of(at);
  for (let round = 0; round < 60; round++) {
    const gradient = at.map((_, k) => (of(moved(at, [k, STEP])) - of(moved(at, [k, -STEP]))) / (2 * STEP));
    let step = TUNING.spread ** 2;
    let found: number[] | undefined;
    for (let half = 0; half < 12 && !found; half++, step /= 2) {
      const next = at.map((v, k) => Math.max(-1.6, Math.min(1.6, v + step * gradient[k]!)));
      if (of(next) > height + 1e-9) found = next;
    }
    if (!found) return at;
    at = found;
    height = of(at);
  }
  return at;
}

/**
 * How much an eye minds each kind of conflict, from what it said in the room: the likeliest factors around the shipped model, with the
 * interval they lie in by 95 % (Laplace's approximation, MacKay 2003 ch. 27). Where little was said they stay near 1 and wide.
 */
export function mindsOf(said: readonly Said[]): Minds {
  const all = said.map(prepared);
  const of = (logs: Logs) => logPosterior(all, logs);
  const at = highest(of);
  const { hessian } = derivatives(of, at);
  // what curves the other way there is known no better than before
  const information = hessian.mul(-1).add(Matrix.eye(MINDED.length, MINDED.length).mul(1e-6));
  const spreads = inverse(information).diagonal();
  return Object.fromEntries(
    MINDED.map((of_, k) => {
      const variance = spreads[k]! > 0 ? Math.min(spreads[k]!, TUNING.spread ** 2) : TUNING.spread ** 2;
      const away = 1.96 * Math.sqrt(variance);
      return [of_, { factor: Math.exp(at[k]!), low: Math.exp(at[k]! - away), high: Math.exp(at[k]! + away) }];
    }),
  ) as Minds;
}

/** How far a factor is borne out, 0–1: not at all within one standard deviation of 1, wholly from two. */
function borneOut({ factor, low, high }: Factor): number {
  const spread = Math.log(high / low) / (2 * 1.96);
  return spread > 0 ? ramp(Math.abs(Math.log(factor)) / spread, 1, 2) : 1;
}

/**
 * By how much each reason counts for an eye, to judge by: as far as it is borne out, in steps, so that a verdict more hardly ever changes
 * everything. Null where all of it is as shipped.
 *
 * @param weight how far each may count, 0–1
 */
export function eyeFactors(minds: Minds, weight: (of: Minded) => number = () => 1): EyeFactors | null {
  const counted = (of: Minded): number => {
    const log = weight(of) * borneOut(minds[of]) * Math.log(minds[of].factor);
    return Math.exp(Math.round(log / TUNING.step) * TUNING.step);
  };
  const factors = Object.fromEntries(REASONS.map((r) => [r, counted(OF_REASON[r])])) as Record<Reason, number>;
  return REASONS.every((r) => factors[r] === 1) ? null : factors;
}

/** The verdict of a pair for an eye: a factor counts as far as it is borne out, never faster than the evidence. */
export function verdictFor(relation: ToldRelation, minds: Minds): Verdict {
  const squares = MINDED.map((of) => Math.exp(2 * borneOut(minds[of]) * Math.log(minds[of].factor)));
  const { parts, scale, cost } = prepared({ relation, verdict: 'works', reason: null });
  return verdictOf(costAt({ parts, scale, cost }, squares));
}

/** "You mind green more than most, and what blends less." Where nothing can be told yet it says so. */
export function sayMinds(minds: Minds): string {
  const sure = MINDED.filter((of) => minds[of].low > 1 || minds[of].high < 1);
  const told = sure.length > 0 ? sure : [];
  const far = (of: Minded) => minds[of].factor >= TUNING.toldFrom || minds[of].factor <= 1 / TUNING.toldFrom;
  const more = told.filter((of) => minds[of].factor > 1 && far(of)).map((of) => MINDED_WORDS[of]);
  const less = told.filter((of) => minds[of].factor < 1 && far(of)).map((of) => MINDED_WORDS[of]);
  if (more.length + less.length === 0) return 'So far you see as most do, or too little was said to tell.';
  const parts = [more.length > 0 && `you mind ${listed(more)} more than most`, less.length > 0 && `${listed(less)} less`];
  const says = parts.filter(Boolean).join(', and ');
  return `${says.startsWith('you') ? says.replace('you', 'You') : `You mind ${says} than most`}.`;
}
