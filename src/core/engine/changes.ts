import { lrvOf } from '../colour/lab';
import { familyOf } from '../colour/family';
import type { Lab } from '../colour/types';
import type { DeckCurves } from '../formats/deck-curves';
import { byServing, type Advice } from '../judge/room-advice';
import type { SurfaceStay } from '../judge/surfaces';
import { asSurface } from '../companions/companions';
import type { Thing } from '../record/thing';
import { adviseIn, type AdvisedRoom } from './advised-room';
import { namedAt, sourceOf } from './deck-places';
import { judgedDeck } from './judged-deck';
import type { JudgedStay } from './judgement-protocol';
import type { NoAnswer } from './light-protocol';
import { withoutLights } from './lit-room';
import { inPart, type Steps } from './steps';
import { surfaceStay } from './surface-stay';

export type ChangesRequest = {
  readonly room: AdvisedRoom;
  readonly things: readonly JudgedStay[];
  /** What each of them is, in their order. */
  readonly are: readonly Thing[];
};
/** What a thing's going would open up. */
export type Change = {
  /** Index of the thing. */
  readonly stay: number;
  /** Colours of the deck, at full strength, that work then and do not now. */
  readonly opens: number;
  /** The one of them that serves best; null where there is none. */
  readonly best: { readonly id: string; readonly strength: number; readonly lab: Lab } | null;
  /** What to look for in its place, where that is not chosen yet: what leaves most walls possible. */
  readonly region: Region | null;
};
export type Region = {
  readonly says: string;
  readonly lab: Lab;
  /** Share of the walls that were tried which work beside it, 0–1; and beside what is there now. */
  readonly works: number;
  readonly now: number;
};
export type ChangesAnswer = {
  readonly ok: true;
  /** In the order of the things. */
  readonly changes: readonly Change[];
};

/** Things of which another could be chosen by its colour. */
const CHOSEN: ReadonlySet<Thing> = new Set<Thing>(['floor', 'cabinets']);
/** Colours that are tried in the place of a thing: depths, strengths and hues of floors and cabinets. Own choice. */
const TRIED: readonly Lab[] = [28, 40, 52, 64, 76, 88].flatMap((l) =>
  [
    [2, 80],
    [8, 60],
    [8, 85],
    [18, 65],
    [18, 82],
  ].map(([c, h]) => ({ l, a: c! * Math.cos((h! * Math.PI) / 180), b: c! * Math.sin((h! * Math.PI) / 180) })),
);
/** Walls that are tried beside each: so many of the deck, those of usual depth. */
const WALLS = 90;
const USUAL_LRV = [45, 90] as const;
/** What comes within this share of the most is as good. */
const AS_GOOD = 0.9;

type Looked = {
  readonly source: ReturnType<typeof sourceOf>;
  readonly advice: readonly (Advice | undefined)[];
  readonly deck: DeckCurves;
};

/** Places at full strength. */
const fullPlaces = ({ source, deck, advice }: Looked): number[] =>
  Array.from({ length: source.count }, (_, place) => place).filter(
    (place) => advice[place] !== undefined && namedAt(deck, place).strength === 100,
  );

/** What is opened by a thing's going: only what it holds back most can be. */
function* opened(
  room: AdvisedRoom,
  stays: readonly SurfaceStay[],
  stay: number,
  looked: Looked,
): Steps<Omit<Change, 'region'> | NoAnswer> {
  const { source, advice, deck } = looked;
  const held = fullPlaces(looked).filter((p) => advice[p]!.verdict !== 'works' && advice[p]!.weakest?.stay === stay);
  const without = yield* inPart(
    adviseIn(
      room,
      stays.filter((_, k) => k !== stay),
    ),
    0,
    0.3,
  );
  if (!without.ok) return without;
  const found: { readonly place: number; readonly advice: Advice }[] = [];
  for (const [k, place] of held.entries()) {
    if (k % 16 === 0) yield 0.3 + (0.7 * k) / held.length;
    const now = without.adviceOn({ lab: source.labOf(place), reflectance: source.reflectanceOf(place) });
    if (now.verdict === 'works') found.push({ place, advice: now });
  }
  const [best] = [...found].sort((p, q) => byServing(p.advice, q.advice) || p.place - q.place);
  if (!best) return { stay, opens: 0, best: null };
  const { deckColourId: id, strength } = namedAt(deck, best.place);
  return { stay, opens: found.length, best: { id, strength, lab: source.labOf(best.place) } };
}

