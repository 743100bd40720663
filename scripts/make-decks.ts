/**
 * Makes the two invented demo decks: strips of depth steps over the neutral families and the colours, drawn in CIELAB (D65, 10°), with names
 * put together from invented words. Run after changing it: npx tsx scripts/make-decks.ts
 * With a number it makes one large deck for the benchmark instead: npx tsx scripts/make-decks.ts 4000 FILE
 */
import { writeFileSync } from 'node:fs';
import { reflectanceFromLab } from '../src/core/colour/reflectance';
import { describeColour } from '../src/core/colour/family';

type Strip = {
  readonly name: string;
  readonly hue: number;
  readonly chroma: number;
  readonly deepest: number;
  readonly lightest?: number;
};

/** Hue angle (degrees) and chroma at L* 80; the deepest step's L*. */
const NEUTRALS: readonly Strip[] = [
  { name: 'pure grey', hue: 90, chroma: 0.5, deepest: 16 },
  { name: 'green grey', hue: 128, chroma: 3.8, deepest: 24 },
  { name: 'blue grey', hue: 246, chroma: 3.6, deepest: 20 },
  { name: 'violet grey', hue: 305, chroma: 3.2, deepest: 26 },
  { name: 'charcoal', hue: 252, chroma: 1.7, deepest: 18 },
  { name: 'pink taupe', hue: 48, chroma: 4.6, deepest: 34 },
  { name: 'taupe', hue: 63, chroma: 5.6, deepest: 32 },
  { name: 'warm greige', hue: 76, chroma: 5.8, deepest: 34 },
  { name: 'greige', hue: 86, chroma: 6.4, deepest: 36 },
  { name: 'green greige', hue: 99, chroma: 6.2, deepest: 34 },
  { name: 'pink beige', hue: 66, chroma: 11, deepest: 40 },
  { name: 'soft beige', hue: 74, chroma: 12.5, deepest: 42 },
  { name: 'body beige', hue: 73, chroma: 16, deepest: 38 },
  { name: 'muted tan', hue: 84, chroma: 14, deepest: 40 },
  { name: 'yellow tan', hue: 84, chroma: 19, deepest: 44 },
  { name: 'green tan', hue: 93, chroma: 13.5, deepest: 38 },
  { name: 'cream', hue: 90, chroma: 21, deepest: 62 },
  { name: 'brown', hue: 64, chroma: 13, deepest: 22 },
];
const COLOURS: readonly Strip[] = [
  { name: 'red', hue: 28, chroma: 22, deepest: 34 },
  { name: 'terracotta', hue: 48, chroma: 24, deepest: 40 },
  { name: 'ochre', hue: 78, chroma: 32, deepest: 52 },
  { name: 'yellow', hue: 92, chroma: 36, deepest: 66 },
  { name: 'moss', hue: 112, chroma: 16, deepest: 34 },
  { name: 'green', hue: 150, chroma: 14, deepest: 32 },
  { name: 'sea', hue: 198, chroma: 13, deepest: 30 },
  { name: 'blue', hue: 250, chroma: 15, deepest: 26 },
  { name: 'violet', hue: 305, chroma: 12, deepest: 34 },
  { name: 'rose', hue: 5, chroma: 15, deepest: 46 },
];

const WHITES: readonly Strip[] = [
  { name: 'clean white', hue: 112, chroma: 3, lightest: 95.3, deepest: 89 },
  { name: 'soft white', hue: 96, chroma: 9, lightest: 94.9, deepest: 88 },
  { name: 'blue white', hue: 236, chroma: 4, lightest: 95.1, deepest: 88.5 },
];

const STEPS = 6;
const LIGHTEST = 93;
const FIRST = [
  'Husk',
  'Ferrow',
  'Quern',
  'Kell',
  'Ossel',
  'Wend',
  'Thrim',
  'Pell',
  'Dunnet',
  'Marrow',
  'Tansel',
  'Hollin',
  'Sark',
  'Brock',
  'Lathe',
  'Orrin',
  'Cobb',
  'Vell',
  'Aldon',
  'Birrel',
  'Esk',
  'Garth',
  'Isel',
];
const SECOND = [
  'Tollan',
  'Shell',
  'Mossen',
  'Wharf',
  'Quillan',
  'Skerrin',
  'Brannick',
  'Oswick',
  'Pellick',
  'Dorrin',
  'Tamsel',
  'Vennick',
  'Ullet',
  'Corrin',
  'Hathen',
  'Lorrick',
  'Grissel',
  'Murrin',
  'Penlow',
  'Yarrel',
];

const round = (v: number) => Math.round(v * 100) / 100;

/** Chroma along a strip: it grows away from white and falls again toward black. */
function chromaAt(l: number, at80: number): number {
  const grown = (lightness: number) => Math.sqrt(1 - Math.exp(-(98 - lightness) / 15)) * Math.min(1, 0.35 + lightness / 70);
  return (at80 * grown(l)) / grown(80);
}

type Shift = { readonly hue: number; readonly chroma: number; readonly light: number };

