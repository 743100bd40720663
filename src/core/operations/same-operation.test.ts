import { operation } from '../../../tests/made-up-writes';
import { isOfNoVisit } from './operations';
import { isSameOperation } from './same-operation';

const id = (n: number) => `0190c5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const given = operation({ name: 'note.add', roomId: id(1), candidateId: null, words: 'Tea' });

test('an operation is the one that was kept, whatever the order of its members', () => {
  const turned = JSON.parse(
    JSON.stringify({ write: given.write, at: given.at, version: given.version, id: given.id }),
  ) as unknown;
  expect(isSameOperation(turned, given)).toBe(true);
  expect(isSameOperation({ ...given, write: { ...given.write, words: 'Coffee' } }, given)).toBe(false);
  expect(isSameOperation({ ...given, at: '2026-09-23T12:00:01.000Z' }, given)).toBe(false);
});

test('what the server filled in is not what was said', () => {
  const add = operation({ name: 'candidate.add', roomId: id(1), candidateId: id(2), deckColourId: 'FR:1', strength: 75 });
  const journalled = { ...add, write: { ...add.write, candidateId: id(3) } };
  expect(isSameOperation(journalled, add)).toBe(true);
  expect(isSameOperation({ ...journalled, write: { ...journalled.write, strength: 50 } }, add)).toBe(false);
});

test('one of before that was brought up to today is taken to be the same, and so is one that cannot be read', () => {
  expect(isSameOperation({ ...given, version: 0, write: { name: 'x' } }, given)).toBe(true);
  expect(isSameOperation({ ...given, write: { name: 'room.melt' } }, given)).toBe(true);
});

test('decks and the consultant’s card belong to no visit', () => {
  const names = ['deck.import', 'deck.retire', 'consultant.card', 'note.add', 'visit.create', 'look.hand'] as const;
  expect(names.filter((name) => isOfNoVisit({ name }))).toEqual(['deck.import', 'deck.retire', 'consultant.card']);
});
