import { directions, type Directions } from '../colour/directions';
import type { Lab } from '../colour/types';
import type { Reason, Verdict } from './reasons';
import { REASONS } from './reasons';

const { exp, log, max, min, SQRT1_2 } = Math;

/** How an eye that wants a certain colour answers to another. Own choice, checked by simulated consultants (next-sample.test.ts). */
export const EYE = {
  /** ΔE00 from the wanted colour at which "works" is as likely as not, and over how much it turns. */
  works: { at: 2.5, over: 0.8 },
  /** The same for "no". */
  no: { at: 6, over: 1.5 },
  /** Just-noticeable steps by which one reason must lead to be clearly the one that is named. */
  reasonStep: 0.8,
  /** Share of verdicts, and of reasons, that are given beside the point. */
  lapse: { consultant: 0.03, client: 0.1, reason: 0.08 },
} as const;

const logistic = (x: number) => 1 / (1 + exp(-x));

/** How likely each verdict is at so many ΔE00 from what is wanted. */
export function verdictChances(deltaE: number, lapse: number): Readonly<Record<Verdict, number>> {
  const works = 1 - logistic((deltaE - EYE.works.at) / EYE.works.over);
  const no = (1 - works) * logistic((deltaE - EYE.no.at) / EYE.no.over);
  const even = lapse / 3;
  const keep = 1 - lapse;
  return { works: even + keep * works, nearly: even + keep * max(0, 1 - works - no), no: even + keep * no };
}

/** How strongly a difference from what is wanted calls for each reason, in just-noticeable steps. */
const CALLS: Readonly<Record<Reason, (d: Directions) => number>> = {
  'too-pink': (d) => d.pinkGreen,
  'too-green': (d) => -d.pinkGreen,
  'too-yellow': (d) => d.yellowBlue,
  'too-violet': (d) => (d.pinkGreen - d.yellowBlue) * SQRT1_2,
  'too-strong': (d) => d.strongWeak,
  'too-weak': (d) => -d.strongWeak,
  'too-dark': (d) => -d.lightDark,
  'too-light': (d) => d.lightDark,
  // blending says that the finish is near, nothing of where the wanted colour lies
  'too-close': () => 0,
  'reads-dirty': (d) => (d.yellowBlue - d.lightDark) * SQRT1_2,
  'dates-it': (d) => (d.lightDark - d.yellowBlue) * SQRT1_2,
};
const IN_ORDER = REASONS.map((r) => CALLS[r]);

/** How likely each reason is named, in the order of {@link REASONS}. @param d from the wanted colour to the sample */
export function reasonChances(d: Directions): number[] {
  const weights: number[] = [];
  let sum = 0;
  for (const call of IN_ORDER) {
    // differences of more than a hundred steps do not exist, so nothing overflows
    const weight = exp(min(100, call(d)) / EYE.reasonStep);
    weights.push(weight);
    sum += weight;
  }
  const { reason: lapse } = EYE.lapse;
  for (let k = 0; k < weights.length; k++) weights[k] = lapse / weights.length + ((1 - lapse) * weights[k]!) / sum;
  return weights;
}

/** What was said of a sample. */
export type Observation = {
  readonly lab: Lab;
  readonly verdict: Verdict;
  readonly reason: Reason | null;
  readonly lapse: number;
};

/** Log likelihood of what was said of a sample, if `wanted` is the colour that is wanted. */
export function logLikelihood(wanted: Lab, { lab, verdict, reason, lapse }: Observation): number {
  const d = directions(wanted, lab);
  const said = log(verdictChances(d.deltaE00, lapse)[verdict]);
  return reason && verdict !== 'works' ? said + log(reasonChances(d)[REASONS.indexOf(reason)]!) : said;
}
