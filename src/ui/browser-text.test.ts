import { textIn } from './browser-text';

/** A browser's storage with room for so many characters. */
function storageWith(room: number): Storage {
  const map = new Map<string, string>();
  const size = () => [...map].reduce((sum, [k, v]) => sum + k.length + v.length, 0);
  return {
    get length() {
      return map.size;
    },
    key: (i) => [...map.keys()][i] ?? null,
    getItem: (key) => map.get(key) ?? null,
    setItem: (key, text) => {
      if (size() + key.length + text.length > room) throw new DOMException('full', 'QuotaExceededError');
      map.set(key, text);
    },
    removeItem: (key) => void map.delete(key),
    clear: () => map.clear(),
  };
}

test('what there is no room for lives in the page, and says so', () => {
  const storage = storageWith(10);
  const text = textIn(() => storage);
  expect(text.set('a', '12345')).toBe(true);
  expect(text.set('b', '123456789')).toBe(false);
  expect([text.get('a'), text.get('b'), [...text.keys()].sort()]).toEqual(['12345', '123456789', ['a', 'b']]);
  text.remove('a');
  expect(text.set('b', '1')).toBe(true);
  expect([storage.getItem('b'), text.get('b'), text.get('a')]).toEqual(['1', '1', null]);
});

test('a newer text the storage does not take stands before the older one it has', () => {
  const text = textIn(
    (
      (storage) => () =>
        storage
    )(storageWith(6)),
  );
  text.set('a', 'old');
  expect(text.set('a', 'newer and longer')).toBe(false);
  expect(text.get('a')).toBe('newer and longer');
});

test('a browser that refuses its storage altogether is written to all the same', () => {
  const text = textIn(() => {
    throw new DOMException('off', 'SecurityError');
  });
  expect([text.get('a'), text.keys()]).toEqual([null, []]);
  expect(text.set('a', 'x')).toBe(false);
  expect([text.get('a'), text.keys()]).toEqual(['x', ['a']]);
  text.remove('a');
  expect(text.get('a')).toBeNull();
});

test('who listens is told of what is kept and taken away, until they stop', () => {
  const storage = storageWith(100);
  const text = textIn(() => storage);
  const told: (string | null)[] = [];
  const stop = text.subscribe(() => told.push(text.get('a')));
  text.set('a', 'one');
  text.set('b', 'other');
  text.remove('a');
  stop();
  text.set('a', 'two');
  expect(told).toEqual(['one', 'one', null]);
});