function stripColours(strip: Strip, shift: Shift) {
  return Array.from({ length: STEPS }, (_, step) => {
    const t = step / (STEPS - 1);
    const lightest = (strip.lightest ?? LIGHTEST) + (strip.lightest ? shift.light / 3 : shift.light);
    const l = lightest - (lightest - strip.deepest) * t ** 1.25;
    const c = chromaAt(l, strip.chroma * shift.chroma);
    const hue = ((strip.hue + shift.hue - 4 * t) * Math.PI) / 180; // strips warm a little as they deepen
    const lab = { l: round(l), a: round(c * Math.cos(hue)), b: round(c * Math.sin(hue)) };
    if (!reflectanceFromLab(lab).ok) throw new RangeError(`${strip.name} step ${step + 1} is not a surface colour`);
    return lab;
  });
}

type Maker = {
  id: string;
  name: string;
  base: { l: number; a: number; b: number };
  codes: (strip: number, step: number) => string;
  shift: Shift;
  offset: number;
};
const MAKERS: readonly Maker[] = [
  {
    id: 'FR',
    name: 'Ferrowmere',
    base: { l: 96.2, a: -0.6, b: 2.1 },
    codes: (s, k) => `FR ${3000 + s * 10 + k}`,
    shift: { hue: 0, chroma: 1, light: 0 },
    offset: 0,
  },
  {
    id: 'TC',
    name: 'Tullacote',
    base: { l: 95.4, a: -0.9, b: 3.4 },
    codes: (s, k) => `TC ${String(s * 30 + k).padStart(4, '0')}`,
    shift: { hue: 5, chroma: 0.88, light: -1.3 },
    offset: 7,
  },
];
/** Names both makers use, for different colours: strip and step (from 0) of each. */
const SHARED = [
  { name: 'Chalk Ferrow', FR: [6, 0], TC: [16, 0] },
  { name: 'Kell Wharf', FR: [4, 5], TC: [25, 4] },
  { name: 'Hollin Penlow', FR: [11, 2], TC: [9, 2] },
  { name: 'Orrin Tamsel', FR: [2, 3], TC: [7, 3] },
] as const;

/** The n-th invented name; every pair of words once. */
function nameOf(n: number): string {
  const first = FIRST[n % FIRST.length]!;
  const second = SECOND[(Math.floor(n / FIRST.length) + (n % FIRST.length) * 7) % SECOND.length]!;
  return `${first} ${second}`;
}

function demoDeck(maker: Maker) {
  const strips = [...NEUTRALS, ...COLOURS, ...WHITES];
  const used = new Set<string>(SHARED.map((s) => s.name));
  let n = maker.offset * 30;
  const unused = () => {
    for (;;) {
      const name = nameOf(n++);
      if (!used.has(name)) return used.add(name) && name;
    }
  };
  const colours = strips.flatMap((strip, s) =>
    stripColours(strip, maker.shift).map((lab, k) => {
      const shared = SHARED.find((x) => x[maker.id as 'FR' | 'TC'][0] === s && x[maker.id as 'FR' | 'TC'][1] === k);
      return {
        code: maker.codes(s + 1, k + 1),
        name: shared?.name ?? unused(),
        strip: `${String(s + 1).padStart(2, '0')} ${strip.name}`,
        step: k + 1,
        ...lab,
      };
    }),
  );
  return {
    about: 'Made up for the demo: no such maker, name or code exists. Lab is D65, 10°.',
    maker: { id: maker.id, name: maker.name, base: maker.base },
    colours,
  };
}

function largeDeck(count: number) {
  const colours = [];
  for (let i = 0; i < count; i++) {
    const [strip, step] = [Math.floor(i / 8), i % 8];
    const hue = (strip * 137.5) % 360;
    const l = 93 - step * 7.5;
    const c = chromaAt(l, 2 + (strip % 9) * 2.5);
    const lab = { l: round(l), a: round(c * Math.cos((hue * Math.PI) / 180)), b: round(c * Math.sin((hue * Math.PI) / 180)) };
    colours.push({
      code: `BX ${String(i + 1).padStart(5, '0')}`,
      name: `Bench ${strip + 1} ${step + 1}`,
      strip: String(strip + 1).padStart(4, '0'),
      step: step + 1,
      ...lab,
    });
  }
  return {
    about: 'Generated for the benchmark.',
    maker: { id: 'BX', name: 'Benchmark', base: { l: 96, a: -0.5, b: 2 } },
    colours,
  };
}

/** One colour a line: readable differences. */
const write = (file: string, deck: { about: string; maker: object; colours: readonly object[] }) =>
  writeFileSync(
    file,
    `{\n "about": ${JSON.stringify(deck.about)},\n "maker": ${JSON.stringify(deck.maker)},\n "colours": [\n${deck.colours.map((c) => `  ${JSON.stringify(c)}`).join(',\n')}\n ]\n}\n`,
  );

const [count, file] = process.argv.slice(2);
if (count !== undefined) write(file!, largeDeck(Number(count)));
else {
  const all = new Map<string, string[]>();
  for (const maker of MAKERS) {
    const deck = demoDeck(maker);
    for (const c of deck.colours) all.set(c.name, [...(all.get(c.name) ?? []), c.code]);
    write(`demo/decks/${maker.name.toLowerCase()}.json`, deck);
    for (const c of deck.colours)
      process.stdout.write(`${c.code} ${c.name.padEnd(18)} ${c.strip.padEnd(16)} ${describeColour(c)}\n`);
  }
  process.stdout.write(
    `${[...all]
      .filter(([, codes]) => codes.length > 1)
      .map(([name, codes]) => `${name}: ${codes.join(', ')}`)
      .join('\n')}\n`,
  );
}
