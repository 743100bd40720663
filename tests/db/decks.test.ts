import { readFileSync } from 'node:fs';
import { deckSchema, type Deck } from '@/core/formats/deck/deck';
import { readCgats, writeCgats } from '@/core/formats/deck/cgats';
import { deckVersion, listDeck, listMakers } from '@/data/decks';
import type { Database } from '@/data/sql';
import { checkDecks, knownOf, type AskKnown } from '@/server/deck-files/preview';
import { MOST_PROBLEMS, MOST_ROWS, TOO_MANY_ROWS } from '@/core/formats/deck/deck';
import { decode, readDeckFile } from '@/server/deck-files/read-file';
import { potsKnown } from '@/core/paint/paint-facts';
import { factsFor } from '@/server/paint/facts';
import { NO_PRODUCT_LINES } from '@/core/paint/product-lines';
import { deckIn } from '@/server/deck-files/export';
import { deckColours } from '@/server/deck/deck-colour';
import { storeDeck } from '@/server/deck/store-deck';
import { loadShippedDecks } from '@/server/deck/load-shipped';
import { applyOperation, applyUnknown } from '@/server/operations/apply';
import { loadVisit } from '@/server/visits/load-visit';
import { doIt, freshDatabase, madeUpVisit, operation } from './made-up';

const bytes = (text: string, encoding: BufferEncoding = 'utf8') => new Uint8Array(Buffer.from(text, encoding));
const read = (text: string, name = 'test.csv') => readDeckFile(bytes(text), name);
const demo = (file: string) => readDeckFile(new Uint8Array(readFileSync(`demo/decks/${file}`)), file);
const json = (maker: string): Deck => deckSchema.parse(JSON.parse(readFileSync(`demo/decks/${maker}.json`, 'utf8')));
/** What a file says of a deck, its title aside. */
const content = (deck: Deck) => ({ ...deck, about: '' });

describe('the demo decks in open formats', () => {
  test.each(['ferrowmere', 'tullacote'])('%s is the same deck as JSON, CSV and CGATS', (maker) => {
    for (const kind of ['json', 'csv', 'cgats']) {
      const { decks, problems } = demo(`${maker}.${kind}`);
      expect(problems).toEqual([]);
      expect(decks.map(content)).toEqual([content(json(maker))]);
    }
  });

  test('what is written reads back without loss', () => {
    const deck = json('ferrowmere');
    expect(readDeckFile(bytes(writeCgats(deck)), 'x.txt').decks).toEqual([deck]);
  });
});

