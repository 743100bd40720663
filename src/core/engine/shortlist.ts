import { prepareAffinity } from '../judge/affinity';
import { prepareJudgement } from '../judge/room-score';
import { shortlistSteps, type Ranked } from '../judge/shortlist';
import type { DeckCurves } from '../formats/deck-curves';
import { bothWaysOf } from './both-ways';
import { letsThrough, namedAt, sourceOf } from './deck-places';
import type { Found, ShortlistAnswer, ShortlistRequest } from './judgement-protocol';
import { cannotBe, dayOf, placeOf, roomOf } from './known-days';
import type { NoAnswer } from './light-protocol';
import { momentsToJudge } from './moments-to-judge';
import { inPart, type Steps } from './steps';
import { surfaceStay } from './surface-stay';
import { weakestOf } from './weakest';

/** Share of the work that the light is, when it has to be computed. */
const LIGHT_SHARE = 0.3;

/** A whole deck against everything that stays in every telling light of the day. */
export function* shortlist(
  { day, lookIn, stays, schools, wish, wanted }: ShortlistRequest,
  deck: DeckCurves,
  now: () => number,
): Steps<ShortlistAnswer | NoAnswer> {
  const { room, problem } = roomOf(day.room);
  if (problem) return cannotBe(problem);
  yield 0;
  const clear = yield* inPart(dayOf({ ...day, skies: 'clear' }), 0, LIGHT_SHARE / 2);
  const grey = yield* inPart(dayOf({ ...day, skies: 'overcast' }), LIGHT_SHARE / 2, LIGHT_SHARE);
  const moments = momentsToJudge({ clear, grey, zone: day.zone }, placeOf(room, lookIn.position), lookIn.scale);
  const judged = prepareJudgement(stays.map(surfaceStay), moments, schools);
  const affinityOf = prepareAffinity(stays.map(surfaceStay), wish);
  const source = sourceOf(deck);
  const from = now();
  const { ranked, costs, looked, drops } = yield* inPart(
    shortlistSteps(source, judged, { wanted: letsThrough(deck, wanted), affinityOf }),
    LIGHT_SHARE,
    1,
  );
  const foundOf = ({ index, cost, fit, link, affinity: { sharesWith } }: Ranked): Found => {
    const weakest = link ? weakestOf(link, stays, moments) : null;
    const shares = sharesWith === undefined ? null : stays[sharesWith]!.name;
    return { ...namedAt(deck, index), lab: source.labOf(index), cost, fit, weakest, shares };
  };
  return {
    ok: true,
    found: ranked.map(foundOf),
    bothWays: bothWaysOf(ranked, { source, stays, moments, dimWhite: schools.dimWhite, affinityOf }, foundOf),
    looked,
    drops: drops.map(({ link, count }) => ({ weakest: weakestOf(link, stays, moments), count })),
    moments: moments.map((m) => m.name),
    labs: deck.labs,
    costs,
    rankedInMs: now() - from,
  };
}
