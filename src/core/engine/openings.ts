import type { DeckCurves } from '../formats/deck-curves';
import type { SurfaceStay } from '../judge/surfaces';
import { adviseIn, type AdvisedRoom } from './advised-room';
import { sourceOf } from './deck-places';
import type { Opening } from './judgement-protocol';
import { inPart, type Steps } from './steps';

/** A lamp that is easy on colours: LED, between warm and neutral, of good rendering. Common practice, no source. */
const GOOD_LAMP = { kind: 'led', cctK: 3000, ra: 95 } as const;

/** Colours between two looks at the clock. */
const BATCH = 16;

type Changed = { readonly change: Opening['change']; readonly room: AdvisedRoom; readonly stays: readonly SurfaceStay[] };

/** What could be changed in a room, one thing at a time. */
function changesOf(room: AdvisedRoom, stays: readonly SurfaceStay[]): Changed[] {
  const { day, wish } = room;
  const relit = { ...room, day: { ...day, room: { ...day.room, lamps: day.room.lamps.map((l) => ({ ...l, ...GOOD_LAMP })) } } };
  return [
    ...stays.map((_, stay) => ({ change: { kind: 'thing' as const, stay }, room, stays: stays.filter((__, s) => s !== stay) })),
    ...(day.room.lamps.length > 0 ? [{ change: { kind: 'lamps' as const }, room: relit, stays }] : []),
    ...(wish ? [{ change: { kind: 'wish' as const }, room: { ...room, wish: null }, stays }] : []),
  ];
}

/**
 * What would have to change for colours to work, by how many then do, most first; what opens nothing up is left out.
 *
 * @param places of the deck that are looked at
 */
export function* openingsOf(
  room: AdvisedRoom,
  stays: readonly SurfaceStay[],
  { deck, places }: { readonly deck: DeckCurves; readonly places: readonly number[] },
): Steps<Opening[]> {
  const source = sourceOf(deck);
  const changes = changesOf(room, stays);
  const found: Opening[] = [];
  for (const [n, changed] of changes.entries()) {
    const [from, to] = [n / changes.length, (n + 1) / changes.length];
    const advised = yield* inPart(adviseIn(changed.room, changed.stays), from, (from + to) / 2);
    if (!advised.ok) continue;
    let works = 0;
    for (const [k, place] of places.entries()) {
      if (k % BATCH === 0) yield (from + to) / 2;
      const surface = { lab: source.labOf(place), reflectance: source.reflectanceOf(place) };
      if (advised.adviceOn(surface).verdict === 'works') works += 1;
    }
    if (works > 0) found.push({ change: changed.change, works });
  }
  return found.sort((p, q) => q.works - p.works);
}
