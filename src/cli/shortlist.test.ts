import open from '../../tests/golden/roomcases.json';
import own from '../../tests/golden/rooms.json';
import { chroma, hueDeg, lrvOf } from '@/core/colour/lab';
import type { Lab } from '@/core/colour/types';
import { sampled } from '../../tests/campaign';
import { answer } from './requests';

type Bounds = { readonly [K in 'lrv' | 'hue' | 'c' | 'a' | 'b']?: number[] };
type RoomCase = {
  readonly id: string;
  readonly accept: Bounds;
  readonly forbid: readonly Bounds[];
  readonly top: number;
  readonly atLeast: number;
  readonly easy?: number;
  readonly set?: string;
};
type Row = {
  readonly lrv: number;
  readonly id: string;
  readonly lab: number[];
  readonly verdict: string;
  readonly chance: number;
  readonly why: string;
};
type Found = {
  readonly ranked: Row[];
  readonly works: string[];
  readonly nearly: string[];
  readonly no: string[];
  readonly about: string[];
};

const lab = ([l, a, b]: readonly number[]): Lab => ({ l: l!, a: a!, b: b! });
const within = (bounds: number[] | undefined, v: number) => !bounds || (v >= bounds[0]! && v <= bounds[1]!);
/** Hue is not asked of a colour with hardly any. */
const HUELESS = 1.2;

function lies({ lrv, hue, c, a, b }: Bounds, colour: Lab): boolean {
  const own = chroma(colour);
  const inHue = own < HUELESS || within(hue, hueDeg(colour));
  return within(lrv, lrvOf(colour)) && within(c, own) && within(a, colour.a) && within(b, colour.b) && inHue;
}

const DECK = open.deck;
const ask = (request: object): Found => answer('shortlist', { deck: DECK, base: open.base, ...request }) as Found;

/** What a room's first rows hold of what a good consultant would put there. */
function tried(entry: RoomCase) {
  const { ranked, works } = ask(entry);
  const first = ranked.slice(0, entry.top).map((r) => lab(r.lab));
  const accepted = first.filter((c) => lies(entry.accept, c)).length;
  const forbidden = first.filter((c) => entry.forbid.some((f) => lies(f, c))).length;
  const easyOnes = DECK.filter((d) => lies(entry.accept, lab(d.lab))).map((d) => d.id);
  const easy = easyOnes.filter((id) => works.includes(id)).length / easyOnes.length;
  return {
    id: entry.id,
    accepted,
    forbidden,
    easy,
    met: accepted >= entry.atLeast && forbidden === 0 && easy >= (entry.easy ?? 0),
  };
}

/** Every third room of a set, all of them in a whole campaign: how many there are, and how many are met. */
function met(title: string, all: readonly RoomCase[]): { of: number; met: number } {
  const cases = sampled(all, 3);
  const found = cases.map(tried);
  const said = found
    .filter((f) => !f.met)
    .map((f) => `  ${f.id}: ${f.accepted} accepted, ${f.forbidden} forbidden, ${(100 * f.easy).toFixed(0)} % easy\n`);
  const count = found.filter((f) => f.met).length;
  process.stdout.write(`${title}: ${count} of ${cases.length} rooms\n${said.join('')}`);
  return { of: cases.length, met: count };
}

// On the day the first two sets were written the ranking of "What could work here" met one of the twelve open rooms and two of these
// twenty-four. A model set on the open ones and the first set met 11, 12 and, of the second, 8. Seen and set on, the second is 12; the
// third, written before the last change, was met by 12 of 12 when it was first tried.
describe('advice for whole rooms (common practice, no published source)', () => {
  test('twelve open rooms', () => {
    const { of, met: count } = met('open rooms', open.cases as RoomCase[]);
    expect(count).toBe(of);
  });

  test.each(['first', 'second', 'third'])('twelve rooms of our own, the %s set', (set) => {
    const rooms = (own.cases as RoomCase[]).filter((c) => c.set === set);
    expect(rooms).toHaveLength(12);
    const { of, met: count } = met(`${set} set`, rooms);
    expect(count).toBe(of);
  });
});

