import { all } from '../../../tests/all';
import { answerOf } from '../../../tests/answer-of';
import { GRID } from '../colour/grid';
import { reflectanceFromLab } from '../colour/reflectance';
import type { DeckCurves } from '../formats/deck-curves';
import { DEFAULT_SCHOOLS } from '../judge/light-schools';
import { relation } from '../judge/relation';
import { day, lookIn, travertine, usedFor } from '../../../tests/lit-room';
import { NEXT } from '../judge/next-sample';
import { GRANTS } from '../judge/wish';
import { fights } from './fights';
import { next } from './next-samples';
import { pair } from './pair';
import { cells } from './record-cells';
import { shortlist } from './shortlist';
import type { JudgedStay, ShortlistRequest } from './judgement-protocol';
import type { Swatch } from './light-protocol';

const NOON = 52;
const MIDNIGHT = 0;

const greenTan: Swatch = { id: 'green tan', lab: { l: 78, a: -0.6, b: 13.5 } };

describe('a pair through the day', () => {
  const { looks } = answerOf(pair({ day, lookIn, stay: travertine, candidate: greenTan }));

  test('has a verdict while there is light and none in the dark', () => {
    expect(looks).toHaveLength(96);
    expect(looks[MIDNIGHT]).toBeNull();
    expect(looks[NOON]).toMatchObject({ verdict: 'no', sure: 1 });
    expect(looks[NOON]!.reasons[0]).toBe('too-green');
    expect(looks[NOON]!.directions.pinkGreen).toBeLessThan(-2);
  });

  test('at noon it stands about as it does in the deck', () => {
    const components = travertine.components.map(({ name, share, lab }) => ({ name, share, lab }));
    const inDeck = relation({ ...travertine, components }, { l: 78, a: -0.6, b: 13.5 });
    expect(Math.abs(looks[NOON]!.cost - inDeck.cost)).toBeLessThan(0.5);
  });

  test('how sure it is drops for a pair on the border whose spectra are not known', () => {
    const border: Swatch = { id: 'border', lab: { l: 81, a: 0.75, b: 14 } };
    const lamps = answerOf(pair({ day, lookIn: { ...lookIn, lampsOn: true }, stay: travertine, candidate: border })).looks;
    const measured = {
      ...travertine,
      components: travertine.components.map((c) => ({ ...c, spectrum: Array.from({ length: GRID.count }, () => 0.5) })),
    };
    const known = answerOf(
      pair({ day, lookIn, stay: measured, candidate: { ...border, spectrum: Array.from({ length: GRID.count }, () => 0.55) } }),
    ).looks;
    expect(lamps.some((l) => l !== null && l.sure < 1)).toBe(true);
    const lit = known.filter((l) => l !== null);
    expect(lit.length).toBeGreaterThan(30);
    expect(all(lit, (l) => l.sure === 1)).toBe(true);
  });
});

const plain = { day, lookIn, usedFor, kind: 'other', wish: null, schools: DEFAULT_SCHOOLS } as const;

/** A made-up deck: its colours at 100 and 50 %, the half strength halfway to white. */
function deckOf(labs: readonly (readonly [number, number, number])[]): DeckCurves {
  const all = labs.flatMap(([l, a, b]) => [[l, a, b] as const, [(l + 97) / 2, a / 2, b / 2] as const]);
  const curves = new Float32Array(GRID.count * all.length);
  all.forEach(([l, a, b], n) => {
    const solved = reflectanceFromLab({ l, a, b });
    if (!solved.ok) throw new Error('not a surface');
    curves.set(solved.value, GRID.count * n);
  });
  return {
    ids: labs.map((_, n) => `c${n}`),
    makers: labs.map((_, n) => (n % 2 ? 'Tullacote' : 'Ferrowmere')),
    strengths: [100, 50],
    labs: Float32Array.from(all.flat()),
    curves,
  };
}

const deck = deckOf([
  [84, 3.2, 11.5],
  [78, -0.6, 13.5],
  [60, 2, 5],
  [88, 2.6, 9.5],
]);
const ask: ShortlistRequest = {
  day,
  lookIn,
  stays: [travertine],
  usedFor,
  kind: 'other',
  schools: DEFAULT_SCHOOLS,
  wish: null,
  leniency: 0,
  wanted: { makers: [], families: [], strengths: [100, 50], lrv: [0, 100], onlyWorks: false },
};
const search = (change: Partial<ShortlistRequest['wanted']> = {}) =>
  answerOf(shortlist({ ...ask, wanted: { ...ask.wanted, ...change } }, deck, () => 0));

