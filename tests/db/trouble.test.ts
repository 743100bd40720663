import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { openDatabase, NotEmpty } from '@/data/db';
import { claimFolder } from '@/data/folder-claim';
import { DiskFull } from '@/data/folder/room-left';
import { JournalBroken } from '@/data/journal/journal';
import { JournalDamaged, JournalNewer } from '@/data/journal/scan';
import { FolderNewer, migrate } from '@/data/migrate';
import { isFatal, TookTooLong, withinTime } from '@/data/within-time';
import { FolderDamaged, FolderInUse, isOfTheDisk, NO_WORDS, NotADemo, sayTrouble } from '@/server/folder/trouble';
import { quickFolder } from '../quick-folder';
import { TEMPLATE } from './made-up';

const here = mkdtempSync(path.join(quickFolder(), 'elm-trouble-'));
afterAll(() => rmSync(here, { recursive: true, force: true }));
const system = (code: string) => Object.assign(new Error(`${code}: something`), { code });

test.each<readonly [string, unknown, RegExp]>([
  ['a full disk', system('ENOSPC'), /disk is full.*Make room/],
  ['a full disk, told by the database', system('53100'), /disk is full/],
  ['little room', new DiskFull(12_000_000), /12 MB are left.*Make room/],
  ['no right', system('EACCES'), /no right.*--data/],
  ['a disk that can only be read', system('EROFS'), /only be read/],
  [
    'a damaged journal',
    new JournalDamaged('0002.jsonl', 37, 'it is not as it was written'),
    /0002\.jsonl, line 37.*bin\/restore/,
  ],
  ['a damaged folder', new FolderDamaged('x', 'why'), /damaged: why.*bin\/restore/],
  ['a newer version', new FolderNewer(['0099_x.sql']), /newer Elm Swatch/],
  ['a newer journal', new JournalNewer('0001.jsonl', 9), /newer Elm Swatch/],
  ['a port in use', system('EADDRINUSE'), /port is in use.*--port/],
  ['a folder that is in use', new FolderInUse('x', 7), /process 7/],
  ['a folder below a file', system('ENOTDIR'), /is a file/],
  ['files that are no database', new NotEmpty('pg'), /no database/],
  ['a demo in a folder of its own', new NotADemo('x'), /leaves it as it is/],
  ['a journal that cannot be written', new JournalBroken(system('EIO')), /can not be written/],
  ['a database that stopped', new WebAssembly.RuntimeError('Aborted(). Build with -sASSERTIONS'), /database stopped/],
  ['a database that does not answer', new TookTooLong(1000, true), /did not answer/],
])('%s is a sentence with what to do', (_, error, says) => {
  const told = sayTrouble(error);
  expect(told).toMatch(says);
  expect(told).not.toMatch(/Aborted\(|\[object|undefined|Error:/);
});

test.each([new Error('who knows'), 'text', undefined, null, { a: 1 }])('%p has no words of its own, and is printed', (error) =>
  expect(sayTrouble(error)).toBe(NO_WORDS),
);

test('only what the disk says is waited for', () => {
  expect([system('ENOSPC'), system('EIO'), new DiskFull(1)].map(isOfTheDisk)).toEqual([true, true, true]);
  expect([system('23505'), new Error('x'), undefined].map(isOfTheDisk)).toEqual([false, false, false]);
});

test('a folder that is a file is told as one', () => {
  const file = path.join(here, 'file');
  writeFileSync(file, 'x');
  const wrong = (() => {
    try {
      return claimFolder(file);
    } catch (e) {
      return e;
    }
  })();
  expect(sayTrouble(wrong)).toMatch(/is a file/);
});

describe('time limits', () => {
  test('a transaction that goes on too long is taken back, and the database goes on', async () => {
    const ends: unknown[] = [];
    const db = await openDatabase(undefined, TEMPLATE, { limits: { workMs: 200, stuckMs: 5000 }, onFatal: (e) => ends.push(e) });
    await migrate(db);
    const late = db.transaction(async (sql) => {
      await sql.query(`insert into maker (id, name) values ('XX', 'half')`);
      await new Promise(() => undefined);
    });
    await expect(late).rejects.toBeInstanceOf(TookTooLong);
    expect(await db.query(`select id from maker where id = 'XX'`)).toEqual([]);
    expect(ends).toEqual([]);
    await db.close();
  });

  test('a database that does not answer is past using, told once', async () => {
    const never = withinTime(new Promise(() => undefined), 10);
    await expect(never).rejects.toMatchObject({ stuck: true });
    expect(await never.catch(isFatal)).toBe(true);
    expect(isFatal(new TookTooLong(1, false))).toBe(false);
  });

  test('what is asked after it was closed is refused, not waited for', async () => {
    const ends: unknown[] = [];
    const db = await openDatabase(undefined, TEMPLATE, { onFatal: (e) => ends.push(e) });
    await db.close();
    await expect(db.query('select 1')).rejects.toThrow('the database was closed');
    expect(ends).toEqual([]);
  });
});
