import { deltaE00 } from '../colour/ciede2000';
import type { Lab } from '../colour/types';
import { logLikelihood, type Observation } from './verdict-likelihood';
import { bitsOf, worth } from './information-gain';

const { exp, log: ln, max } = Math;

export const NEXT = {
  /** Proposals at a time. */
  most: 3,
  /** ΔE00 that proposals differ from each other, and from what was tried. */
  apart: 1.5,
  /** What a bit of information is worth beside the chance that the sample works. */
  perBit: 0.12,
  /** A strength of what is at hand goes first unless something else is worth this many times as much. */
  atHandFavour: 1.35,
  /** Looked at closely: the likeliest, and some from all over what is still possible. */
  likeliest: 90,
  spread: 40,
  /** Possible wanted colours by which a gain is measured. */
  imagined: 90,
  /** How much the chance that a colour serves as the walls counts beforehand, as a power of it, and the least that chance is taken as. */
  trust: 0.6,
  leastChance: 0.02,
} as const;

/** A sample that could be looked at. */
export type Sample = {
  readonly lab: Lab;
  /** True for a strength of a colour that is in the room already. */
  readonly atHand: boolean;
  /** Chance that it serves as the walls of the room, when it was computed, 0–1. */
  readonly chance?: number | undefined;
};

export type Proposal = {
  /** Index into the samples. */
  readonly index: number;
  /** How likely it is to work, 0–1. */
  readonly chance: number;
  /** What its verdict is expected to tell of where the wanted colour lies, bits: each halves what is still possible. */
  readonly bits: number;
};

export type NextSamples = {
  readonly proposals: readonly Proposal[];
  /** How many colours are still possible: the exponential of the entropy of what is believed. */
  readonly possible: number;
};

/** The log likelihood of one thing that was said, by sample: what a caller may keep from one question to the next. */
export type LikelihoodOf = (said: Observation) => ArrayLike<number>;

/** {@link LikelihoodOf} computed anew. */
export const likelihoodOver =
  (samples: readonly Pick<Sample, 'lab'>[]): LikelihoodOf =>
  (said) =>
    Float64Array.from(samples, ({ lab }) => logLikelihood(lab, said));

/** What is believed of each sample being the wanted colour, summing to 1. */
export function belief(
  samples: readonly Sample[],
  said: readonly Observation[],
  likelihoodOf: LikelihoodOf = likelihoodOver(samples),
): Float64Array {
  const log = Float64Array.from(samples, ({ chance = 1 }) => NEXT.trust * ln(max(NEXT.leastChance, chance)));
  for (const likelihood of said.map(likelihoodOf)) for (let i = 0; i < log.length; i++) log[i]! += likelihood[i]!;
  const most = log.reduce((p, q) => max(p, q), -Infinity);
  const weights = log.map((v) => exp(v - most));
  const sum = weights.reduce((s, w) => s + w, 0);
  return weights.map((w) => w / sum);
}

/** Indices drawn evenly along the running sum of the weights: the same for the same weights. */
function drawn(weights: Float64Array, count: number): number[] {
  const found: number[] = [];
  let sum = 0;
  weights.forEach((w, i) => {
    sum += w;
    while (found.length < count && sum >= (found.length + 0.5) / count) found.push(i);
  });
  return found;
}

const value = ({ chance, bits }: Pick<Proposal, 'chance' | 'bits'>): number => chance + NEXT.perBit * bits;

/**
 * What to look at next, from what was said so far: at most three samples, each with its chance and what it would tell. Bayes' rule over the
 * deck: each verdict and reason weighs every colour by how likely an eye that wants that colour would have said so; a sample's worth is its
 * chance of working plus its expected information (mutual information, Lindley 1956). Deterministic.
 *
 * @param samples everything that could be looked at, once each; @param likelihoodOf what a caller kept of it
 */
export function nextSamples(samples: readonly Sample[], said: readonly Observation[], likelihoodOf?: LikelihoodOf): NextSamples {
  if (samples.length === 0) return { proposals: [], possible: 0 };
  const believed = belief(samples, said, likelihoodOf);
  const possible = 2 ** believed.reduce((s, p) => s + bitsOf(p), 0);
  const imagined = drawn(believed, NEXT.imagined).map((i) => samples[i]!.lab);
  const fresh = (i: number) => said.every((o) => deltaE00(o.lab, samples[i]!.lab) >= NEXT.apart / 3);
  const likeliest = [...believed.keys()].sort((p, q) => believed[q]! - believed[p]!).slice(0, NEXT.likeliest);
  const atHand = [...samples.keys()].filter((i) => samples[i]!.atHand);
  const looked = [...new Set([...likeliest, ...drawn(believed, NEXT.spread), ...atHand])].filter(fresh);
  const ranked = looked.map((index): Proposal => ({ index, ...worth(samples[index]!.lab, imagined) }));
  ranked.sort((p, q) => value(q) - value(p) || p.index - q.index);
  return { proposals: chosen(ranked, samples), possible };
}

/** The best few that differ from each other; a strength of what is at hand first, when it is about as good. */
function chosen(ranked: readonly Proposal[], samples: readonly Sample[]): Proposal[] {
  const best = ranked[0];
  if (!best) return [];
  const near = ranked.find((p) => samples[p.index]!.atHand);
  const first = near && value(near) * NEXT.atHandFavour >= value(best) ? near : best;
  const found = [first];
  for (const p of ranked) {
    if (found.length === NEXT.most) break;
    const differs = found.every((f) => f !== p && deltaE00(samples[f.index]!.lab, samples[p.index]!.lab) >= NEXT.apart);
    if (differs) found.push(p);
  }
  return found;
}
