import { lightOfTemperature } from '@/core/colour/illuminant';
import { reflectanceFromLab } from '@/core/colour/reflectance';
import type { Lab } from '@/core/colour/types';
import { MATERIALS } from '@/core/derived/materials';
import { grouped, groupTitle, leaningFrom } from '@/core/judge/groups';
import { JUDGED_KINDS, SCHOOLS, type JudgedKind } from '@/core/judge/kinds';
import { DIM_WHITE_SCHOOLS, DEFAULT_SCHOOLS, FIGHTING_LIGHT_SCHOOLS } from '@/core/judge/light-schools';
import { nextSamples } from '@/core/judge/next-sample';
import { relationInLight } from '@/core/judge/pair-in-light';
import { inOrder, isSettled, nextComparison, rankByPairs, surerThan } from '@/core/judge/pairs';
import { relation, type Stay } from '@/core/judge/relation';
import { byServing, chanceOf, prepareAdvice, type AdviceRoom } from '@/core/judge/room-advice';
import { deriveRuling, roomProgress } from '@/core/judge/ruling';
import { aboutRoom, sayAdvice, sayDrop, sayHowWeak, sayWeakest } from '@/core/judge/say-advice';
import { sayInduced } from '@/core/judge/say-induced';
import { strengthReasons, withStrengthReasons } from '@/core/judge/strength-reason';
import type { Surface, SurfaceStay } from '@/core/judge/surfaces';
import { varied } from '@/core/judge/varied';
import { logLikelihood, reasonChances, verdictChances } from '@/core/judge/verdict-likelihood';
import { toWindDown } from '@/core/judge/walls';
import { fightsWish, grantedAll, judgedInDeck, WISHES, type Wish } from '@/core/judge/wish';
import { directions } from '@/core/colour/directions';
import type { JudgingLight } from '@/core/room/facing';
import { ROOM_KINDS, ROOM_USES } from '@/core/room/use';
import { seededRandom } from '@/core/base/random';
import { sha256 } from '@/server/sha256';
import { expectAsBefore } from './as-before';

/** Colours all round: whites, near-neutrals of every lean, and colours of every hue, at several depths. */
const PALETTE: readonly Lab[] = [
  ...[97, 92, 85, 70, 45, 20].flatMap((l) => [
    { l, a: 0, b: 1 },
    { l, a: 3, b: 5 },
    { l, a: -3, b: 6 },
    { l, a: 1, b: 14 },
    { l, a: 0, b: -4 },
  ]),
  ...[88, 68, 50, 30].flatMap((l) =>
    Array.from({ length: 8 }, (_, k) => {
      const [turn, c] = [(k * Math.PI) / 4 + l / 30, l > 80 ? 14 : 22 + (k % 3) * 6];
      return { l, a: c * Math.cos(turn), b: c * Math.sin(turn) };
    }),
  ),
];
const SOME = PALETTE.filter((_, k) => k % 3 === 1);

const thingOf = (material: (typeof MATERIALS)[number], kind: JudgedKind): Stay => ({
  name: material.name,
  kind,
  components: material.components.map(([name, percent, l, a, b]) => ({ name, share: percent / 100, lab: { l, a, b } })),
});
const FIXED = MATERIALS.filter((_, k) => k % 2 === 0);

/** More colours than are written down: their answers are held by a digest for each thing. */
const MANY: readonly Lab[] = (() => {
  const random = seededRandom(8);
  return Array.from({ length: 90 }, () => ({
    l: 15 + 82 * random(),
    a: 50 * (random() - 0.5) ** 3 * 4 + 1,
    b: 60 * (random() - 0.45) ** 3 * 4 + 4,
  }));
})();

