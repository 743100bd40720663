import type { EyeFactors } from '../judge/eye-in-force';
import { verdictOf } from '../judge/relation';
import { ramp } from '../base/ramp';
import { eyeFactors, MINDED, mindedOf, mindsOf, sayMinds, verdictFor, type Minded, type Minds, type Said } from './minds';

/** How often a verdict was foretold, of so many. */
export type Foretold = { readonly of: number; readonly before: number; readonly after: number };
export type Learnt = {
  readonly minds: Minds;
  /** What is judged by; null while all of it is as shipped. */
  readonly factors: EyeFactors | null;
  readonly says: string;
};

/** Fewer verdicts are judged by as most eyes would; so many pairs in which it was at stake before a factor counts, and counts wholly. */
const LEAST_SAID = 20;
const MET = { from: 3, full: 10 } as const;
/** A conflict of this cost could have been named. */
const AT_STAKE = 0.3;
const TOO_LITTLE = 'Too little was said to tell how you see: twenty verdicts given looking are a beginning.';

/** Verdicts that are enough to be foretold apart from what was learnt from. Own choice. */
const LEAST_TO_TELL = 10;
const PARTS = 5;
/** The latest that are learnt from: an eye changes. Own choice. */
const MOST_SAID = 600;

/** In how many of the pairs that were judged something is at stake that an eye may mind, by what it is. */
function metIn(said: readonly Said[]): Readonly<Record<Minded, number>> {
  const met = Object.fromEntries(MINDED.map((of) => [of, 0])) as Record<Minded, number>;
  for (const { relation } of said) {
    const felt = relation.components.flatMap((c) => c.conflicts.filter((k) => k.cost >= AT_STAKE));
    for (const of of new Set(felt.map((k) => mindedOf(k.reason)))) met[of] += 1;
  }
  return met;
}

/** What an eye minds, from what it said in rooms, the oldest first. */
export function learntFrom(all: readonly Said[]): Learnt {
  const said = all.slice(-MOST_SAID);
  const minds = mindsOf(said);
  const met = metIn(said);
  // one who said little is not taken at every word
  const weight = (of: Minded) => (said.length < LEAST_SAID ? 0 : ramp(met[of], MET.from, MET.full));
  return { minds, factors: eyeFactors(minds, weight), says: said.length < LEAST_SAID ? TOO_LITTLE : sayMinds(minds) };
}

/**
 * How often the shipped model and the tuned one foretell what was said, each verdict by what was learnt from the others: every fifth is
 * left out in turn. Undefined where too little was said.
 */
export function foretold(all: readonly Said[]): Foretold | undefined {
  const said = all.slice(-MOST_SAID);
  if (said.length < LEAST_TO_TELL) return undefined;
  let [before, after] = [0, 0];
  for (let part = 0; part < PARTS; part++) {
    const minds = mindsOf(said.filter((_, k) => k % PARTS !== part));
    for (const { relation, verdict } of said.filter((_, k) => k % PARTS === part)) {
      if (verdictOf(relation.cost) === verdict) before += 1;
      if (verdictFor(relation, minds) === verdict) after += 1;
    }
  }
  return { of: said.length, before, after };
}
