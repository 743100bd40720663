import { journalledOf } from '@/core/operations/revision';
import { v7 } from 'uuid';
import type { Random } from '@/core/base/random';
import { isRefusal } from '@/core/operations/operation';
import { outcomeOf, type Operation } from '@/core/operations/operations';
import type { ApplyResult } from '@/core/operations/revision';
import { newVisit } from '@/core/operations/visit-create';
import { roomsOf, type Visit } from '@/core/record/visit';
import type { Database } from '@/data/sql';
import { applyOperation } from '@/server/operations/apply';
import { draws, drawnWhole } from '../random-writes';
import { operation, PLACE } from './made-up';

/** What was asked, what became of it in the database, and what the core makes of it. */
export type Step = {
  readonly asked: Operation;
  readonly applied: ApplyResult;
  readonly outcome: ReturnType<typeof outcomeOf>;
};

/** A visit that random operations, right and wrong, are done to, in the database and in memory. The picture of `random-writes` must be there. */
export async function randomVisit(db: Database, random: Random) {
  const d = draws(random);
  const [visitId, first, second] = [v7(), v7(), v7()];
  const rooms = [
    { roomId: first, name: 'Hall' },
    { roomId: second, name: 'Den' },
  ];
  const created = operation({ name: 'visit.create', visitId, label: 'Row 1', place: PLACE, units: 'metric', rooms });
  const made = await applyOperation(db, created);
  if (!made.ok) throw new Error(JSON.stringify(made));
  let model: Visit = newVisit(created.write as never, created);
  return {
    visitId,
    model: () => model,
    async step(): Promise<Step> {
      const all = roomsOf(model);
      // most of it in the first two rooms, so that there is something to speak of
      const asked = operation(drawnWhole(d, model, d.pick(d.sometimes(0.8) ? all.slice(0, 2) : all)));
      const applied = await applyOperation(db, asked);
      const outcome = outcomeOf(model, applied.ok ? journalledOf(applied, [asked])![0]! : asked);
      if (applied.ok && isRefusal(outcome))
        throw new Error(`${asked.write.name}: done there, refused here: ${JSON.stringify(outcome)}`);
      if (applied.ok && !isRefusal(outcome)) model = outcome;
      return { asked, applied, outcome };
    },
  };
}