test('costs, verdicts and reasons of many more colours, of everything as everything', () => {
  const found = MATERIALS.map((material, n) => [
    material.id,
    JUDGED_KINDS.map((kind, k) => {
      const thing = thingOf(material, kind);
      const told = MANY.map((lab) => {
        const { cost, verdict, link, reasons } = relation(thing, lab, SCHOOLS[(n + k) % SCHOOLS.length]);
        return [Number(cost.toPrecision(7)), verdict, link, reasons];
      });
      return sha256(JSON.stringify(told)).slice(0, 8);
    }).join(' '),
  ]);
  expectAsBefore('judge-many', Object.fromEntries(found) as Record<string, unknown>);
});

test('a list whose head shows several ways', () => {
  const random = seededRandom(12);
  const rows = Array.from({ length: 60 }, (_, k) => {
    const turn = Math.floor(5 * random()) * 1.3;
    const c = 6 + 20 * random();
    return {
      lab: { l: 30 + 50 * random(), a: c * Math.cos(turn), b: c * Math.sin(turn) },
      verdict: k < 45 ? ('works' as const) : ('nearly' as const),
      behind: 0.1 + 0.004 * k,
      flat: k % 7 === 0 ? 0.9 : 0,
      k,
    };
  });
  expectAsBefore('judge-varied', {
    all: varied(rows, (r) => r).map((r) => r.k),
    few: varied(rows.slice(3, 9), (r) => r).map((r) => r.k),
    none: varied([], (r) => r),
  });
});

test('costs, verdicts and reasons of colours beside materials', () => {
  const found = FIXED.map((material, n) => {
    const thing = thingOf(material, JUDGED_KINDS[n % JUDGED_KINDS.length]!);
    return [
      `${material.id} ${thing.kind}`,
      PALETTE.map((lab, k) => {
        const r = relation(thing, lab, SCHOOLS[(n + k) % SCHOOLS.length]);
        return [r.cost, r.verdict, r.link, r.reasons.join()];
      }),
    ];
  });
  expectAsBefore('judge-pairs', Object.fromEntries(found) as Record<string, unknown>);
});

const surface = (lab: Lab): Surface => {
  const solved = reflectanceFromLab(lab);
  if (!solved.ok) throw new Error(JSON.stringify(lab));
  return { lab, reflectance: solved.value };
};
const REAL = SOME.filter((lab) => reflectanceFromLab(lab).ok).map(surface);
const surfaceThing = (id: string, kind: SurfaceStay['kind'], school: SurfaceStay['school'] = 'share'): SurfaceStay => {
  const thing = thingOf(
    MATERIALS.find((m) => m.id === id)!,
    kind,
  );
  return { ...thing, kind, school, components: thing.components.map((c) => ({ ...c, ...surface(c.lab) })) };
};
const light = (kind: JudgingLight, weight: number, kelvin: number, lux: number) => ({
  kind,
  weight,
  scene: { power: lightOfTemperature(kelvin), lux },
});
const DAY = [light('window-day', 0.3, 5200, 500), light('window-day', 0.1, 6100, 250), light('overcast', 0.2, 6800, 150)];
const LAMPS = light('lamps', 0.4, 2750, 55);

const THINGS: readonly (readonly SurfaceStay[])[] = [
  [surfaceThing('travertine-floor', 'fixed'), surfaceThing('art-flowers', 'artwork')],
  [surfaceThing('terracotta-floor', 'fixed', 'answer'), surfaceThing('marble-white', 'fixed')],
  [surfaceThing('brick-red', 'fixed'), surfaceThing('rug-blue', 'furnishing')],
  [surfaceThing('granite-green', 'fixed'), surfaceThing('curtain-stripe', 'furnishing')],
  [],
  [surfaceThing('tile-blue', 'fixed'), surfaceThing('mosaic-grey', 'fixed')],
  [surfaceThing('granite-violet', 'fixed', 'answer')],
];
const roomOf = (n: number): AdviceRoom<JudgingLight> & { readonly moreWishes: readonly Wish[] } => ({
  stays: THINGS[n % THINGS.length]!,
  lights: n % 3 === 0 ? [...DAY, LAMPS] : n % 3 === 1 ? [LAMPS] : DAY,
  light: [
    { dim: 0, bright: 0 },
    { dim: 0.8, bright: 0 },
    { dim: 0.1, bright: 0.9 },
  ][n % 3]!,
  kind: ROOM_KINDS[n % ROOM_KINDS.length]!,
  windDown: (n % 4) / 3,
  schools: {
    ...DEFAULT_SCHOOLS,
    dimWhite: DIM_WHITE_SCHOOLS[n % 3]!,
    fightingLight: FIGHTING_LIGHT_SCHOOLS[n % 2]!,
  },
  wish: [null, ...WISHES][n % 6]!,
  moreWishes: n % 4 === 3 ? [WISHES[(n + 2) % 5]!] : [],
});

