import rooms from '../../tests/golden/roomcases.json';
import { deltaE00 } from '@/core/colour/ciede2000';
import { chroma, hueDeg } from '@/core/colour/lab';
import { hueApart } from '@/core/judge/hues';
import { LADDER } from '@/core/scheme/ladder';
import { all } from '../../tests/all';
import { answer } from './requests';

type Part = {
  part: string;
  id: string | null;
  strength: number | null;
  lab: [number, number, number];
  lrv: number;
  share: number;
};
type Link = { between: [string, string]; verdict: string; reason: string | null };
type Found = {
  kind: string;
  parts: Part[];
  stays: { name: string; share: number }[];
  links: Link[];
  weakest: Link | null;
  says: string;
  caution: string | null;
};
const { deck, base, cases } = rooms;
const lab = ([l, a, b]: readonly number[]) => ({ l: l!, a: a!, b: b! });
const roomOf = (id: string) => cases.find((c) => c.id === id)!;
/** A painting of five colours, with its shares. */
const PIECE = {
  name: 'the painting',
  colours: [
    { lab: [77, 10, 20], share: 0.36 },
    { lab: [64, -8, 1], share: 0.22 },
    { lab: [88, 1, 9], share: 0.18 },
    { lab: [47, 33, 28], share: 0.14 },
    { lab: [28, 0, -6], share: 0.1 },
  ],
};

function ask(id: string, more: object = {}): Found[] {
  const { room, place, date, zone, stays, wish } = roomOf(id);
  const found = answer('scheme', { room, place, date, zone, stays, wish, deck, base, ...more }) as {
    schemes?: Found[];
    error?: string;
  };
  if (!found.schemes) throw new Error(found.error);
  return found.schemes;
}
const partOf = (s: Found, part: string) => s.parts.find((p) => p.part === part);
const ids = new Set(deck.map((c) => c.id));

describe.each(['o1', 'o3', 'o7', 'o9'])('schemes for room %s', (id) => {
  const found = ask(id, { piece: PIECE });
  const stays = roomOf(id).stays;

  test('there is one of each kind, and shares of all that is seen make 1', () => {
    expect(found.map((s) => s.kind)).toEqual(['shared', 'answered', 'tonal', 'largest', 'minor']);
    for (const s of found) {
      const sum = [...s.parts, ...s.stays].reduce((total, p) => total + p.share, 0);
      expect(sum).toBeCloseTo(1, 9);
      expect(all([...s.parts, ...s.stays], (p) => p.share > 0)).toBe(true);
      expect(partOf(s, 'walls')!.share).toBeGreaterThan(0.2);
      expect(partOf(s, 'accent')?.share ?? 0).toBeLessThanOrEqual(0.1);
    }
  });

  test('nothing that stays is proposed anew, paint is of the deck, and cloth of none', () => {
    for (const s of found) {
      if (stays.some((t) => t.name === 'Trim')) expect(partOf(s, 'trim')).toBeUndefined();
      for (const p of s.parts) {
        const cloth = p.part === 'large' || p.part === 'small';
        if (p.id === null) expect(['large', 'small', 'accent']).toContain(p.part);
        else expect(ids.has(p.id)).toBe(true);
        if (cloth) expect(p.id).toBeNull();
      }
    }
  });

  test('every two that are seen together are judged, the weakest is named, and nothing but a forced wall fights', () => {
    for (const s of found) {
      const count = s.parts.length;
      expect(s.links).toHaveLength(count * stays.length + (count * (count - 1)) / 2);
      const rank = ['works', 'nearly', 'no'];
      const worst = Math.max(...s.links.map((l) => rank.indexOf(l.verdict)));
      expect(s.weakest!.verdict).toBe(rank[worst]);
      const fights = s.links.filter((l) => l.verdict === 'no');
      // a piece's colour is put on the wall as it is told to, and what fights it is said
      const forced = s.kind === 'largest' || s.kind === 'minor';
      expect(fights.filter((l) => !forced || !l.between.includes('walls'))).toEqual([]);
    }
  });

  test('tonal: what was chosen is a slight step from the walls', () => {
    const tonal = found.find((s) => s.kind === 'tonal')!;
    const walls = lab(partOf(tonal, 'walls')!.lab);
    const chosen = tonal.parts.filter((p) => ['trim', 'ceiling', 'large', 'small'].includes(p.part));
    expect(chosen.length).toBeGreaterThan(0);
    for (const p of chosen) {
      const apart = deltaE00(walls, lab(p.lab));
      expect({ part: p.part, apart, seen: apart >= LADDER.closeUnder }).toMatchObject({ seen: true });
    }
    expect(partOf(tonal, 'accent')).toBeUndefined();
  });

  test('largest and minor: the walls are of the piece', () => {
    const [largest, minor] = ['largest', 'minor'].map((kind) =>
      lab(
        partOf(
          found.find((s) => s.kind === kind)!,
          'walls',
        )!.lab,
      ),
    );
    expect(deltaE00(largest!, lab(PIECE.colours[0]!.lab))).toBeLessThan(7.5);
    expect(Math.min(...PIECE.colours.slice(1).map((c) => deltaE00(minor!, lab(c.lab))))).toBeLessThan(7.5);
  });
});

