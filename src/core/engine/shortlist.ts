import { seenIn } from '../appearance/scene';
import { familyOf } from '../colour/family';
import { GRID } from '../colour/grid';
import { lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { labAt, placesOf, type DeckCurves } from '../formats/deck-curves';
import { missingOf, prepareAffinity, type Affinity } from '../judge/affinity';
import type { LightSchools } from '../judge/light-conflict';
import { prepareJudgement, type JudgedMoment, type RoomLink, type SurfaceStay } from '../judge/room-score';
import { shortlistSteps, type Ranked, type ShortlistDeck } from '../judge/shortlist';
import { twoWays } from '../judge/two-ways';
import { inPart, type Steps } from './steps';
import type { BothWays, Found, JudgedStay, ShortlistAnswer, ShortlistRequest, Weakest } from './judgement-protocol';
import { cannotBe, dayOf, placeOf, roomOf } from './known-days';
import type { NoAnswer } from './light-protocol';
import { surfacesOf } from './looks';
import { momentsToJudge } from './moments-to-judge';

const surfaceStay = ({ name, kind, school, components }: JudgedStay): SurfaceStay => ({
  name,
  kind,
  school,
  components: components.map((c) => ({ name: c.name, share: c.share, lab: c.lab, reflectance: surfacesOf(c)[0]! })),
});

function weakestOf(link: RoomLink, stays: readonly JudgedStay[], moments: readonly { readonly name: string }[]): Weakest {
  const moment = moments[link.moment]!.name;
  if (link.kind === 'light') return { moment, stay: null, component: null, reason: null, flag: link.flag };
  const stay = stays[link.stay]!;
  const component = stay.components.length > 1 ? stay.components[link.component]!.name : null;
  return { moment, stay: stay.name, component, reason: link.reason ?? null, flag: null };
}

/** Which places of the deck a filter lets through. */
function letsThrough(deck: DeckCurves, { makers, families, strengths, lrv: [from, to] }: ShortlistRequest['wanted']) {
  const per = deck.strengths.length;
  return (place: number): boolean => {
    const lab = labAt(deck, place);
    if (Number.isNaN(lab.l) || !strengths.includes(deck.strengths[place % per]!)) return false;
    if (makers.length > 0 && !makers.includes(deck.makers[Math.floor(place / per)]!)) return false;
    const lrv = lrvOf(lab);
    return lrv >= from && lrv <= to && (families.length === 0 || families.includes(familyOf(lab)));
  };
}

const namedAt = ({ ids, strengths }: DeckCurves, place: number) => ({
  deckColourId: ids[Math.floor(place / strengths.length)]!,
  strength: strengths[place % strengths.length]!,
});

type Around = {
  readonly source: ShortlistDeck;
  readonly stays: readonly JudgedStay[];
  readonly moments: readonly JudgedMoment[];
  readonly dimWhite: LightSchools['dimWhite'];
  readonly affinityOf: (lab: Lab) => Affinity;
};

/** The best of either school on what a light does, as both look when it does it. */
function bothWaysOf(ranked: readonly Ranked[], around: Around, foundOf: (ranked: Ranked) => Found): BothWays | null {
  const { source, stays, moments, dimWhite, affinityOf } = around;
  const surfaceOf = (index: number) => ({ lab: source.labOf(index), reflectance: source.reflectanceOf(index) });
  const ways = twoWays({
    indices: ranked.map((r) => r.index),
    surfaceOf,
    stays: stays.map(surfaceStay),
    moments,
    dimWhite,
    missing: (lab) => missingOf(affinityOf(lab)),
  });
  const scene = ways && moments[ways.moment]!.scene;
  if (!ways || !scene) return null;
  const see = seenIn(scene);
  const look = (index: number) => ({
    found: foundOf(ranked.find((r) => r.index === index)!),
    hex: see(Float64Array.from(source.reflectanceOf(index))).hex,
  });
  return { moment: moments[ways.moment]!.name, flag: ways.flag, corrected: look(ways.corrected), embraced: look(ways.embraced) };
}

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
  const source = {
    count: placesOf(deck),
    labOf: (place: number) => labAt(deck, place),
    reflectanceOf: (place: number) => deck.curves.subarray(GRID.count * place, GRID.count * (place + 1)),
  };
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