/** The last digits of a figure are no part of what is told. */
const rounded = (_: string, value: unknown): unknown => (typeof value === 'number' ? Number(value.toPrecision(7)) : value);

test('advice for twenty-four rooms: figures, words, order, groups', () => {
  const found = Array.from({ length: 24 }, (_, n) => {
    const room = roomOf(n);
    const advise = prepareAdvice(room);
    const rows = REAL.map((s) => ({ lab: s.lab, ...advise(s) })).sort(byServing);
    const things = room.stays;
    const said = { wish: room.wish, moreWishes: room.moreWishes, things };
    return [
      `room ${n}`,
      {
        rows: rows
          .slice(0, n < 12 ? 99 : 8)
          .map(({ lab, verdict, cost, chance, behind, walls, turned, weakest }) => [
            [lab.l, lab.a, lab.b, verdict, cost, chance, behind, turned],
            Object.values(walls),
            weakest,
          ]),
        says: rows
          .slice(0, n < 12 ? 99 : 8)
          .map((r) => [sayAdvice(r.lab, r, said), sayWeakest(r, things), sayDrop(r, things), sayHowWeak(r, things)]),
        varied: varied(rows, (r) => ({ ...r, flat: r.walls.flat })).map((r) => rows.indexOf(r)),
        groups: grouped(rows).map((g) => [groupTitle(g), JSON.stringify(g, rounded).length]),
      },
    ];
  });
  expectAsBefore('judge-rooms', Object.fromEntries(found) as Record<string, unknown>);
});

test('wishes, fights, rulings, progress', () => {
  const stays = ['travertine-floor', 'brick-red', 'granite-violet', 'marble-white', 'tile-blue'].map((id) => ({
    ...thingOf(
      MATERIALS.find((m) => m.id === id)!,
      'fixed',
    ),
    school: 'share' as const,
  }));
  const grounds = [undefined, { lrv: 40, chroma: 14, warmth: 12 }, { lrv: 30, chroma: 3, warmth: -2 }];
  const verdicts = ['no', 'nearly', 'works'] as const;
  const given = verdicts.flatMap((verdict) =>
    (['consultant', 'client'] as const).flatMap((person) =>
      [null, 's1', 's2', 'gone'].map((stayId) => ({
        id: `${verdict}${person}${stayId}`,
        verdict,
        person,
        stayId,
        light: 'lamps' as const,
      })),
    ),
  );
  const sets = given.flatMap((one, k) => [[one], [given[(k * 7 + 3) % given.length]!, one], given.slice(k, k + 5)]);
  expectAsBefore('judge-rules', {
    granted: grounds.flatMap((ground) =>
      [[], ...WISHES.map((w) => [w]), ['calmer', 'lighter', 'warmer'] as const].map((wishes) =>
        SOME.map((lab) => {
          const { share, missedBy } = grantedAll(wishes as readonly Wish[], ground)(lab);
          return [share, missedBy];
        }),
      ),
    ),
    fights: WISHES.map((wish) => fightsWish(stays, wish, judgedInDeck(stays))),
    rulings: sets.flatMap((set) =>
      [['s1'], ['s1', 's2'], []].map((ids) =>
        deriveRuling(set as never, ids, ['lamps', 'window-day'].slice(0, 1 + (set.length % 2)) as never),
      ),
    ),
    progress: [[], ['untried'], ['open'], ['works'], ['works', 'open'], ['not', 'nearly'], ['works', 'untried', 'not']].map((r) =>
      roomProgress(r as never, 1),
    ),
    windDown: ROOM_KINDS.flatMap((kind) =>
      ROOM_USES.flatMap((use) => [null, 2.4, 3.2].map((heightM) => toWindDown({ kind, use, heightM: heightM! }))),
    ),
    about: [0, 40, 400].flatMap((dayLux) =>
      [
        { dim: 0, bright: 0 },
        { dim: 0.7, bright: 0 },
        { dim: 0, bright: 0.7 },
        { dim: 0.5, bright: 0.5 },
      ].flatMap((l) => [true, false].map((inDeck) => aboutRoom({ dayLux, light: l, inDeck, bare: false }))),
    ),
    chances: [-1, 0, 0.5, 1, 2].flatMap((behind) => [0, 1].map((leniency) => chanceOf(behind, leniency))),
  });
});

