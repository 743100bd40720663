import { execFileSync } from 'node:child_process';
import {
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { checkFolder } from '@/server/archive/check-folder';
import { allCopies, backUp, keepCopy, keptDays, listCopies, readCopy, restore } from '@/server/archive/folder-copy';
import { ArchiveRefused } from '@/server/archive/zip';
import { openFolder } from '@/server/folder/open-folder';
import { sayTrouble } from '@/server/folder/trouble';
import { sha256 } from '@/server/sha256';
import { storePicture } from '@/server/pictures/store-picture';
import { quickFolder } from '../quick-folder';
import { doIt, madeUpVisit, TEMPLATE } from './made-up';
import { tablesOf } from './tables';

const here = mkdtempSync(path.join(quickFolder(), 'elm-copies-'));
const folder = path.join(here, 'data');
const file = path.join(here, 'copy.zip');
const JPEG = new Uint8Array([255, 216, 255, 1, 2, 3]);
const PICTURE = sha256(JPEG);
let tables: Awaited<ReturnType<typeof tablesOf>>;
let last: number;
beforeAll(async () => {
  const opened = await openFolder(folder, { template: TEMPLATE });
  const { roomId } = await madeUpVisit(opened.db);
  await storePicture(opened.db, PICTURE, { jpeg: JPEG, width: 60, height: 80 });
  await doIt(opened.db, { name: 'photo.add', roomId, picture: PICTURE, width: 60, height: 80, settings: 'locked' });
  tables = await tablesOf(opened.db);
  last = opened.db.journal.last();
  // while it is in use
  expect(backUp(folder, file)).toBe(last);
  await opened.close();
});
afterAll(() => rmSync(here, { recursive: true, force: true }));
const wrongIn = (at: string) => [...checkFolder(at)].filter((c) => c.wrong !== undefined);

test('a copy put into an empty folder opens with everything', async () => {
  const restored = path.join(here, 'restored');
  expect(restore(file, restored)).toBe(last);
  expect(wrongIn(restored)).toEqual([]);
  const opened = await openFolder(restored, { template: TEMPLATE });
  expect(await tablesOf(opened.db)).toEqual(tables);
  expect(await opened.db.pictures.read(PICTURE)).toEqual(JPEG);
  await opened.close();
});

test('a copy goes only into an empty folder', () => {
  const full = path.join(here, 'full');
  mkdirSync(full);
  writeFileSync(path.join(full, 'x'), 'x');
  expect(() => restore(file, full)).toThrow('only into an empty folder');
  expect(readdirSync(full)).toEqual(['x']);
});

test('a copy that was cut, or changed in any of its files, is refused before anything is written', () => {
  const whole = readFileSync(file);
  for (const at of [0.2, 0.5, 0.9, 0.999]) {
    const hurt = path.join(here, `hurt-${at}.zip`);
    writeFileSync(hurt, whole.subarray(0, Math.floor(whole.length * at)));
    expect(() => restore(hurt, path.join(here, `into-${at}`))).toThrow(ArchiveRefused);
    expect(existsSync(path.join(here, `into-${at}`))).toBe(false);
  }
  const flipped = path.join(here, 'flipped.zip');
  const bytes = Buffer.from(whole);
  const at = bytes.indexOf(Buffer.from(JPEG));
  bytes[at + 4]! ^= 1;
  writeFileSync(flipped, bytes);
  expect(() => restore(flipped, path.join(here, 'into-flipped'))).toThrow(`pictures/${PICTURE}.jpg in it is damaged`);
});

describe('dated copies', () => {
  test('one a day when something was written, and none when nothing was', () => {
    const at = path.join(here, 'dated');
    cpSync(folder, at, { recursive: true });
    expect(keepCopy(at, last, new Date('2026-11-26T10:00:00Z'))).toBe(true);
    expect(keepCopy(at, last, new Date('2026-11-27T10:00:00Z'))).toBe(false);
    expect(listCopies(at)).toEqual(['2026-11-26']);
    expect(wrongIn(at)).toEqual([]);
    truncateSync(path.join(at, 'copies', '2026-11-26.zip'), 500);
    expect(wrongIn(at)).toMatchObject([{ what: 'copy of 2026-11-26' }]);
  });

  test('one that ends later or holds more is never replaced: both are kept', () => {
    const at = path.join(here, 'held');
    cpSync(folder, at, { recursive: true });
    const now = new Date('2026-11-26T10:00:00Z');
    expect(keepCopy(at, last, now)).toBe(true);
    // the journal lost its end
    const journal = path.join(at, 'journal', '0001.jsonl');
    const lines = readFileSync(journal, 'utf8').trimEnd().split('\n');
    writeFileSync(journal, `${lines.slice(0, -1).join('\n')}\n`);
    expect(keepCopy(at, last - 1, now)).toBe(true);
    expect(allCopies(at)).toEqual(['2026-11-26.zip', `2026-11-26.held-${last}.zip`]);
    const seqOf = (name: string) => readCopy(path.join(at, 'copies', name)).seq;
    expect(allCopies(at).map(seqOf)).toEqual([last - 1, last]);
    // and a folder that lost its pictures
    writeFileSync(journal, `${lines.join('\n')}\n`);
    rmSync(path.join(at, 'pictures'), { recursive: true });
    expect(keepCopy(at, last, now)).toBe(true);
    expect(allCopies(at)).toHaveLength(3);
  });

  test('seven days are kept, and the last of each of four weeks', () => {
    const days = Array.from({ length: 60 }, (_, i) => new Date(Date.UTC(2026, 9, 1 + i)).toISOString().slice(0, 10));
    const kept = keptDays(days);
    expect(kept.slice(-7)).toEqual(days.slice(-7));
    // 2026-11-29 is a Sunday: the weeks before it end on the 22nd, the 15th and the 8th
    expect(kept.slice(0, -7)).toEqual(['2026-11-08', '2026-11-15', '2026-11-22']);
    expect(keptDays(['2026-11-26', '2026-03-01'])).toEqual(['2026-03-01', '2026-11-26']);
  });
});

describe('a folder whose journal and database are both gone', () => {
  const emptied = (name: string, ...left: readonly ('copies' | 'pictures' | 'port')[]) => {
    const at = path.join(here, name);
    cpSync(folder, at, { recursive: true });
    keepCopy(at, last, new Date('2026-11-26T10:00:00Z'));
    writeFileSync(path.join(at, 'port'), '4310');
    for (const part of readdirSync(at)) if (!left.includes(part as 'port')) rmSync(path.join(at, part), { recursive: true });
    return at;
  };
  const told = async (at: string) => {
    const before = readdirSync(at, { recursive: true }).sort();
    const error: unknown = await openFolder(at, { template: TEMPLATE }).then(
      () => undefined,
      (e: unknown) => e,
    );
    expect(readdirSync(at, { recursive: true }).sort()).toEqual(before);
    return sayTrouble(error);
  };

  test('is refused, with its newest copy and how to have it back', async () => {
    const says = await told(emptied('emptied', 'copies', 'pictures', 'port'));
    expect(says).toContain('a copy of 2026-11-26 is left');
    expect(says).toContain('bin/restore FOLDER/copies/2026-11-26.zip --data NEW-FOLDER');
  });

  test('is refused too where only a photograph or the port of last time is left', async () => {
    expect(await told(emptied('with-picture', 'pictures'))).toContain('a photograph is left');
    expect(await told(emptied('with-port', 'port'))).toContain('the port of last time is left');
  });

  test('a folder that never held anything opens empty', async () => {
    const opened = await openFolder(path.join(here, 'fresh'), { template: TEMPLATE });
    expect(opened.findings).toEqual([]);
    await opened.close();
  });
});

test('a picture that is missing or was changed, a line, a page: each is found and named', () => {
  const at = path.join(here, 'checked');
  cpSync(folder, at, { recursive: true });
  expect(wrongIn(at)).toEqual([]);
  const picture = path.join(at, 'pictures', `${PICTURE}.jpg`);
  writeFileSync(picture, 'other');
  expect(wrongIn(at)).toMatchObject([{ what: `pictures/${PICTURE}.jpg`, wrong: 'it is not as it was kept' }]);
  rmSync(picture);
  expect(wrongIn(at)).toMatchObject([{ wrong: 'it is missing' }]);
  cpSync(path.join(folder, 'pictures'), path.join(at, 'pictures'), { recursive: true });
  rmSync(path.join(at, 'pg', 'PG_VERSION'));
  expect(wrongIn(at)).toMatchObject([{ wrong: expect.stringContaining('PG_VERSION is missing') }]);
  const journal = path.join(at, 'journal', '0001.jsonl');
  writeFileSync(journal, readFileSync(journal, 'utf8').replace('visit.create', 'visit.creato'));
  expect(wrongIn(at).map((c) => c.wrong)).toContainEqual(expect.stringContaining('line 2'));
});

test('on the command line: backup, restore and check', () => {
  const env = { ...process.env, NODE_OPTIONS: '', TSX_TSCONFIG_PATH: path.resolve('tsconfig.json') };
  const run = (...args: string[]) => {
    try {
      return {
        code: 0,
        said: execFileSync(process.execPath, ['--import', 'tsx', 'src/cli/folder.ts', ...args], {
          env,
          stdio: 'pipe',
        }).toString(),
      };
    } catch (e) {
      const { status, stdout, stderr } = e as { status: number; stdout: Buffer; stderr: Buffer };
      return { code: status, said: `${stdout.toString()}${stderr.toString()}` };
    }
  };
  const zip = path.join(here, 'cli.zip');
  const into = path.join(here, 'cli');
  expect(run('backup', zip, '--data', folder)).toMatchObject({ code: 0, said: expect.stringContaining(`up to line ${last}`) });
  expect(run('backup', zip, '--data', folder)).toMatchObject({ code: 1, said: expect.stringContaining('is there already') });
  expect(run('restore', zip)).toMatchObject({ code: 2, said: expect.stringContaining('--data NEW-FOLDER') });
  expect(run('restore', zip, '--data', into).code).toBe(0);
  expect(run('check', '--data', into)).toMatchObject({ code: 0, said: expect.stringContaining(`journal, ${last} lines`) });
  rmSync(path.join(into, 'pictures', `${PICTURE}.jpg`));
  expect(run('check', '--data', into)).toMatchObject({ code: 1, said: expect.stringContaining('WRONG') });
  expect(run('check', '--data', path.join(here, 'nowhere')).code).toBe(1);
});
