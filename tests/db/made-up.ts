import path from 'node:path';
import { v7 } from 'uuid';
import type { WriteInput } from '@/core/operations/operations';
import { openDatabase, TEMPLATE_FILE } from '@/data/db';
import { migrate } from '@/data/migrate';
import type { Database } from '@/data/sql';
import { loadShippedDecks } from '@/server/deck/load-shipped';
import { applyOperation } from '@/server/operations/apply';
import { lab, operation, PLACE } from '../made-up-writes';

/** An empty cluster, dumped once for all test files. */
export const TEMPLATE = path.resolve(TEMPLATE_FILE);

/** A database in memory with the shipped decks. */
export async function freshDatabase(): Promise<Database> {
  const db = await openDatabase(undefined, TEMPLATE);
  await migrate(db);
  await loadShippedDecks(db);
  return db;
}

export { lab, operation, PLACE } from '../made-up-writes';

/** Does a write that must succeed; answers its id. */
export async function doIt(db: Database, write: WriteInput): Promise<string> {
  const result = await applyOperation(db, operation(write));
  if (!result.ok) throw new Error(`${write.name}: ${JSON.stringify(result)}`);
  return result.id;
}

/** A visit with one room, one thing that stays and one candidate. */
export async function madeUpVisit(db: Database) {
  const [visitId, roomId, stayId] = [v7(), v7(), v7()];
  await doIt(db, {
    name: 'visit.create',
    visitId,
    label: 'Test Row 1',
    place: PLACE,
    units: 'metric',
    rooms: [{ roomId, name: 'Hall' }],
  });
  const components = [{ id: v7(), name: 'paint', share: 1, colour: lab(92, 0, 11.5) }];
  await doIt(db, {
    name: 'stay.save',
    roomId,
    revision: null,
    stayId,
    stay: 'Cream door',
    kind: 'fixed',
    school: 'share',
    components,
  });
  const candidateId = await doIt(db, {
    name: 'candidate.add',
    roomId,
    candidateId: v7(),
    deckColourId: 'FR:FR 3122',
    strength: 75,
  });
  return { visitId, roomId, stayId, candidateId };
}
