import fc from 'fast-check';
import type { Lab } from '../colour/types';
import { discordCost, loudCost } from './colour-cost';
import type { JudgedKind, School } from './kinds';
import { RELATION } from './model';
import { prepareCandidate } from './prepare-candidate';
import { ALONE, prepareComponent } from './prepare-component';
import { relation, type Stay } from './relation';

const GREY = { l: 58, a: 0, b: -0.5 };
const polar = (l: number, c: number, deg: number): Lab => ({
  l,
  a: c * Math.cos((deg * Math.PI) / 180),
  b: c * Math.sin((deg * Math.PI) / 180),
});
const discord = (stay: Lab, candidate: Lab, more: Partial<typeof ALONE> = {}) =>
  discordCost(prepareComponent(stay, RELATION, { ...ALONE, ...more }), prepareCandidate(candidate, RELATION));
const rising = (costs: readonly number[]) => expect([...costs].sort((p, q) => p - q)).toEqual(costs);

const thing = (kind: JudgedKind, ...labs: Lab[]): Stay => ({
  name: 'thing',
  kind,
  components: labs.map((lab, k) => ({ name: `part ${k}`, share: 1 / labs.length, lab })),
});
const verdict = (stay: Stay, candidate: Lab, school: School = 'share') => relation(stay, candidate, school).verdict;

describe('what a colour costs (common practice, no source)', () => {
  test('a neutral is ground: no hue beside it is in discord', () => {
    for (let hue = 0; hue < 360; hue += 15) expect(discord(GREY, polar(55, 22, hue))).toBe(0);
  });

  test('between two colours discord grows with both strengths and falls with the difference in depth', () => {
    rising([10, 14, 18, 26].map((c) => discord(polar(45, 20, 30), polar(45, c, 330))));
    rising([14, 18, 22, 26].map((c) => discord(polar(45, c, 30), polar(45, 20, 330))));
    rising([68, 62, 56, 50].map((l) => discord(polar(45, 20, 30), polar(l, 20, 330))));
  });

  test('a hue that is shared is none, nor one from across where answering is the wish', () => {
    expect(discord(polar(60, 25, 30), polar(60, 25, 45))).toBe(0);
    const answering = { kind: 'furnishing' as const, mayAnswer: true };
    expect(discord(polar(45, 25, 200), polar(50, 25, 20), answering)).toBeLessThan(0.05);
    expect(discord(polar(45, 25, 200), polar(50, 25, 20), { kind: 'furnishing' })).toBeGreaterThan(0.5);
  });

  test('wood is answered by muted greens and blues, not by mauves and not by pastels of another kind', () => {
    const oak = { l: 61, a: 9, b: 25 };
    expect(discord(oak, { l: 70, a: -9, b: 11 })).toBeLessThan(0.2);
    expect(discord(oak, { l: 64, a: -4, b: -14 })).toBeLessThan(0.2);
    expect(discord(oak, { l: 60, a: 12, b: -8 })).toBeGreaterThan(1);
    const brick = { l: 45, a: 21, b: 20 };
    expect(discord(brick, { l: 84, a: -16, b: 8 })).toBeGreaterThan(1);
    expect(discord(brick, { l: 62, a: -9, b: 5 })).toBeLessThan(0.5);
  });

  test('what leans resists tints from the other side, the more the lighter; deep ones it takes', () => {
    const slate = { l: 52, a: -2, b: -6 };
    rising([60, 66, 72, 80].map((l) => discord(slate, polar(l, 23, 88))));
    expect(discord(slate, polar(60, 23, 88))).toBeLessThan(0.2);
    expect(discord(slate, polar(88, 23, 88))).toBeGreaterThan(2);
    expect(discord(slate, polar(30, 14, 150))).toBeLessThan(0.2);
  });

  test('a neon is too loud for any ground, less so the deeper it is; beside clean white it is crisp, beside its like it is none', () => {
    const loud = (stay: Lab, candidate: Lab) => loudCost(prepareComponent(stay, RELATION), prepareCandidate(candidate, RELATION));
    expect(loud(GREY, polar(80, 80, 132))).toBeGreaterThan(2);
    expect(loud(GREY, polar(66, 50, 80))).toBe(0);
    expect(loud({ l: 96, a: -0.4, b: 1.4 }, polar(80, 80, 132))).toBe(0);
    expect(loud(polar(80, 80, 132), polar(80, 80, 132))).toBe(0);
    rising([30, 40, 50].map((l) => loud(GREY, polar(l, 55, 300))));
  });
});