test('what to look at next, pairs, eyes', () => {
  const samples = PALETTE.map((lab, k) => ({
    lab,
    strength: 100,
    atHand: k % 11 === 3,
    chance: k % 5 === 0 ? undefined : (k % 9) / 9,
  }));
  const said = [4, 9, 17, 30].map((k, n) => ({
    lab: PALETTE[k]!,
    verdict: (['no', 'nearly', 'works', 'no'] as const)[n]!,
    reason: ([undefined, 'too-pink', undefined, 'too-strong'] as const)[n],
    lapse: 0.05 + 0.02 * n,
  }));
  const wins = [
    [0, 2, 1, 0],
    [1, 0, 3, 0],
    [0, 0, 0, 2],
    [0, 1, 0, 0],
  ];
  const ranking = rankByPairs(wins);
  const sure = rankByPairs(wins.map((row, i) => row.map((_, j) => (i < j ? 20 : 0))));
  const scene = { power: LAMPS.scene.power, lux: 60 };
  expectAsBefore('judge-eyes', {
    next: [0, 1, 2, 3, 4].map((n) => nextSamples(samples as never, said.slice(0, n) as never)),
    likelihood: said.flatMap((s) => SOME.map((lab) => logLikelihood(lab, s as never))),
    verdicts: [0, 0.5, 1, 2, 4, 9].map((d) => verdictChances(d, 0.06)),
    reasons: SOME.map((lab) => reasonChances(directions(PALETTE[6]!, lab))),
    sure: [
      [0, 1],
      [1, 0],
      [2, 3],
    ].map(([i, j]) => [surerThan(ranking, i!, j!), surerThan(sure, i!, j!)]),
    same: [
      surerThan({ ...ranking, covariance: wins.map((row) => row.map(() => 0)) }, 0, 3),
      surerThan({ ...ranking, covariance: wins.map((row) => row.map(() => 0)) }, 0, 0),
    ],
    pairs: [ranking.scores, inOrder(ranking), isSettled(ranking), nextComparison(ranking), isSettled(sure), nextComparison(sure)],
    leaning: SOME.map((lab) => leaningFrom(PALETTE[6]!, lab)),
    strengths: SOME.map((lab) => strengthReasons(lab, SOME.slice(0, 6))),
    joined: withStrengthReasons(['too-pink', 'too-strong'], ['too-strong', 'too-weak']),
    induced: MATERIALS.slice(0, 20).flatMap((m) =>
      SOME.slice(0, 12).map((lab) => {
        const [, , l, a, b] = m.components[0]!;
        return sayInduced({ name: m.name, lab: { l, a, b } }, lab) ?? '';
      }),
    ),
    inLight: THINGS.slice(0, 3).flatMap(([first]) =>
      REAL.slice(0, 10).map((s) => {
        const found = relationInLight(first!, s, scene);
        return [found?.verdict, found?.cost, found?.reasons];
      }),
    ),
  });
});
