import { isOwnKey, namesOf } from './keys';

const input = (type: string) => ({ tagName: 'INPUT', type });

test.each([
  ['text typed', input('text'), 'w', true],
  ['a number typed', input('number'), 'w', true],
  ['a date typed', input('date'), '1', true],
  ['words typed', { tagName: 'TEXTAREA' }, 'w', true],
  ['editable text', { tagName: 'DIV', isContentEditable: true }, 'w', true],
  ['a letter on a list', { tagName: 'SELECT' }, 'w', true],
  ['an arrow on a list', { tagName: 'SELECT' }, 'ArrowDown', true],
  ['a letter on a tick', input('checkbox'), 'w', false],
  ['a space on a tick', input('checkbox'), ' ', true],
  ['an arrow on a slider', input('range'), 'ArrowLeft', true],
  ['a letter on a button', { tagName: 'BUTTON' }, 'w', false],
])('%s: the key is its own: %s %s', (_, element, key, own) => expect(isOwnKey(element, key)).toBe(own));

const pressed = (key: string, more: object = {}) => ({ key, shiftKey: false, ctrlKey: false, metaKey: false, ...more });

test('a letter is known with Shift and without, and with Ctrl or the command key only by that', () => {
  expect(namesOf(pressed('Z', { shiftKey: true }))).toEqual(['Shift+z', 'z']);
  expect(namesOf(pressed('Z'))).toEqual(['z']); // caps lock
  expect(namesOf(pressed('{', { shiftKey: true }))).toEqual(['{']);
  expect(namesOf(pressed('?', { shiftKey: true }))).toEqual(['?']);
  expect(namesOf(pressed('z', { metaKey: true }))).toEqual(['Ctrl+z']);
  expect(namesOf(pressed('Z', { ctrlKey: true, shiftKey: true }))).toEqual(['Ctrl+Shift+z']);
  expect(namesOf(pressed('ArrowUp', { shiftKey: true }))).toEqual(['Shift+ArrowUp', 'ArrowUp']);
});
