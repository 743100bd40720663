/**
 * Makes the invented tint system and the two demo decks from it: strips of depth steps over the neutral families and the colours, drawn as
 * aims in CIELAB (D65, 10°), each then matched with colourants, so that every colour has a formula, a spectrum and a base. Names are
 * put together from invented words. Run after changing it: npx tsx scripts/make-decks.ts
 * With a number it makes one large Lab-only deck for the benchmark instead: npx tsx scripts/make-decks.ts 4000 FILE
 */
import { writeFileSync } from 'node:fs';
import { basesOf, DEMO_TINT_SYSTEM } from '../demo/tint-curves';
import { COLOURS, NEUTRALS, STEPS, stripAims, WHITES, type Shift, type Strip } from '../demo/strips';
import { describeColour } from '../src/core/colour/family';
import { GRID } from '../src/core/colour/grid';
import { labFromXyz } from '../src/core/colour/lab';
import { reflectanceFromLab } from '../src/core/colour/reflectance';
import { D65_10, tristimulus } from '../src/core/colour/tristimulus';
import type { Lab } from '../src/core/colour/types';
import { writeCgats } from '../src/core/formats/deck/cgats';
import type { Deck, DeckBase, DeckEntry } from '../src/core/formats/deck/deck';
import { deckTable } from '../src/core/formats/deck/write-table';
import { MOST_COLOURANT } from '../src/core/paint/dispense';
import { opaqueReflectance } from '../src/core/paint/film';
import { matchWith } from '../src/core/paint/match-formula';
import { loadOf, mix, type Formula, type TintBase } from '../src/core/paint/tint-system';
import { csvFile } from '../src/server/exports/csv';

const FIRST =
  'Husk Ferrow Quern Kell Ossel Wend Thrim Pell Dunnet Marrow Tansel Hollin Sark Brock Lathe Orrin Cobb Vell Aldon Birrel Esk Garth Isel'.split(
    ' ',
  );
const SECOND =
  'Tollan Shell Mossen Wharf Quillan Skerrin Brannick Oswick Pellick Dorrin Tamsel Vennick Ullet Corrin Hathen Lorrick Grissel Murrin Penlow Yarrel'.split(
    ' ',
  );

const rounded = (v: number, digits: number) => Math.round(v * 10 ** digits) / 10 ** digits;
const spectrumOf = (r: Float64Array) => ({ start: GRID.start, step: GRID.step, values: Array.from(r, (v) => rounded(v, 5)) });
const labOf = (values: readonly number[]) => labFromXyz(tristimulus(values, D65_10));

/** Colourants as a counter prefers them: earths first, the strong organic ones where nothing else reaches. */
const PRICE: Readonly<Record<string, number>> = { ochre: 1, 'oxide-red': 1, 'raw-umber': 1, 'burnt-brown': 1.2, lampblack: 1.5 };
const sumOf = (ids: readonly string[]) => ids.reduce((sum, id) => sum + (PRICE[id] ?? 4), 0);
const priceOf = (formula: Formula) => Object.entries(formula).reduce((sum, [id, ml]) => sum + ml * (PRICE[id] ?? 4), 0);

const IDS = DEMO_TINT_SYSTEM.colourants.map((c) => c.id).filter((id) => id !== 'white');
const TRIPLES = IDS.flatMap((a, i) => IDS.slice(i + 1).flatMap((b, j) => IDS.slice(i + j + 2).map((c) => [a, b, c] as const)));

const BY_PRICE = [...TRIPLES].sort((p, q) => sumOf(p) - sumOf(q));
/** Matches to compare before the cheapest is taken: cheap triples are tried first. */
const COMPARED = 4;

/** A cheap formula of three colourants for an aim, in the whitest base that takes it; amounts to 0.01 ml per litre. */
function formulaFor(aim: Lab, bases: readonly TintBase[]): { base: TintBase; formula: Formula } | undefined {
  for (const base of bases) {
    const found: Formula[] = [];
    for (const ids of BY_PRICE) {
      const matched = matchWith({ system: DEMO_TINT_SYSTEM, base }, aim, ids);
      if (matched.ok && loadOf(matched.value.formula) <= MOST_COLOURANT[base.kind]) found.push(matched.value.formula);
      if (found.length === COMPARED) break;
    }
    const [cheapest] = found.sort((p, q) => priceOf(p) - priceOf(q));
    if (!cheapest) continue;
    const amounts = Object.entries(cheapest).map(([id, ml]) => [id, rounded(ml, 2)] as const);
    return { base, formula: Object.fromEntries(amounts.filter(([, ml]) => ml > 0)) };
  }
  return undefined;
}

