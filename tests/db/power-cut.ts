import { cpSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { seededRandom, type Random } from '@/core/base/random';
import { filesOf } from '@/data/folder/seal';
import { openFolder } from '@/server/folder/open-folder';
import { storePicture } from '@/server/pictures/store-picture';
import { fewer } from '../campaign';
import { quickFolder } from '../quick-folder';
import { PICTURE } from '../random-writes';
import { TEMPLATE } from './made-up';
import { randomVisit } from './random-visit';
import { tablesOf } from './tables';

/**
 * The power goes at seeded moments of random work. What the disk then holds of the database is any mixture of its pages of before and
 * after, with files missing and bits flipped; of the journal it holds every line that was forced to it, and perhaps a part of the next.
 * Nothing that was shown as saved may be lost, and the folder must open.
 */

/** Of each seed: 60 in all in a whole campaign. */
const MOMENTS = fewer(20, 4);
const PAGE = 4096;

const open = (folder: string) => openFolder(folder, { template: TEMPLATE });

/** Pages of a file, each of before or of after. */
function mixed(before: Buffer, after: Buffer, random: Random): Buffer {
  const made = Buffer.from(after.subarray(0, random() < 0.1 ? Math.min(before.length, after.length) : after.length));
  for (let at = 0; at < Math.min(before.length, made.length); at += PAGE)
    if (random() < 0.5) before.copy(made, at, at, Math.min(at + PAGE, made.length));
  return made;
}

/** What the power cut leaves of a folder; `before` is what its database was some work earlier. */
function cut(before: string, after: string, image: string, random: Random): void {
  const names = new Set([...filesOf(path.join(before, 'pg')), ...filesOf(path.join(after, 'pg'))]);
  for (const name of names) {
    const [was, is] = [before, after].map((f) => path.join(f, 'pg', name)) as [string, string];
    const gone = random() < 0.002;
    if (gone || (!existsSync(is) && random() < 0.5)) continue;
    const bytes =
      existsSync(was) && existsSync(is)
        ? mixed(readFileSync(was), readFileSync(is), random)
        : readFileSync(existsSync(is) ? is : was);
    if (random() < 0.002 && bytes.length > 0) bytes[Math.floor(random() * bytes.length)]! ^= 1 << Math.floor(random() * 8);
    mkdirSync(path.dirname(path.join(image, 'pg', name)), { recursive: true });
    writeFileSync(path.join(image, 'pg', name), bytes);
  }
  cpSync(path.join(after, 'pictures'), path.join(image, 'pictures'), { recursive: true });
  cpSync(path.join(after, 'journal'), path.join(image, 'journal'), { recursive: true });
  const tail = path.join(image, 'journal', '0001.jsonl');
  const next = Buffer.from(`{"crc":"0badc0de","seq":${1_000_000},"v":1,"kind":"operation","visitId":null}`);
  const kept = Math.floor(random() * next.length);
  writeFileSync(tail, Buffer.concat([readFileSync(tail), random() < 0.5 ? next.subarray(0, kept) : Buffer.alloc(kept)]));
  // a seal of before, which says of other bytes that they are whole
  if (existsSync(path.join(before, 'pg.seal')) && random() < 0.5)
    cpSync(path.join(before, 'pg.seal'), path.join(image, 'pg.seal'));
}

export function powerCuts(seed: number): void {
  const here = mkdtempSync(path.join(quickFolder(), 'elm-power-'));
  afterAll(() => rmSync(here, { recursive: true, force: true }));

  /** Decks of a few colours: what ships is done again at each of the moments. */
  const decks = path.join(here, 'decks');
  beforeAll(() => {
    mkdirSync(decks);
    const deck = JSON.parse(readFileSync('demo/decks/ferrowmere.json', 'utf8')) as { colours: { code: string }[] };
    const colours = deck.colours.filter(({ code }) => ['FR 3122', 'FR 3072', 'FR 3092'].includes(code));
    expect(colours).toHaveLength(3);
    writeFileSync(path.join(decks, 'few.json'), JSON.stringify({ ...deck, colours }));
    process.env['ELM_SWATCH_DECKS'] = decks;
  });
  afterAll(() => delete process.env['ELM_SWATCH_DECKS']);

  test(`the power goes at ${MOMENTS} moments: nothing shown as saved is lost`, async () => {
    const random = seededRandom(seed);
    const after = path.join(here, 'after');
    const before = path.join(here, 'before');
    let opened = await open(after);
    await opened.close();
    cpSync(after, before, { recursive: true });
    opened = await open(after);
    await storePicture(opened.db, PICTURE.hash, PICTURE);
    const visit = await randomVisit(opened.db, random);
    const seen = { torn: 0, remade: 0, redone: 0, steps: 0 };
    for (let moment = 1; moment <= MOMENTS; moment++) {
      for (let step = Math.floor(random() * 8); step >= 0; step--) {
        await visit.step();
        seen.steps += 1;
      }
      const tables = await tablesOf(opened.db);
      const image = path.join(here, `cut-${moment}`);
      cut(before, after, image, random);
      const again = await open(image);
      expect({ moment, tables: await tablesOf(again.db) }).toEqual({ moment, tables });
      expect(await again.db.pictures.read(PICTURE.hash)).toEqual(PICTURE.jpeg);
      seen.torn += again.findings.filter((f) => f.kind === 'torn').length;
      seen.remade += again.findings.filter((f) => f.kind === 'remade').length;
      seen.redone += again.redone > 0 ? 1 : 0;
      await again.db.close();
      rmSync(image, { recursive: true, force: true });
      if (random() < 0.3) {
        rmSync(before, { recursive: true });
        cpSync(after, before, { recursive: true });
      }
    }
    await opened.close();
    expect(seen.redone).toBe(MOMENTS);
    expect(seen.torn).toBeGreaterThan(MOMENTS / 2);
    expect(seen.steps).toBeGreaterThan(2 * MOMENTS);
  }, 900_000);
}