const SOME = DECK.filter((_, i) => i % 12 === 0);
const ROOM = { ...open.cases[9]!, deck: SOME };

describe('bin/core shortlist', () => {
  test('every colour of the deck has one verdict, and the rows their chance and why', () => {
    const { ranked, works, nearly, no } = ask({ ...ROOM, top: undefined });
    expect([...works, ...nearly, ...no].sort()).toEqual(SOME.map((d) => d.id).sort());
    expect(ranked).toHaveLength(40);
    for (const row of ranked) {
      expect(row.chance).toBeGreaterThan(0.5);
      expect(row.why).toMatch(/; (nothing fights it|weakest: )/);
    }
    const order = ranked.map((r) => ['works', 'nearly', 'no'].indexOf(r.verdict));
    expect([...order].sort((p, q) => p - q)).toEqual(order);
  });

  test('the order of things, components and deck does not matter', () => {
    const there = ask(ROOM).ranked.map((r) => r.id);
    const stays = [...ROOM.stays].reverse().map((s) => ({ ...s, components: [...s.components].reverse() }));
    expect(ask({ ...ROOM, stays, deck: [...SOME].reverse() }).ranked.map((r) => r.id)).toEqual(there);
  });

  test('the mirrored house in the other hemisphere at the mirrored season has the same list', () => {
    const { place, room, date: _, ...rest } = ROOM;
    const north = ask({ ...rest, room, place, date: '2026-06-21' });
    const mirrored = { ...room, bearingDeg: (180 - room.bearingDeg + 360) % 360 };
    const windows = room.windows.map((w) => ({ ...w, leftM: room.widthM - w.leftM - w.widthM }));
    const south = ask({
      ...rest,
      room: { ...mirrored, windows },
      place: { ...place, latitude: -place.latitude },
      date: '2026-12-21',
    });
    const shared = north.ranked.slice(0, 12).filter((r) => south.ranked.slice(0, 15).some((s) => s.id === r.id));
    expect(shared.length).toBeGreaterThanOrEqual(11);
  });

  test('strengths are mixed toward the base, and need one', () => {
    const rows = (ask({ ...ROOM, deck: SOME.slice(100, 104), strengths: [100, 50], top: 100 }) as Found).ranked;
    expect(rows).toHaveLength(8);
    expect(answer('shortlist', { ...ROOM, strengths: [50] })).toEqual({ error: 'strengths other than 100 need a base' });
  });

  test.each([
    [{ ...ROOM, zone: 'Nowhere' }, 'time zone'],
    [{ ...ROOM, deck: [] }, 'deck'],
    [{ ...ROOM, wish: 'louder' }, 'wish'],
    [{ ...ROOM, room: { ...ROOM.room, windows: [], lamps: [] } }, 'neither a window nor a lamp'],
  ])('a request that is wrong says so', (request, says) => {
    expect((answer('shortlist', request) as { error: string }).error).toContain(says);
  });
});

