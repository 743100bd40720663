import { leastRecentlyUsed } from '../base/least-recently-used';
import { labAt } from '../formats/deck-curves';
import { likelihoodOver, NEXT, nextSamples, type LikelihoodOf, type Sample } from '../judge/next-sample';
import { prepareJudgement, roomScore } from '../judge/room-score';
import type { NextAnswer, NextRequest } from './judgement-protocol';
import type { Steps } from './steps';
import type { NoAnswer } from './light-protocol';

/** Nothing is read of a reflectance as long as a colour is judged as in the deck. */
const NO_CURVE = new Float64Array(0);

/** Samples with what the room holds against them, and what was asked of them before, kept from one verdict to the next. */
const MOST_SETS = 4;
const MOST_SAID = 200;
const sampleSets = leastRecentlyUsed<{ readonly samples: readonly Sample[]; readonly likelihoodOf: LikelihoodOf }>(MOST_SETS);

function preparedSamples({ samples: { labs, atHand }, stays }: NextRequest) {
  const things = stays.map(({ components, ...stay }) => ({
    ...stay,
    components: components.map((c) => ({ name: c.name, share: c.share, lab: c.lab, reflectance: NO_CURVE })),
  }));
  const inDeck = prepareJudgement(things, [{ name: 'as in the deck', scene: undefined }]);
  const samples = Array.from({ length: labs.length / 3 }, (_, i): Sample => {
    const lab = labAt({ labs }, i);
    const { cost } = roomScore({ lab, reflectance: NO_CURVE }, inDeck, NEXT.mostCost);
    return { lab, atHand: i < atHand, cost };
  });
  const kept = leastRecentlyUsed<ArrayLike<number>>(MOST_SAID);
  const compute = likelihoodOver(samples);
  const likelihoodOf: LikelihoodOf = (said) => kept(JSON.stringify(said), () => compute(said));
  return { samples, likelihoodOf };
}

/** What to look at next. */
export function* next(request: NextRequest): Steps<NextAnswer | NoAnswer> {
  yield 0;
  const { samples, likelihoodOf } = sampleSets(`${request.samples.name} ${JSON.stringify(request.stays)}`, () =>
    preparedSamples(request),
  );
  return { ok: true, ...nextSamples(samples, request.said, likelihoodOf) };
}
