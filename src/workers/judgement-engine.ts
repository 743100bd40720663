import { seenIn, type SceneLight } from '@/core/appearance/scene';
import { correspondingIn } from '@/core/colour/corresponding';
import { GRID, type Reflectance } from '@/core/colour/grid';
import { familyOf } from '@/core/colour/family';
import { lrvOf } from '@/core/colour/lab';
import type { Lab } from '@/core/colour/types';
import { labAt, placesOf, type DeckCurves } from '@/core/formats/deck-curves';
import { missingOf, prepareAffinity, type Affinity } from '@/core/judge/affinity';
import { likelihoodOver, NEXT, nextSamples, type LikelihoodOf, type Sample } from '@/core/judge/next-sample';
import type { Reason } from '@/core/judge/reasons';
import { relation, type Relation } from '@/core/judge/relation';
import type { LightSchools } from '@/core/judge/light-conflict';
import { prepareJudgement, roomScore, type JudgedMoment, type RoomLink, type SurfaceStay } from '@/core/judge/room-score';
import { shortlistSteps, type Ranked, type ShortlistDeck } from '@/core/judge/shortlist';
import { twoWays } from '@/core/judge/two-ways';
import { leastRecentlyUsed } from '@/core/least-recently-used';
import type { JudgingLight } from '@/core/room/facing';
import type {
  BothWays,
  Cell,
  CellsAnswer,
  CellsRequest,
  Found,
  JudgedStay,
  NextAnswer,
  NextRequest,
  PairAnswer,
  PairLook,
  PairRequest,
  ShortlistAnswer,
  ShortlistRequest,
  Weakest,
} from './judgement-protocol';
import { momentsToJudge } from './moments-to-judge';
import { cannotBe, dayOf, midday, placeOf, roomOf, sceneAt, scenesThrough, lightsOf, type Steps } from './known-days';
import { surfacesOf } from './looks';
import type { DayRequest, LookIn, NoAnswer, Swatch } from './protocol';

const labOf = ([l, a, b]: readonly [number, number, number]): Lab => ({ l, a, b });

/** Surfaces of a pair: one of each, or as many plausible ones as the less certain of the two has. */
type PairSurfaces = { readonly candidate: readonly Reflectance[]; readonly components: readonly (readonly Reflectance[])[] };
const surfacesOfPair = (stay: JudgedStay, candidate: Swatch): PairSurfaces => ({
  candidate: surfacesOf(candidate),
  components: stay.components.map(surfacesOf),
});

/** The relation of a pair in a light, of the nth plausible surfaces. */
function relationIn(
  see: (r: Reflectance) => Lab,
  { stay, surfaces, n }: { stay: JudgedStay; surfaces: PairSurfaces; n: number },
) {
  const nth = (all: readonly Reflectance[]) => see(all[n % all.length]!);
  const components = stay.components.map((c, k) => ({ name: String(k), share: c.share, lab: nth(surfaces.components[k]!) }));
  return relation({ name: stay.name, kind: stay.kind, components }, nth(surfaces.candidate), stay.school);
}

const likelyOf = (found: Relation): Reason[] => [
  ...new Set(
    found.components
      .flatMap((c) => c.conflicts)
      .sort((p, q) => q.cost - p.cost)
      .map((c) => c.reason),
  ),
];

/** Plausible pairs looked at for how sure a verdict is. */
const PLAUSIBLE = 12;

function pairLook(scene: SceneLight, stay: JudgedStay, surfaces: PairSurfaces): PairLook {
  const see = correspondingIn(scene.power);
  const found = relationIn(see, { stay, surfaces, n: 0 });
  const known = surfaces.candidate.length === 1 && surfaces.components.every((c) => c.length === 1);
  const count = known ? 1 : PLAUSIBLE;
  let same = 1;
  for (let n = 1; n < count; n++) if (relationIn(see, { stay, surfaces, n }).verdict === found.verdict) same += 1;
  const component = Number(found.link);
  return {
    verdict: found.verdict,
    cost: found.cost,
    reasons: found.reasons,
    likely: likelyOf(found),
    component,
    directions: found.components[component]!.directions,
    sure: same / count,
  };
}

/** A candidate beside one thing through a day. */
export function* pair({ day, lookIn, stay, candidate }: PairRequest): Steps<PairAnswer | NoAnswer> {
  const { room, problem } = roomOf(day.room);
  if (problem) return cannotBe(problem);
  const known = yield* dayOf(day);
  const surfaces = surfacesOfPair(stay, candidate);
  yield 0.5;
  const looks: (PairLook | null)[] = [];
  for (const scene of scenesThrough(known, placeOf(room, lookIn.position), lookIn)) {
    looks.push(scene ? pairLook(scene, stay, surfaces) : null);
    yield 0.5 + looks.length / (2 * known.moments.length);
  }
  return { ok: true, looks };
}

