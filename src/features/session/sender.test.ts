import { batchId, OPERATION_VERSION, type Batch, type Operation } from '@/core/operations/operations';
import { makeOutbox } from './outbox';
import { makeSender, MOST_FAILURES } from './sender';
import { clockByHand, journal, settled, storageInMemory, type Script } from '../../../tests/session-parts';

const operation = (n: number): Operation => ({
  id: `0190c5c0-0000-7000-8000-${String(n).padStart(12, '0')}`,
  version: OPERATION_VERSION,
  at: '2026-09-23T12:00:00.000Z',
  write: { name: 'room.retire', roomId: '0190c5c0-0000-7000-8000-000000000009', retired: true },
});

function sending(script: Script, storage = storageInMemory()) {
  const outbox = makeOutbox(storage);
  const clock = clockByHand();
  const sent: string[] = [];
  const events = { saved: [] as string[], refused: [] as string[], found: [] as string[] };
  const send = (batch: Batch) => {
    sent.push(batchId(batch));
    const answer = script(batch);
    return answer === 'away' ? Promise.reject(new Error('away')) : Promise.resolve(answer);
  };
  const sender = makeSender(outbox, { send }, clock.timer, {
    onChange: () => undefined,
    onSaved: (batch) => events.saved.push(batchId(batch)),
    onRefused: (batch) => events.refused.push(batchId(batch)),
    onFound: (batches) => events.found.push(...batches.map(batchId)),
  });
  const add = (...operations: Operation[]) => {
    for (const o of operations) outbox.keep([o]);
    sender.add(operations.map((o) => [o]));
  };
  return { outbox, clock, sent, events, sender, add };
}
const [one, two, three] = [operation(1), operation(2), operation(3)];

