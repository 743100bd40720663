import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { brotliDecompressSync } from 'node:zlib';
import { SPECTRUM_STEPS } from '@/core/operations/visit-text';
import type { Room } from '@/core/record/room';
import { openDatabase } from '@/data/db';
import type { Database } from '@/data/sql';
import { openFolder, type OpenedFolder } from '@/server/folder/open-folder';
import { newsFrom } from '@/server/visits/news';
import { loadVisit } from '@/server/visits/load-visit';
import { TEMPLATE } from './made-up';
import { tablesOf } from './tables';

/** What a data folder of migration 0005 held, as the product read it then: tests/db/fixtures. */
const BEFORE = JSON.parse(readFileSync('tests/db/fixtures/folder-0005.json', 'utf8')) as {
  visit: { id: string; rooms: readonly Record<string, unknown>[] } & Record<string, unknown>;
  counts: Readonly<Record<string, number>>;
};
const here = mkdtempSync(path.join(tmpdir(), 'elm-old-'));

const folder = path.join(here, 'data');
let opened: OpenedFolder;
let db: Database;
beforeAll(async () => {
  const dump = path.join(here, 'folder.tar');
  writeFileSync(dump, brotliDecompressSync(readFileSync('tests/db/fixtures/folder-0005.tar.br')));
  mkdirSync(folder);
  await (await openDatabase(path.join(folder, 'pg'), dump)).close();
  opened = await openFolder(folder, { template: TEMPLATE });
  db = opened.db;
}, 120_000);
afterAll(async () => {
  await opened.close();
  rmSync(here, { recursive: true, force: true });
});

/** A verdict as it was kept before, of one as it is read now. */
const asBefore = ({
  predictedIn: _,
  lookId: ___,
  seen: ____,
  moreReasons: _____,
  moment,
  ...verdict
}: Room['verdicts'][number]) => {
  if (!moment) return { ...verdict, moment };
  const { lux: __, ...rest } = moment;
  return { ...verdict, moment: rest };
};
type Known = Record<string, unknown>;
/** Spectra of candidates are mixed when a visit is read, now to the ten-thousandth. */
const withoutSpectrum = <T extends { readonly spectrum: unknown }>({ spectrum: _, ...rest }: T) => rest;
const withoutOrdinal = <T extends { readonly ordinal: number }>({ ordinal: _, ...rest }: T) => rest;
/** At full strength a colour has its deck's own Lab now, and not what its formula computes to: the same to the hundredth. */
const plain = (value: unknown): unknown =>
  JSON.parse(JSON.stringify(value), (key, v: unknown) =>
    ['l', 'a', 'b'].includes(key) && typeof v === 'number' ? Math.round(v * 100) / 100 : v,
  );
const sorted = (all: unknown): unknown => (all as { id: string }[]).map((one) => one.id).sort();

test('a data folder made before opens with nothing lost', async () => {
  const visit = (await loadVisit(db, BEFORE.visit.id))!;
  const { rooms, ...head } = BEFORE.visit;
  expect(visit).toMatchObject(head);
  expect(visit.rooms).toHaveLength(rooms.length);
  visit.rooms.forEach((room, i) => {
    const before: Known = rooms[i]!;
    const { verdicts, stays, candidates, photos, readings, lamps, schemes, ...same } = room;
    for (const part of Object.keys(before).filter((key) => key in same))
      expect(same[part as keyof typeof same]).toEqual(before[part]);
    expect(schemes).toEqual(
      (before['schemes'] as Known[]).map((s) => ({ ...s, kind: null, parts: [], locked: [], things: [], pickedAt: null })),
    );
    expect(lamps.map(({ ra, ...lamp }) => (ra === null ? lamp : ra))).toEqual(before['lamps']);
    expect(verdicts.map(asBefore)).toEqual(before['verdicts']);
    // what a thing is was not asked then
    expect(
      stays.map(({ thing, picture, ...stay }) => (thing === null && picture === null ? withoutOrdinal(stay) : thing)),
    ).toEqual(before['stays']);
    const were = before['candidates'] as Room['candidates'];
    expect(candidates.map((c) => plain(withoutSpectrum(withoutOrdinal(c))))).toEqual(were.map((c) => plain(withoutSpectrum(c))));
    candidates.forEach(({ spectrum }, k) =>
      spectrum?.forEach((r, n) => expect(Math.abs(r - were[k]!.spectrum![n]!)).toBeLessThan(1 / SPECTRUM_STEPS)),
    );
    expect(photos.map(({ picture: _, predicted: __, ...photo }) => photo)).toEqual(before['photos']);
    expect(new Set(photos.map((p) => p.predicted))).not.toContain(undefined);
    expect(sorted(readings)).toEqual(sorted(before['readings']));
  });
});

test('every row is there, pictures too, and what was taken out comes back', async () => {
  for (const [table, n] of Object.entries(BEFORE.counts))
    expect([table, await db.query(`select count(*)::int4 as n from ${table}`)]).toEqual([table, [{ n }]]);
  const visit = (await loadVisit(db, BEFORE.visit.id))!;
  const photos = visit.rooms.flatMap((r) => r.photos);
  expect(photos.length).toBeGreaterThan(0);
  for (const { picture } of photos)
    expect((await db.pictures.read(picture))!.subarray(0, 3)).toEqual(new Uint8Array([255, 216, 255]));
  expect(visit.rooms[1]!.retired).toMatchObject({ candidates: [{ maker: 'Tullacote' }], stays: [{ kind: 'furnishing' }] });
});

test('verdicts without a moment had been predicted as in the deck; where the others were is not known', async () => {
  const verdicts = (await loadVisit(db, BEFORE.visit.id))!.rooms.flatMap((r) => r.verdicts);
  const withMoment = verdicts.filter((v) => v.moment !== null);
  expect(withMoment.map((v) => v.predictedIn)).toEqual([null]);
  expect(verdicts.length).toBeGreaterThan(30);
  for (const v of verdicts) if (!v.moment) expect(v.predictedIn).toBe('deck');
});

test('the old journal belongs to its visit', async () => {
  const orphans = await db.query(`select name from operation where visit_id is null and name <> 'deck.import'`);
  expect(orphans).toEqual([]);
  const news = await newsFrom(db, BEFORE.visit.id, undefined);
  expect(news).toMatchObject({ kind: 'visit', revision: { seq: expect.any(Number) } });
  if (news?.kind !== 'visit') throw new Error('no visit');
  expect(news.revision.seq).toBeGreaterThanOrEqual(BEFORE.counts['operation']!);
});

test('its journal is written once, and a database made of it is the same, row for row', async () => {
  const before = await tablesOf(db);
  const visit = await loadVisit(db, BEFORE.visit.id);
  await opened.close();
  const journal = path.join(folder, 'journal', '0001.jsonl');
  const text = readFileSync(journal, 'utf8');
  expect(text.split('\n').length).toBeGreaterThan(10);
  rmSync(path.join(folder, 'pg'), { recursive: true });
  opened = await openFolder(folder, { template: TEMPLATE });
  db = opened.db;
  expect(opened.findings).toMatchObject([{ kind: 'remade' }]);
  expect(await tablesOf(db)).toEqual(before);
  expect(await loadVisit(db, BEFORE.visit.id)).toEqual(visit);
  expect(readFileSync(journal, 'utf8')).toBe(text);
});