/** The formula for an aim, or for a little less chroma and a little more depth where these colourants do not reach it. */
function nearestFormula(aim: Lab, bases: readonly TintBase[]): { base: TintBase; formula: Formula } {
  for (let step = 0; step < 8; step++) {
    const share = 1 - 0.08 * step;
    const found = formulaFor({ l: aim.l - 0.3 * step, a: aim.a * share, b: aim.b * share }, bases);
    if (found) return found;
  }
  throw new RangeError(`no formula near L* ${aim.l.toFixed(1)} a* ${aim.a.toFixed(1)} b* ${aim.b.toFixed(1)}`);
}

type Maker = {
  readonly id: 'FR' | 'TC';
  readonly name: string;
  readonly grey: number;
  readonly yellow: number;
  readonly codes: (strip: number, step: number) => string;
  readonly shift: Shift;
  readonly firstName: number;
};
const MAKERS: readonly Maker[] = [
  {
    id: 'FR',
    name: 'Ferrowmere',
    grey: 0.0006,
    yellow: 0.001,
    codes: (s, k) => `FR ${3000 + s * 10 + k}`,
    shift: { hue: 0, chroma: 1, light: 0 },
    firstName: 0,
  },
  {
    id: 'TC',
    name: 'Tullacote',
    grey: 0.0009,
    yellow: 0.0022,
    codes: (s, k) => `TC ${String(s * 30 + k).padStart(4, '0')}`,
    shift: { hue: 5, chroma: 0.88, light: -1.3 },
    firstName: 210,
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
const nameOf = (n: number) =>
  `${FIRST[n % FIRST.length]!} ${SECOND[(Math.floor(n / FIRST.length) + (n % FIRST.length) * 7) % SECOND.length]!}`;

function demoDeck(maker: Maker, bases: readonly TintBase[]): Deck {
  const strips: readonly Strip[] = [...NEUTRALS, ...COLOURS, ...WHITES];
  const used = new Set<string>(SHARED.map((s) => s.name));
  let n = maker.firstName;
  const unused = (): string => {
    for (;;) {
      const name = nameOf(n++);
      if (used.has(name)) continue;
      used.add(name);
      return name;
    }
  };
  const colours = strips.flatMap((strip, s) =>
    stripAims(strip, maker.shift).map((aim, k): DeckEntry => {
      const { base, formula } = nearestFormula(aim, bases);
      const shared = SHARED.find((x) => x[maker.id][0] === s && x[maker.id][1] === k);
      return {
        code: maker.codes(s + 1, k + 1),
        name: shared?.name ?? unused(),
        strip: `${String(s + 1).padStart(2, '0')} ${strip.name}`,
        step: k + 1,
        base: base.id,
        spectrum: spectrumOf(opaqueReflectance(mix(DEMO_TINT_SYSTEM, base, formula), DEMO_TINT_SYSTEM.surface)),
        formula,
      };
    }),
  );
  return {
    format: 'elm-swatch/deck',
    version: 1,
    about: 'Made up for the demo: no such maker, name or code exists.',
    maker: { id: maker.id, name: maker.name },
    tintSystem: DEMO_TINT_SYSTEM.id,
    bases: bases.map((b): DeckBase => ({
      id: b.id,
      kind: b.kind,
      name: b.name,
      spectrum: spectrumOf(opaqueReflectance(b, DEMO_TINT_SYSTEM.surface)),
    })),
    colours,
  };
}

/** The colour of an aim, its chroma taken in until a surface can have it. */
function surfaceLab({ l, a, b }: Lab): Lab {
  for (let share = 1; share > 0; share -= 0.1) {
    const lab = { l: rounded(l, 2), a: rounded(share * a, 2), b: rounded(share * b, 2) };
    if (reflectanceFromLab(lab).ok) return lab;
  }
  return { l: rounded(l, 2), a: 0, b: 0 };
}

function largeDeck(count: number): Deck {
  const colours = Array.from({ length: count }, (_, i): DeckEntry => {
    const [strip, step] = [Math.floor(i / STEPS), i % STEPS];
    const [aim] = [
      stripAims(
        { name: '', hue: (strip * 137.5) % 360, chroma: 2 + (strip % 9) * 2.5, deepest: 34 },
        { hue: 0, chroma: 1, light: 0 },
      )[step]!,
    ];
    const lab = surfaceLab(aim);
    return {
      code: `BX ${String(i + 1).padStart(5, '0')}`,
      name: `Bench ${strip + 1} ${step + 1}`,
      strip: String(strip + 1).padStart(4, '0'),
      step: step + 1,
      base: 'BX:white',
      lab,
    };
  });
  const bases: DeckBase[] = [{ id: 'BX:white', kind: 'white', name: 'white base', lab: { l: 96, a: -0.5, b: 2 } }];
  return {
    format: 'elm-swatch/deck',
    version: 1,
    about: 'Generated for the benchmark.',
    maker: { id: 'BX', name: 'Benchmark' },
    bases,
    colours,
  };
}

/** One entry a line: readable differences. */
const lines = (entries: readonly object[]) => `[\n${entries.map((e) => `  ${JSON.stringify(e)}`).join(',\n')}\n ]`;
function writeJson(file: string, { bases, colours, ...head }: Deck): void {
  const fields = Object.entries(head).map(([k, v]) => ` ${JSON.stringify(k)}: ${JSON.stringify(v)}`);
  writeFileSync(file, `{\n${[...fields, ` "bases": ${lines(bases)}`, ` "colours": ${lines(colours)}`].join(',\n')}\n}\n`);
}

function writeDemo(): void {
  const plain = (curve: Float64Array) => Array.from(curve, (v) => Number(v.toPrecision(6)));
  const colourants = DEMO_TINT_SYSTEM.colourants.map((c) => ({ id: c.id, name: c.name, k: plain(c.k), s: plain(c.s) }));
  const allBases = MAKERS.map((m) => basesOf(m.id, m.grey, m.yellow));
  const bases = allBases
    .flat()
    .map((b) => ({ id: b.id, kind: b.kind, name: b.name, film: b.film, k: plain(b.k), s: plain(b.s) }));
  const { id, name, shotMl, surface } = DEMO_TINT_SYSTEM;
  const about =
    'Made up for the demo: no such colourants exist. K and S per ml/l in units of the white base’s scattering, 380–780 nm, 5 nm.';
  const head = { format: 'elm-swatch/tint-system', version: 1, about, id, name, shotMl, surface };
  const fields = Object.entries(head).map(([k, v]) => ` ${JSON.stringify(k)}: ${JSON.stringify(v)}`);
  writeFileSync(
    'demo/tint-system.json',
    `{\n${[...fields, ` "colourants": ${lines(colourants)}`, ` "bases": ${lines(bases)}`].join(',\n')}\n}\n`,
  );
  MAKERS.forEach((maker, i) => {
    const deck = demoDeck(maker, allBases[i]!);
    const file = `demo/decks/${maker.name.toLowerCase()}`;
    writeJson(`${file}.json`, deck);
    writeFileSync(`${file}.cgats`, writeCgats(deck));
    const { columns, rows } = deckTable(deck);
    writeFileSync(
      `${file}.csv`,
      csvFile(
        columns,
        rows.map((row) => Object.fromEntries(columns.map((c, k) => [c, row[k]!]))),
      ),
    );
    for (const c of deck.colours) {
      const said = describeColour(labOf(c.spectrum!.values));
      process.stdout.write(
        `${c.code} ${c.name.padEnd(18)} ${c.strip.padEnd(16)} ${c.base!.padEnd(9)} ${said.padEnd(46)} ${JSON.stringify(c.formula)}\n`,
      );
    }
  });
}

const [count, file] = process.argv.slice(2);
if (count !== undefined) writeJson(file!, largeDeck(Number(count)));
else writeDemo();