/** Words for how deep a floor or a cabinet is. */
function sayDepth(lab: Lab): string {
  const lrv = lrvOf(lab);
  if (lrv > 55) return 'pale';
  return lrv > 18 ? 'mid' : 'dark';
}

/** "a mid tan with some grey": what a region is called. */
function sayRegion(lab: Lab): string {
  const family = familyOf(lab);
  const greyed = Math.hypot(lab.a, lab.b) < 12 && Math.hypot(lab.a, lab.b) > 4 ? ', with some grey in it' : '';
  return `${sayDepth(lab)} ${family}${greyed}`;
}

/** What in the place of a thing leaves most walls possible. */
function* regionOf(room: AdvisedRoom, stays: readonly SurfaceStay[], stay: number, looked: Looked): Steps<Region | null> {
  const { source } = looked;
  const usual = fullPlaces(looked).filter((p) => {
    const lrv = lrvOf(source.labOf(p));
    return lrv >= USUAL_LRV[0] && lrv <= USUAL_LRV[1];
  });
  const step = Math.max(1, Math.floor(usual.length / WALLS));
  const walls = usual
    .filter((_, k) => k % step === 0)
    .map((p) => ({ lab: source.labOf(p), reflectance: source.reflectanceOf(p) }));
  if (walls.length === 0) return null;
  const share = function* (instead: readonly SurfaceStay[]): Steps<number> {
    const advised = yield* adviseIn(room, instead);
    if (!advised.ok) return 0;
    return walls.filter((w) => advised.adviceOn(w).verdict === 'works').length / walls.length;
  };
  const tried: { lab: Lab; works: number }[] = [];
  for (const [k, lab] of TRIED.entries()) {
    yield k / TRIED.length;
    const surface = asSurface(lab);
    const other = { ...stays[stay]!, components: [{ name: 'ground', share: 1, ...surface }] };
    tried.push({ lab: surface.lab, works: yield* share(stays.map((s, n) => (n === stay ? other : s))) });
  }
  const most = Math.max(...tried.map((t) => t.works));
  if (most === 0) return null;
  const good = tried.filter((t) => t.works >= AS_GOOD * most);
  const mean = (of: keyof Lab) => good.reduce((s, t) => s + t.lab[of], 0) / good.length;
  const middle = { l: mean('l'), a: mean('a'), b: mean('b') };
  // of what is as good the one in the middle of it
  const best = good.reduce((p, q) => (far(q.lab, middle) < far(p.lab, middle) ? q : p));
  return { says: sayRegion(best.lab), lab: best.lab, works: best.works, now: yield* share(stays) };
}
const far = (p: Lab, q: Lab) => Math.hypot(p.l - q.l, p.a - q.a, p.b - q.b);

/** What each thing that stays would open up by its going, and what to choose in the place of a floor or cabinets. */
export function* changesOf({ room, things, are }: ChangesRequest, deck: DeckCurves): Steps<ChangesAnswer | NoAnswer> {
  const stays = things.map(surfaceStay);
  const name = JSON.stringify({ room: withoutLights(room), things });
  const judged = yield* inPart(judgedDeck(name, room, { stays, deck }), 0, 0.4);
  if (!judged.ok) return judged;
  const looked: Looked = { source: sourceOf(deck), advice: judged.advice, deck };
  // the lights are known by now: nothing below computes them again
  const lit = { ...room, lights: judged.room.lights };
  const changes: Change[] = [];
  for (const stay of things.keys()) {
    const at = (k: number) => 0.4 + (0.6 * k) / things.length;
    const open = yield* inPart(opened(lit, stays, stay, looked), at(stay), at(stay + 0.5));
    if ('ok' in open) return open;
    const region = CHOSEN.has(are[stay]!)
      ? yield* inPart(regionOf(lit, stays, stay, looked), at(stay + 0.5), at(stay + 1))
      : null;
    changes.push({ ...open, region });
  }
  return { ok: true, changes };
}
