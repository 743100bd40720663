import { batchId, outcomeOf, type Operation, type WriteInput } from '@/core/operations/operations';
import { isRefusal } from '@/core/operations/operation';
import type { Visit } from '@/core/record/visit';
import { room, visit as madeUp } from '../../../tests/made-up-room';
import { operation } from '../../../tests/made-up-writes';
import { storageInMemory } from '../../../tests/session-parts';
import { makeHistory } from './history';

const ROOM = '0197a1d0-0000-7000-8000-000000000001';
const base = (): Visit => {
  const [one] = madeUp().rooms;
  const id = (n: number) => `0197a1d0-0000-7000-8000-0000000001${String(n).padStart(2, '0')}`;
  const candidates = one!.candidates.map((c, i) => ({ ...c, id: id(i) }));
  const stays = one!.stays.map((s, i) => ({ ...s, id: id(10 + i) }));
  return { ...madeUp(), rooms: [room({ id: ROOM, candidates, stays })] };
};
const PLACE = { roomId: ROOM, step: 'bench' };

/** A page: a visit, its history, and writes that are done at once. */
function page(storage = storageInMemory()) {
  const history = makeHistory('h', storage);
  let visit = base();
  const done = (given: Operation) => {
    const after = outcomeOf(visit, given);
    if (isRefusal(after)) throw new Error(after.reason);
    return after;
  };
  return {
    history,
    visit: () => visit,
    room: () => visit.rooms[0]!,
    write(said: WriteInput | readonly WriteInput[], { at }: { at?: string } = {}) {
      const batch = [said].flat().map((write) => ({ ...operation(write), ...(at ? { at } : {}) }));
      history.note(visit, batch, PLACE);
      for (const given of batch) visit = done(given);
      return batchId(batch);
    },
    go(way: 'undo' | 'redo') {
      const taken = history[way](visit);
      if (taken && 'writes' in taken) for (const write of taken.writes) visit = done(operation(write));
      return taken;
    },
    elsewhere: (write: WriteInput) => (visit = done(operation(write))),
  };
}
type Page = ReturnType<typeof page>;
const verdictOf = (p: Page) =>
  p
    .room()
    .verdicts.filter((v) => !v.undone)
    .map((v) => [v.verdict, v.reason]);
const give = (p: Page, verdict: 'nearly' | 'works' = 'nearly') =>
  p.write({
    name: 'verdict.give',
    roomId: ROOM,
    candidateId: p.room().candidates[0]!.id,
    stayId: p.room().stays[0]!.id,
    light: 'lamps',
    person: 'consultant',
    verdict,
  });

test('takes the reason back first, then the verdict, and does both again', () => {
  const p = page();
  const verdictId = give(p);
  p.write({ name: 'verdict.reason', roomId: ROOM, verdictId, reason: 'too-pink' });
  p.go('undo');
  expect(verdictOf(p)).toEqual([['nearly', null]]);
  p.go('undo');
  expect(verdictOf(p)).toEqual([]);
  expect(p.go('undo')).toBeUndefined();
  p.go('redo');
  p.go('redo');
  expect(verdictOf(p)).toEqual([['nearly', 'too-pink']]);
  expect(p.go('redo')).toBeUndefined();
});

test('is one row for every kind of write, and a new write ends what could be done again', () => {
  const p = page();
  give(p);
  p.write({ name: 'room.wish', roomId: ROOM, wish: 'warmer', words: '' });
  expect((p.go('undo') as { step: { place: object } }).step.place).toEqual(PLACE);
  expect([p.room().wish, verdictOf(p)]).toEqual([null, [['nearly', null]]]);
  p.write({ name: 'note.add', roomId: ROOM, candidateId: null, words: 'Tea' });
  expect(p.go('redo')).toBeUndefined();
  p.go('undo');
  p.go('undo');
  expect([p.room().notes.filter((n) => !n.undone), verdictOf(p)]).toEqual([[], []]);
});

test('several writes that belong together are taken back together', () => {
  const p = page();
  p.write(
    p
      .room()
      .candidates.map(({ id: candidateId }) => ({ name: 'candidate.retire', roomId: ROOM, candidateId, retired: true }) as const),
  );
  expect(p.room().candidates).toHaveLength(0);
  p.go('undo');
  expect(p.room().candidates).toHaveLength(2);
  p.go('redo');
  expect(p.room().candidates).toHaveLength(0);
});

test('what is typed in one go is one step; what is typed later, or in another field, is another', () => {
  const p = page();
  const at = (second: number) => `2026-09-23T12:00:0${second}.000Z`;
  p.write({ name: 'room.brief', roomId: ROOM, annoys: 'The b' }, { at: at(1) });
  p.write({ name: 'room.brief', roomId: ROOM, annoys: 'The beams' }, { at: at(2) });
  p.write({ name: 'room.brief', roomId: ROOM, mayChange: 'Rug' }, { at: at(3) });
  p.write({ name: 'room.brief', roomId: ROOM, mayChange: 'Rug, lamp' }, { at: at(9) });
  const seen = () => [p.room().annoys, p.room().mayChange];
  p.go('undo');
  expect(seen()).toEqual(['The beams', 'Rug']);
  p.go('undo');
  expect(seen()).toEqual(['The beams', '']);
  p.go('undo');
  expect(seen()).toEqual(['', '']);
});

test('what someone changed since stays as it is, and the step is gone', () => {
  const p = page();
  p.write({ name: 'room.wish', roomId: ROOM, wish: 'warmer', words: '' });
  p.elsewhere({ name: 'room.wish', roomId: ROOM, wish: 'calmer', words: '' });
  expect(p.go('undo')).toHaveProperty('changedSince');
  expect([p.room().wish, p.go('undo')]).toEqual(['calmer', undefined]);
});

test('what was refused is forgotten; the history outlives a reading anew, and bad text in its place is no history', () => {
  const storage = storageInMemory();
  const p = page(storage);
  give(p);
  const refused = give(p, 'works');
  p.history.forget(refused);
  expect(makeHistory('h', storage).state().done).toHaveLength(1);
  storage.set('h', '{"done');
  expect(makeHistory('h', storage).state()).toEqual({ done: [], undone: [] });
});

test('of several writes, the later is taken back as it stood over the earlier', () => {
  const p = page();
  p.write([
    { name: 'room.wish', roomId: ROOM, wish: 'warmer', words: '' },
    { name: 'room.wish', roomId: ROOM, wish: 'calmer', words: 'so' },
  ]);
  p.go('undo');
  expect([p.room().wish, p.room().wishWords]).toEqual([null, '']);
  p.go('redo');
  expect([p.room().wish, p.room().wishWords]).toEqual(['calmer', 'so']);
});

test('a reason said with a space behind it is taken back like any other', () => {
  const p = page();
  const verdictId = give(p);
  p.write({ name: 'ruling.set', roomId: ROOM, candidateId: p.room().candidates[0]!.id, ruling: 'works', note: 'so ' });
  p.write({ name: 'verdict.reason', roomId: ROOM, verdictId, reason: 'too-pink' });
  p.go('undo');
  expect(p.go('undo')).toHaveProperty('step');
  expect(p.room().rulings.at(-1)?.ruling).toBeNull();
});