describe('sending', () => {
  test('in the order it was written, one at a time, and forgotten when saved', async () => {
    const { apply } = journal();
    const s = sending(apply);
    s.add(one, two);
    s.add(three);
    await settled();
    expect(s.sent).toEqual([one.id, two.id, three.id]);
    expect(s.events.saved).toEqual(s.sent);
    expect(s.outbox.waiting()).toEqual([]);
    expect(s.sender.state()).toEqual({ saving: 'saved', unsaved: [], trouble: undefined });
  });

  test('what two windows said while the server was away arrives in the order it was said in, whichever sends', async () => {
    const { apply } = journal();
    let away = true;
    const done: string[] = [];
    const script: Script = (batch) => {
      if (away) return 'away';
      if (!done.includes(batchId(batch))) done.push(batchId(batch));
      return apply(batch);
    };
    const storage = storageInMemory();
    const [first, second] = [sending(script, storage), sending(script, storage)];
    first.add(three);
    await settled();
    second.add(one);
    await settled();
    first.add(two);
    await settled();
    away = false;
    second.sender.now();
    first.sender.now();
    await settled();
    expect(done).toEqual([three.id, one.id, two.id]);
    expect(second.events.found).toEqual([three.id, two.id]);
    expect([first.outbox.waiting(), first.sender.state().unsaved, second.sender.state().unsaved]).toEqual([[], [], []]);
  });

  test('a server that is away is tried again, ever more slowly, and loses nothing', async () => {
    const { apply } = journal();
    let away = true;
    const s = sending((o) => (away ? 'away' : apply(o)));
    s.add(one, two);
    await settled();
    expect(s.sender.state().saving).toBe('waiting');
    const pauses: number[] = [];
    for (let i = 0; i < 9; i++) {
      const pause = s.clock.next()!;
      pauses.push(pause);
      await s.clock.pass(pause);
    }
    expect(pauses).toEqual([500, 1000, 2000, 4000, 8000, 16_000, 30_000, 30_000, 30_000]);
    expect(s.outbox.waiting().flat()).toEqual([one, two]);
    away = false;
    await s.clock.pass(30_000);
    expect(s.events.saved).toEqual([one.id, two.id]);
    expect(s.sender.state().saving).toBe('saved');
  });

  test('something new, or the network coming back, does not wait out the pause', async () => {
    const { apply } = journal();
    let away = true;
    const s = sending((o) => (away ? 'away' : apply(o)));
    s.add(one);
    await settled();
    away = false;
    s.add(two);
    await settled();
    expect(s.events.saved).toEqual([one.id, two.id]);
    expect(s.clock.next()).toBeUndefined();
  });

  test('what is refused for ever is set aside with its reason and holds up nothing', async () => {
    const { apply } = journal();
    const refusal = { ok: false, reason: 'not-found', what: 'colour' } as const;
    const s = sending((o) => (batchId(o) === one.id ? refusal : apply(o)));
    s.add(one, two);
    await settled();
    expect(s.events).toMatchObject({ saved: [two.id], refused: [one.id] });
    expect(s.outbox.waiting()).toEqual([]);
    expect(s.outbox.aside()).toMatchObject([{ id: one.id, operations: [one], refusal: { reason: 'not-found', what: 'colour' } }]);
  });

  test('what the server fails at again and again is set aside after a few tries', async () => {
    const { apply } = journal();
    const s = sending((o) => (batchId(o) === one.id ? { ok: false, reason: 'failed' } : apply(o)));
    s.add(one, two);
    await settled();
    for (let i = 1; i < MOST_FAILURES; i++) await s.clock.pass(s.clock.next()!);
    expect(s.sent.filter((id) => id === one.id)).toHaveLength(MOST_FAILURES);
    expect(s.events).toMatchObject({ saved: [two.id], refused: [one.id] });
    expect(s.outbox.aside()).toMatchObject([{ id: one.id, refusal: { reason: 'failed' } }]);
  });

  test('a disk that is full is waited for, however long, and its words are told', async () => {
    const { apply } = journal();
    let full = true;
    const s = sending((o) => (full ? { ok: false, reason: 'no-room', says: 'The disk is full.' } : apply(o)));
    s.add(one, two);
    await settled();
    for (let i = 0; i < 3 * MOST_FAILURES; i++) await s.clock.pass(s.clock.next()!);
    expect(s.sender.state()).toMatchObject({ saving: 'waiting', unsaved: [one, two], trouble: 'The disk is full.' });
    expect(s.events).toMatchObject({ saved: [], refused: [] });
    full = false;
    await s.clock.pass(s.clock.next()!);
    expect(s.events.saved).toEqual([one.id, two.id]);
    expect(s.sender.state().trouble).toBeUndefined();
  });

  test('whoever wrote it is told: saved, refused, or kept until the server is back', async () => {
    const { apply } = journal();
    let away = false;
    const s = sending((o) => (away ? 'away' : batchId(o) === two.id ? { ok: false, reason: 'changed-elsewhere' } : apply(o)));
    const answers = [one, two].map((o) => s.sender.resultOf(o.id, true));
    s.add(one, two);
    expect(await Promise.all(answers)).toEqual([
      { ok: true, id: one.id, saved: true },
      { ok: false, reason: 'changed-elsewhere' },
    ]);
    // told where it was written, it is not shown a second time
    expect(s.outbox.aside()).toEqual([]);
    away = true;
    const kept = s.sender.resultOf(three.id, true);
    s.add(three);
    expect(await kept).toEqual({ ok: true, id: three.id, saved: false });
    expect(s.outbox.waiting().flat()).toEqual([three]);
  });

  test('a refusal that comes after its writer was told it is kept goes to the person', async () => {
    let answer: ReturnType<Script> = 'away';
    const s = sending(() => answer);
    const kept = s.sender.resultOf(one.id, true);
    s.add(one);
    await kept;
    answer = { ok: false, reason: 'last-room' };
    await s.clock.pass(s.clock.next()!);
    expect(s.outbox.aside()).toMatchObject([{ id: one.id, refusal: { reason: 'last-room' } }]);
  });

  test('the same operation is not queued twice', async () => {
    const s = sending(() => 'away');
    s.add(one);
    s.add(one);
    await settled();
    expect(s.sender.state().unsaved).toEqual([one]);
  });
});
