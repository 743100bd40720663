import { OPERATION_VERSION, writeSchema, type Batch, type Operation } from '@/core/operations/operations';
import type { ApplyResult } from '@/core/operations/revision';
import { room, visit } from '../../../tests/made-up-room';
import { makeOutbox } from './outbox';
import { withPictures, type PictureStore } from './pictures';
import { makeSession } from './session';
import { clockByHand, journal, settled, storageInMemory, type Script } from '../../../tests/session-parts';
import { makeVisitStore } from './visit-store';

const id = (n: number) => `0190c5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const ROOM = id(1);
const wish = (words: string) => writeSchema.parse({ name: 'room.wish', roomId: ROOM, wish: 'calmer', words });

function page(script: Script, storage = storageInMemory()) {
  const clock = clockByHand();
  let told = 0;
  let n = 100;
  const news = () => Promise.resolve({ kind: 'same' as const });
  const send = (batch: Batch) => {
    const answer = script(batch);
    return answer === 'away' ? Promise.reject(new Error('away')) : Promise.resolve(answer);
  };
  const session = makeSession({
    outbox: makeOutbox(storage),
    transport: { send, news },
    timer: clock.timer,
    now: () => Date.parse('2026-09-23T12:30:00.000Z'),
    newId: () => id((n += 1)),
    tellOthers: () => (told += 1),
  });
  const first = { visit: { ...visit(), id: id(9), rooms: [{ ...room(), id: ROOM }] }, revision: { seq: 0, deck: 'd' } };
  const store = makeVisitStore(first, { news }, () => undefined);
  session.attach(store);
  return { session, store, clock, storage, told: () => told, words: () => store.visit().rooms[0]!.wishWords };
}

describe('everything a page writes', () => {
  test('shows at once, is saved, and other windows are told', async () => {
    const { apply } = journal();
    const p = page(apply);
    const { id: written, result } = p.session.write(wish('quiet'));
    expect(p.words()).toBe('quiet');
    expect(p.session.state().unsaved.has(written)).toBe(true);
    expect(await result).toEqual({ ok: true, id: written, saved: true });
    expect(p.session.state()).toMatchObject({ saving: 'saved', aside: [], frail: false });
    expect([p.told(), p.words()]).toEqual([1, 'quiet']);
  });

  test('goes out as the server will keep it: trimmed and completed', async () => {
    const { apply } = journal();
    const sent: Operation[] = [];
    const p = page((batch) => (sent.push(...batch), apply(batch)));
    const { operations } = p.session.write({ name: 'note.add', roomId: ROOM, candidateId: null, words: ' Tea \n' });
    expect(operations.map((o) => o.write)).toEqual([{ name: 'note.add', roomId: ROOM, candidateId: null, words: 'Tea' }]);
    p.session.write({ name: 'room.wish', roomId: ROOM, wish: 'calmer', words: 'as it was ' });
    await settled();
    expect(sent.map((o) => o.write)).toEqual([
      operations[0]!.write,
      { name: 'room.wish', roomId: ROOM, wish: 'calmer', more: [], words: 'as it was' },
    ]);
    expect(p.words()).toBe('as it was');
  });

  test('what is no write is not sent: whoever asks is told where it is wrong, and otherwise the person is', async () => {
    const sent: Batch[] = [];
    const { apply } = journal();
    const p = page((batch) => (sent.push(batch), apply(batch)));
    const wrong = { name: 'note.add', roomId: ROOM, candidateId: null, words: ' ' } as const;
    const asked = p.session.write(wrong, { answers: true });
    expect(await asked.result).toMatchObject({ ok: false, reason: 'invalid', issues: [{ path: 'words' }] });
    expect([asked.operations, p.session.state().aside, sent]).toEqual([[], [], []]);
    p.session.write([wish('with it'), wrong]);
    expect(p.session.state().aside).toMatchObject([{ operations: [], refusal: { reason: 'invalid' } }]);
    expect(p.session.state().aside[0]!.text).toContain('with it');
    expect([p.words(), sent]).toEqual(['', []]);
  });

  test('several writes go as one: shown, saved, refused together', async () => {
    let refuses = false;
    const { apply } = journal();
    const sent: Batch[] = [];
    const p = page((batch) => (sent.push(batch), refuses ? { ok: false, reason: 'signed' } : apply(batch)));
    const note = (words: string) => ({ name: 'note.add', roomId: ROOM, candidateId: null, words }) as const;
    const notes = () => p.store.visit().rooms[0]!.notes.map((n) => n.words);
    const { id: first, result } = p.session.write([note('a'), note('b')]);
    expect([notes(), p.session.state().unsaved.size]).toEqual([['a', 'b'], 2]);
    expect(await result).toEqual({ ok: true, id: first, saved: true });
    expect(sent.map((batch) => batch.length)).toEqual([2]);
    refuses = true;
    p.session.write([note('c'), note('d')]);
    await settled();
    expect(notes()).toEqual(['a', 'b']);
    expect(p.session.state().aside).toMatchObject([{ operations: [{}, {}], refusal: { reason: 'signed' } }]);
    refuses = false;
    p.session.tryAgain(p.session.state().aside[0]!.id);
    await settled();
    expect(notes()).toEqual(['a', 'b', 'c', 'd']);
  });

  test('survives a dead server and a closed page', async () => {
    const first = page(() => 'away');
    first.session.write(wish('kept'));
    await settled();
    expect(first.session.state().saving).toBe('waiting');
    const { apply } = journal();
    const sent: Operation[] = [];
    const second = page((batch) => (sent.push(...batch), apply(batch)), first.storage);
    second.session.resume();
    expect(second.words()).toBe('kept');
    await settled();
    expect(sent.map((o) => o.write)).toEqual([wish('kept')]);
    expect(second.session.state().saving).toBe('saved');
    expect(first.storage.keys()).toEqual([]);
  });

  test('what is refused goes back on the screen and waits for the person, who tries again or lets it go', async () => {
    let answer: 'refuse' | 'take' = 'refuse';
    const { apply } = journal();
    const p = page((batch) => (answer === 'take' ? apply(batch) : { ok: false, reason: 'not-found', what: 'room' }));
    const { id: written } = p.session.write(wish('never'));
    await settled();
    expect(p.words()).toBe('');
    expect(p.session.state().aside).toMatchObject([{ id: written, refusal: { reason: 'not-found' } }]);
    answer = 'take';
    p.session.tryAgain(written);
    await settled();
    expect(p.session.state().aside).toEqual([]);
    expect(p.words()).toBe('never');
    answer = 'refuse';
    const { id: other } = p.session.write(wish('gone'));
    await settled();
    p.session.letGo(other);
    expect(p.session.state().aside).toEqual([]);
  });

  test('a browser with no room left is said as long as something would be lost with the page', async () => {
    const full = { ...storageInMemory(), set: () => false };
    const p = page(() => 'away', full);
    p.session.write(wish('frail'));
    expect(p.session.state().frail).toBe(true);
  });
});

describe('a photograph with its picture', () => {
  const HASH = 'a'.repeat(64);
  const photo: Operation = {
    id: id(50),
    version: OPERATION_VERSION,
    at: '2026-09-23T12:30:00.000Z',
    write: { name: 'photo.add', roomId: ROOM, picture: HASH, width: 60, height: 80, settings: 'locked', predicted: '' },
  };
  const missing: ApplyResult = { ok: false, reason: 'not-found', what: 'picture' };

  function sending(
    stored: readonly string[],
    handed: { ok: true; width: number; height: number } | { ok: false; reason: string },
  ) {
    const { apply } = journal();
    const there = new Set<string>();
    const local = new Map(stored.map((hash) => [hash, new Blob(['x'])]));
    const pictures: PictureStore = {
      put: (hash, file) => Promise.resolve(local.set(hash, file).has(hash)),
      get: (hash) => Promise.resolve(local.get(hash)),
      remove: (hash) => Promise.resolve(void local.delete(hash)),
    };
    const handIn = (hash: string) => {
      if (handed.ok) there.add(hash);
      return Promise.resolve(handed);
    };
    const send = withPictures((batch) => Promise.resolve(there.has(HASH) ? apply(batch) : missing), pictures, handIn);
    return { send, local };
  }

  test('is handed in when the server lacks it, then sent, and then no longer kept here', async () => {
    const { send, local } = sending([HASH], { ok: true, width: 60, height: 80 });
    expect(await send([photo])).toMatchObject({ ok: true, id: photo.id });
    expect(local.size).toBe(0);
  });

  test('one that is no picture, or is not here any more, is refused in words', async () => {
    const broken = sending([HASH], { ok: false, reason: 'not-a-picture' });
    expect(await broken.send([photo])).toMatchObject({ ok: false, reason: 'invalid', issues: [{ path: 'picture' }] });
    expect(await sending([], { ok: false, reason: 'x' }).send([photo])).toMatchObject({ ok: false, reason: 'invalid' });
  });

  test('anything else is sent as it is', async () => {
    const { send } = sending([], { ok: false, reason: 'x' });
    expect(await send([{ ...photo, write: wish('plain') }])).toEqual(missing);
  });
});
