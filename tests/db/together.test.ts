import { journalledOf } from '@/core/operations/revision';
import { v7 } from 'uuid';
import { MOST_IN_BATCH, type WriteInput } from '@/core/operations/operations';
import { candidateAdd } from '@/core/operations/candidate-add';
import type { Database, Sql } from '@/data/sql';
import { applyOperation, applyUnknown } from '@/server/operations/apply';
import { loadVisit } from '@/server/visits/load-visit';
import { freshDatabase, madeUpVisit, operation } from './made-up';

/** Operations that land whole or not at all. */

let db: Database;
beforeAll(async () => {
  db = await freshDatabase();
}, 60_000);
afterAll(() => db.close());

const roomOf = async (visitId: string) => (await loadVisit(db, visitId))!.rooms[0]!;
const candidate = (roomId: string, candidateId: string): WriteInput => ({
  name: 'candidate.add',
  roomId,
  candidateId,
  deckColourId: 'FR:FR 3072',
  strength: 50,
});
const decision = (roomId: string, candidateId: string): WriteInput => ({
  name: 'decision.make',
  roomId,
  surfaces: ['wall-0'],
  what: 'paint',
  candidateId,
  sheen: 'matte',
  finish: 'wall',
  coats: 2,
  primer: 'none',
  undercoat: 'none',
  why: '',
});
const lines = async () => (await db.query<{ n: number }>('select count(*)::int4 as n from operation'))[0]!.n;

test('a colour and the decision for it: both, in one line of the journal, the second over the first', async () => {
  const { visitId, roomId } = await madeUpVisit(db);
  const candidateId = v7();
  const batch = [operation(candidate(roomId, candidateId)), operation(decision(roomId, candidateId))];
  const before = db.journal.last();
  const result = await applyUnknown(db, { together: batch });
  expect(result).toMatchObject({ ok: true, id: candidateId, done: { before, after: before + 2 } });
  // what the server looked up is told
  const [added, made] = result.ok ? journalledOf(result, batch)! : [];
  expect(candidateAdd.schema.parse(added!.write).facts).not.toBeNull();
  expect(made).toEqual(batch[1]);
  const room = await roomOf(visitId);
  expect([room.candidates.map((c) => c.id), room.decisions.map((d) => d.id)]).toEqual([
    expect.arrayContaining([candidateId]),
    [batch[1]!.id],
  ]);
  expect(db.journal.last()).toBe(before + 2);
});

test('one that is refused refuses all, and nothing is there', async () => {
  const { visitId, roomId } = await madeUpVisit(db);
  const candidateId = v7();
  const [before, at] = [await lines(), db.journal.last()];
  const batch = [operation(candidate(roomId, candidateId)), operation(decision(roomId, v7()))];
  expect(await applyUnknown(db, { together: batch })).toEqual({ ok: false, reason: 'not-found', what: 'colour' });
  expect((await roomOf(visitId)).candidates.map((c) => c.id)).not.toContain(candidateId);
  expect([await lines(), db.journal.last()]).toEqual([before, at]);
});

test('the same ones twice are done once; in part, or said otherwise, they are others', async () => {
  const { visitId, roomId } = await madeUpVisit(db);
  const note = (words: string) => operation({ name: 'note.add', roomId, candidateId: null, words });
  const batch = [note('a'), note('b')];
  expect(await applyUnknown(db, { together: batch })).toMatchObject({ ok: true });
  expect(await applyUnknown(db, { together: batch })).toEqual({ ok: true, id: batch[0]!.id, done: null });
  const other = { ok: false, reason: 'already-there' };
  expect(await applyUnknown(db, { together: [batch[0], note('c')] })).toMatchObject(other);
  expect(await applyUnknown(db, { together: [batch[0], { ...batch[1]!, write: note('d').write }] })).toMatchObject(other);
  expect((await roomOf(visitId)).notes.map((n) => n.words)).toEqual(['a', 'b']);
});

test('of two visits, of no visit, twice the same id, none at all or too many are refused', async () => {
  const [one, two] = [await madeUpVisit(db), await madeUpVisit(db)];
  const note = (roomId: string) => operation({ name: 'note.add', roomId, candidateId: null, words: 'x' });
  const twice = note(one.roomId);
  const before = await lines();
  expect(await applyUnknown(db, { together: [note(one.roomId), note(two.roomId)] })).toMatchObject({ reason: 'not-found' });
  const card = operation({ name: 'consultant.card', business: 'Row' });
  for (const together of [
    [note(one.roomId), card],
    [twice, twice],
    [],
    Array.from({ length: MOST_IN_BATCH + 1 }, () => twice),
    [twice, 'x'],
  ])
    expect(await applyUnknown(db, { together })).toMatchObject({ ok: false, reason: 'invalid' });
  expect(await lines()).toBe(before);
});

test('what lies on a floor is weighed as the batch leaves it, not as it was before', async () => {
  const { roomId } = await madeUpVisit(db);
  const stay = (stayId: string, revision: number | null, cover: number): WriteInput => ({
    name: 'stay.save',
    roomId,
    revision,
    stayId,
    stay: 'Floor',
    kind: 'fixed',
    school: 'share',
    lies: 'floor',
    cover,
    components: [{ id: v7(), name: 'oak', share: 1, colour: { lab: { l: 60, a: 5, b: 20 }, source: { kind: 'lab' } } }],
  });
  const [floor, rug] = [v7(), v7()];
  expect(await applyUnknown(db, operation(stay(floor, null, 1)))).toMatchObject({ ok: true });
  expect(await applyUnknown(db, operation(stay(rug, null, 0.3)))).toMatchObject({ ok: false, reason: 'invalid' });
  const batch = [operation(stay(floor, 1, 0.7)), operation(stay(rug, null, 0.3))];
  expect(await applyUnknown(db, { together: batch })).toMatchObject({ ok: true });
});

/** The database with every statement of its transactions counted. */
function counting() {
  const asked: string[] = [];
  const seen = (sql: Sql): Sql => ({
    database: sql.database,
    query: (statement, parameters) => {
      asked.push(statement.trim().split(/\s+/).slice(0, 3).join(' '));
      return sql.query(statement, parameters);
    },
  });
  const journalled: Database['journalled'] = (work) => db.journalled((sql, seq) => work(seen(sql), seq));
  return { asked, db: { ...db, journalled, query: seen(db).query.bind(seen(db)) } };
}

test('a verdict asks for its room, for what it names and for nothing twice', async () => {
  const { roomId, candidateId, stayId } = await madeUpVisit(db);
  const verdict = operation({
    name: 'verdict.give',
    roomId,
    candidateId,
    stayId,
    light: 'lamps',
    person: 'client',
    verdict: 'no',
  });
  const counted = counting();
  expect(await applyOperation(counted.db, verdict)).toMatchObject({ ok: true });
  expect(counted.asked).toHaveLength(5);
  expect(new Set(counted.asked).size).toBe(5);
});