describe('things and paints', () => {
  const rug = thing('furnishing', { l: 38, a: 40, b: 24 }, { l: 24, a: 2, b: -18 }, { l: 82, a: 3, b: 14 });

  test('a thing’s own colours are welcome, its largest and its minor ones; a weave of like threads is one colour and a near miss', () => {
    for (const { lab } of rug.components) expect(verdict(rug, { ...lab, l: lab.l + 1 })).toBe('works');
    const weave = thing('furnishing', { l: 55, a: 0, b: 0 }, { l: 50, a: 0, b: 0.5 });
    expect(relation(weave, { l: 56.4, a: 0.5, b: 0.6 })).toMatchObject({ verdict: 'nearly', reasons: ['too-close'] });
  });

  test('cloth and pictures date no white; a fixed cream does', () => {
    const white = { l: 96, a: -0.8, b: -1.2 };
    const cream = { l: 86, a: 2, b: 14 };
    for (const kind of ['furnishing', 'artwork'] as const) expect(verdict(thing(kind, cream), white)).toBe('works');
    expect(relation(thing('fixed', cream), white).reasons).toContain('dates-it');
  });

  test('a neutral furnishing refuses nothing; a grey floor refuses a neon', () => {
    const any = fc.record({
      l: fc.double({ min: 15, max: 96, noNaN: true }),
      a: fc.double({ min: -60, max: 60, noNaN: true }),
      b: fc.double({ min: -50, max: 70, noNaN: true }),
    });
    fc.assert(
      fc.property(any, (lab) => {
        expect(verdict(thing('furnishing', GREY), lab)).not.toBe('no');
      }),
      { seed: 4, numRuns: 2000 },
    );
    expect(verdict(thing('fixed', GREY), polar(80, 80, 132))).toBe('no');
  });

  test('two paints of one job are judged the same both ways round', () => {
    const any = fc.record({
      l: fc.double({ min: 15, max: 97, noNaN: true }),
      a: fc.double({ min: -25, max: 30, noNaN: true }),
      b: fc.double({ min: -25, max: 40, noNaN: true }),
    });
    fc.assert(
      fc.property(any, any, (p, q) => {
        const [there, back] = [relation(thing('painted', p), q), relation(thing('painted', q), p)];
        expect(back.verdict).toBe(there.verdict);
        expect(back.cost).toBeCloseTo(there.cost, 9);
        for (const { reasons } of [there, back]) expect(reasons).not.toContain('too-weak');
      }),
      { seed: 5, numRuns: 2000 },
    );
  });

  test.each([
    ['a clean white over a beige wall', { l: 80, a: 3.5, b: 13 }, { l: 96, a: -0.4, b: 1.5 }, 'works'],
    ['a clean white over greige', { l: 76, a: 1, b: 7 }, { l: 95, a: -0.4, b: 2.4 }, 'works'],
    ['a yellowish white over taupe', { l: 72, a: 3, b: 5 }, { l: 94, a: 0, b: 8.5 }, 'nearly'],
    ['a blue-white over a greyed off-white', { l: 90, a: -0.4, b: 7 }, { l: 95.5, a: -0.9, b: -1.6 }, 'nearly'],
    ['a deep trim that answers', { l: 82, a: 3, b: 12 }, { l: 40, a: -6, b: -6 }, 'works'],
    ['a deep trim of its own hue', { l: 74, a: 2, b: 8 }, { l: 40, a: 3, b: 9 }, 'works'],
    ['white over sage', { l: 70, a: -9, b: 11 }, { l: 95, a: -0.3, b: 2.5 }, 'works'],
  ] as const)('%s (common practice, no source)', (_, wall, trim, expected) => {
    const found = relation(thing('painted', wall), trim);
    if (expected === 'works') expect(found.verdict).toBe('works');
    else expect(found.verdict).not.toBe('works');
  });

  test('beside violet flecks in black stone a yellow-green tan is refused, an orange-pink beige is not', () => {
    const stone: Stay = {
      name: 'black stone, violet flecks',
      kind: 'fixed',
      components: [
        { name: 'field', share: 0.85, lab: { l: 16, a: 0, b: -1 } },
        { name: 'fleck', share: 0.15, lab: { l: 42, a: 8, b: -10 } },
      ],
    };
    expect(verdict(stone, { l: 76, a: -3, b: 18 })).not.toBe('works');
    expect(verdict(stone, { l: 78, a: 5, b: 12 })).toBe('works');
  });
});
