import type { DeckCurves } from '../formats/deck-curves';
import type { Advice } from '../judge/room-advice';
import type { SurfaceStay } from '../judge/surfaces';
import type { JudgingLight } from '../room/facing';
import { adviseIn, type AdvisedRoom, type RoomToAdvise } from './advised-room';
import { sourceOf } from './deck-places';
import type { NoAnswer } from './light-protocol';
import { inPart, type Steps } from './steps';

/** A whole deck as walls of a room, place by place; undefined where a strength cannot be mixed. */
export type JudgedDeck = {
  readonly ok: true;
  readonly room: RoomToAdvise;
  readonly advice: readonly (Advice<JudgingLight> | undefined)[];
};

/** Share of the work that the light is, when it has to be computed. */
const LIGHT_SHARE = 0.3;
/** Places between two looks at the clock. */
const BATCH = 32;
/** Rooms that are kept judged: filters then cost nothing. Of large decks fewer: so many places in all, of two to three kB each. */
const MOST_KEPT = 3;
const MOST_PLACES = 20_000;

const kept = new WeakMap<DeckCurves, Map<string, JudgedDeck>>();

function* judge(room: AdvisedRoom, stays: readonly SurfaceStay[], deck: DeckCurves): Steps<JudgedDeck | NoAnswer> {
  const advised = yield* inPart(adviseIn(room, stays), 0, LIGHT_SHARE);
  if (!advised.ok) return advised;
  const source = sourceOf(deck);
  const advice: (Advice<JudgingLight> | undefined)[] = [];
  for (let place = 0; place < source.count; place++) {
    if (place % BATCH === 0) yield LIGHT_SHARE + ((1 - LIGHT_SHARE) * place) / source.count;
    const lab = source.labOf(place);
    advice.push(Number.isNaN(lab.l) ? undefined : advised.adviceOn({ lab, reflectance: source.reflectanceOf(place) }));
  }
  return { ok: true, room: advised, advice };
}

/**
 * A whole deck at every strength as walls of a room: known, or judged now.
 *
 * @param name stands for the room and what stays in it
 */
export function* judgedDeck(
  name: string,
  room: AdvisedRoom,
  { stays, deck }: { readonly stays: readonly SurfaceStay[]; readonly deck: DeckCurves },
): Steps<JudgedDeck | NoAnswer> {
  const ofDeck = kept.get(deck) ?? new Map<string, JudgedDeck>();
  kept.set(deck, ofDeck);
  const known = ofDeck.get(name);
  if (known) return known;
  const found = yield* judge(room, stays, deck);
  if (!found.ok) return found;
  ofDeck.set(name, found);
  while (ofDeck.size > 1 && (ofDeck.size > MOST_KEPT || ofDeck.size * found.advice.length > MOST_PLACES))
    ofDeck.delete(ofDeck.keys().next().value!);
  return found;
}
