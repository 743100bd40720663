import { seededRandom } from '@/core/base/random';
import { isRefusal } from '@/core/operations/operation';
import { OPERATIONS, type Write, type WriteName } from '@/core/operations/operations';
import type { Database } from '@/data/sql';
import { storePicture } from '@/server/pictures/store-picture';
import { loadVisit } from '@/server/visits/load-visit';
import { visitAt } from '@/server/visits/news';
import { sampled } from '../campaign';
import { pathsOf, saidIn, shapeOf } from '../drawn';
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

const STEPS = 400;
const COMPARED_EVERY = 40;

/** Fields that were said in what was done, of each kind of write. */
const said = new Map<WriteName, Set<string>>();
function note(write: Write) {
  const known = said.get(write.name) ?? new Set();
  for (const path of saidIn(write, shapeOf(write.name))) known.add(path);
  said.set(write.name, known);
}

/** Does random operations to a visit of its own, comparing all the way. */
async function compared(seed: number): Promise<{ done: number; refused: number }> {
  const visit = await randomVisit(db, seededRandom(seed));
  const told = { done: 0, refused: 0 };
  for (let step = 1; step <= STEPS; step++) {
    const { asked, applied, outcome } = await visit.step();
    if (applied.ok) {
      told.done += 1;
      note(asked.write);
    } else {
      const { ok: _, ...refusal } = applied;
      expect({ [asked.write.name]: isRefusal(outcome) ? outcome : 'done' }).toEqual({ [asked.write.name]: refusal });
      told.refused += 1;
    }
    if (step % COMPARED_EVERY === 0) {
      expect(await loadVisit(db, visit.visitId)).toEqual(visit.model());
      // what the server keeps of it, with what was written since
      expect((await db.transaction((sql) => visitAt(sql, visit.visitId)))?.visit).toEqual(visit.model());
    }
  }
  expect(await loadVisit(db, visit.visitId)).toEqual(visit.model());
  return told;
}

test.each(sampled([11, 12, 13], 3))(
  'random operations make the same visit of it in memory and in the database (seed %d)',
  async (seed) => {
    const { done, refused } = await compared(seed);
    expect(done).toBeGreaterThan(STEPS / 3);
    expect(refused).toBeGreaterThan(STEPS / 20);
  },
);

/** Never drawn here, and why. */
const NOT_DRAWN: readonly (readonly [RegExp, string])[] = [
  [
    /^(visit\.create|deck\.|consultant\.card|eye\.)/,
    'of no visit, or the first of one: tested in operations.test, decks.test, eye.test',
  ],
  [/^candidate\.add facts/, 'the server’s word: what a page says of it is not kept'],
  [/ (.*\.)?(source|spectrum)\b/, 'how a colour was measured: tested in recorded-colour.test'],
];

/** Fields that nothing said of all that was done so far. */
const neverSaid = (): string[] =>
  Object.keys(OPERATIONS).flatMap((name) =>
    pathsOf(shapeOf(name as WriteName))
      .filter((path) => !said.get(name as WriteName)?.has(path))
      .map((path) => `${name} ${path}`)
      .filter((path) => !NOT_DRAWN.some(([exempt]) => exempt.test(path))),
  );

/** More visits at most, until every field has had its turn. */
const MOST_MORE = 12;
test('every field that can be written was drawn, written and read back', async () => {
  for (let more = 0; more < MOST_MORE && neverSaid().length > 0; more++) await compared(20 + more);
  expect(neverSaid()).toEqual([]);
}, 120_000);
