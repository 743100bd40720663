import { besideIn, seenIn } from '../appearance/scene';
import { tellingNeighbours, TELLING, type Shows } from '../companions/telling';
import type { Lab } from '../colour/types';
import type { DeckCurves } from '../formats/deck-curves';
import { namedAt, sourceOf } from './deck-places';
import { cannotBe, dayOf, lightsOf, placeOf, roomOf, sceneAt } from './known-days';
import type { DayRequest, LookIn, NoAnswer, Swatch } from './light-protocol';
import { surfacesOf } from './looks';
import type { Steps } from './steps';

/** A wall colour whose undertone is to be shown, and the moment of a day at which. */
export type TellingRequest = {
  readonly wall: Swatch;
  /** Its own name in the deck, which is no neighbour of itself. */
  readonly colourId: string;
  readonly day: DayRequest;
  readonly moment: number;
  readonly lookIn: LookIn;
};
/** A neighbour out of the deck at full strength, what it shows, and how it looks there. */
export type ToldNeighbour = { readonly id: string; readonly shows: Shows; readonly hex: string };
export type TellingAnswer = {
  readonly ok: true;
  /** null where it is too dark to judge. */
  readonly told: { readonly wallHex: string; readonly neighbours: readonly ToldNeighbour[] } | null;
};

/** Colours whose depth in the deck's light is farther off than this are not looked at, L*: no light brings them near. Own choice. */
const DEPTH = TELLING.depth + 6;
/** Colours between two stops. */
const BATCH = 200;
const FULL_STRENGTH = 100;

/** The neighbours of a deck that best expose the undertone of a wall colour as all of them look at one moment. */
export function* tellingAt(
  { wall, colourId, day, moment, lookIn }: TellingRequest,
  deck: DeckCurves,
): Steps<TellingAnswer | NoAnswer> {
  const { room, problem } = roomOf(day.room);
  if (problem) return cannotBe(problem);
  const known = yield* dayOf(day);
  const scene = sceneAt(lightsOf(known, moment, lookIn.lampsOn), placeOf(room, lookIn.position), lookIn.scale);
  if (!scene) return { ok: true, told: null };
  const [beside, seen, source] = [besideIn(scene), seenIn(scene), sourceOf(deck)];
  const own = surfacesOf(wall)[0]!;
  const near: { readonly id: string; readonly place: number; readonly lab: Lab }[] = [];
  for (let place = 0; place < source.count; place++) {
    const { deckColourId: id, strength } = namedAt(deck, place);
    // a strength that cannot be mixed has no Lab, and is near nothing
    const off = Math.abs(source.labOf(place).l - wall.lab.l);
    if (strength === FULL_STRENGTH && off <= DEPTH && colourId !== id)
      near.push({ id, place, lab: beside(source.reflectanceOf(place)) });
    if (place % BATCH === 0) yield place / source.count;
  }
  const hexAt = (place: number) => seen(Float64Array.from(source.reflectanceOf(place))).hex;
  const neighbours = tellingNeighbours(beside(own), near, (n) => n.lab);
  return {
    ok: true,
    told: {
      wallHex: seen(own).hex,
      neighbours: neighbours.map(({ neighbour: { id, place }, shows }) => ({ id, shows, hex: hexAt(place) })),
    },
  };
}