test('answered: oak is answered by a green to a blue', () => {
  const [answered] = ask('o7', { kinds: ['answered'] });
  const walls = lab(partOf(answered!, 'walls')!.lab);
  expect(chroma(walls)).toBeGreaterThan(6);
  expect(hueApart(hueDeg(walls), 247)).toBeLessThan(50);
  expect(answered!.caution).toContain('lighter');
});

test('a wall that is given stays, at its strength', () => {
  const wall = { id: deck[300]!.id, strength: 75 };
  const found = ask('o7', { wall, kinds: ['shared', 'tonal'] });
  for (const s of found) expect(partOf(s, 'walls')).toMatchObject({ ...wall });
});

test('a piece that stays is the one that is begun from; without one there is nothing to begin from', () => {
  const { stays } = roomOf('o7');
  const rug = {
    name: 'Rug',
    kind: 'furnishing',
    components: [
      { name: 'ground', share: 0.7, lab: [45, 20, 18] },
      { name: 'border', share: 0.3, lab: [80, 2, 12] },
    ],
  };
  const [minor] = ask('o7', { stays: [...stays, rug], kinds: ['minor'] });
  expect(deltaE00(lab(partOf(minor!, 'walls')!.lab), lab([80, 2, 12]))).toBeLessThan(7);
  const { room, place, date, zone } = roomOf('o7');
  expect(answer('scheme', { room, place, date, zone, stays, deck, base, kinds: ['largest'] })).toEqual({
    error: 'a scheme that begins from a piece needs the colours of one',
  });
  expect(answer('scheme', { room, place, date, zone, stays, deck, base, wall: { id: 'nothing' } })).toEqual({
    error: 'the deck has no nothing at 100 %',
  });
});

test('an empty room has schemes too', () => {
  const found = ask('o7', { stays: [], kinds: ['shared', 'answered', 'tonal'] });
  expect(found).toHaveLength(3);
  for (const s of found) {
    expect(partOf(s, 'trim')).toBeDefined();
    expect(s.parts.reduce((sum, p) => sum + p.share, 0)).toBeCloseTo(1, 9);
  }
});

describe('trade cases (common practice, no source)', () => {
  const sofa = { name: 'Grey sofa', kind: 'furnishing', components: [{ name: 'cloth', share: 1, lab: [52, 0, 0.5] }] };
  const oak = roomOf('o7').stays[0]!;

  test('a grey sofa: the walls that share are warm, and not yellow', () => {
    const [shared] = ask('o7', { stays: [oak, sofa], wish: 'warmer', kinds: ['shared'] });
    const walls = lab(partOf(shared!, 'walls')!.lab);
    expect(walls.b + walls.a / 2).toBeGreaterThan(2);
    expect(walls.b).toBeLessThan(16);
    expect(shared!.weakest!.verdict).not.toBe('no');
  });

  test('a yellowish soft white beside taupe sits badly: its trim is a cleaner one', () => {
    const taupe = deck
      .map((c) => ({ id: c.id, lab: lab(c.lab) }))
      .sort((p, q) => deltaE00(p.lab, lab([66, 5, 8])) - deltaE00(q.lab, lab([66, 5, 8])))[0]!;
    const [shared] = ask('o7', { stays: [oak], wall: { id: taupe.id }, kinds: ['shared'] });
    expect(partOf(shared!, 'trim')!.lab[2]).toBeLessThan(7);
    expect(partOf(shared!, 'trim')!.lrv).toBeGreaterThan(74);
  });

  test('strong accents sparingly: a few percent of what one sees, never four walls unless it is wished for', () => {
    for (const id of ['o1', 'o7'])
      for (const s of ask(id, { kinds: ['shared', 'answered', 'tonal'] })) {
        expect(chroma(lab(partOf(s, 'walls')!.lab))).toBeLessThan(30);
        expect(partOf(s, 'accent')?.share ?? 0).toBeLessThan(0.06);
      }
  });

  test('what the walls do not take of a piece is elsewhere in the room: trim, curtains, cushions, accent', () => {
    const [minor] = ask('o7', { stays: [], piece: PIECE, kinds: ['minor'] });
    const others = minor!.parts.filter((p) => p.part !== 'walls').map((p) => lab(p.lab));
    const used = PIECE.colours.filter((c) => others.some((o) => deltaE00(o, lab(c.lab)) < 8));
    expect(used.length).toBeGreaterThanOrEqual(2);
  });
});
