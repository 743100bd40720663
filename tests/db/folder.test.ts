import {
  cpSync,
  linkSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { crc32 } from 'node:zlib';
import { v7 } from 'uuid';
import { disk, DiskFull, KEPT_FREE, mustHaveRoom } from '@/data/folder/room-left';
import { openDatabase } from '@/data/db';
import { checkSeal, filesOf } from '@/data/folder/seal';
import { journalFiles } from '@/data/journal/scan';
import { listVisits } from '@/data/visits';
import { openFolder, type OpenedFolder } from '@/server/folder/open-folder';
import { sayFinding } from '@/server/folder/say-finding';
import { sayTrouble } from '@/server/folder/trouble';
import { storePicture } from '@/server/pictures/store-picture';
import { sha256 } from '@/server/sha256';
import { quickFolder } from '../quick-folder';
import { doIt, madeUpVisit, TEMPLATE } from './made-up';
import { tablesOf } from './tables';

const here = mkdtempSync(path.join(quickFolder(), 'elm-folder-'));
afterAll(() => rmSync(here, { recursive: true, force: true }));

const open = (folder: string) => openFolder(folder, { template: TEMPLATE, now: () => new Date('2026-11-26T19:16:47Z') });

/** A folder with a visit and a picture, closed; what it held, and its tables. */
let whole: string;
let tables: Awaited<ReturnType<typeof tablesOf>>;
let ids: Awaited<ReturnType<typeof madeUpVisit>>;
const JPEG = new Uint8Array([255, 216, 255, 1, 2, 3]);
const PICTURE = sha256(JPEG);
beforeAll(async () => {
  whole = path.join(here, 'whole');
  const opened = await open(whole);
  ids = await madeUpVisit(opened.db);
  await storePicture(opened.db, PICTURE, { jpeg: JPEG, width: 60, height: 80 });
  await doIt(opened.db, { name: 'photo.add', roomId: ids.roomId, picture: PICTURE, width: 60, height: 80, settings: 'locked' });
  tables = await tablesOf(opened.db);
  // as if much had been written since it was opened: it is kept again at the close
  rmSync(path.join(whole, 'pg.kept'), { recursive: true });
  await opened.close();
});

/** A copy of the folder to be hurt. */
function copy(): string {
  const folder = path.join(here, v7());
  cpSync(whole, folder, { recursive: true });
  return folder;
}
const journalOf = (folder: string) => path.join(folder, 'journal', journalFiles(path.join(folder, 'journal')).at(-1)!);

async function opensAs(folder: string, what: (opened: OpenedFolder) => void) {
  const opened = await open(folder);
  try {
    expect(await tablesOf(opened.db)).toEqual(tables);
    expect(await opened.db.pictures.read(PICTURE)).toEqual(JPEG);
    what(opened);
  } finally {
    await opened.close();
  }
}

describe('a folder that was closed', () => {
  test('opens as it is, and a start where nothing changed writes nothing', async () => {
    const folder = copy();
    const before = readFileSync(journalOf(folder));
    await opensAs(folder, ({ findings, redone }) => expect([findings, redone]).toEqual([[], 0]));
    expect(readFileSync(journalOf(folder)).equals(before)).toBe(true);
    expect(readdirSync(path.join(folder, 'journal'))).toEqual(['0001.jsonl']);
  });

  test('is sealed while it is closed and not while it is open', async () => {
    const folder = copy();
    const database = path.join(folder, 'pg');
    expect(checkSeal(database)).toMatchObject({ kind: 'whole' });
    const opened = await open(folder);
    expect(checkSeal(database)).toEqual({ kind: 'open' });
    await opened.close();
    expect(checkSeal(database)).toMatchObject({ kind: 'whole' });
  });
});

describe('a folder that was hurt', () => {
  const relation = (folder: string) => {
    const base = path.join(folder, 'pg', 'base', '5');
    return path.join(
      base,
      readdirSync(base).sort((a, b) => statSync(path.join(base, b)).size - statSync(path.join(base, a)).size)[0]!,
    );
  };
  const flip = (file: string, at: number) => {
    const bytes = readFileSync(file);
    bytes[at]! ^= 4;
    writeFileSync(file, bytes);
  };
  test.each<readonly [string, (folder: string) => void, string]>([
    ['a bit flipped in a table', (f) => flip(relation(f), 5000), 'is not as it was written'],
    ['the control file missing', (f) => rmSync(path.join(f, 'pg', 'global', 'pg_control')), 'pg_control is missing'],
    ['its version missing', (f) => rmSync(path.join(f, 'pg', 'PG_VERSION')), 'PG_VERSION is missing'],
    ['its log missing', (f) => rmSync(path.join(f, 'pg', 'pg_wal'), { recursive: true }), 'is missing'],
    ['the database gone', (f) => rmSync(path.join(f, 'pg'), { recursive: true }), 'its files are gone'],
    ['a torn seal', (f) => truncateSync(path.join(f, 'pg.seal'), 100), 'its seal cannot be read'],
  ])('%s: the database is set aside and made anew, and that is told', async (_, hurt, why) => {
    const folder = copy();
    hurt(folder);
    await opensAs(folder, ({ findings }) =>
      expect(findings).toMatchObject([{ kind: 'remade', why: expect.stringContaining(why) }]),
    );
    const aside = readdirSync(folder).filter((name) => name.startsWith('pg.damaged-2026-11-26T19-16-47Z'));
    expect(aside).toHaveLength(why === 'its files are gone' ? 0 : 1);
    // told once
    await opensAs(folder, ({ findings }) => expect(findings).toEqual([]));
  });

  test.each([
    ['with the one that was kept at the close only what came after is done again', () => undefined, 0],
    ['without it all of the journal is', (kept: string) => rmSync(kept, { recursive: true }), 6],
    [
      'a kept one that is not as it was written is not used',
      (kept: string) => {
        const file = path.join(
          kept,
          filesOf(kept).find((f) => f.startsWith('base') && statSync(path.join(kept, f)).size > 0)!,
        );
        const bytes = readFileSync(file);
        bytes[bytes.length >> 1]! ^= 1;
        writeFileSync(file, bytes);
      },
      6,
    ],
    [
      'nor is one of another journal',
      (kept: string) => {
        const seal = readFileSync(`${kept}.seal`, 'utf8').replace(/"mark":"[0-9a-f]{8}"/, '"mark":"00000000"');
        const body = seal.slice(seal.indexOf(' ') + 1);
        writeFileSync(`${kept}.seal`, `${crc32(body)} ${body}`);
      },
      6,
    ],
  ])('not closed: the database is made anew; %s', async (_, hurt, lines) => {
    const folder = copy();
    rmSync(path.join(folder, 'pg.seal'));
    hurt(path.join(folder, 'pg.kept'));
    await opensAs(folder, ({ findings, redone }) => {
      expect(findings).toEqual([]);
      expect(redone).toBe(lines);
    });
  });

  test('not closed after more was written: that alone is done again, and the answers are the same', async () => {
    const folder = copy();
    const opened = await open(folder);
    for (let n = 0; n < 3; n++)
      await doIt(opened.db, { name: 'note.add', roomId: ids.roomId, candidateId: null, words: `later ${n}` });
    const after = await tablesOf(opened.db);
    // the process was killed: nothing was closed
    const killed = path.join(here, v7());
    cpSync(folder, killed, { recursive: true });
    await opened.close();
    const again = await open(killed);
    expect(again.redone).toBe(3);
    expect(await tablesOf(again.db)).toEqual(after);
    await again.close();
  });

  test('kept while it is open, in the middle of writing: a start after a kill does again what came later', async () => {
    const folder = copy();
    const opened = await open(folder);
    const say = (words: string) => doIt(opened.db, { name: 'note.add', roomId: ids.roomId, candidateId: null, words });
    await Promise.all([say('one'), say('two'), opened.keep(1), say('three')]);
    await say('four');
    const after = await tablesOf(opened.db);
    const killed = path.join(here, v7());
    cpSync(folder, killed, { recursive: true });
    await opened.close();
    const again = await open(killed);
    expect(again.redone).toBeGreaterThan(0);
    expect(again.redone).toBeLessThan(4);
    expect([again.findings, await tablesOf(again.db)]).toEqual([[], after]);
    await again.close();
  });

  test('journal and database gone: a database that was kept says that there was something', async () => {
    const folder = copy();
    for (const name of ['journal', 'pg', 'pictures']) rmSync(path.join(folder, name), { recursive: true });
    rmSync(path.join(folder, 'pg.seal'));
    rmSync(path.join(folder, 'copies'), { recursive: true, force: true });
    await expect(open(folder)).rejects.toThrow(/kept at a close/);
  });

  test('what is half built from an earlier start is taken away, and nothing is unpacked over anything', async () => {
    const folder = copy();
    rmSync(path.join(folder, 'pg.seal'));
    cpSync(path.join(folder, 'pg'), path.join(folder, 'pg.new'), { recursive: true });
    await opensAs(folder, () => undefined);
    // what is no more needed may still be on its way out
    expect(readdirSync(folder).filter((n) => /(?<!\.gone)\.new$/.test(n))).toEqual([]);
  });

  test('the journal lost or shortened, the database whole: the journal is written anew', async () => {
    for (const hurt of [
      (f: string) => rmSync(path.join(f, 'journal'), { recursive: true }),
      (f: string) => {
        const text = readFileSync(journalOf(f), 'utf8');
        writeFileSync(journalOf(f), text.slice(0, text.lastIndexOf('\n', text.length - 2) + 1));
      },
    ]) {
      const folder = copy();
      hurt(folder);
      await opensAs(folder, ({ findings }) => expect(findings).toMatchObject([{ kind: 'rewritten' }]));
      // and is complete: a database made of it is the same
      rmSync(path.join(folder, 'pg'), { recursive: true });
      await opensAs(folder, ({ findings }) => expect(findings).toMatchObject([{ kind: 'remade' }]));
    }
  });

  test('a torn last line is cut off and told; what was shown as saved is there', async () => {
    const folder = copy();
    const bytes = readFileSync(journalOf(folder));
    writeFileSync(journalOf(folder), Buffer.concat([bytes, Buffer.from('{"crc":"00000000","seq":7,"v":1,"kin')]));
    rmSync(path.join(folder, 'pg.seal'));
    await opensAs(folder, ({ findings }) => expect(findings).toMatchObject([{ kind: 'torn', file: '0001.jsonl', line: 7 }]));
    expect(readFileSync(journalOf(folder)).equals(bytes)).toBe(true);
  });

  test('a bad line earlier stops, names itself, and nothing is changed', async () => {
    const folder = copy();
    rmSync(path.join(folder, 'pg.seal'));
    flip(journalOf(folder), readFileSync(journalOf(folder), 'utf8').indexOf('"visit.create"') + 3);
    const before = readFileSync(journalOf(folder));
    await expect(open(folder)).rejects.toThrow('journal/0001.jsonl, line 2: it is not as it was written');
    expect(readFileSync(journalOf(folder)).equals(before)).toBe(true);
    expect(checkSeal(path.join(folder, 'pg'))).toEqual({ kind: 'open' });
  });

  test('a bit flipped in the journal beside a database that is whole: the journal is written anew', async () => {
    const folder = copy();
    flip(journalOf(folder), readFileSync(journalOf(folder), 'utf8').indexOf('"visit.create"') + 3);
    await opensAs(folder, ({ findings }) => expect(findings).toMatchObject([{ kind: 'rewritten' }]));
    expect(readdirSync(folder).filter((n) => n.startsWith('journal.damaged-'))).toHaveLength(1);
  });

  test('a journal that goes on after the database is followed', async () => {
    const folder = copy();
    const opened = await open(folder);
    await doIt(opened.db, { name: 'room.rename', roomId: ids.roomId, revision: 1, room: 'Parlour' });
    const after = await tablesOf(opened.db);
    await opened.close();
    // the database of before, with the journal of after
    for (const name of ['pg', 'pg.seal']) {
      rmSync(path.join(folder, name), { recursive: true });
      cpSync(path.join(whole, name), path.join(folder, name), { recursive: true });
    }
    const again = await open(folder);
    expect(again.redone).toBe(1);
    expect(await tablesOf(again.db)).toEqual(after);
    expect(await listVisits(again.db)).toHaveLength(1);
    await again.close();
  });
});

test('a folder whose files are those of another (hard links) writes on its own', async () => {
  const folder = copy();
  const linked = path.join(here, v7());
  cpSync(folder, linked, { recursive: true });
  for (const name of filesOf(folder)) {
    rmSync(path.join(linked, name));
    linkSync(path.join(folder, name), path.join(linked, name));
  }
  const before = readFileSync(journalOf(linked));
  const opened = await open(folder);
  await doIt(opened.db, { name: 'room.rename', roomId: ids.roomId, revision: 1, room: 'Parlour' });
  await opened.close();
  expect(readFileSync(journalOf(linked)).equals(before)).toBe(true);
  await opensAs(linked, ({ findings, redone }) => expect([findings, redone]).toEqual([[], 0]));
});

test('more than the disk has is refused before anything is written, less is not', () => {
  expect(() => mustHaveRoom(here, 2 ** 60)).toThrow(DiskFull);
  expect(() => mustHaveRoom(here, 1)).not.toThrow();
  expect(sayTrouble(new DiskFull(3_200_000))).toContain('The disk is full: 3 MB are left, and 42 MB must stay free');
});

describe('a journal that was shortened after a crash', () => {
  /** Takes whole lines off the end. */
  const shorten = (folder: string, lines: number) => {
    const text = readFileSync(journalOf(folder), 'utf8').split('\n');
    writeFileSync(journalOf(folder), `${text.slice(0, -1 - lines).join('\n')}\n`);
  };
  const unclosed = () => {
    const folder = copy();
    rmSync(path.join(folder, 'pg.seal'));
    return folder;
  };
  const asides = (folder: string) => readdirSync(folder).filter((n) => n.startsWith('pg.damaged-'));

  test.each([1, 2])('%i lines short: what the database knew stands in it again, and that is told in numbers', async (lines) => {
    const folder = unclosed();
    shorten(folder, lines);
    await opensAs(folder, ({ findings }) => {
      // the last two lines are a picture and its photograph
      const pictures = lines > 1 ? 1 : 0;
      expect(findings).toMatchObject([{ kind: 'saved-again', saved: lines - pictures, pictures, refused: [], fewer: {} }]);
      expect(sayFinding(findings[0]!)).toMatch(/ 1 fits and stands in the journal again/);
    });
    expect(asides(folder)).toHaveLength(1);
    // and the journal is whole: a database made of it is the same
    rmSync(path.join(folder, 'pg'), { recursive: true });
    await opensAs(folder, ({ findings }) => expect(findings).toMatchObject([{ kind: 'remade' }]));
  });

  test('cut in the middle of a line: nothing is called here that is not', async () => {
    const folder = unclosed();
    truncateSync(journalOf(folder), statSync(journalOf(folder)).size - 40);
    await opensAs(folder, ({ findings }) => {
      expect(findings).toMatchObject([
        { kind: 'torn', sure: false },
        { kind: 'saved-again', saved: 1 },
      ]);
      expect(sayFinding(findings[0]!)).not.toContain('everything');
    });
  });

  test('what does not fit any more is named, and what is missing is counted; the database stays as it was found', async () => {
    const folder = unclosed();
    const db = await openDatabase(path.join(folder, 'pg'), TEMPLATE);
    await db.unsafeScript('alter table operation disable trigger all');
    await db.query(`update operation set write = '{"name":"nothing"}'::jsonb where seq = (select max(seq) from operation)`);
    await db.close();
    shorten(folder, 2);
    rmSync(path.join(folder, 'pictures'), { recursive: true });
    const opened = await open(folder);
    const [finding] = opened.findings;
    await opened.close();
    expect(finding).toMatchObject({ kind: 'saved-again', saved: 0, pictures: 0, refused: [{ name: 'nothing' }] });
    expect(finding).toMatchObject({ fewer: { photo: 1, picture: 1, operation: 1 } });
    const says = sayFinding(finding!);
    expect(says).toContain('1 could not be saved: nothing of');
    expect(says).toContain('1 of photo');
    // the database, and the one that was kept at the close: it too knew what did not fit
    expect(asides(folder)).toHaveLength(2);
  });

  test('a database that cannot be read is kept, and it is not claimed that everything is here', async () => {
    const folder = unclosed();
    writeFileSync(path.join(folder, 'pg', 'global', 'pg_control'), 'nothing');
    const opened = await open(folder);
    const [finding] = opened.findings;
    await opened.close();
    expect(finding).toMatchObject({ kind: 'not-asked', lines: expect.any(Number) });
    expect(sayFinding(finding!)).not.toContain('everything');
    expect(asides(folder)).toHaveLength(1);
  });

  test('a start that was cut off between finds the database where it had put it', async () => {
    const folder = unclosed();
    shorten(folder, 1);
    renameSync(path.join(folder, 'pg'), path.join(folder, 'pg.unclosed'));
    await opensAs(folder, ({ findings }) => expect(findings).toMatchObject([{ kind: 'saved-again', saved: 1 }]));
    const again = unclosed();
    shorten(again, 1);
    cpSync(path.join(again, 'pg'), path.join(again, 'pg.unclosed'), { recursive: true });
    await opensAs(again, ({ findings }) => expect(findings).toMatchObject([{ kind: 'saved-again', saved: 1 }]));
  });

  test('beside a damaged database: how many are missing is told', async () => {
    const folder = copy();
    shorten(folder, 1);
    truncateSync(path.join(folder, 'pg', 'PG_VERSION'), 0);
    const opened = await open(folder);
    await opened.close();
    expect(opened.findings[0]).toMatchObject({ kind: 'remade', missing: 1 });
    expect(sayFinding(opened.findings[0]!)).toContain('ends 1 entry before the database did');
  });
});

describe('a journal that is gone', () => {
  const gone = () => {
    const folder = copy();
    rmSync(path.join(folder, 'journal'), { recursive: true });
    rmSync(path.join(folder, 'pg.seal'));
    return folder;
  };

  test('beside a database that was not closed: refused in numbers, and nothing is changed', async () => {
    const folder = gone();
    const before = filesOf(path.join(folder, 'pg'));
    await expect(open(folder)).rejects.toThrow(/its journal is gone, and its database was not closed: it has \d+ entries/);
    expect(filesOf(path.join(folder, 'pg'))).toEqual(before);
    // a copy that was asked is on its way out
    const left = readdirSync(folder).filter((name) => !name.endsWith('.new'));
    expect(left.sort()).toEqual(['pg', 'pg.kept', 'pg.kept.seal', 'pictures']);
  });

  test('beside one that cannot be read either: refused', async () => {
    const folder = gone();
    writeFileSync(path.join(folder, 'pg', 'global', 'pg_control'), 'nothing');
    await expect(open(folder)).rejects.toThrow(/its journal is gone, and its database, which was not closed, cannot be read/);
  });

  test('a folder of before that was on its way to its journal goes on', async () => {
    const folder = gone();
    writeFileSync(path.join(folder, 'pg.adopting'), '');
    await opensAs(folder, ({ findings }) => expect(findings).toEqual([]));
    expect(readdirSync(folder)).not.toContain('pg.adopting');
  });
});

describe('a disk that is nearly full', () => {
  const { freeIn } = disk;
  afterEach(() => void (disk.freeIn = freeIn));

  test.each([
    ['closed, and less is left than stays free', () => undefined, KEPT_FREE - 1, /must stay free/],
    [
      'not closed, and too little for another database',
      (folder: string) => rmSync(path.join(folder, 'pg.seal')),
      KEPT_FREE + 60e6,
      /147 MB are needed to make the database anew/,
    ],
  ])('%s: all of it can be read, nothing saved; told in megabytes', async (_, hurt, free, says) => {
    const folder = copy();
    hurt(folder);
    const before = filesOf(path.join(folder, 'pg'));
    disk.freeIn = () => free;
    const opened = await open(folder);
    expect(await tablesOf(opened.db)).toEqual(tables);
    expect(await opened.db.pictures.read(PICTURE)).toEqual(JPEG);
    expect(opened.findings.map(sayFinding).join()).toMatch(says);
    disk.freeIn = () => KEPT_FREE - 1;
    const note = { name: 'note.add', roomId: ids.roomId, candidateId: null, words: 'refused' } as const;
    await expect(doIt(opened.db, note)).rejects.toThrow(DiskFull);
    await opened.close();
    expect(filesOf(path.join(folder, 'pg'))).toEqual(before);
    // with room again it is as it was
    disk.freeIn = freeIn;
    await opensAs(folder, ({ findings }) => expect(findings).toEqual([]));
  });

  test('a folder that is new is refused', async () => {
    disk.freeIn = () => KEPT_FREE - 1;
    await expect(open(path.join(here, v7()))).rejects.toThrow(DiskFull);
  });
});