describe('the light matters, and only as it should', () => {
  const [dim, usual, bright] = [open.cases[6]!, open.cases[3]!, open.cases[10]!];
  const under = ({ room, place, date, zone }: typeof dim, more: object) => ask({ room, place, date, zone, deck: DECK, ...more });
  const first = (found: Found) => found.ranked.slice(0, 12).map((r) => lab(r.lab));
  const mean = (labs: readonly Lab[], of: (c: Lab) => number) => labs.reduce((s, c) => s + of(c), 0) / labs.length;
  const warmth = ({ a, b }: Lab) => b + a / 2;
  const things = [open.cases[9]!.stays, open.cases[10]!.stays, open.cases[4]!.stays];

  test.each([0, 1, 2])('warmer, or with more chroma, in a dim north room than in a bright south one: %d', (n) => {
    const stays = things[n]!;
    const school = (dimWhite: string) => ({ stays, wish: null, schools: { dimWhite } });
    const bySchool = (dimWhite: string) => [first(under(dim, school(dimWhite))), first(under(bright, school(dimWhite)))] as const;
    for (const dimWhite of ['never', 'warm-only']) {
      const [there, south] = bySchool(dimWhite);
      expect(mean(there, warmth)).toBeGreaterThan(mean(south, warmth) + 0.5);
    }
    const [there, south] = bySchool('more-chroma');
    expect(mean(there, chroma)).toBeGreaterThan(mean(south, chroma) + 0.5);
  });

  test('never a white in a dim room, or a warm one only, by the school; in a usual room whites stand as they do', () => {
    const stays = things[0]!;
    const whites = (where: typeof dim, dimWhite: string) =>
      first(under(where, { stays, wish: 'lighter', schools: { dimWhite } })).filter((c) => lrvOf(c) > 74);
    expect(whites(dim, 'never')).toHaveLength(0);
    expect(whites(usual, 'never').length).toBeGreaterThan(6);
    const warm = whites(dim, 'warm-only');
    expect(warm.length).toBeGreaterThan(0);
    for (const c of warm) expect(warmth(c)).toBeGreaterThan(2.5);
  });

  test('in a very bright room what is light and weak gives way', () => {
    const washed = (where: typeof dim) =>
      under(where, { stays: things[0]!, wish: null })
        .ranked.slice(0, 40)
        .filter((r) => r.lrv > 66 && r.lrv < 82 && chroma(lab(r.lab)) < 6);
    expect(washed(bright).length).toBeLessThan(washed(usual).length);
  });

  test('the room says so once, and no row does', () => {
    const found = under(dim, { stays: things[0]!, wish: 'warmer' });
    expect(found.about.join(' ')).toMatch(/A dim room: every colour is duller here/);
    for (const row of found.ranked.slice(0, 12)) expect(row.why).not.toMatch(/dingy|duller/);
  });

  test('a room used by lamps is judged by them; one used by day hardly hears of them', () => {
    const tubes = {
      ...usual,
      room: { ...usual.room, lamps: usual.room.lamps.map((l) => ({ ...l, kind: 'fluorescent', cctK: 6500 })) },
    };
    const works = (where: typeof dim, use: string) => under(where, { stays: things[1]!, wish: 'warmer', use }).works;
    const moved = (use: string) => {
      const [there, here] = [works(usual, use), works(tubes as typeof usual, use)];
      return there.filter((id) => !here.includes(id)).length + here.filter((id) => !there.includes(id)).length;
    };
    expect(moved('day')).toBe(0);
    expect(moved('evening')).toBeGreaterThan(10);
  });

  test.each([
    ['usual', usual],
    ['dim', dim],
    ['very bright', bright],
  ])('a darker lamp or a smaller window never raises a score by itself: a %s room', (_, where) => {
    const { room } = where;
    const chances = (changed: object) =>
      new Map(
        ask({ ...where, stays: things[1]!, wish: null, room: changed, deck: SOME, top: 1000 }).ranked.map((r) => [
          r.id,
          r.chance,
        ]),
      );
    const here = chances(room);
    const darker = chances({ ...room, lamps: room.lamps.map((l) => ({ ...l, lumens: l.lumens / 4 })) });
    const smaller = chances({
      ...room,
      windows: room.windows.map((w) => ({ ...w, widthM: w.widthM / 2, heightM: w.heightM / 2 })),
    });
    // what is left are the tints of the bounce, which change with where the light falls
    for (const [id, chance] of here) {
      expect(darker.get(id)!).toBeLessThan(chance + 0.01);
      expect(smaller.get(id)!).toBeLessThan(chance + 0.02);
    }
  });

  test('the climate weighs the skies', () => {
    const climate = { clear: 0, broken: 0, overcast: 1 };
    expect(under(usual, { stays: things[0]!, climate }).works.length).toBeGreaterThan(0);
    expect(answer('shortlist', { ...ROOM, climate: { ...climate, clear: 1 } })).toEqual({
      error: expect.stringContaining('do not add up to 1'),
    });
  });
});