/** The scene that stands for each light of the record: midday under a clear sky, midday under cloud, the lamps alone. */
function* recordScenes(day: DayRequest, lookIn: LookIn): Steps<ReadonlyMap<JudgingLight, SceneLight>> {
  const { room } = roomOf(day.room);
  const clear = yield* dayOf({ ...day, skies: 'clear' });
  const grey = yield* dayOf({ ...day, skies: 'overcast' });
  const place = placeOf(room, lookIn.position);
  const scenes = new Map<JudgingLight, SceneLight>();
  const add = (light: JudgingLight, scene: SceneLight | undefined) => scene && scenes.set(light, scene);
  add('window-day', sceneAt(lightsOf(clear, midday(clear), false), place, lookIn.scale));
  add('overcast', sceneAt(lightsOf(grey, midday(grey), false), place, lookIn.scale));
  add('lamps', sceneAt(clear.day.lamps, place, lookIn.scale));
  return scenes;
}

/** What is predicted in every cell of a room record. */
export function* cells({ day, lookIn, stays, candidates }: CellsRequest): Steps<CellsAnswer | NoAnswer> {
  const { problem } = roomOf(day.room);
  if (problem) return cannotBe(problem);
  const scenes = yield* recordScenes(day, lookIn);
  const found: Cell[] = [];
  for (const [light, scene] of scenes) {
    const see = correspondingIn(scene.power);
    for (const candidate of candidates) {
      for (const stay of stays) {
        const { verdict, reasons } = relationIn(see, { stay, surfaces: surfacesOfPair(stay, candidate), n: 0 });
        found.push({ candidateId: candidate.id, stayId: stay.id, light, verdict, reason: reasons[0] ?? null });
      }
      yield found.length / (scenes.size * candidates.length * stays.length);
    }
  }
  return { ok: true, cells: found };
}

const surfaceStay = ({ name, kind, school, components }: JudgedStay): SurfaceStay => ({
  name,
  kind,
  school,
  components: components.map((c) => ({ name: c.name, share: c.share, lab: labOf(c.lab), reflectance: surfacesOf(c)[0]! })),
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
    const { l, a, b } = source.labOf(index);
    const weakest = link ? weakestOf(link, stays, moments) : null;
    const shares = sharesWith === undefined ? null : stays[sharesWith]!.name;
    return { ...namedAt(deck, index), lab: [l, a, b], cost, fit, weakest, shares };
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

/** Steps as a part of something longer. */
function* inPart<T>(steps: Steps<T>, from: number, to: number): Steps<T> {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    yield from + step.value * (to - from);
  }
}

/** Nothing is read of a reflectance as long as a colour is judged as in the deck. */
const NO_CURVE = new Float64Array(0);

/** Samples with what the room holds against them, and what was asked of them before, kept from one verdict to the next. */
const MOST_SETS = 4;
const MOST_SAID = 200;
const sampleSets = leastRecentlyUsed<{ readonly samples: readonly Sample[]; readonly likelihoodOf: LikelihoodOf }>(MOST_SETS);

function preparedSamples({ samples: { labs, atHand }, stays }: NextRequest) {
  const things = stays.map(({ components, ...stay }) => ({
    ...stay,
    components: components.map((c) => ({ name: c.name, share: c.share, lab: labOf(c.lab), reflectance: NO_CURVE })),
  }));
  const inDeck = prepareJudgement(things, [{ name: 'as in the deck', scene: undefined }]);
  const samples = Array.from({ length: labs.length / 3 }, (_, i): Sample => {
    const lab = labAt({ labs }, i);
    const { cost } = roomScore({ lab, reflectance: NO_CURVE }, inDeck, NEXT.mostCost);
    return { lab, atHand: i < atHand, cost };
  });
  const kept = leastRecentlyUsed<ArrayLike<number>>(MOST_SAID);
  const compute = likelihoodOver(samples);
  const likelihoodOf: LikelihoodOf = (said) => kept(JSON.stringify(said), () => compute(said));
  return { samples, likelihoodOf };
}

/** What to look at next. */
export function* next(request: NextRequest): Steps<NextAnswer | NoAnswer> {
  yield 0;
  const { samples, likelihoodOf } = sampleSets(`${request.samples.name} ${JSON.stringify(request.stays)}`, () =>
    preparedSamples(request),
  );
  const said = request.said.map(({ lab, ...rest }) => ({ lab: labOf(lab), ...rest }));
  return { ok: true, ...nextSamples(samples, said, likelihoodOf) };
}
