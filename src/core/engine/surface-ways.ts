import { chroma, lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import type { Reflectance } from '../colour/grid';
import type { DeckCurves } from '../formats/deck-curves';
import { VERDICTS, type Reason, type Verdict } from '../judge/reasons';
import type { JudgingLight } from '../room/facing';
import { lightsOrDeck, weighed } from './advised-room';
import { namedAt, sourceOf } from './deck-places';
import type { JudgedStay } from './judgement-protocol';
import type { NoAnswer, Swatch } from './light-protocol';
import type { LitRoom } from './lit-room';
import { surfacesOf } from './looks';
import { inPart, type Steps } from './steps';
import { worstBeside, type Ignores, type Worst } from './worst-beside';

/** A colour a surface could be given, and whether the wall's colour is judged with what stays (its own is not). */
export type Way = { readonly key: string; readonly swatch: Swatch; readonly besideWall: boolean };
export type WaysRequest = {
  readonly lit: LitRoom;
  readonly stays: readonly JudgedStay[];
  /** The wall as it is decided; null while it is open. */
  readonly wall: JudgedStay | null;
  readonly ways: readonly Way[];
  /**
   * What is painted: a ceiling may blend with anything, trim and doors with anything but the wall; neither ceiling nor trim asks the
   * furnishings.
   */
  readonly on: 'trim' | 'ceiling' | 'other';
  /** Whether a clean white is looked for in the deck. */
  readonly findWhite: boolean;
};

/** How a colour stands on a surface: its worst in any light of the room, with what, and why. */
export type JudgedWay = {
  readonly key: string;
  readonly verdict: Verdict;
  readonly light: JudgingLight | null;
  /** Name of the thing beside which it is worst; null where nothing is. */
  readonly beside: string | null;
  readonly reason: Reason | null;
};
export type FoundWhite = JudgedWay & { readonly deckColourId: string; readonly strength: number; readonly lab: Lab };
export type WaysAnswer = { readonly ok: true; readonly ways: readonly JudgedWay[]; readonly white: FoundWhite | null };

/** What counts as a white for trim and ceiling: LRV points, chroma. Common practice gives 80 and more; this product's own bounds. */
const WHITE = { lrv: 80, chroma: 6, lighterBy: 4 } as const;
const BATCH = 12;

const severity = (verdict: Verdict) => VERDICTS.indexOf(verdict);
/** The severest of some kinds of light. */
function worstOf(key: string, worst: readonly Worst[], things: readonly JudgedStay[]): JudgedWay {
  const [w] = [...worst].sort((p, q) => severity(q.verdict) - severity(p.verdict));
  if (!w || w.verdict === 'works') return { key, verdict: 'works', light: null, beside: null, reason: null };
  return { key, verdict: w.verdict, light: w.kind as JudgingLight, beside: things[w.stay]?.name ?? null, reason: w.reason };
}
/** What is against a colour in all lights: 0 where it works in each, however nearly it does not. */
const against = (worst: readonly Worst[]) =>
  worst.reduce((sum, w) => sum + (w.verdict === 'works' ? 0 : severity(w.verdict) + w.cost), 0);

/** Lab of a wall: the largest of its colours. */
const largest = ({ components }: JudgedStay): Lab => [...components].sort((p, q) => q.share - p.share)[0]!.lab;

/**
 * The cleanest white of a deck that works beside wall and finishes in every light of the room, else the one that least does not; lighter
 * than the wall where it can be.
 */
function* whiteFor(
  judge: (surface: Reflectance) => Worst[],
  { wall, things }: { wall: JudgedStay | null; things: readonly JudgedStay[] },
  deck: DeckCurves,
): Steps<FoundWhite | null> {
  const source = sourceOf(deck);
  const above = wall ? Math.max(WHITE.lrv, lrvOf(largest(wall)) + WHITE.lighterBy) : WHITE.lrv;
  const places = Array.from({ length: source.count }, (_, place) => place).filter((place) => {
    const lab = source.labOf(place);
    return namedAt(deck, place).strength === 100 && lrvOf(lab) >= WHITE.lrv && chroma(lab) <= WHITE.chroma;
  });
  const lighter = places.filter((place) => lrvOf(source.labOf(place)) >= above);
  let best: { place: number; worst: Worst[]; against: number; clean: number } | undefined;
  for (const [k, place] of (lighter.length > 0 ? lighter : places).entries()) {
    if (k % BATCH === 0) yield k / places.length;
    const worst = judge(Float64Array.from(source.reflectanceOf(place)));
    const lab = source.labOf(place);
    const one = { place, worst, against: against(worst), clean: lab.l - chroma(lab) };
    if (!best || one.against < best.against || (one.against === best.against && one.clean > best.clean)) best = one;
  }
  if (!best) return null;
  const { deckColourId, strength } = namedAt(deck, best.place);
  return { ...worstOf(`white`, best.worst, things), deckColourId, strength, lab: source.labOf(best.place) };
}

/** How colours would stand on a surface of a room, beside its walls and what stays, in every light it is used in; and a white that does. */
export function* surfaceWays(
  { lit, stays: all, wall, ways, on, findWhite }: WaysRequest,
  deck: DeckCurves,
): Steps<WaysAnswer | NoAnswer> {
  const lights = yield* inPart(lightsOrDeck(lit), 0, 0.4);
  if ('ok' in lights) return lights;
  const stays = on === 'other' ? all : all.filter((s) => s.kind !== 'furnishing' && s.kind !== 'artwork');
  const withWall = wall ? [...stays, wall] : stays;
  // trim and ceiling are no walls: nothing washes them out
  const blends: Ignores = (reason, stay) =>
    reason === 'too-close' ? on === 'ceiling' || stay < stays.length : reason === 'too-weak' && on !== 'other';
  const judges = {
    alone: worstBeside(stays, weighed(lights), blends),
    beside: worstBeside(withWall, weighed(lights), blends),
  };
  const judged: JudgedWay[] = [];
  for (const { key, swatch, besideWall } of ways) {
    yield 0.4 + (0.2 * judged.length) / ways.length;
    judged.push(worstOf(key, (besideWall ? judges.beside : judges.alone)(surfacesOf(swatch)[0]!), besideWall ? withWall : stays));
  }
  const white = findWhite ? yield* inPart(whiteFor(judges.beside, { wall, things: withWall }, deck), 0.6, 1) : null;
  return { ok: true, ways: judged, white };
}
