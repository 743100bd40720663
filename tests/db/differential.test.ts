import { v7 } from 'uuid';
import { seededRandom } from '@/core/base/random';
import { isRefusal } from '@/core/operations/operation';
import { outcomeOf, writeSchema } from '@/core/operations/operations';
import { newVisit } from '@/core/operations/visit-create';
import { insertPicture } from '@/data/photos';
import type { Database } from '@/data/sql';
import { applyOperation } from '@/server/operations/apply';
import { loadVisit } from '@/server/visits/load-visit';
import { draws, MAKERS, PICTURE } from '../random-writes';
import { freshDatabase, operation, PLACE } from './made-up';

/**
 * What an operation makes of a visit stands once, as an effect; the server writes rows. Here both are asked to do the same, right and wrong
 * requests alike, and must come to the same visit and the same refusals.
 */

let db: Database;
beforeAll(async () => {
  db = await freshDatabase();
  await insertPicture(db, PICTURE);
}, 60_000);
afterAll(() => db.close());

const STEPS = 260;
const COMPARED_EVERY = 20;

test.each([11, 12, 13, 14])(
  'random operations make the same visit of it in memory and in the database (seed %d)',
  async (seed) => {
    const random = seededRandom(seed);
    const d = draws(random);
    const [visitId, first, second] = [v7(), v7(), v7()];
    const created = operation({
      name: 'visit.create',
      visitId,
      label: 'Row 1',
      place: PLACE,
      units: 'metric',
      rooms: [
        { roomId: first, name: 'Hall' },
        { roomId: second, name: 'Den' },
      ],
    });
    expect(await applyOperation(db, created)).toMatchObject({ ok: true });
    let model = newVisit(created.write as never, created);
    const told = { done: 0, refused: 0 };
    const names = new Set<string>();
    for (let step = 1; step <= STEPS; step++) {
      const rooms = [...model.rooms, ...model.retiredRooms];
      const write = writeSchema.safeParse(d.pick(MAKERS)(d, model, d.pick(rooms)));
      if (!write.success) throw write.error;
      const asked = operation(write.data);
      const applied = await applyOperation(db, asked);
      const outcome = outcomeOf(model, applied.ok ? applied.done!.operation : asked);
      if (applied.ok) {
        if (isRefusal(outcome)) throw new Error(`${asked.write.name}: done there, refused here: ${JSON.stringify(outcome)}`);
        model = outcome;
        told.done += 1;
        names.add(asked.write.name);
      } else {
        const { ok: _, ...refusal } = applied;
        expect({ [asked.write.name]: isRefusal(outcome) ? outcome : 'done' }).toEqual({ [asked.write.name]: refusal });
        told.refused += 1;
      }
      if (step % COMPARED_EVERY === 0) expect(await loadVisit(db, visitId)).toEqual(model);
    }
    expect(await loadVisit(db, visitId)).toEqual(model);
    expect(told.done).toBeGreaterThan(STEPS / 3);
    expect(told.refused).toBeGreaterThan(STEPS / 20);
    expect(names.size).toBeGreaterThan(20);
  },
);
