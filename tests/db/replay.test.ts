import { rmSync, mkdtempSync } from 'node:fs';
import path from 'node:path';
import { seededRandom } from '@/core/base/random';
import { openDatabase } from '@/data/db';
import { journalInMemory } from '@/data/journal/journal';
import { migrate } from '@/data/migrate';
import type { Database } from '@/data/sql';
import { loadShippedDecks } from '@/server/deck/load-shipped';
import { loadDemo } from '@/server/demo/load';
import { openFolder } from '@/server/folder/open-folder';
import { replay } from '@/server/folder/replay';
import { storePicture } from '@/server/pictures/store-picture';
import { fewer, sampled } from '../campaign';
import { quickFolder } from '../quick-folder';
import { PICTURE } from '../random-writes';
import { TEMPLATE } from './made-up';
import { randomVisit } from './random-visit';
import { tablesOf } from './tables';

const STEPS = fewer(200, 2);

/** A database in memory whose journal can be read, and one that is made of that journal. */
async function journalled() {
  const journal = journalInMemory();
  const db = await openDatabase(undefined, TEMPLATE, { journal });
  await migrate(db);
  await loadShippedDecks(db);
  return { db, journal };
}
async function replayed(journal: ReturnType<typeof journalInMemory>): Promise<Database> {
  const db = await openDatabase(undefined, TEMPLATE);
  const lines = function* () {
    for (const line of journal.lines) yield { ...line, file: 'memory', line: line.seq };
  };
  await replay(db, lines());
  return db;
}

test.each(sampled([21, 22, 23], 3))(
  'a database made of the journal is the same, after any operations (seed %d)',
  async (seed) => {
    const { db, journal } = await journalled();
    await storePicture(db, PICTURE.hash, PICTURE);
    const random = seededRandom(seed);
    for (let n = 0; n < 2; n++) {
      const visit = await randomVisit(db, random);
      let refused = 0;
      for (let step = 0; step < STEPS; step++) {
        const before = journal.lines.length;
        const { applied } = await visit.step();
        // a line for what was done, none for what was refused
        expect(journal.lines.length - before).toBe(applied.ok ? 1 : 0);
        refused += applied.ok ? 0 : 1;
      }
      expect(refused).toBeGreaterThan(5);
    }
    const again = await replayed(journal);
    expect(await tablesOf(again)).toEqual(await tablesOf(db));
    await again.close();
    await db.close();
  },
);

test('the made-up visit too, with its pictures, looks, decisions and samples', async () => {
  const { db, journal } = await journalled();
  await loadDemo(db);
  const again = await replayed(journal);
  const tables = await tablesOf(db);
  expect(await tablesOf(again)).toEqual(tables);
  for (const table of ['verdict', 'photo', 'look_answer', 'decision', 'signature', 'sample'])
    expect(tables[table]!.length).toBeGreaterThan(0);
  await again.close();
  await db.close();
});

test('a write whose line cannot be kept is taken back, and the next one is done', async () => {
  const journal = journalInMemory();
  let full = false;
  const append: typeof journal.append = (entry) =>
    full ? Promise.reject(Object.assign(new Error('full'), { code: 'ENOSPC' })) : journal.append(entry);
  const ends: unknown[] = [];
  const db = await openDatabase(undefined, TEMPLATE, { journal: { ...journal, append }, onFatal: (e) => ends.push(e) });
  await migrate(db);
  await loadShippedDecks(db);
  await storePicture(db, PICTURE.hash, PICTURE);
  const visit = await randomVisit(db, seededRandom(3));
  const before = await tablesOf(db);
  full = true;
  // what is refused needs no line; the first that is done does
  const done = async () => {
    while (!(await visit.step()).applied.ok);
  };
  await expect(done()).rejects.toMatchObject({ code: 'ENOSPC' });
  expect(await tablesOf(db)).toEqual(before);
  full = false;
  await done();
  expect(await tablesOf(db)).not.toEqual(before);
  expect(ends).toEqual([]);
  await db.close();
});

test('a commit that fails after its line is kept ends the database; a new start does it', async () => {
  const here = mkdtempSync(path.join(quickFolder(), 'elm-commit-'));
  const opened = await openFolder(here, { template: TEMPLATE });
  const ends: unknown[] = [];
  const db = await openDatabase(undefined, TEMPLATE, { journal: opened.db.journal, onFatal: (e) => ends.push(e) });
  await migrate(db);
  await db.query(`create table late (id int primary key deferrable initially deferred)`);
  const work = db.journalled(async (sql) => {
    await sql.query('insert into late values (1), (1)');
    return { entry: { kind: 'forget', hashes: [] }, value: 1 };
  });
  await expect(work).rejects.toMatchObject({ code: '23505' });
  expect(ends).toHaveLength(1);
  await expect(db.query('select 1')).rejects.toMatchObject({ code: '23505' });
  const last = opened.db.journal.last();
  await opened.db.close();
  const again = await openFolder(here, { template: TEMPLATE });
  expect(again.db.journal.last()).toBe(last);
  // what stood there when it was opened first was kept
  expect(again.redone).toBe(1);
  await again.close();
  rmSync(here, { recursive: true });
});
