import type { Operation } from '@/core/formats/operations';
import { forget, isFinal, keep, kept } from './outbox';

/** The part of the browser's storage that the outbox uses. */
class Storage {
  private readonly map = new Map<string, string>();
  get length() {
    return this.map.size;
  }
  key(i: number) {
    return [...this.map.keys()][i] ?? null;
  }
  getItem(key: string) {
    return this.map.get(key) ?? null;
  }
  setItem(key: string, value: string) {
    this.map.set(key, value);
  }
  removeItem(key: string) {
    this.map.delete(key);
  }
}
const operation = (n: number): Operation => ({
  id: `0190c5c0-000${n}-7000-8000-000000000000`,
  at: '2026-09-23T12:00:00.000Z',
  write: { name: 'room.retire', roomId: '0190c5c0-0000-7000-8000-000000000009', retired: true },
});

describe('what was said and is not saved yet', () => {
  beforeEach(() => {
    (globalThis as { localStorage?: unknown }).localStorage = new Storage();
  });

  test('is kept in the order it was said, until it is forgotten', () => {
    for (const n of [3, 1, 2]) keep(operation(n));
    expect(kept()).toEqual([operation(1), operation(2), operation(3)]);
    forget(operation(2).id);
    expect(kept()).toEqual([operation(1), operation(3)]);
  });

  test('what is damaged or another program’s is left out; the damaged is cleared away', () => {
    localStorage.setItem('something.else', '{}');
    localStorage.setItem('elm-swatch.outbox.x', '{"torn":');
    keep(operation(1));
    expect(kept()).toEqual([operation(1)]);
    expect(localStorage.getItem('elm-swatch.outbox.x')).toBeNull();
    expect(localStorage.getItem('something.else')).toBe('{}');
  });

  test('only a failure to reach the server is worth another try', () => {
    expect(isFinal({ ok: true, id: 'x' })).toBe(true);
    expect(isFinal({ ok: false, reason: 'not-found', what: 'room' })).toBe(true);
    expect(isFinal({ ok: false, reason: 'failed' })).toBe(false);
  });
});
