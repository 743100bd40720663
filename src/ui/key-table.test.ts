import { handlersByKey, keyName, keysShown, type KeyTable } from './key-table';

const TABLE = {
  step: { keys: ['ArrowLeft', 'ArrowRight'], does: 'one back, one on' },
  number: { keys: ['1', '2', '3'], shown: '1 – 3', does: 'that row' },
  undo: { keys: ['z', 'Ctrl+z'], does: 'undo' },
} satisfies KeyTable;

test('keys are shown as they stand on a keyboard', () => {
  expect(['w', 'ArrowUp', 'Shift+z', 'Ctrl+Shift+z', '-', '[', 'Escape'].map(keyName)).toEqual([
    'W',
    '↑',
    'Shift+Z',
    'Ctrl+Shift+Z',
    '−',
    '[',
    'Esc',
  ]);
  expect(keysShown(TABLE.step)).toBe('←  →');
  expect(keysShown(TABLE.number)).toBe('1 – 3');
});

test('each key of a row calls its handler with its place; what a handler leaves to the browser stays so', () => {
  const called: (readonly [string, number])[] = [];
  const by = handlersByKey(TABLE, {
    step: (which) => void called.push(['step', which]),
    number: (which) => (which === 2 ? false : void called.push(['number', which])),
  });
  expect(new Set(Object.keys(by))).toEqual(new Set(['ArrowLeft', 'ArrowRight', '1', '2', '3']));
  by['ArrowRight']!();
  by['1']!();
  expect(by['3']!()).toBe(false);
  expect(called).toEqual([
    ['step', 1],
    ['number', 0],
  ]);
});