describe('CSV as people have it', () => {
  test('Lab only, hex only, semicolons and decimal commas', () => {
    const { decks, problems, notes } = read('code;name;L;a;b;hex\nA 1;Eins;84,5;3,2;11,5;\nA 2;Zwei;;;;#D9CFBD\n');
    expect(problems).toEqual([]);
    expect(notes).toContain('Columns are parted by semicolons.');
    expect(decks[0]!.colours).toMatchObject([
      { code: 'A 1', lab: { l: 84.5, a: 3.2, b: 11.5 } },
      { code: 'A 2', hex: '#d9cfbd' },
    ]);
    expect(decks[0]!.maker).toEqual({ id: 'test', name: 'test' });
  });

  test('other encodings are recognised and said', () => {
    expect(decode(bytes('Küche', 'latin1'))).toEqual({ text: 'Küche', encoding: 'Windows-1252' });
    expect(decode(new Uint8Array([0xff, 0xfe, ...bytes('Küche', 'utf16le')])).encoding).toBe('UTF-16');
    const latin = readDeckFile(bytes('code,name,L,a,b\nK 1,Küche,80,1,5\n', 'latin1'), 'x.csv');
    expect(latin.decks[0]!.colours[0]!.name).toBe('Küche');
    expect(latin.notes).toContain('Read as Windows-1252.');
  });

  test('every bad row is named with its line and its reason; the good ones stay', () => {
    const { decks, problems } = read(
      [
        'code,name,L,a,b,400,500,600',
        'G 1,good,80,1,5,,,',
        ',nameless,80,1,5,,,',
        'B 2,word,eighty,1,5,,,',
        'G 1,again,80,1,5,,,',
        'B 3,above one,,,,0.2,1.4,0.3',
        'B 4,gap,,,,0.2,,0.3',
        'B 5,percent,,,,20,40,30',
        `B 6,${'n'.repeat(201)},80,1,5,,,`,
        'B 7,too many,80,1,5,,,,9',
        'G 8,=HYPERLINK("x"),70,0,0,,,',
      ].join('\n'),
    );
    expect(decks[0]!.colours.map((c) => c.code)).toEqual(['G 1', 'G 8']);
    expect(decks[0]!.colours[1]!.name).toBe('=HYPERLINK("x")');
    expect(problems.map((p) => p.line)).toEqual([3, 4, 5, 6, 7, 8, 9, 10]);
    expect(problems.map((p) => p.reason).join('\n')).toMatch(
      /a code is missing[^]*“eighty”, not a number[^]*stands already in line 2[^]*1\.4 at 500 nm lies outside 0–1[^]*gap at 500 nm[^]*in percent\?[^]*At most 200[^]*9 cells, the head has 8/,
    );
  });

  test.each([
    ['', 'the file is empty'],
    ['name,L,a,b\nx,1,2,3\n', 'there is no column “code”'],
    ['code,code,L\n1,2,3\n', 'the column “code” stands twice'],
    ['code,400,450,600\nA,0.1,0.2,0.3\n', 'do not go up in even steps'],
  ])('%j cannot be read, in words', (text, reason) => {
    const { decks, problems } = read(text);
    expect(decks).toEqual([]);
    expect(problems[0]!.reason).toContain(reason);
  });
});

describe('CGATS', () => {
  test.each([
    ['BEGIN_DATA\n1 2\nEND_DATA\n', 'does not begin with CGATS'],
    ['CGATS.17\nBEGIN_DATA\n1 2\nEND_DATA\n', 'no list of fields'],
    [
      'CGATS.17\nBEGIN_DATA_FORMAT\nLAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n1 2 3\nEND_DATA\n',
      'there is no column “code”',
    ],
  ])('a broken header is answered by what is missing', (text, reason) => {
    const { decks, problems } = readCgats(text, { maker: 'x', about: 'x' });
    expect(decks).toEqual([]);
    expect(problems[0]!.reason).toContain(reason);
  });

  test('a cut-off file and a wrong count are said; short rows are named', () => {
    const text = [
      'CGATS.17',
      'NUMBER_OF_SETS 3',
      'BEGIN_DATA_FORMAT',
      'SAMPLE_ID LAB_L LAB_A LAB_B',
      'END_DATA_FORMAT',
      'BEGIN_DATA',
      'A1 70 1 2',
      'A2 70 1',
    ].join('\n');
    const { decks, problems } = readDeckFile(bytes(text), 'x.cgats');
    expect(decks[0]!.colours.map((c) => c.code)).toEqual(['A1']);
    expect(problems.map((p) => p.reason).join('\n')).toMatch(
      /NUMBER_OF_SETS says 3, there are 2[^]*may be cut off[^]*it has 3 values, the format lists 4/,
    );
  });
});

describe('JSON', () => {
  test('what does not fit the schema is named by its place', () => {
    expect(readDeckFile(bytes('{ "format": "elm-swatch/deck"'), 'x.json').problems[0]!.reason).toContain('the file is no JSON');
    const deck = { ...json('ferrowmere'), colours: [{ code: 'A', name: 'x', strip: '', step: 0 }] };
    expect(readDeckFile(bytes(JSON.stringify(deck)), 'x.json').problems[0]!.reason).toMatch(/^colour 1 \(A\), step: /);
  });
});

