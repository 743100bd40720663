import { TEMPLATE_FILE } from '@/data/db';
import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { seededRandom } from '@/core/base/random';
import { filesOf } from '@/data/folder/seal';
import { openFolder } from '@/server/folder/open-folder';
import { storePicture } from '@/server/pictures/store-picture';
import { previewVisit, takenSoFar, takeVisit } from '@/server/archive/bring-in';
import { VISIT_FILE_LIMITS } from '@/core/formats/visit-file';
import { fileOf, largeVisit } from '../made-large-visit';
import { doIt, madeUpVisit } from '../db/made-up';
import { randomVisit } from '../db/random-visit';
import { PICTURE } from '../random-writes';
import { against, sized } from './measure';

const LINES = sized(5000, 120);
const TEMPLATE = path.resolve(TEMPLATE_FILE);

/** Bytes of the files of a folder, and a text that changes when any of them does. */
const stateOf = (folder: string) =>
  Object.fromEntries(filesOf(folder).map((name) => [name, readFileSync(path.join(folder, name)).toString('base64')]));

/** The journal: what a line costs, what a start with nothing new writes, and how long five thousand lines take to be done again. */
export async function benchJournal(): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'elm-bench-'));
  try {
    const first = await openFolder(folder, { template: TEMPLATE });
    const { db } = first;
    await storePicture(db, PICTURE.hash, PICTURE);
    const times: number[] = [];
    for (let n = 0; n < sized(300, 20); n++) {
      const from = performance.now();
      await db.journal.append({ kind: 'forget', hashes: [] });
      times.push(performance.now() - from);
    }
    against(
      'journal: one line appended and forced to the disk, median',
      times.sort((a, b) => a - b)[times.length >> 1]!,
      5,
      'ms',
    );
    const random = seededRandom(1);
    let visit = await randomVisit(db, random);
    for (let n = 0; db.journal.last() < LINES; n++) {
      if (n % 400 === 399) visit = await randomVisit(db, random);
      await visit.step();
    }
    const closing = performance.now();
    await first.close();
    against('journal: closed and sealed', (performance.now() - closing) / 1000, 2, 's');

    const before = stateOf(path.join(folder, 'journal'));
    const opening = performance.now();
    const second = await openFolder(folder, { template: TEMPLATE });
    against('journal: a start with nothing new', (performance.now() - opening) / 1000, 2, 's');
    await second.close();
    const after = stateOf(path.join(folder, 'journal'));
    const changed = Object.keys(after).filter((name) => after[name] !== before[name]);
    against(
      'journal: what that start wrote',
      changed.reduce((sum, n) => sum + statSync(path.join(folder, 'journal', n)).size / 1000, 0),
      0,
      'kB',
    );

    rmSync(path.join(folder, 'pg.seal'));
    const killed = performance.now();
    const kept = await openFolder(folder, { template: TEMPLATE });
    if (kept.redone > LINES / 10) throw new Error('what was kept at the close was not used');
    against('journal: a start after a kill, with what was kept at the close', (performance.now() - killed) / 1000, 3, 's');
    await kept.close();

    rmSync(path.join(folder, 'pg.seal'));
    rmSync(path.join(folder, 'pg.kept'), { recursive: true });
    const anew = performance.now();
    const third = await openFolder(folder, { template: TEMPLATE });
    against('journal: 5,000 lines done again, the database made of them', (performance.now() - anew) / 1000, 5, 's');
    await third.close();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** A visit of as many entries as one may have, brought in while others write: how long it takes, and the longest anyone waits. */
export async function benchBringIn(): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'elm-bench-'));
  const { db, close } = await openFolder(folder, { template: TEMPLATE });
  try {
    const mine = await madeUpVisit(db);
    const { visitId, operations } = largeVisit(sized(VISIT_FILE_LIMITS.mostOperations - 1, 1000));
    const reading = performance.now();
    const { token } = await previewVisit(db, fileOf(visitId, operations));
    against('bring in: 50,000 entries read and checked', (performance.now() - reading) / 1000, 30, 's');
    const from = performance.now();
    let longest = 0;
    let done = false;
    const taken = takeVisit(db, token).finally(() => (done = true));
    while (!done) {
      const asked = performance.now();
      await doIt(db, { name: 'note.add', roomId: mine.roomId, candidateId: null, words: 'meanwhile' });
      longest = Math.max(longest, performance.now() - asked);
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    await taken;
    if (takenSoFar(token)) throw new Error('it is still being taken in');
    against('bring in: 50,000 entries taken in, others writing', (performance.now() - from) / 1000, 120, 's');
    against('bring in: the longest another write waits', longest, 200, 'ms');
  } finally {
    await close();
    rmSync(folder, { recursive: true, force: true });
  }
}