describe('what could work in a room', () => {
  const answer = search();

  test('is judged by day, under cloud and by lamps, by their shares of the use', () => {
    expect(answer.lights.map((l) => l.light)).toEqual(['window-day', 'overcast', 'lamps']);
    expect(answer.lights.reduce((s, l) => s + l.share, 0)).toBeCloseTo(1, 9);
    expect(answer.about[0]).toMatch(/^By day about \d+ lx on this wall\.$/);
  });

  test('each colour once, with its strengths; the shared undertone first, the green lean dropped with its reason', () => {
    expect(answer.looked.works + answer.looked.nearly + answer.looked.no).toBe(4);
    expect(['c0', 'c3']).toContain(answer.found[0]!.deckColourId);
    expect(answer.found[0]!.speaks).toContain('shares the undertone of Travertine');
    expect(answer.found[0]!.strengths.map((s) => s.strength)).toEqual([100, 50]);
    expect(new Set(answer.found.map((f) => f.deckColourId)).size).toBe(answer.found.length);
    expect(answer.drops.some((d) => d.says === 'too green beside Travertine')).toBe(true);
  });

  test('what works stands above what nearly does; only what works is asked for', () => {
    const order = answer.found.map((f) => ['works', 'nearly', 'no'].indexOf(f.verdict));
    expect([...order].sort((p, q) => p - q)).toEqual(order);
    expect(all(search({ onlyWorks: true }).found, (f) => f.verdict === 'works')).toBe(true);
  });

  test('a kinder eye raises every chance and leaves the order', () => {
    const kinder = answerOf(shortlist({ ...ask, leniency: 0.8 }, deck, () => 0));
    expect(kinder.found.map((f) => f.deckColourId)).toEqual(answer.found.map((f) => f.deckColourId));
    kinder.found.forEach((f, i) => expect(f.chance).toBeGreaterThan(answer.found[i]!.chance));
  });

  test('filters leave out makers, strengths, depths and families', () => {
    expect(all(search({ makers: ['Tullacote'] }).found, (f) => ['c1', 'c3'].includes(f.deckColourId))).toBe(true);
    expect(all(search({ strengths: [50] }).found, (f) => f.strength === 50)).toBe(true);
    expect(all(search({ lrv: [0, 40] }).found, (f) => f.deckColourId === 'c2')).toBe(true);
    const none = search({ families: ['violet'] });
    expect(none.looked).toEqual({ works: 0, nearly: 0, no: 0 });
    expect(none.openings).toEqual([]);
  });

  test('a room that cannot be says so', () => {
    const wrong = { ...day.room, windows: [{ ...day.room.windows[0]!, widthM: 9 }] };
    const steps = shortlist({ ...ask, day: { ...day, room: wrong } }, deck, () => 0);
    expect(steps.next()).toMatchObject({ done: true, value: { ok: false, reason: 'cannot-be' } });
  });

  test('before a window or a lamp is recorded it is judged in the light of the deck, and says so', () => {
    const dark = { ...day, room: { ...day.room, windows: [], lamps: [] } };
    const found = answerOf(shortlist({ ...ask, day: dark }, deck, () => 0));
    expect(found.about).toEqual([expect.stringContaining('judged in the light of the deck')]);
    expect(found.found[0]!.deckColourId).toBe(answer.found[0]!.deckColourId);
    const { wanted: _, leniency: __, ...room } = ask;
    expect(answerOf(fights({ ...room, day: dark, wishes: ['calmer'] })).fights).toHaveLength(1);
  });

  test('progress goes up to the end', () => {
    const told: number[] = [];
    const steps = shortlist({ ...ask, day: { ...day, date: '2026-05-02' } }, deck, () => 0);
    for (let step = steps.next(); !step.done; step = steps.next()) told.push(step.value);
    expect([...told].sort((p, q) => p - q)).toEqual(told);
    expect(told.length).toBeGreaterThan(30);
  });
});

