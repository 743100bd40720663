import { chroma, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import type { DeckCurves } from '../formats/deck-curves';
import { fewestFor } from '../house/fewest';
import { housePalette, type PaletteRole } from '../house/palette';
import { VERDICTS, type Reason, type Verdict } from '../judge/reasons';
import { byServing, type Advice } from '../judge/room-advice';
import { adviseIn, weighed, type AdvisedRoom, type RoomToAdvise } from './advised-room';
import { namedAt, sourceOf } from './deck-places';
import type { JudgedStay } from './judgement-protocol';
import type { NoAnswer } from './light-protocol';
import { withoutLights } from './lit-room';
import { inPart, type Steps } from './steps';
import { surfaceStay } from './surface-stay';
import { worstBeside, type Ignores } from './worst-beside';

/** A room as it is a part of the house. */
export type HouseRoom = {
  readonly id: string;
  readonly room: AdvisedRoom;
  readonly things: readonly JudgedStay[];
  /** What its walls keep, whatever else is proposed; left out where anything may be proposed. */
  readonly keeps?: { readonly id: string; readonly strength: number } | null;
};
export type HouseRequest = { readonly rooms: readonly HouseRoom[] };
/** A colour of the deck at a strength, and the rooms it is for, by their ids. */
export type HousePaint = { readonly id: string; readonly strength: number; readonly lab: Lab; readonly rooms: readonly string[] };
/** One of the fewest; the same colour at other strengths, in rooms where it works only so. */
export type FewestPaint = HousePaint & {
  readonly also: readonly { readonly strength: number; readonly rooms: readonly string[] }[];
};
/** What one room's colour would be in another. */
export type AcrossRooms = { readonly from: string; readonly in: string; readonly verdict: Verdict };
/** A white for the trim of every room, and where it stands worst. */
export type HouseTrim = {
  readonly id: string;
  readonly strength: number;
  readonly lab: Lab;
  readonly verdict: Verdict;
  readonly reason: Reason | null;
  readonly roomId: string | null;
  readonly beside: string | null;
};
export type HouseAnswer = {
  readonly ok: true;
  /** So few serve every room; each with the rooms it works in. */
  readonly fewest: readonly FewestPaint[];
  readonly exact: boolean;
  /** Rooms in which nothing works; rooms in which something only nearly does, and that counted. */
  readonly without: readonly string[];
  readonly nearly: readonly string[];
  readonly palette: readonly (HousePaint & { readonly role: PaletteRole })[];
  /** What serves each room best by itself. */
  readonly own: readonly (HousePaint & { readonly verdict: Verdict })[];
  readonly trim: HouseTrim | null;
  /** Each room's own colour in each other room. */
  readonly across: readonly AcrossRooms[];
};

/** More places than this are looked through at full strength alone. */
const MOST_PLACES = 6000;
const BATCH = 32;
/** A white for trim: LRV, chroma; so many of the cleanest are tried. */
const TRIM = { lrv: 80, chroma: 6, tried: 60 } as const;

type Served = { readonly place: number; readonly verdict: Verdict };
/** What of a deck serves a room, best first: what works, or where nothing does what nearly does. */
type Judged = { readonly served: readonly Served[]; readonly advised: RoomToAdvise };
const MOST_KEPT = 24;
const kept = new WeakMap<DeckCurves, Map<string, Judged>>();

function placesOf(deck: DeckCurves): number[] {
  const source = sourceOf(deck);
  const all = Array.from({ length: source.count }, (_, place) => place).filter((p) => !Number.isNaN(source.labOf(p).l));
  return all.length > MOST_PLACES ? all.filter((p) => namedAt(deck, p).strength === 100) : all;
}

function* judge({ room, things }: HouseRoom, deck: DeckCurves, places: readonly number[]): Steps<Judged | NoAnswer> {
  const source = sourceOf(deck);
  const advised = yield* inPart(adviseIn(room, things.map(surfaceStay)), 0, 0.3);
  if (!advised.ok) return advised;
  const found: { readonly place: number; readonly advice: Advice }[] = [];
  for (const [k, place] of places.entries()) {
    if (k % BATCH === 0) yield 0.3 + (0.7 * k) / places.length;
    const advice = advised.adviceOn({ lab: source.labOf(place), reflectance: source.reflectanceOf(place) });
    if (advice.verdict !== 'no') found.push({ place, advice });
  }
  found.sort((p, q) => byServing(p.advice, q.advice) || p.place - q.place);
  const works = found.filter((f) => f.advice.verdict === 'works');
  const served = (works.length > 0 ? works : found).map(({ place, advice }) => ({ place, verdict: advice.verdict }));
  return { served, advised };
}

function* judged(of: HouseRoom, deck: DeckCurves, places: readonly number[]): Steps<Judged | NoAnswer> {
  const ofDeck = kept.get(deck) ?? new Map<string, Judged>();
  kept.set(deck, ofDeck);
  const key = JSON.stringify({ room: withoutLights(of.room), things: of.things });
  const known = ofDeck.get(key);
  if (known) return known;
  const found = yield* judge(of, deck, places);
  if ('ok' in found) return found;
  ofDeck.set(key, found);
  if (ofDeck.size > MOST_KEPT) ofDeck.delete(ofDeck.keys().next().value!);
  return found;
}

/** What serves a room whose walls keep their colour: that alone; a colour that the deck has no more keeps nothing. */
function keeping(found: Judged, keeps: NonNullable<HouseRoom['keeps']> | null, deck: DeckCurves): Judged {
  const k = keeps ? deck.ids.indexOf(keeps.id) : -1;
  const s = keeps ? deck.strengths.indexOf(keeps.strength) : -1;
  if (k < 0 || s < 0) return found;
  return { ...found, served: [{ place: k * deck.strengths.length + s, verdict: 'works' }] };
}

/** What each room's own colour would be in each other room. */
function acrossRooms(rooms: readonly HouseRoom[], known: readonly Judged[], deck: DeckCurves): AcrossRooms[] {
  const source = sourceOf(deck);
  return known.flatMap(({ served: [own] }, from) =>
    known.flatMap(({ advised }, to): AcrossRooms[] => {
      if (!own || from === to) return [];
      const { verdict } = advised.adviceOn({ lab: source.labOf(own.place), reflectance: source.reflectanceOf(own.place) });
      return [{ from: rooms[from]!.id, in: rooms[to]!.id, verdict }];
    }),
  );
}

/** The strengths of a colour at which it works in rooms where it does not at that of a place. */
function otherStrengths(place: number, where: ReadonlyMap<number, readonly number[]>, deck: DeckCurves) {
  const per = deck.strengths.length;
  const first = place - (place % per);
  const had = new Set(where.get(place));
  return deck.strengths.flatMap((strength, s) => {
    const rooms = first + s === place ? [] : (where.get(first + s) ?? []).filter((k) => !had.has(k));
    rooms.forEach((k) => had.add(k));
    return rooms.length > 0 ? [{ strength, rooms }] : [];
  });
}

/** What is no fault of a trim: it frames, and may blend with what it is not held against. */
const NO_FAULT: Ignores = (reason) => reason === 'too-close' || reason === 'too-weak' || reason === 'too-light';

/** The cleanest white that stands best where it stands worst, over all rooms. */
function trimFor(rooms: readonly HouseRoom[], known: readonly Judged[], deck: DeckCurves): HouseTrim | null {
  const source = sourceOf(deck);
  const clean = (place: number) => source.labOf(place).l - chroma(source.labOf(place));
  const whites = placesOf(deck)
    .filter(
      (p) => namedAt(deck, p).strength === 100 && lrvOf(source.labOf(p)) >= TRIM.lrv && chroma(source.labOf(p)) <= TRIM.chroma,
    )
    .sort((p, q) => clean(q) - clean(p))
    .slice(0, TRIM.tried);
  const judges = known.map(({ advised }, k) => worstBeside(rooms[k]!.things, weighed(advised.lights), NO_FAULT));
  let best: (HouseTrim & { readonly cost: number }) | undefined;
  for (const place of whites) {
    const reflectance = Float64Array.from(source.reflectanceOf(place));
    const worst = judges
      .flatMap((of, k) => of(reflectance).map((w) => ({ ...w, room: k })))
      .reduce((p, q) =>
        VERDICTS.indexOf(q.verdict) > VERDICTS.indexOf(p.verdict) || (q.verdict === p.verdict && q.cost > p.cost) ? q : p,
      );
    const cost = VERDICTS.indexOf(worst.verdict) + (worst.verdict === 'works' ? 0 : worst.cost);
    if (best && cost >= best.cost) continue;
    const { deckColourId: id, strength } = namedAt(deck, place);
    const works = worst.verdict === 'works';
    const { verdict, reason } = worst;
    const roomId = works ? null : rooms[worst.room]!.id;
    const beside = works ? null : (rooms[worst.room]!.things[worst.stay]?.name ?? null);
    best = { id, strength, lab: source.labOf(place), verdict, reason: works ? null : reason, roomId, beside, cost };
  }
  if (!best) return null;
  const { cost: _, ...trim } = best;
  return trim;
}

/** A house as one: the fewest colours that serve it, its palette by role, each room's own, one white for all trim. */
export function* house({ rooms }: HouseRequest, deck: DeckCurves): Steps<HouseAnswer | NoAnswer> {
  const source = sourceOf(deck);
  const places = placesOf(deck);
  const known: Judged[] = [];
  for (const [k, room] of rooms.entries()) {
    const found = yield* inPart(judged(room, deck, places), (0.9 * k) / rooms.length, (0.9 * (k + 1)) / rooms.length);
    if ('ok' in found) return found;
    known.push(keeping(found, room.keeps ?? null, deck));
  }
  const { chosen, exact, without } = fewestFor(known.map(({ served }) => ({ works: served.map((s) => String(s.place)) })));
  yield 0.93;
  const where = new Map<number, number[]>();
  for (const [k, { served }] of known.entries())
    for (const { place } of served) where.set(place, [...(where.get(place) ?? []), k]);
  const colours = [...where].map(([place, at]) => ({ key: String(place), lab: source.labOf(place), rooms: at }));
  const all = places.map((place) => ({ key: String(place), lab: source.labOf(place) }));
  const parts = rooms.map(({ room: { kind, usedFor } }) => ({ kind, use: usedFor.use }));
  const palette = housePalette(parts, colours, all);
  yield 0.97;
  const ids = (indices: readonly number[]) => indices.map((k) => rooms[k]!.id);
  const paint = (place: number, at: readonly number[]): HousePaint => {
    const { deckColourId: id, strength } = namedAt(deck, place);
    return { id, strength, lab: source.labOf(place), rooms: ids(at) };
  };
  const own = known.flatMap(({ served: [first] }, k) => (first ? [{ ...paint(first.place, [k]), verdict: first.verdict }] : []));
  return {
    ok: true,
    fewest: chosen.map((c) => ({
      ...paint(Number(c.colour), c.rooms),
      also: otherStrengths(Number(c.colour), where, deck).map((a) => ({ strength: a.strength, rooms: ids(a.rooms) })),
    })),
    exact,
    without: ids(without),
    nearly: known.flatMap(({ served: [first] }, k) => (first?.verdict === 'nearly' ? [rooms[k]!.id] : [])),
    palette: palette.map(({ role, key, rooms: at }) => ({ ...paint(Number(key), at), role })),
    own,
    trim: rooms.length > 0 ? trimFor(rooms, known, deck) : null,
    across: acrossRooms(rooms, known, deck),
  };
}
