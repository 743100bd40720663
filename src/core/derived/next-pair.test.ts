import { candidate, room, verdict } from '../../../tests/made-up-room';
import { nextAlone, nextPair } from './next-pair';
import type { Room } from '@/core/record/room';

const who = { light: 'window-day', person: 'consultant', lookedAt: true } as const;
const { lookedAt: _, ...alike } = who;
const pair = (candidateId: string, stayId: string) => ({ candidateId, stayId });
const said = (id: string, candidateId: string, stayId: string, more: object = {}) =>
  verdict({ id, candidateId, stayId, ...more });
const made = (more: Partial<Room> = {}) =>
  room({ candidates: [candidate('a', 100), candidate('b', 75), candidate('c', 50)], ...more });

test('the next thing beside the same colour, then the next colour beside the first thing', () => {
  expect(nextPair(made(), pair('a', 'floor'), who)).toEqual(pair('a', 'trim'));
  expect(nextPair(made({ verdicts: [said('1', 'a', 'floor'), said('2', 'a', 'trim')] }), pair('a', 'trim'), who)).toEqual(
    pair('b', 'floor'),
  );
});

test('what was left out before comes before the next colour; what was undone is open again', () => {
  expect(nextPair(made({ verdicts: [said('2', 'a', 'trim')] }), pair('a', 'trim'), who)).toEqual(pair('a', 'floor'));
  expect(
    nextPair(made({ verdicts: [said('1', 'a', 'floor', { undone: true }), said('2', 'a', 'trim')] }), pair('a', 'trim'), who),
  ).toEqual(pair('a', 'floor'));
});

test('from the last colour it goes around to what is open, and ends when all has been judged in this light by this person', () => {
  const all = ['a', 'b', 'c'].flatMap((c) => ['floor', 'trim'].map((s) => said(c + s, c, s)));
  expect(nextPair(made({ verdicts: all.slice(2) }), pair('c', 'trim'), who)).toEqual(pair('a', 'floor'));
  expect(nextPair(made({ verdicts: all }), pair('c', 'trim'), who)).toBeUndefined();
  expect(nextPair(made({ verdicts: all }), pair('c', 'trim'), { ...who, light: 'lamps' })).toEqual(pair('c', 'floor'));
  expect(nextPair(made({ verdicts: all }), pair('c', 'trim'), { ...who, person: 'client' })).toEqual(pair('c', 'floor'));
  expect(nextPair(made({ stays: [] }), pair('a', 'gone'), who)).toBeUndefined();
});

test('what was only judged on a screen is still to be looked at in the room; on the screen nothing is asked twice', () => {
  const screen = [said('1', 'a', 'trim', { seen: 'on-screen' })];
  expect(nextPair(made({ verdicts: screen }), pair('a', 'floor'), who)).toEqual(pair('a', 'trim'));
  expect(nextPair(made({ verdicts: screen }), pair('a', 'floor'), { ...who, lookedAt: false })).toEqual(pair('a', 'floor'));
  const looked = [said('1', 'a', 'trim', { seen: 'in-room' }), said('2', 'a', 'floor', { seen: 'in-room' })];
  expect(nextPair(made({ verdicts: looked }), pair('a', 'floor'), { ...who, lookedAt: false })).toEqual(pair('b', 'floor'));
});

test('alone: the next colour not looked at alone', () => {
  const alone = (candidateId: string) => ({
    id: candidateId,
    candidateId,
    ...alike,
    intensity: 'right' as const,
    moment: null,
    seen: null,
    at: '2026-09-23T12:00:00.000Z',
    undone: false,
  });
  expect(nextAlone(made(), 'a', who)).toBe('b');
  expect(nextAlone(made({ intensities: [alone('a'), alone('c')] }), 'c', who)).toBe('b');
  expect(nextAlone(made({ intensities: [alone('a'), alone('b'), alone('c')] }), 'c', who)).toBeUndefined();
});
