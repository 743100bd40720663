import { lampsIn, withLamps } from '../light/any-room';
import type { DeckCurves } from '../formats/deck-curves';
import type { SurfaceStay } from '../judge/surfaces';
import { adviseIn, type AdvisedRoom } from './advised-room';
import { withoutLights } from './lit-room';
import { sourceOf } from './deck-places';
import type { Opening } from './judgement-protocol';
import { inPart, type Steps } from './steps';

/** A lamp that is easy on colours: LED, between warm and neutral, of good rendering. Common practice, no source. */
const GOOD_LAMP = { kind: 'led', cctK: 3000, ra: 95 } as const;

/** Colours between two looks at the clock. */
const BATCH = 16;

type Changed = { readonly change: Opening['change']; readonly room: AdvisedRoom; readonly stays: readonly SurfaceStay[] };

/** A room without some of its things. */
function without(gone: readonly number[], room: AdvisedRoom, stays: readonly SurfaceStay[]): Changed {
  return { change: { kind: 'things', stays: gone }, room, stays: stays.filter((_, s) => !gone.includes(s)) };
}

/** What could be changed in a room, one at a time. */
function singleChanges(room: AdvisedRoom, stays: readonly SurfaceStay[]): Changed[] {
  const { day, wish } = room;
  const relit = {
    ...withoutLights(room),
    day: {
      ...day,
      room: withLamps(
        day.room,
        lampsIn(day.room).map((l) => ({ ...l, ...GOOD_LAMP })),
      ),
    },
  };
  return [
    ...stays.map((_, stay) => without([stay], room, stays)),
    ...(lampsIn(day.room).length > 0 ? [{ change: { kind: 'lamps' as const }, room: relit, stays }] : []),
    ...(wish ? [{ change: { kind: 'wish' as const }, room: { ...room, wish: null, moreWishes: [] }, stays }] : []),
  ];
}

const pairsOf = (count: number): [number, number][] =>
  Array.from({ length: count }, (_, p) =>
    Array.from({ length: count - p - 1 }, (__, k): [number, number] => [p, p + 1 + k]),
  ).flat();

type InDeck = { readonly deck: DeckCurves; readonly places: readonly number[] };

/** How many places of a deck work with each change, most first; those without any are left out. */
function* tried(changes: readonly Changed[], { deck, places }: InDeck): Steps<Opening[]> {
  const source = sourceOf(deck);
  const found: Opening[] = [];
  for (const [n, { change, room, stays }] of changes.entries()) {
    const [from, to] = [n / changes.length, (n + 1) / changes.length];
    const advised = yield* inPart(adviseIn(room, stays), from, (from + to) / 2);
    if (!advised.ok) continue;
    let works = 0;
    for (const [k, place] of places.entries()) {
      if (k % BATCH === 0) yield (from + to) / 2;
      const surface = { lab: source.labOf(place), reflectance: source.reflectanceOf(place) };
      if (advised.adviceOn(surface).verdict === 'works') works += 1;
    }
    if (works > 0) found.push({ change, works });
  }
  return found.sort((p, q) => q.works - p.works);
}

/**
 * What would have to change for colours to work, by how many then do, most first; two things at once only where no single change helps.
 *
 * @param places of the deck that are looked at
 */
export function* openingsOf(room: AdvisedRoom, stays: readonly SurfaceStay[], inDeck: InDeck): Steps<Opening[]> {
  const single = yield* inPart(tried(singleChanges(room, stays), inDeck), 0, 0.5);
  if (single.length > 0) return single;
  const two = pairsOf(stays.length).map((gone) => without(gone, room, stays));
  return yield* inPart(tried(two, inDeck), 0.5, 1);
}