describe('where nothing works', () => {
  const rose: JudgedStay = {
    ...travertine,
    id: 'rose',
    name: 'Rose tile',
    components: [{ id: 'r', name: 'tile', share: 1, lab: { l: 80, a: 16, b: 2 } }],
  };
  const blocked = answerOf(shortlist({ ...ask, stays: [travertine, rose] }, deck, () => 0));

  test('what would have to change is told, by how much it opens up', () => {
    expect(blocked.looked.works).toBe(0);
    expect(blocked.openings[0]).toMatchObject({ change: { kind: 'things', stays: [1] } });
    const works = blocked.openings.map((o) => o.works);
    expect([...works].sort((p, q) => q - p)).toEqual(works);
    expect(search().openings).toEqual([]);
  });

  test('where no single change helps, two are tried', () => {
    const green: JudgedStay = {
      ...rose,
      id: 'g',
      name: 'Green tile',
      components: [{ id: 'g', name: 'tile', share: 1, lab: { l: 80, a: -16, b: 2 } }],
    };
    const { openings } = answerOf(shortlist({ ...ask, stays: [travertine, rose, green] }, deck, () => 0));
    expect(openings[0]!.change).toEqual({ kind: 'things', stays: [1, 2] });
  });

  test('what opens up is what works without it', () => {
    const strongest = search({ strengths: [100] }).looked.works;
    expect(blocked.openings[0]!.works).toBe(strongest);
  });
});

describe('no two places disagree about a colour', () => {
  const swatch = (place: number): Swatch => ({
    id: `c${place}`,
    lab: { l: deck.labs[3 * place]!, a: deck.labs[3 * place + 1]!, b: deck.labs[3 * place + 2]! },
    spectrum: Array.from(deck.curves.subarray(GRID.count * place, GRID.count * (place + 1))),
  });
  const places = [0, 1, 2, 3, 4, 5, 6, 7];
  const record = answerOf(cells({ ...plain, stays: [travertine], candidates: places.map(swatch) }));
  const answer = search();

  test('the record and the search: the worst cell of the record is what the search says', () => {
    const worst = (place: number) =>
      (['no', 'nearly'] as const).find((v) =>
        [...record.cells, ...record.asWalls].some((c) => c.candidateId === `c${place}` && c.verdict === v),
      ) ?? 'works';
    const verdict = (cost: number) => (cost >= 2 ? 'no' : cost >= 1 ? 'nearly' : 'works');
    for (const place of places) expect(`${place} ${verdict(answer.costs[place]!)}`).toBe(`${place} ${worst(place)}`);
  });

  test('the search and what is believed before the first verdict: the same chances', () => {
    const samples = {
      name: 'deck',
      ids: places.map((p) => deck.ids[p >> 1]!),
      strengths: places.map((p) => deck.strengths[p & 1]!),
      labs: deck.labs,
      atHand: 0,
    };
    const { wanted: _, leniency: __, ...room } = ask;
    const found = answerOf(next({ ...room, samples, said: [] }, deck));
    // how many are still possible is told by the chances alone as long as nothing was said: the exponential of their entropy
    const weights = places.map((p) => Math.max(NEXT.leastChance, answer.chances[p]!) ** NEXT.trust);
    const sum = weights.reduce((s, w) => s + w, 0);
    const bits = weights.reduce((s, w) => s - (w / sum) * Math.log2(w / sum), 0);
    expect(found.possible).toBeCloseTo(2 ** bits, 3);
  });

  test('the search and the early warning: what fights a wish is what the search drops for it', () => {
    const { wanted: _, leniency: __, ...room } = ask;
    const { fights: found } = answerOf(fights({ ...room, wishes: ['calmer'] }));
    expect(found).toHaveLength(1);
    const calm = deckOf(GRANTS.calmer.map(({ l, a, b }) => [l, a, b] as const));
    const searched = answerOf(shortlist({ ...ask, wish: 'calmer', wanted: { ...ask.wanted, strengths: [100] } }, calm, () => 0));
    expect(searched.looked.no).toBeGreaterThanOrEqual(GRANTS.calmer.length - 1);
  });
});

test('the next sample crosses the border both ways', () => {
  const found = answerOf(
    next(
      {
        ...ask,
        samples: {
          name: 'three',
          ids: ['x', 'y', 'z'],
          strengths: [100, 100, 100],
          labs: Float32Array.from([86, 2, 9, 70, 2, 9, 78, 2, 9]),
          atHand: 1,
        },
        said: [{ lab: { l: 70, a: 2, b: 9 }, verdict: 'nearly', reason: 'too-dark', lapse: 0.03 }],
      },
      deck,
    ),
  );
  expect(found.proposals.map((p) => p.index)).toContain(2);
  expect(found.proposals[0]!.chance).toBeGreaterThan(0);
  expect(found.possible).toBeGreaterThan(1);
});
