import { OPERATION_VERSION, type Operation } from '@/core/operations/operations';
import { makeOutbox } from './outbox';
import { storageInMemory } from '../../../tests/session-parts';

const operation = (n: number): Operation => ({
  id: `0190c5c0-000${n}-7000-8000-000000000000`,
  version: OPERATION_VERSION,
  at: '2026-09-23T12:00:00.000Z',
  write: { name: 'room.retire', roomId: '0190c5c0-0000-7000-8000-000000000009', retired: true },
});

describe('what was said and is not saved yet', () => {
  test('is kept in the order it was said, until it is forgotten', () => {
    const outbox = makeOutbox(storageInMemory());
    for (const n of [3, 1, 2]) expect(outbox.keep([operation(n)])).toBe(true);
    // not by their ids, which are of a clock that was set back
    expect(outbox.waiting()).toEqual([[operation(3)], [operation(1)], [operation(2)]]);
    outbox.forget(operation(1).id);
    expect(outbox.waiting()).toEqual([[operation(3)], [operation(2)]]);
  });

  test('two windows of a browser count together', () => {
    const storage = storageInMemory();
    const [one, other] = [makeOutbox(storage), makeOutbox(storage)];
    one.keep([operation(4)]);
    other.keep([operation(3)]);
    one.keep([operation(2)]);
    other.keep([operation(1)]);
    expect(one.waiting()).toEqual([[operation(4)], [operation(3)], [operation(2)], [operation(1)]]);
    // a browser that counted before there was a number for all goes on after the highest
    storage.remove('elm-swatch.count');
    makeOutbox(storage).keep([operation(5)]);
    expect(one.waiting().at(-1)).toEqual([operation(5)]);
  });

  test('another program’s entries are left alone; a damaged one is set aside, not thrown away', () => {
    const storage = storageInMemory();
    storage.set('something.else', '{}');
    storage.set('elm-swatch.outbox.x', '{"torn":');
    const outbox = makeOutbox(storage);
    outbox.keep([operation(1)]);
    expect(outbox.waiting()).toEqual([[operation(1)]]);
    expect(outbox.waiting()).toEqual([[operation(1)]]);
    expect(outbox.aside()).toEqual([{ id: 'x', operations: [], text: '{"torn":', refusal: { reason: 'invalid', issues: [] } }]);
    expect(storage.get('elm-swatch.aside.x')).toContain('torn');
    expect(storage.get('something.else')).toBe('{}');
  });

  test('one that an earlier version kept is read as one of today’s', () => {
    const storage = storageInMemory();
    const { version: _, ...old } = operation(4);
    storage.set(`elm-swatch.outbox.${old.id}`, JSON.stringify(old));
    expect(makeOutbox(storage).waiting()).toEqual([[operation(4)]]);
  });

  test('what is set aside keeps its reason until it is let go', () => {
    const outbox = makeOutbox(storageInMemory());
    outbox.keep([operation(1)]);
    outbox.setAside([operation(1)], { reason: 'changed-elsewhere' });
    expect(outbox.waiting()).toEqual([]);
    expect(outbox.aside()).toMatchObject([
      { id: operation(1).id, operations: [operation(1)], refusal: { reason: 'changed-elsewhere' } },
    ]);
    outbox.letGo(operation(1).id);
    expect(outbox.aside()).toEqual([]);
  });

  test('a full browser is said, not thrown', () => {
    const full = { ...storageInMemory(), set: () => false };
    expect(makeOutbox(full).keep([operation(1)])).toBe(false);
  });

  test('what was said together is one entry, and is set aside together', () => {
    const storage = storageInMemory();
    const outbox = makeOutbox(storage);
    outbox.keep([operation(1), operation(2)]);
    outbox.keep([operation(3)]);
    expect(makeOutbox(storage).waiting()).toEqual([[operation(1), operation(2)], [operation(3)]]);
    outbox.setAside([operation(1), operation(2)], { reason: 'signed' });
    expect(outbox.waiting()).toEqual([[operation(3)]]);
    expect(outbox.aside()).toMatchObject([{ id: operation(1).id, operations: [operation(1), operation(2)] }]);
  });

  test('one of several that cannot be read any more holds all of them', () => {
    const storage = storageInMemory();
    const torn = { ...operation(2), write: { name: 'room.melt' } };
    storage.set(`elm-swatch.outbox.${operation(1).id}`, JSON.stringify({ n: 1, operations: [operation(1), torn] }));
    const outbox = makeOutbox(storage);
    expect(outbox.waiting()).toEqual([]);
    expect(outbox.aside()).toMatchObject([{ id: operation(1).id, operations: [] }]);
    expect(outbox.aside()[0]!.text).toContain('room.melt');
  });

  test('entries and things aside of the build before, one operation each, are read', () => {
    const storage = storageInMemory();
    storage.set(`elm-swatch.outbox.${operation(1).id}`, JSON.stringify({ n: 4, operation: operation(1) }));
    storage.set(
      `elm-swatch.aside.${operation(2).id}`,
      JSON.stringify({ operation: operation(2), refusal: { reason: 'signed' } }),
    );
    const outbox = makeOutbox(storage);
    expect(outbox.waiting()).toEqual([[operation(1)]]);
    expect(outbox.aside()).toMatchObject([{ operations: [operation(2)], refusal: { reason: 'signed' } }]);
    outbox.keep([operation(3)]);
    expect(outbox.waiting()).toEqual([[operation(1)], [operation(3)]]);
  });
});