describe('taking a deck in', () => {
  let db: Database;
  const ask: AskKnown = (asked) => knownOf(db, asked);
  beforeAll(async () => {
    db = await freshDatabase();
  }, 60_000);
  afterAll(() => db.close());
  const quiet = async () => undefined;

  test('colours no surface can have and codes that are here already are left out', async () => {
    const preview = await checkDecks(
      ask,
      read('maker,code,name,L,a,b\nFR,FR 3112,dup,70,1,2\nNM,N 1,strong,50,140,0\nNM,N 2,good,70,2,9\n'),
      quiet,
    );
    expect(preview.problems).toEqual([
      { line: 2, reason: 'FR 3112: this code is in the deck already' },
      { line: 3, reason: 'N 1: no real surface has the colour L* 50.0 a* 140.0 b* 0.0' },
    ]);
    expect(preview.decks.map((d) => [d.maker.id, d.colours.length])).toEqual([
      ['FR', 0],
      ['NM', 1],
    ]);
    expect(preview.notes.join()).toContain('a usual white base');
    expect((await listDeck(db)).some((c) => c.makerId === 'NM')).toBe(false);
  });

  test('is taken whole, journaled, and shows in the deck with what it is', async () => {
    const preview = await checkDecks(
      ask,
      read('maker,code,name,strip,step,L,a,b\nNM,N 2,Kell Wharf,s,1,70,2,9\nNM,N 3,three,s,2,60,2,9\n'),
      quiet,
    );
    await doIt(db, { name: 'deck.import', decks: [...preview.decks] });
    const mine = deckColours((await listDeck(db)).filter((c) => c.makerId === 'NM'));
    expect(mine).toMatchObject([
      { code: 'N 2', sharedName: true, measured: false, hasFormula: false, baseKind: 'white' },
      { code: 'N 3', sharedName: false },
    ]);
  });

  test('of a maker nothing is known of nothing is claimed, until it is said; its LRV is kept beside ours', async () => {
    const preview = await checkDecks(
      ask,
      read(
        'Maker,Code,Colour name,L*,a*,b*,LRV\nOW,O 1,Oat,90,-2,9.5,78\nOW,O 2,Deep oat,78,-2,10,54\nOW,O 3,Moss,50,-14,20,18.5\n',
      ),
      quiet,
    );
    expect(preview.problems).toEqual([]);
    await doIt(db, { name: 'deck.import', decks: [...preview.decks] });
    const [oat, deep, moss] = deckColours((await listDeck(db)).filter((c) => c.makerId === 'OW'));
    expect(oat).toMatchObject({ makerLrv: 78, baseKnown: false, ownStrip: false, family: 'cream', step: 1 });
    expect([deep!.strip, moss!.strip]).not.toContain('');
    const asked = { deckColourId: oat!.id, strength: 75, under: null, containers: ['pint' as const] };
    const before = (await factsFor(db, [asked]))[0]!;
    expect(before).toMatchObject({ base: { assumed: true }, pours: [], makerId: 'OW' });
    expect(potsKnown(before)).toBe('unknown');
    const testPot = { called: 'tester, 250 ml', coversM2: 1.5 };
    await doIt(db, { name: 'deck.products', makerId: 'OW', products: { ...NO_PRODUCT_LINES, testPot } });
    expect(potsKnown((await factsFor(db, [asked]))[0]!)).toEqual(testPot);
    const out = (await deckIn(db, 'OW'))!;
    expect(out).toMatchObject({ bases: [], products: { testPot }, colours: [{ code: 'O 1', lrv: 78 }, {}, {}] });
    expect(out.colours.map((c) => c.base)).toEqual([undefined, undefined, undefined]);
  });

  test('a file changes no base and no maker that is here already, and takes no other maker’s base', async () => {
    const columns = 'kind,maker,maker_name,code,name,base,L,a,b';
    const rows = [
      'base,FR,Renamed,FR:white,other,white,80,5,5',
      'base,QQ,Quite new,TC:white,stolen,white,90,0,2',
      'colour,FR,Renamed,F 9,nine,FR:white,70,2,9',
    ];
    const preview = await checkDecks(ask, read(`${columns}\n${rows.join('\n')}\n`), quiet);
    expect(preview.problems).toEqual([{ line: 3, reason: 'the base TC:white is another maker’s' }]);
    expect(preview.notes.join()).toContain('bases that are here already stay as they are');
    const before = await db.query(`select id, l, name from base where id in ('FR:white', 'TC:white') order by id`);
    await doIt(db, { name: 'deck.import', decks: [...preview.decks].filter((d) => d.colours.length > 0) });
    expect(await db.query(`select id, l, name from base where id in ('FR:white', 'TC:white') order by id`)).toEqual(before);
    expect((await listDeck(db)).find((c) => c.code === 'F 9')).toMatchObject({ maker: 'Ferrowmere', baseKind: 'white' });
  });

  test('a file of too many makers is refused whole', async () => {
    const rows = Array.from({ length: 51 }, (_, i) => `M${i},C 1,x,70,2,9`);
    const preview = await checkDecks(ask, read(`maker,code,name,L,a,b\n${rows.join('\n')}\n`), quiet);
    expect([preview.decks, preview.problems[0]!.reason]).toEqual([[], 'it names 51 makers; a file has at most 50']);
  });

  test('half a deck is never written', async () => {
    const before = (await listDeck(db)).length;
    const deck = json('ferrowmere');
    const bad = {
      ...deck,
      maker: { id: 'HH', name: 'Half' },
      bases: [],
      colours: [{ ...deck.colours[0]!, base: 'HH:none', formula: undefined }],
    };
    delete (bad.colours[0] as { formula?: unknown }).formula;
    await expect(doIt(db, { name: 'deck.import', decks: [bad as Deck] })).rejects.toThrow('not-found');
    expect((await listDeck(db)).length).toBe(before);
  });

  test('cannot be slipped in past its preview', async () => {
    const slipped = operation({ name: 'deck.import', decks: [json('ferrowmere')] });
    expect(await applyUnknown(db, slipped)).toMatchObject({ ok: false, reason: 'invalid' });
  });

  test('a deck of 5,000 colours is read and checked with progress', async () => {
    const rows = Array.from(
      { length: 5000 },
      (_, i) => `BG,B ${i},colour ${i},${Math.floor(i / 8)},${(i % 8) + 1},${30 + (i % 60)},${(i % 9) - 4},${(i % 17) - 4}`,
    );
    const seen: number[] = [];
    const preview = await checkDecks(
      ask,
      read(`maker,code,name,strip,step,L,a,b\n${rows.join('\n')}\n`),
      async (done) => void seen.push(done),
    );
    expect(preview.decks[0]!.colours).toHaveLength(5000);
    expect(seen.length).toBeGreaterThan(20);
    await doIt(db, { name: 'deck.import', decks: [...preview.decks] });
    expect((await listDeck(db)).filter((c) => c.makerId === 'BG')).toHaveLength(5000);
  }, 60_000);
});

