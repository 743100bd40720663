import type { Steps } from '@/core/engine/steps';
import { inSlices, SLICE_MS } from './in-slices';

describe('work in slices', () => {
  function* counting(n: number): Steps<string> {
    for (let k = 1; k <= n; k++) yield k / n;
    return 'done';
  }
  const clockOf = (perStep: number) => {
    let t = 0;
    return { now: () => (t += perStep), breathe: () => Promise.resolve() };
  };

  test('tells progress after each slice and answers at the end', async () => {
    const told: number[] = [];
    const answer = await inSlices(
      counting(10),
      () => false,
      (share) => told.push(share),
      clockOf(SLICE_MS),
    );
    expect(answer).toBe('done');
    expect(told.length).toBeGreaterThan(3);
    expect([...told].sort((p, q) => p - q)).toEqual(told);
  });

  test('stops when nobody waits any more', async () => {
    let slices = 0;
    const answer = await inSlices(
      counting(1000),
      () => ++slices === 2,
      () => undefined,
      clockOf(SLICE_MS),
    );
    expect(answer).toEqual({ ok: false, reason: 'cancelled' });
    expect(slices).toBe(2);
  });
});
