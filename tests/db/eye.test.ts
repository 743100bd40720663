import { USUAL_EYE } from '@/core/record/eye';
import { listSameNames } from '@/data/decks';
import { findEyeSettings, listPracticeSets } from '@/data/eye';
import type { Database } from '@/data/sql';
import { saidInRooms } from '@/core/engine/said-in-rooms';
import { learntFrom } from '@/core/eye/learnt';
import { applyUnknown } from '@/server/operations/apply';
import { loadVisit } from '@/server/visits/load-visit';
import { doIt, freshDatabase, madeUpVisit, operation } from './made-up';

let db: Database;
beforeAll(async () => void (db = await freshDatabase()));
afterAll(() => db.close());

test('what was answered in a sitting is kept whole, in the order it was said', async () => {
  const answers = [
    { seed: 7, level: 1.53, right: true },
    { seed: 2 ** 31, level: 0.4, right: false },
  ];
  const first = await doIt(db, { name: 'eye.practise', exercise: 'pinker', answers });
  await doIt(db, { name: 'eye.practise', exercise: 'odd-one', answers: answers.slice(0, 1) });
  const sets = await listPracticeSets(db);
  expect(sets.map((s) => s.exercise)).toEqual(['pinker', 'odd-one']);
  expect(sets[0]).toMatchObject({ id: first, answers });
});

test('what is said of the eye stays as it is where nothing is said of it', async () => {
  expect(await findEyeSettings(db)).toEqual(USUAL_EYE);
  await doIt(db, { name: 'eye.set', learns: false });
  await doIt(db, { name: 'eye.set', practiceFrom: '2026-11-30T10:00:00.000Z' });
  expect(await findEyeSettings(db)).toEqual({ ...USUAL_EYE, learns: false, practiceFrom: '2026-11-30T10:00:00.000Z' });
  await doIt(db, { name: 'eye.set', learns: true, practiceFrom: null });
  expect(await findEyeSettings(db)).toEqual(USUAL_EYE);
});

test.each([
  ['no answers', { name: 'eye.practise', exercise: 'pinker', answers: [] }],
  ['an exercise there is not', { name: 'eye.practise', exercise: 'nicer', answers: [{ seed: 1, level: 1, right: true }] }],
  ['a level of nothing', { name: 'eye.practise', exercise: 'pinker', answers: [{ seed: 1, level: 0, right: true }] }],
])('%s is refused', async (_, write) => {
  const { id, version, at } = operation({ name: 'eye.set', learns: true });
  expect(await applyUnknown(db, { id, version, at, write })).toMatchObject({ ok: false, reason: 'invalid' });
});

test('of what was said in a room an eye is learnt only where somebody looked', async () => {
  const { visitId, roomId, stayId, candidateId } = await madeUpVisit(db);
  const verdict = (seen: 'in-room' | 'on-screen', light: 'overcast' | 'lamps') =>
    doIt(db, {
      name: 'verdict.give',
      roomId,
      candidateId,
      stayId,
      light,
      person: 'consultant',
      verdict: 'no',
      predicted: null,
      predictedIn: null,
      moment: null,
      seen,
      firstGlanceMs: null,
      lookId: null,
    });
  await verdict('on-screen', 'overcast');
  expect(saidInRooms((await loadVisit(db, visitId))!)).toEqual([]);
  const looked = await verdict('in-room', 'lamps');
  const said = saidInRooms((await loadVisit(db, visitId))!);
  expect(said.map((s) => [s.id, s.person, s.verdict])).toEqual([[looked, 'consultant', 'no']]);
  expect(said[0]!.relation.components).toHaveLength(1);
  // one verdict teaches next to nothing
  expect(learntFrom(said).factors).toBeNull();
});

test('names that two makers share come with both colours, each pair once', async () => {
  const same = await listSameNames(db);
  expect(same.length).toBeGreaterThan(0);
  expect(new Set(same.map((s) => JSON.stringify(s))).size).toBe(same.length);
  for (const { makers } of same) expect(makers[0]).not.toBe(makers[1]);
});