test('what a maker’s products are called goes with its deck, and never over what is said here', async () => {
  const db = await freshDatabase();
  const called = { ...NO_PRODUCT_LINES, wall: 'Silk Lime', trim: 'Hard Gloss' };
  const linesOf = async () => (await listMakers(db)).find((m) => m.id === 'FR')!.products;
  expect((await deckIn(db, 'FR'))!.products).toBeUndefined();
  await doIt(db, { name: 'deck.products', makerId: 'FR', products: called });
  expect(await linesOf()).toEqual(called);
  const file = deckSchema.parse(JSON.parse(JSON.stringify(await deckIn(db, 'FR', (id) => id === 'FR:FR 3122'))));
  expect(file.products).toEqual(called);
  const other = { ...file, products: { ...called, wall: 'Another' } };
  await storeDeck(db, other, { importId: null });
  expect(await linesOf()).toEqual(called);
  const fresh = await freshDatabase();
  await storeDeck(fresh, file, { importId: null });
  expect((await listMakers(fresh)).find((m) => m.id === 'FR')!.products).toEqual(called);
  // a restart changes nothing of it
  await loadShippedDecks(fresh);
  expect((await listMakers(fresh)).find((m) => m.id === 'FR')!.products).toEqual(called);
});

test('a deck is called otherwise and put away; what is tried of it stays, and a restart changes nothing of it', async () => {
  const db = await freshDatabase();
  const { visitId } = await madeUpVisit(db);
  const before = await deckVersion(db);
  await doIt(db, { name: 'deck.rename', makerId: 'FR', called: 'The blue fan' });
  expect((await listDeck(db)).find((c) => c.id === 'FR:FR 3122')!.maker).toBe('The blue fan');
  await doIt(db, { name: 'deck.retire', makerId: 'FR', retired: true });
  expect((await listDeck(db)).some((c) => c.makerId === 'FR')).toBe(false);
  expect(await deckVersion(db)).not.toBe(before);
  // the candidate of the visit is still what it was
  expect((await loadVisit(db, visitId))!.rooms[0]!.candidates[0]).toMatchObject({ code: 'FR 3122', maker: 'The blue fan' });
  expect((await listMakers(db)).find((m) => m.id === 'FR')).toMatchObject({ retired: true, tried: 1, visits: 1 });
  await loadShippedDecks(db);
  expect((await listMakers(db)).find((m) => m.id === 'FR')).toMatchObject({ name: 'The blue fan', retired: true });
  await doIt(db, { name: 'deck.retire', makerId: 'FR', retired: false });
  await doIt(db, { name: 'deck.rename', makerId: 'FR', called: null });
  expect((await listDeck(db)).find((c) => c.id === 'FR:FR 3122')!.maker).toBe('Ferrowmere');
  expect(await applyOperation(db, operation({ name: 'deck.retire', makerId: 'NONE', retired: true }))).toMatchObject({
    reason: 'not-found',
  });
  await db.close();
});

