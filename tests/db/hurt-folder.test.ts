import {
  cpSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { seededRandom, type Random } from '@/core/base/random';
import { filesOf } from '@/data/folder/seal';
import { journalFiles } from '@/data/journal/scan';
import { keepCopy } from '@/server/archive/folder-copy';
import type { Finding } from '@/server/folder/finding';
import { openFolder } from '@/server/folder/open-folder';
import { sayFinding } from '@/server/folder/say-finding';
import { NO_WORDS, sayTrouble } from '@/server/folder/trouble';
import { fewer } from '../campaign';
import { quickFolder } from '../quick-folder';
import { doIt, madeUpVisit, TEMPLATE } from './made-up';

/**
 * Journal, database, seal and copies of a folder hurt in every combination of whole, torn, short, flipped and missing, by a seed: nothing that
 * was shown as saved is lost in silence, and what is told is true.
 */
const here = mkdtempSync(path.join(quickFolder(), 'elm-hurt-'));
afterAll(() => rmSync(here, { recursive: true, force: true }));
const open = (folder: string) => openFolder(folder, { template: TEMPLATE });

const NOTES = 24;
const COPIED = 16;
let whole: string;
/** The database as it was kept when half of it was said. */
let older: string;
beforeAll(async () => {
  whole = path.join(here, 'whole');
  older = path.join(here, 'older');
  let opened = await open(whole);
  const { roomId } = await madeUpVisit(opened.db);
  for (let n = 0; n < NOTES; n++) {
    await doIt(opened.db, { name: 'note.add', roomId, candidateId: null, words: `note ${n}` });
    if (n === NOTES / 2) {
      await opened.close();
      for (const end of ['', '.seal']) cpSync(path.join(whole, `pg.kept${end}`), `${older}${end}`, { recursive: true });
      // as if enough had come since
      rmSync(path.join(whole, 'pg.kept'), { recursive: true });
      opened = await open(whole);
    }
    if (n === COPIED - 1) keepCopy(whole, opened.db.journal.last(), new Date('2026-11-26T10:00:00Z'));
  }
  await opened.close();
});

const JOURNALS = ['whole', 'torn', 'short', 'flipped', 'missing'] as const;
const DATABASES = ['closed', 'not closed', 'torn', 'flipped', 'missing'] as const;
const SEALS = ['there', 'torn', 'missing'] as const;
const KEPT = ['whole', 'older', 'torn', 'flipped', 'missing'] as const;
type Hurt = {
  readonly journal: (typeof JOURNALS)[number];
  readonly database: (typeof DATABASES)[number];
  readonly seal: (typeof SEALS)[number];
  readonly copies: boolean;
  readonly kept: (typeof KEPT)[number];
};

function flip(file: string, random: Random): void {
  const bytes = readFileSync(file);
  bytes[Math.floor(random() * bytes.length)]! ^= 1 << Math.floor(random() * 8);
  writeFileSync(file, bytes);
}
const tear = (file: string, random: Random) => truncateSync(file, Math.floor(random() * statSync(file).size));

function hurt(folder: string, { journal, database, seal, copies, kept }: Hurt, random: Random): void {
  const lines = path.join(folder, 'journal');
  const last = path.join(lines, journalFiles(lines).at(-1)!);
  if (journal === 'torn') tear(last, random);
  if (journal === 'flipped') flip(last, random);
  if (journal === 'missing') rmSync(lines, { recursive: true });
  if (journal === 'short') {
    const text = readFileSync(last, 'utf8').trimEnd().split('\n');
    writeFileSync(last, `${text.slice(0, 3 + Math.floor(random() * (text.length - 3))).join('\n')}\n`);
  }
  const pg = path.join(folder, 'pg');
  const files = filesOf(pg).filter((f) => statSync(path.join(pg, f)).size > 0);
  const any = path.join(pg, files[Math.floor(random() * files.length)]!);
  if (database === 'torn') tear(any, random);
  if (database === 'flipped') flip(any, random);
  if (database === 'missing') rmSync(pg, { recursive: true });
  const sealed = path.join(folder, 'pg.seal');
  if (seal === 'torn') tear(sealed, random);
  if (seal === 'missing' || database === 'not closed') rmSync(sealed, { force: true });
  const keptPlace = path.join(folder, 'pg.kept');
  if (kept === 'missing') rmSync(keptPlace, { recursive: true });
  if (kept === 'older') {
    rmSync(keptPlace, { recursive: true });
    cpSync(older, keptPlace, { recursive: true });
    cpSync(`${older}.seal`, `${keptPlace}.seal`);
  }
  const keptFile = path.join(keptPlace, files[Math.floor(random() * files.length)]!);
  if (kept === 'torn') tear(keptFile, random);
  if (kept === 'flipped') flip(keptFile, random);
  if (!copies) rmSync(path.join(folder, 'copies'), { recursive: true });
}

/** What says that something may not be here. */
const TELLS: Readonly<Record<Finding['kind'], (f: Finding) => boolean>> = {
  torn: (f) => f.kind === 'torn' && !f.sure,
  remade: (f) => f.kind === 'remade' && f.missing !== 0,
  rewritten: () => false,
  'saved-again': (f) => f.kind === 'saved-again' && (f.refused.length > 0 || Object.keys(f.fewer).length > 0),
  'not-asked': () => true,
  'copy-knows-more': () => true,
  'kept-knows-more': () => true,
  'read-only': () => true,
};

/** Where nothing is left that knows: no database, no seal, no copy, no kept database of the end, and a journal that ends with a whole line. */
const nobodyKnows = ({ journal, database, seal, copies, kept }: Hurt) =>
  journal === 'short' && database === 'missing' && seal !== 'there' && !copies && kept !== 'whole';

const every: Hurt[] = JOURNALS.flatMap((journal) =>
  DATABASES.flatMap((database) =>
    SEALS.flatMap((seal) => [true, false].flatMap((copies) => KEPT.map((kept) => ({ journal, database, seal, copies, kept })))),
  ),
);

test('of everything that was shown as saved what is lost is told, and what is told is true', async () => {
  const random = seededRandom(20261130);
  const moments = fewer(200, 40);
  const seen = { whole: 0, told: 0, refused: 0, nobody: 0 };
  for (let n = 0; n < moments; n++) {
    const how = every[Math.floor(random() * every.length)]!;
    const folder = path.join(here, `hurt-${n}`);
    cpSync(whole, folder, { recursive: true });
    hurt(folder, how, random);
    const called = JSON.stringify({ n, ...how });
    try {
      const opened = await open(folder);
      const [{ count }] = (await opened.db.query<{ count: number }>('select count(*)::int4 as count from note')) as [
        { count: number },
      ];
      await opened.close();
      const tells = opened.findings.some((f) => TELLS[f.kind](f));
      const says = opened.findings.map(sayFinding).join(' ');
      if (count < NOTES && nobodyKnows(how)) seen.nobody += 1;
      else if (count < NOTES) {
        expect([called, tells]).toEqual([called, true]);
        expect([called, says.includes('everything that was')]).toEqual([called, false]);
        seen.told += 1;
      } else seen.whole += 1;
      expect([called, count <= NOTES]).toEqual([called, true]);
    } catch (e) {
      // what is expected here is no trouble of the folder
      if (e instanceof Error && 'matcherResult' in e) throw e;
      const says = sayTrouble(e);
      expect([called, says]).not.toEqual([called, NO_WORDS]);
      seen.refused += 1;
    }
    // nothing that knew anything was deleted on the way
    const left = readdirSync(folder);
    if (how.database !== 'missing') expect([called, left.some((f) => f.startsWith('pg'))]).toEqual([called, true]);
    if (how.journal !== 'missing') expect([called, left.some((f) => f.startsWith('journal'))]).toEqual([called, true]);
    if (how.copies) expect([called, existsSync(path.join(folder, 'copies'))]).toEqual([called, true]);
    rmSync(folder, { recursive: true, force: true });
  }
  expect(seen.whole).toBeGreaterThan(0);
  expect(seen.whole + seen.told + seen.refused + seen.nobody).toBe(moments);
  if (moments >= 200) console.info('hurt folders', seen);
}, 900_000);
