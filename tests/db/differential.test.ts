import { seededRandom } from '@/core/base/random';
import { isRefusal } from '@/core/operations/operation';
import type { Database } from '@/data/sql';
import { storePicture } from '@/server/pictures/store-picture';
import { loadVisit } from '@/server/visits/load-visit';
import { PICTURE } from '../random-writes';
import { freshDatabase } from './made-up';
import { randomVisit } from './random-visit';

/**
 * What an operation makes of a visit stands once, as an effect; the server writes rows. Here both are asked to do the same, right and wrong
 * requests alike, and must come to the same visit and the same refusals.
 */

let db: Database;
beforeAll(async () => {
  db = await freshDatabase();
  await storePicture(db, PICTURE.hash, PICTURE);
}, 60_000);
afterAll(() => db.close());

const STEPS = 260;
const COMPARED_EVERY = 20;

test.each([11, 12, 13, 14])(
  'random operations make the same visit of it in memory and in the database (seed %d)',
  async (seed) => {
    const visit = await randomVisit(db, seededRandom(seed));
    const told = { done: 0, refused: 0 };
    const names = new Set<string>();
    for (let step = 1; step <= STEPS; step++) {
      const { asked, applied, outcome } = await visit.step();
      if (applied.ok) {
        told.done += 1;
        names.add(asked.write.name);
      } else {
        const { ok: _, ...refusal } = applied;
        expect({ [asked.write.name]: isRefusal(outcome) ? outcome : 'done' }).toEqual({ [asked.write.name]: refusal });
        told.refused += 1;
      }
      if (step % COMPARED_EVERY === 0) expect(await loadVisit(db, visit.visitId)).toEqual(visit.model());
    }
    expect(await loadVisit(db, visit.visitId)).toEqual(visit.model());
    expect(told.done).toBeGreaterThan(STEPS / 3);
    expect(told.refused).toBeGreaterThan(STEPS / 20);
    expect(names.size).toBeGreaterThan(20);
  },
);
