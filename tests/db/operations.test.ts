import { v7 } from 'uuid';
import { OPERATION_VERSION } from '@/core/operations/operations';
import type { Database } from '@/data/sql';
import { applyOperation, applyUnknown } from '@/server/operations/apply';
import { firstPages } from '@/server/first-pages';
import { loadVisit } from '@/server/visits/load-visit';
import { doIt, freshDatabase, lab, madeUpVisit, operation, PLACE } from './made-up';

let db: Database;
beforeAll(async () => {
  db = await freshDatabase();
}, 60_000);
afterAll(() => db.close());

const roomOf = async (visitId: string) => (await loadVisit(db, visitId))!.rooms[0]!;

describe('writes', () => {
  test('a visit is read back as it was written', async () => {
    const { visitId, stayId, candidateId } = await madeUpVisit(db);
    const visit = (await loadVisit(db, visitId))!;
    expect(visit).toMatchObject({ label: 'Test Row 1', place: PLACE, units: 'metric', createdAt: '2026-09-23T12:00:00.000Z' });
    expect(visit.rooms[0]).toMatchObject({
      name: 'Hall',
      revision: 1,
      stays: [{ id: stayId, name: 'Cream door', components: [{ share: 1, colour: lab(92, 0, 11.5) }] }],
      candidates: [{ id: candidateId, strength: 75, maker: 'Ferrowmere' }],
    });
    const [candidate] = visit.rooms[0]!.candidates;
    expect(candidate!.offered.map((o) => o.strength)).toEqual([100, 75, 50, 25]);
    expect(candidate!.lab).toEqual(candidate!.offered[1]!.lab);
    expect(candidate!.lab.l).toBeGreaterThan(candidate!.offered[0]!.lab.l);
  });

  test('the same operation sent twice is done once', async () => {
    const { visitId, roomId, candidateId, stayId } = await madeUpVisit(db);
    const given = operation({
      name: 'verdict.give',
      roomId,
      candidateId,
      stayId,
      light: 'lamps',
      person: 'client',
      verdict: 'no',
    });
    expect(await applyOperation(db, given)).toMatchObject({ ok: true, id: given.id, done: { operations: 'as-said' } });
    expect(await applyOperation(db, given)).toEqual({ ok: true, id: given.id, done: null });
    expect((await roomOf(visitId)).verdicts).toHaveLength(1);
  });

  test('a verdict keeps what was predicted, its latest reason, and its undoing', async () => {
    const { visitId, roomId, candidateId, stayId } = await madeUpVisit(db);
    const verdictId = await doIt(db, {
      name: 'verdict.give',
      roomId,
      candidateId,
      stayId,
      light: 'window-day',
      person: 'consultant',
      verdict: 'no',
      predicted: 'nearly',
      predictedIn: 'deck',
    });
    await doIt(db, { name: 'verdict.reason', roomId, verdictId, reason: 'too-pink' });
    await doIt(db, { name: 'verdict.reason', roomId, verdictId, reason: 'too-weak' });
    await doIt(db, { name: 'verdict.undo', roomId, verdictId });
    await doIt(db, { name: 'verdict.undo', roomId, verdictId });
    expect((await roomOf(visitId)).verdicts).toMatchObject([
      { id: verdictId, verdict: 'no', reason: 'too-weak', undone: true, predicted: 'nearly', predictedIn: 'deck' },
    ]);
  });

  test('verdicts and rulings cannot be changed or deleted, not even by a statement', async () => {
    const { roomId, candidateId, stayId } = await madeUpVisit(db);
    const verdictId = await doIt(db, {
      name: 'verdict.give',
      roomId,
      candidateId,
      stayId,
      light: 'lamps',
      person: 'client',
      verdict: 'no',
    });
    await doIt(db, { name: 'verdict.reason', roomId, verdictId, reason: 'too-dark' });
    await doIt(db, { name: 'verdict.undo', roomId, verdictId });
    await doIt(db, { name: 'ruling.set', roomId, candidateId, ruling: 'works', note: 'after all' });
    for (const table of ['verdict', 'verdict_reason', 'verdict_undo', 'ruling', 'operation']) {
      await expect(db.query(`delete from ${table}`)).rejects.toMatchObject({ code: '55000' });
      await expect(db.query(`update ${table} set at = now()`)).rejects.toMatchObject({ code: '55000' });
    }
  });

  test('an older copy of a room is refused and changes nothing', async () => {
    const { visitId, roomId } = await madeUpVisit(db);
    const light = (revision: number, bearingDeg: number) =>
      operation({ name: 'room.light', roomId, revision, bearingDeg, windows: [], lamps: [], oldWall: null });
    expect(await applyOperation(db, light(1, 90))).toMatchObject({ ok: true });
    expect(await applyOperation(db, light(1, 180))).toEqual({ ok: false, reason: 'changed-elsewhere' });
    expect(await roomOf(visitId)).toMatchObject({ bearingDeg: 90, revision: 2 });
  });

  test('an older copy of a thing that stays is refused; editing the light meanwhile is no conflict', async () => {
    const { visitId, roomId, stayId } = await madeUpVisit(db);
    await doIt(db, { name: 'room.light', roomId, revision: 1, bearingDeg: 90, windows: [], lamps: [], oldWall: null });
    const components = [{ id: v7(), name: 'paint', share: 1, colour: lab(90, 0, 9) }];
    const save = (revision: number | null, stay: string) =>
      operation({ name: 'stay.save', roomId, revision, stayId, stay, kind: 'fixed', school: 'share', components });
    expect(await applyOperation(db, save(1, 'Door'))).toMatchObject({ ok: true });
    expect(await applyOperation(db, save(1, 'Gate'))).toEqual({ ok: false, reason: 'changed-elsewhere' });
    expect(await applyOperation(db, save(null, 'Gate'))).toEqual({ ok: false, reason: 'changed-elsewhere' });
    expect((await roomOf(visitId)).stays).toMatchObject([{ name: 'Door', revision: 2 }]);
  });

  test('a refused write leaves nothing behind, not even in the journal', async () => {
    const { visitId, roomId } = await madeUpVisit(db);
    const components = [
      { id: v7(), name: 'possible', share: 0.5, colour: lab(70, 2, 9) },
      { id: v7(), name: 'impossible', share: 0.5, colour: lab(50, 140, 0) },
    ];
    const bad = operation({
      name: 'stay.save',
      roomId,
      revision: null,
      stayId: v7(),
      stay: 'Tile',
      kind: 'fixed',
      school: 'share',
      components,
    });
    expect(await applyOperation(db, bad)).toEqual({ ok: false, reason: 'not-a-surface-colour', what: 'impossible' });
    expect((await roomOf(visitId)).stays).toHaveLength(1);
    expect(await db.query('select id from operation where id = $1', [bad.id])).toEqual([]);
  });

  test('fixed finishes always share the undertone', async () => {
    const { visitId, roomId } = await madeUpVisit(db);
    const components = [{ id: v7(), name: 'tile', share: 1, colour: lab(42, -22, -14) }];
    await doIt(db, {
      name: 'stay.save',
      roomId,
      revision: null,
      stayId: v7(),
      stay: 'Tile',
      kind: 'fixed',
      school: 'answer',
      components,
    });
    expect((await roomOf(visitId)).stays[1]!.school).toBe('share');
  });

  test('a colour taken out and taken up again is the same candidate, with its verdicts', async () => {
    const { visitId, roomId, candidateId, stayId } = await madeUpVisit(db);
    await doIt(db, { name: 'verdict.give', roomId, candidateId, stayId, light: 'lamps', person: 'client', verdict: 'works' });
    await doIt(db, { name: 'candidate.retire', roomId, candidateId, retired: true });
    expect((await roomOf(visitId)).candidates).toHaveLength(0);
    const again = await doIt(db, { name: 'candidate.add', roomId, candidateId: v7(), deckColourId: 'FR:FR 3122', strength: 75 });
    expect(again).toBe(candidateId);
    expect((await roomOf(visitId)).verdicts).toHaveLength(1);
  });

  test('the last room of a visit stays', async () => {
    const { visitId, roomId } = await madeUpVisit(db);
    expect(await applyOperation(db, operation({ name: 'room.retire', roomId, retired: true }))).toEqual({
      ok: false,
      reason: 'last-room',
    });
    const second = await doIt(db, { name: 'room.add', visitId, roomId: v7(), room: 'Kitchen' });
    expect(await applyOperation(db, operation({ name: 'room.retire', roomId, retired: true }))).toMatchObject({ ok: true });
    expect((await loadVisit(db, visitId))!.rooms.map((r) => r.id)).toEqual([second]);
  });

  test('things of one room cannot be judged in another', async () => {
    const [here, there] = [await madeUpVisit(db), await madeUpVisit(db)];
    const mixed = operation({
      name: 'verdict.give',
      roomId: here.roomId,
      candidateId: there.candidateId,
      stayId: here.stayId,
      light: 'lamps',
      person: 'client',
      verdict: 'no',
    });
    expect(await applyOperation(db, mixed)).toEqual({ ok: false, reason: 'not-found', what: 'colour' });
  });

  test('what does not exist is said, and malformed input is answered at its field', async () => {
    const { roomId } = await madeUpVisit(db);
    expect(await applyOperation(db, operation({ name: 'room.rename', roomId: v7(), revision: 1, room: 'x' }))).toMatchObject({
      reason: 'not-found',
    });
    expect(
      await applyOperation(
        db,
        operation({ name: 'candidate.add', roomId, candidateId: v7(), deckColourId: 'FR:none', strength: 50 }),
      ),
    ).toEqual({ ok: false, reason: 'not-found', what: 'deck colour' });
    const wrong = {
      id: v7(),
      at: '2026-09-23T12:00:00.000Z',
      write: { name: 'room.rename', roomId, revision: 1, room: 'a'.repeat(201) },
    };
    expect(await applyUnknown(db, wrong)).toMatchObject({
      reason: 'invalid',
      issues: [{ path: 'room', message: 'At most 200 characters.' }],
    });
    for (const nonsense of [null, 7, 'drop table visit', [], { write: {} }])
      expect(await applyUnknown(db, nonsense)).toMatchObject({ ok: false, reason: 'invalid' });
  });

  test.each<readonly [string, Readonly<Record<string, unknown>>, RegExp]>([
    ['a NUL in a name', { name: 'room.rename', revision: 1, room: 'a\0b' }, /control characters/],
    ['half a surrogate pair in words', { name: 'note.add', candidateId: null, words: 'a\ud800b' }, /cannot be kept/],
    ['a NUL in words', { name: 'room.wish', wish: null, words: 'a\0b' }, /cannot be kept/],
    ['a revision larger than a column', { name: 'room.rename', revision: 2 ** 31, room: 'a' }, /./],
    ['a day of the year 0', { name: 'visit.brief', visitedOn: '0000-01-01' }, /A year from 2000 to 2099/],
    [
      'a NUL in the id of a deck colour',
      { name: 'candidate.add', candidateId: v7(), deckColourId: 'FR:\0', strength: 50 },
      /cannot be kept/,
    ],
  ])('%s is refused for good, and what comes after it is done', async (_, write, says) => {
    const { visitId, roomId } = await madeUpVisit(db);
    const place = write['name'] === 'visit.brief' ? { visitId } : { roomId };
    const given = { id: v7(), version: OPERATION_VERSION, at: '2026-09-23T12:00:00.000Z', write: { ...write, ...place } };
    expect(await applyUnknown(db, given)).toMatchObject({
      ok: false,
      reason: 'invalid',
      issues: [{ message: expect.stringMatching(says) }],
    });
    await doIt(db, { name: 'room.wish', roomId, wish: 'calmer', words: 'after it' });
  });

  test('an operation of a clock that is a century off is refused and says so', async () => {
    const { roomId } = await madeUpVisit(db);
    const write = { name: 'room.wish', roomId, wish: null, words: '' };
    for (const at of ['0000-01-01T00:00:00.000Z', '1970-01-01T00:00:00.000Z', '9999-01-01T00:00:00.000Z'])
      expect(await applyUnknown(db, { id: v7(), version: OPERATION_VERSION, at, write })).toMatchObject({
        reason: 'invalid',
        issues: [{ path: 'at', message: expect.stringContaining('clock') }],
      });
  });

  test('what the database says no column takes is refused for good', async () => {
    const { roomId } = await madeUpVisit(db);
    // past the border, where the schema would have said it
    const write = { name: 'room.wish', roomId, wish: null, words: 'a\0b' } as const;
    expect(await applyOperation(db, { ...operation({ ...write, words: '' }), write } as never)).toMatchObject({
      reason: 'invalid',
    });
  });

  test('the same id with other content is refused, not swallowed; the first stands', async () => {
    const { visitId, roomId } = await madeUpVisit(db);
    const first = operation({ name: 'room.rename', roomId, revision: 1, room: 'Parlour' });
    expect(await applyOperation(db, first)).toMatchObject({ ok: true });
    expect(await applyOperation(db, first)).toEqual({ ok: true, id: first.id, done: null });
    const other = { ...first, write: { ...first.write, room: 'Saloon' } } as typeof first;
    expect(await applyOperation(db, other)).toMatchObject({ ok: false, reason: 'already-there' });
    expect((await roomOf(visitId)).name).toBe('Parlour');
    // what the server filled in itself is no other content
    const taken = operation({ name: 'candidate.add', roomId, candidateId: v7(), deckColourId: 'FR:FR 3072', strength: 50 });
    expect(await applyOperation(db, taken)).toMatchObject({ ok: true });
    expect(await applyOperation(db, taken)).toEqual({ ok: true, id: taken.id, done: null });
  });

  test.each(['candidate', 'stay'] as const)('nothing is said of a %s that was taken out, until it is back', async (kind) => {
    const { roomId, candidateId, stayId } = await madeUpVisit(db);
    const verdict = () =>
      operation({ name: 'verdict.give', roomId, candidateId, stayId, light: 'overcast', person: 'consultant', verdict: 'works' });
    const retire = (retired: boolean) =>
      doIt(
        db,
        kind === 'stay'
          ? { name: 'stay.retire', roomId, stayId, retired }
          : { name: 'candidate.retire', roomId, candidateId, retired },
      );
    await retire(true);
    const what = kind === 'stay' ? 'thing that stays' : 'colour';
    expect(await applyOperation(db, verdict())).toEqual({ ok: false, reason: 'taken-out', what });
    await retire(false);
    expect(await applyOperation(db, verdict())).toMatchObject({ ok: true });
  });

  test('names that would be code are text like any other', async () => {
    const { visitId, roomId } = await madeUpVisit(db);
    const name = `'; drop table room; -- <script>alert(1)</script> 🛋️`;
    await doIt(db, { name: 'room.rename', roomId, revision: 1, room: name });
    expect((await roomOf(visitId)).name).toBe(name);
  });
});

describe('pages that are made before anyone asks', () => {
  test('the list alone while there is no visit; then the visit written in last, where it is not large, before it', async () => {
    const empty = await freshDatabase();
    expect(await firstPages(empty)).toEqual(['/visits']);
    const first = await madeUpVisit(empty);
    const second = await madeUpVisit(empty);
    expect(await firstPages(empty)).toEqual([`/visits/${second.visitId}`, '/visits']);
    await doIt(empty, { name: 'note.add', roomId: first.roomId, candidateId: null, words: 'The key is under the pot.' });
    expect(await firstPages(empty)).toEqual([`/visits/${first.visitId}`, '/visits']);
    for (let more = 0; more < 12; more++)
      await doIt(empty, { name: 'room.add', visitId: first.visitId, roomId: v7(), room: `Room ${more}` });
    expect(await firstPages(empty)).toEqual([`/visits/${second.visitId}`, '/visits']);
    await empty.close();
  });
});
