import { directions } from '../colour/directions';
import type { Lab } from '../colour/types';
import { REASONS } from './reasons';
import { EYE, reasonChances, verdictChances } from './verdict-likelihood';

const { log2, max } = Math;

/** The part of an entropy that an outcome of chance `p` has, bits. */
export const bitsOf = (p: number): number => (p > 0 ? -p * log2(p) : 0);

/** An outcome is "works", or one of two verdicts with one of the reasons. */
const OUTCOMES = 1 + 2 * REASONS.length;

/**
 * Adds the chance of each outcome, from an eye that wants one colour and sees another, into `sum`; answers the entropy of that eye's
 * answer, bits.
 */
function addOutcomes(wanted: Lab, sample: Lab, sum: Float64Array): number {
  const d = directions(wanted, sample);
  const { works, nearly, no } = verdictChances(d.deltaE00, EYE.lapse.consultant);
  const reasons = reasonChances(d);
  sum[0]! += works;
  let ofReason = 0;
  for (let k = 0; k < reasons.length; k++) {
    const p = reasons[k]!;
    sum[1 + 2 * k]! += p * nearly;
    sum[2 + 2 * k]! += p * no;
    ofReason += bitsOf(p);
  }
  // the reason adds its own entropy whenever the verdict is not "works"
  return bitsOf(works) + bitsOf(nearly) + bitsOf(no) + (nearly + no) * ofReason;
}

/**
 * Chance that a sample works, and the information its verdict is expected to give: H(mean over wanted colours) − mean of H(given each),
 * bits (mutual information, Lindley 1956).
 *
 * @param imagined wanted colours, drawn from what is believed; at least one
 */
export function worth(sample: Lab, imagined: readonly Lab[]): { readonly chance: number; readonly bits: number } {
  const sum = new Float64Array(OUTCOMES);
  let noise = 0;
  for (const wanted of imagined) noise += addOutcomes(wanted, sample, sum);
  const mean = sum.map((p) => p / imagined.length);
  const all = mean.reduce((bits, p) => bits + bitsOf(p), 0);
  return { chance: mean[0]!, bits: max(0, all - noise / imagined.length) };
}
