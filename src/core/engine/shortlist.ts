import type { DeckCurves } from '../formats/deck-curves';
import { saySpeaks, sayDrop, sayHowWeak, aboutRoom } from '../judge/say-advice';
import { byServing, chanceOf, type Advice } from '../judge/room-advice';
import { varied } from '../judge/varied';
import type { JudgingLight } from '../room/facing';
import { weighed } from './advised-room';
import { withoutLights } from './lit-room';
import { bothWaysOf } from './both-ways';
import { letsThrough, namedAt, sourceOf } from './deck-places';
import { judgedDeck, type JudgedDeck } from './judged-deck';
import type { Found, FoundStrength, ShortlistAnswer, ShortlistRequest } from './judgement-protocol';
import type { NoAnswer } from './light-protocol';
import { openingsOf } from './openings';
import { inPart, type Steps } from './steps';
import { surfaceStay } from './surface-stay';

/** Colours that are kept in the list; and how many of the closest where nothing works or nearly does. */
const MOST = 300;
const FEW = 24;
/** Share of the work that the judging is; the rest is asking what would have to change where nothing works. */
const JUDGING_SHARE = 0.7;

/** A colour of the deck at its strengths, the best first. */
type Colour = { readonly places: readonly number[]; readonly best: Advice<JudgingLight> };

type Looked = Pick<JudgedDeck, 'advice'> & { readonly deck: DeckCurves; readonly wanted: ShortlistRequest['wanted'] };

/** Colours with the places that a filter lets through. */
function coloursOf({ advice, deck, wanted }: Looked): Colour[] {
  const lets = letsThrough(deck, wanted);
  const per = deck.strengths.length;
  return deck.ids.flatMap((_, colour) => {
    const places = deck.strengths.map((__, k) => colour * per + k).filter((place) => advice[place] && lets(place));
    places.sort((p, q) => byServing(advice[p]!, advice[q]!) || p - q);
    return places.length > 0 ? [{ places, best: advice[places[0]!]! }] : [];
  });
}

/** What works and what nearly does; where neither is to be had, the closest there are. */
function worthShowing(colours: readonly Colour[], { onlyWorks }: ShortlistRequest['wanted']): Colour[] {
  const works = colours.filter((c) => c.best.verdict === 'works');
  if (onlyWorks) return works;
  const near = colours.filter((c) => c.best.verdict !== 'no');
  return near.length > 0 ? near : [...colours];
}

/** Why what was looked at and does not work was dropped, most often first. */
function dropsOf(colours: readonly Colour[], { advice }: Looked, { stays }: ShortlistRequest) {
  const counts = new Map<string, number>();
  for (const place of colours.flatMap((c) => c.places)) {
    const found = advice[place]!;
    if (found.verdict !== 'no') continue;
    const says = sayDrop(found, stays);
    if (says) counts.set(says, (counts.get(says) ?? 0) + 1);
  }
  return [...counts].map(([says, count]) => ({ says, count })).sort((p, q) => q.count - p.count);
}

/** A whole deck as walls of a room: what works and nearly does, best first, and what is in the way. */
export function* shortlist(request: ShortlistRequest, deck: DeckCurves, now: () => number): Steps<ShortlistAnswer | NoAnswer> {
  const { wanted, leniency, stays: things, ...room } = request;
  const from = now();
  const stays = things.map(surfaceStay);
  const judged = yield* inPart(
    judgedDeck(JSON.stringify({ room: withoutLights(room), things }), room, { stays, deck }),
    0,
    JUDGING_SHARE,
  );
  if (!judged.ok) return judged;
  const looked: Looked = { advice: judged.advice, deck, wanted };
  const source = sourceOf(deck);
  const colours = coloursOf(looked);
  const kept = varied(
    worthShowing(colours, wanted).sort((p, q) => byServing(p.best, q.best)),
    ({ places, best }) => ({ lab: source.labOf(places[0]!), verdict: best.verdict, behind: best.behind, flat: best.walls.flat }),
  );
  const strengthOf = (place: number): FoundStrength => {
    const { verdict, behind } = judged.advice[place]!;
    return { strength: namedAt(deck, place).strength, lab: source.labOf(place), verdict, chance: chanceOf(behind, leniency) };
  };
  const foundOf = ({ places, best }: Colour): Found => ({
    ...strengthOf(places[0]!),
    deckColourId: namedAt(deck, places[0]!).deckColourId,
    speaks: saySpeaks(source.labOf(places[0]!), best, { wish: room.wish, moreWishes: room.moreWishes, things }),
    weakest: sayHowWeak(best, things) ?? null,
    strengths: places.map(strengthOf).sort((p, q) => q.strength - p.strength),
  });
  const rows = kept
    .slice(0, kept[0]?.best.verdict === 'no' ? FEW : MOST)
    .map((c) => ({ found: foundOf(c), reflectance: source.reflectanceOf(c.places[0]!) }));
  const count = (verdict: Found['verdict']) => colours.filter((c) => c.best.verdict === verdict).length;
  const works = count('works');
  const strongest = colours.map(({ places }) =>
    places.reduce((p, q) => (strengthOf(q).strength > strengthOf(p).strength ? q : p)),
  );
  const openings = works > 0 ? [] : yield* inPart(openingsOf(room, stays, { deck, places: strongest }), JUDGING_SHARE, 1);
  return {
    ok: true,
    found: rows.map((r) => r.found),
    looked: { works, nearly: count('nearly'), no: count('no') },
    drops: dropsOf(colours, looked, request),
    bothWays: bothWaysOf(rows, judged.room.lights),
    openings,
    about: aboutRoom(judged.room),
    lights: sharesOf(judged),
    ...forPlot(colours, looked),
    tookMs: now() - from,
  };
}

/** The lights of a room by the light of the record, with their shares of the use. */
function sharesOf({ room }: JudgedDeck): ShortlistAnswer['lights'] {
  const shares = new Map<JudgingLight, number>();
  for (const { kind, weight } of weighed(room.lights)) shares.set(kind, (shares.get(kind) ?? 0) + weight);
  return [...shares].map(([light, share]) => ({ light, share }));
}

/** What was looked at, as numbers by place. */
function forPlot(colours: readonly Colour[], { advice, deck }: Looked): Pick<ShortlistAnswer, 'labs' | 'costs' | 'chances'> {
  const costs = new Float32Array(advice.length).fill(NaN);
  const chances = new Float32Array(advice.length).fill(NaN);
  for (const place of colours.flatMap((c) => c.places)) {
    costs[place] = advice[place]!.cost;
    chances[place] = advice[place]!.chance;
  }
  return { labs: deck.labs, costs, chances };
}
