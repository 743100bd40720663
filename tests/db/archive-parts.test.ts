import { v7 } from 'uuid';
import type { journalInMemory } from '@/data/journal/journal';
import type { Database } from '@/data/sql';
import { previewVisit, takenSoFar, takeVisit } from '@/server/archive/bring-in';
import { loadVisit } from '@/server/visits/load-visit';
import { fileOf, largeVisit } from '../made-large-visit';
import { operation } from '../made-up-writes';
import { doIt, freshDatabase, madeUpVisit } from './made-up';
import { tablesOf } from './tables';

let db: Database;
beforeEach(async () => {
  db = await freshDatabase();
});
afterEach(() => db.close());
const lines = () => (db.journal as ReturnType<typeof journalInMemory>).lines.length;
const notesIn = async (id: string) => (await loadVisit(db, id))?.rooms.reduce((sum, r) => sum + r.notes.length, 0);
const bringIn = async (file: Uint8Array) => takeVisit(db, (await previewVisit(db, file)).token);

test('a large visit comes in whole in lines of a hundred, others write between, and how far it is is told', async () => {
  const { visitId, operations } = largeVisit(1000);
  const mine = await madeUpVisit(db);
  const before = lines();
  const { token } = await previewVisit(db, fileOf(visitId, operations));
  const taken = takeVisit(db, token);
  const seen: number[] = [];
  let written = 0;
  for (let so = takenSoFar(token); so; so = takenSoFar(token)) {
    seen.push(so.done);
    await doIt(db, { name: 'note.add', roomId: mine.roomId, candidateId: null, words: `Meanwhile ${written + 1}` });
    written += 1;
    await new Promise((resolve) => setImmediate(resolve));
  }
  expect(await taken).toBe(visitId);
  expect(await notesIn(visitId)).toBe(1000);
  expect(lines() - before - written).toBe(11);
  expect(seen.length).toBeGreaterThan(5);
  expect(seen).toEqual([...seen].sort((a, b) => a - b));
  expect(await previewVisit(db, fileOf(visitId, operations))).toMatchObject({ known: true, fresh: 0 });
});

test('a visit that is here grows in parts by what is new', async () => {
  const { visitId, operations } = largeVisit(900);
  await bringIn(fileOf(visitId, operations.slice(0, 300)));
  await bringIn(fileOf(visitId, operations));
  expect(await notesIn(visitId)).toBe(900);
});

test.each([
  ['an id of another visit in the middle', () => undefined],
  ['a room that is not there at the end', () => v7()],
])('%s: nothing of it is kept', async (_, room) => {
  const { visitId, operations } = largeVisit(700);
  const mine = await madeUpVisit(db);
  const wrong = operation({ name: 'note.add', roomId: room() ?? mine.roomId, candidateId: null, words: 'astray' });
  const at = room() === undefined ? 350 : operations.length;
  const before = await tablesOf(db);
  await expect(bringIn(fileOf(visitId, operations.toSpliced(at, 0, wrong)))).rejects.toThrow(/does not fit/);
  expect(await tablesOf(db)).toEqual(before);
});

test('an id that stands under another visit is found before anything is written', async () => {
  const mine = await madeUpVisit(db);
  const said = await doIt(db, { name: 'note.add', roomId: mine.roomId, candidateId: null, words: 'mine' });
  const { visitId, operations } = largeVisit(700);
  const stay = operation({
    name: 'stay.save',
    roomId: (operations[1]!.write as { roomId: string }).roomId,
    revision: null,
    stayId: mine.stayId,
    stay: 'Door',
    kind: 'fixed',
    school: 'share',
    components: [{ id: said, name: 'paint', share: 1, colour: { lab: { l: 90, a: 0, b: 5 }, source: { kind: 'lab' } } }],
  });
  const before = await tablesOf(db);
  await expect(bringIn(fileOf(visitId, [...operations, stay]))).rejects.toThrow(/does not fit/);
  expect(await tablesOf(db)).toEqual(before);
});

test('broken off in the middle it says what is in, and goes on from there when it is brought in again', async () => {
  const { visitId, operations } = largeVisit(800);
  const file = fileOf(visitId, operations);
  const { token } = await previewVisit(db, file);
  let left = 3;
  const failing: Database = {
    ...db,
    journalled: (work) => (left-- > 0 ? db.journalled(work) : Promise.reject(Object.assign(new Error(), { code: 'ENOSPC' }))),
  };
  await expect(takeVisit(failing, token)).rejects.toThrow(
    /^300 of its 801 entries are in, and stay\. The rest is not: The disk is full/,
  );
  expect(await notesIn(visitId)).toBe(299);
  expect(await previewVisit(db, file)).toMatchObject({ known: true, fresh: 501 });
  await bringIn(file);
  expect(await notesIn(visitId)).toBe(800);
});
