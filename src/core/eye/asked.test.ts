import { all } from '../../../tests/all';
import { deltaE00 } from '../colour/ciede2000';
import { directions } from '../colour/directions';
import { hueDeg, lrvOf } from '../colour/lab';
import { labFromHex } from '../colour/srgb';
import { relation } from '../judge/relation';
import { askedFor, RANGES } from './asked';
import { LEAST_SHOWN, type Asked, type Sources } from './asked-parts';
import { EXERCISES, PRACTISED, SIGHTS, type Practised } from './exercises';

const SOURCES: Sources = {
  things: [
    {
      name: 'Travertine',
      kind: 'fixed',
      components: [
        { name: 'field', share: 0.75, lab: { l: 77, a: 4.5, b: 14 } },
        { name: 'veins', share: 0.25, lab: { l: 68, a: 6, b: 17 } },
      ],
    },
    { name: 'Blue-grey stone', kind: 'fixed', components: [{ name: 'stone', share: 1, lab: { l: 52, a: -1.5, b: -4 } }] },
    { name: 'Sofa', kind: 'furnishing', components: [{ name: 'cloth', share: 1, lab: { l: 56, a: -0.3, b: -1.2 } }] },
  ],
  sameNames: [
    {
      name: 'Linen',
      makers: ['One', 'Two'],
      labs: [
        { l: 88, a: 0.5, b: 8 },
        { l: 86, a: 3, b: 9 },
      ],
    },
  ],
};
const SEEDS = Array.from({ length: 30 }, (_, k) => 7919 * (k + 1));
const made = (of: Practised, level = 3): Asked[] =>
  SEEDS.map((seed) => {
    const found = askedFor(of, seed, level, SOURCES);
    if (!found) throw new Error(`${of} ${seed}: nothing to ask`);
    return found;
  });
const startOf = (of: Practised) => (of in RANGES ? RANGES[of as keyof typeof RANGES].start : 3);

describe.each(PRACTISED)('thirty of "%s"', (of) => {
  const thirty = made(of, startOf(of));

  test('each has one right answer among those that are offered, and tells something', () => {
    expect(all(thirty, (a) => a.right >= 0 && a.right < (a.words.length || a.fields.length))).toBe(true);
    expect(all(thirty, (a) => a.says.length > 10 && a.ask.endsWith('?'))).toBe(true);
  });

  test('the right answer is now here, now there', () => {
    expect(new Set(thirty.map((a) => a.right)).size).toBeGreaterThan(1);
  });

  test('the same seed asks the same, another something else', () => {
    expect(made(of, startOf(of))).toEqual(thirty);
    const looks = thirty.map((a) => JSON.stringify([a.fields, a.beside, a.ask]));
    // two makers share one name alone here; of whites that hardly lean a screen has few
    expect(new Set(looks).size).toBeGreaterThanOrEqual({ 'same-name': 2, 'paper-white': 25, lean: 27 }[of as string] ?? 30);
  });

  test('what is shown is what a screen of eight bits shows, and told apart on it', () => {
    expect(
      all(
        thirty.flatMap((a) => a.fields.flat()),
        (p) => deltaE00(labFromHex(p.hex), p.lab) === 0,
      ),
    ).toBe(true);
    if (of === 'beside' || of === 'lean') return;
    expect(
      all(
        thirty.map((a) => a.fields.map((f) => f.at(-1)!.lab)),
        (fields) =>
          deltaE00(fields[0]!, fields.at(-1)!) >= LEAST_SHOWN ||
          (of === 'odd-one' && deltaE00(fields[0]!, fields[1]!) >= LEAST_SHOWN),
      ),
    ).toBe(true);
  });
});

const ALONG = {
  pinker: ['pinkGreen', 1],
  greener: ['pinkGreen', -1],
  yellower: ['yellowBlue', 1],
  bluer: ['yellowBlue', -1],
  stronger: ['strongWeak', 1],
  weaker: ['strongWeak', -1],
  lighter: ['lightDark', 1],
  darker: ['lightDark', -1],
} as const;