describe('a file larger than a deck', () => {
  const rows = (count: number, row: (n: number) => string) =>
    `code,name,L,a,b\n${Array.from({ length: count }, (_, n) => row(n)).join('\n')}\n`;
  const entry = (n: number, l: unknown = 60) => ({ code: `X ${n}`, name: 'x', strip: 'x', step: 1, lab: { l, a: 1, b: 2 } });
  const json = (colours: unknown) =>
    JSON.stringify({ format: 'elm-swatch/deck', version: 1, about: '', maker: { id: 'X', name: 'X' }, bases: [], colours });
  const cgats = (count: number) =>
    `CGATS.17\nBEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n${Array.from({ length: count }, (_, n) => `X${n} 60 1 2`).join('\n')}\nEND_DATA\n`;

  test.each([
    ['CSV', (n: number) => readDeckFile(bytes(rows(n, (i) => `X${i},x,60,1,2`)), 'x.csv')],
    ['JSON', (n: number) => readDeckFile(bytes(json(Array.from({ length: n }, (_, i) => entry(i)))), 'x.json')],
    ['CGATS', (n: number) => readDeckFile(bytes(cgats(n)), 'x.cgats')],
  ])('as %s: 20,000 rows are read, one more is refused whole', (_, of) => {
    expect(of(MOST_ROWS).decks[0]!.colours).toHaveLength(MOST_ROWS);
    expect(of(MOST_ROWS + 1)).toMatchObject({ decks: [], problems: [{ reason: TOO_MANY_ROWS }] });
  });

  test.each([
    ['CSV', () => readDeckFile(bytes(rows(5000, (i) => `X${i},x,none,1,2`)), 'x.csv'), 5000],
    ['JSON', () => readDeckFile(bytes(json(Array.from({ length: 5000 }, (_, i) => entry(i, 'none')))), 'x.json'), MOST_PROBLEMS],
  ])('as %s with nothing but bad rows: 200 are told', (_, of, count) => {
    const { decks, problems, problemCount } = of();
    expect([decks.flatMap((d) => d.colours), problems.length, problemCount]).toEqual([[], MOST_PROBLEMS, count]);
  });

  test('nested too deep, or with a member that is no list, is refused', () => {
    for (const text of [`${'['.repeat(100_000)}`, json({ a: 1 }), json(7), '{"format":"elm-swatch/deck","colours":null}'])
      expect(readDeckFile(bytes(text.startsWith('[') ? `{"a":${text}` : text), 'x.json')).toMatchObject({ decks: [] });
  });
});
