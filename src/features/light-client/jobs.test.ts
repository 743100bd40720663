import { COMPUTING, makeJobs, type Computed } from './jobs';

type Ended =
  { readonly ok: true; readonly n: number } | { readonly ok: false; readonly reason: 'cannot-be'; readonly says: string };

/** Work that ends when it is told to, by its number. */
function hand(most = 2) {
  const ends = new Map<number, { end: (answer: Ended) => void; fail: () => void; progress: (share: number) => void }>();
  const cancelled: number[] = [];
  const jobs = makeJobs((id) => cancelled.push(id), most);
  const job = (id: number, progress: (share: number) => void) =>
    new Promise<Ended>((end, fail) => ends.set(id, { end, fail: () => fail(new Error('gone')), progress }));
  const settled = () => new Promise((resolve) => setTimeout(resolve, 1));
  const heard: Computed<unknown>[] = [];
  const listen = (computed: Computed<unknown>) => void heard.push(computed);
  const through = async (key: string, id: number) => {
    const stop = jobs.ask(key, job, COMPUTING, listen);
    ends.get(id)!.end({ ok: true, n: id });
    await settled();
    stop();
    await settled();
  };
  return { jobs, job, ends, cancelled, settled, heard, listen, through };
}

describe('jobs', () => {
  test('who asks for the same waits for the same', async () => {
    const { jobs, job, ends, settled, heard, listen } = hand();
    jobs.ask('a', job, COMPUTING, listen);
    jobs.ask('a', job, COMPUTING, (computed) => listen(computed));
    expect(ends.size).toBe(1);
    ends.get(1)!.progress(0.5);
    ends.get(1)!.end({ ok: true, n: 1 });
    await settled();
    const half = { state: 'computing', share: 0.5 };
    const done = { state: 'done', value: { ok: true, n: 1 } };
    expect(heard).toEqual([half, half, done, done]);
    expect(jobs.stateOf('a')).toEqual(done);
  });

  test('what was done between a look and the question is told at once', async () => {
    const { jobs, job, ends, settled, heard, listen } = hand();
    jobs.ask('a', job, COMPUTING, () => undefined);
    const seen = jobs.stateOf('a');
    ends.get(1)!.end({ ok: true, n: 1 });
    await settled();
    jobs.ask('a', job, seen, listen);
    expect(heard).toEqual([{ state: 'done', value: { ok: true, n: 1 } }]);
    // and what was seen as it is, is not told again
    jobs.ask('a', job, jobs.stateOf('a'), listen);
    expect(heard).toHaveLength(1);
  });

  test('what nobody waits for is cancelled, and asked anew by who comes later', async () => {
    const { jobs, job, ends, cancelled, settled, heard, listen } = hand();
    jobs.ask('a', job, COMPUTING, () => undefined)();
    jobs.ask('b', job, COMPUTING, () => undefined)();
    jobs.ask('b', job, COMPUTING, listen);
    await settled();
    expect(cancelled).toEqual([1]);
    jobs.ask('a', job, jobs.stateOf('a'), listen);
    ends.get(3)!.end({ ok: true, n: 3 });
    await settled();
    expect(heard).toEqual([{ state: 'done', value: { ok: true, n: 3 } }]);
  });

  test('what failed is told with its reason, and tried again once it is asked again', async () => {
    const { jobs, job, ends, settled, heard, listen } = hand();
    const stop = jobs.ask('a', job, COMPUTING, listen);
    ends.get(1)!.end({ ok: false, reason: 'cannot-be', says: 'No window.' });
    await settled();
    stop();
    await settled();
    jobs.ask('a', job, jobs.stateOf('a'), listen);
    ends.get(2)!.fail();
    await settled();
    expect(heard).toEqual([
      { state: 'failed', says: 'No window.' },
      { state: 'failed', says: 'The light could not be computed on this device.' },
    ]);
  });

  test('the latest answers are kept, and all that someone shows', async () => {
    const { jobs, job, settled, through, ends, listen } = hand(2);
    jobs.ask('shown', job, COMPUTING, listen);
    ends.get(1)!.end({ ok: true, n: 1 });
    await settled();
    for (const [key, id] of [
      ['a', 2],
      ['b', 3],
      ['c', 4],
    ] as const)
      await through(key, id);
    expect(jobs.stateOf('a')).toBe(COMPUTING);
    expect([jobs.stateOf('shown'), jobs.stateOf('b'), jobs.stateOf('c')].map((c) => c.state)).toEqual(['done', 'done', 'done']);
  });
});