describe.each(EXERCISES)('which is %s', (of) => {
  test.each([LEAST_SHOWN, 1, 4])('at ΔE %p the right one is, by most of what lies between, and about so much', (level) => {
    const [direction, sign] = ALONG[of];
    for (const { fields, right, level: told } of made(of, level)) {
      const [to, from] = [fields[right]![0]!.lab, fields[1 - right]![0]!.lab];
      const d = directions(from, to);
      expect(sign * d[direction]).toBeGreaterThan(0.8 * d.deltaE00);
      expect(told).toBeCloseTo(d.deltaE00, 6);
      expect(told).toBeGreaterThanOrEqual(LEAST_SHOWN);
      expect(told).toBeLessThan(1.6 * Math.max(level, 0.6));
    }
  });
});

test('of three the odd one is another, and the other two are the same', () => {
  for (const { fields, right } of made('odd-one')) {
    const others = fields.filter((_, k) => k !== right).map((f) => f[0]!.hex);
    expect(others[0]).toBe(others[1]);
    expect(fields[right]![0]!.hex).not.toBe(others[0]);
  }
});

test('a lean lies in the middle of what it is called', () => {
  const middles = { pink: 5, yellow: 92, green: 165, blue: 262 } as const;
  for (const kind of ['lean', 'paper-white'] as const)
    for (const { fields, right, words } of made(kind, RANGES[kind].start)) {
      const hue = hueDeg(fields.at(-1)![0]!.lab);
      const off = Math.abs(((hue - middles[words[right] as keyof typeof middles] + 540) % 360) - 180);
      expect(off).toBeLessThan(25);
    }
});

test('the verdict that is right is that of the relation model, well inside it', () => {
  for (const { fields, beside, right, words } of made('beside', 0.3)) {
    const thing = SOURCES.things.find((t) => t.name === beside!.name)!;
    const { verdict, cost } = relation(thing, fields[0]![0]!.lab);
    expect(words[right]).toBe(verdict);
    expect(Math.min(Math.abs(cost - 1), Math.abs(cost - 2))).toBeGreaterThan(0.15);
  }
});

test('the right depth is the one that is named, and the others are not near it', () => {
  for (const { ask, fields, right } of made('depth', 6)) {
    const named = Number(/LRV (\d+)/.exec(ask)![1]);
    const off = fields.map((f) => Math.abs(lrvOf(f[0]!.lab) - named));
    expect(off[right]).toBeLessThan(1);
    expect(
      all(
        off.filter((_, k) => k !== right),
        (o) => o > 2,
      ),
    ).toBe(true);
  }
});

test('75 % lies between what is stronger and what is weaker', () => {
  for (const { says, right, beside } of made('strength', 20)) {
    const percents = /left: (.*)\./
      .exec(says)![1]!
      .split(', ')
      .map((p) => parseInt(p, 10));
    expect(percents[right]).toBe(75);
    expect(beside!.parts).toHaveLength(1);
  }
});

test('the north room is the bluer of the two; the lamp moved the one that is named more', () => {
  for (const { fields, right } of made('north', 3)) expect(fields[right]![0]!.lab.b).toBeLessThan(fields[1 - right]![0]!.lab.b);
  for (const { fields, right } of made('lamp', 2)) {
    const turned = fields.map(([day, by]) => deltaE00(day!.lab, by!.lab));
    expect(turned[right]).toBeGreaterThan(1.5 * turned[1 - right]!);
  }
});

test('where no two makers share a name, that is not asked', () => {
  expect(askedFor('same-name', 1, 4, { ...SOURCES, sameNames: [] })).toBeUndefined();
  expect(SIGHTS).toContain('same-name');
});

test('a teal is never asked pinker, nor a mustard bluer; what is measured stands in one surround, the rest in all of them', () => {
  const ask = (of: (typeof PRACTISED)[number]) =>
    Array.from({ length: 120 }, (_, k) => askedFor(of, 500 + 13 * k, 2, SOURCES)).flatMap((a) => a ?? []);
  for (const { fields } of ask('pinker')) for (const [p] of fields) expect(p!.lab.a).toBeGreaterThan(-13);
  for (const { fields } of ask('bluer')) for (const [p] of fields) expect(p!.lab.b).toBeLessThan(13);
  expect(new Set(ask('greener').map((a) => a.surround))).toEqual(new Set(['light']));
  expect(new Set(ask('odd-one').map((a) => a.surround)).size).toBe(4);
  for (const { right, says, fields } of ask('beside')) {
    const { a, b } = fields[0]![0]!.lab;
    if (right > 0 && says.includes('too green')) expect(-b).toBeLessThanOrEqual(Math.abs(a));
  }
});
