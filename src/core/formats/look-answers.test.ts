import fc from 'fast-check';
import '../../../tests/seeded';
import { look, madeUpId } from '../../../tests/made-up-look';
import { candidate, room, visit } from '../../../tests/made-up-room';
import type { VisitInLight } from '@/core/derived/kinds-of-light';
import type { Sample } from '@/core/record/sample';
import { cardsOf, lookCard } from './look-cards';
import { MOST_ANSWER_BYTES, noteOf, readAnswers, type LookAnswersFile } from './look-answers';

const [C1, C2, HAND, OTHER] = [madeUpId(901), madeUpId(902), madeUpId(903), madeUpId(904)];
const KEY = 'AbCdEfGhIjKlMnOpQrStUv';
const NOW = Date.parse('2026-09-25T12:00:00Z');
const first = look({ number: 4 });
const kept = look({ number: 9 });
const board = (candidateId: string, paintedAt: string | null = '2026-09-22T08:00:00.000Z'): Sample => ({
  ...{ id: madeUpId(950), candidateId, method: 'board', widthM: 0.6, heightM: 0.9, borderM: 0.05, coats: 2 },
  ...{ paintedAt, read: null, reason: '' },
});
const den = room({ candidates: [candidate(C1, 100), candidate(C2, 75)], looks: [first, kept], samples: [board(C1), board(C2)] });
const home: VisitInLight = {
  ...visit(),
  rooms: [den],
  hands: [{ id: HAND, key: KEY, lookIds: [first.id], at: '2026-09-23T16:00:00.000Z' }],
};
const answer = {
  look: first.id,
  colour: C1,
  verdict: 'works',
  words: ' in the morning ',
  lookedAt: '2026-09-24T09:10:00.000Z',
} as const;
const file = (more: Partial<LookAnswersFile> = {}): string =>
  JSON.stringify({ format: 'elm-swatch/look-answers', version: 1, hand: HAND, key: KEY, answers: [answer], ...more });
const rowsOf = (text: string, of = home) => {
  const found = readAnswers(text, of, NOW);
  return found.ok ? found : { rows: [], skipped: [found.says] };
};

describe('a client’s file of answers', () => {
  test('is shown row by row, words trimmed', () => {
    expect(rowsOf(file()).rows).toEqual([
      expect.objectContaining({
        lookId: first.id,
        number: 4,
        candidateId: C1,
        verdict: 'works',
        words: 'in the morning',
        known: false,
      }),
    ]);
  });

  test('words without a tapped answer are kept as a note, once; nothing said is left out', () => {
    const only = { ...answer, verdict: null, words: 'too busy to look' };
    const [row] = rowsOf(file({ version: 2, answers: [only] })).rows;
    expect(row).toMatchObject({ verdict: null, known: false });
    const words = noteOf(row!);
    expect(words).toBe('The client, look 4: too busy to look');
    const note = { id: madeUpId(6), candidateId: C1, words, at: '2026-09-25T08:00:00.000Z', undone: false };
    const again = { ...home, rooms: [{ ...den, notes: [note] }] };
    expect(rowsOf(file({ version: 2, answers: [only] }), again).rows[0]!.known).toBe(true);
    expect(rowsOf(file({ version: 2, answers: [{ ...only, words: ' ' }] })).skipped).toEqual(['look 4: nothing said']);
  });

  test('an answer from outside of its hours is marked, with them', () => {
    const at = (lookedAt: string) => rowsOf(file({ answers: [{ ...answer, lookedAt }] })).rows[0]!.outside;
    expect(at('2026-09-24T09:10:00.000Z')).toBe('');
    expect(at('2026-09-24T06:10:00.000Z')).toBe('before its hours (09:00–12:00)');
    expect(at('2026-09-24T15:10:00.000Z')).toBe('after its hours (09:00–12:00)');
    const dark = { ...first, light: 'lamps' as const, fromHour: null, toHour: null };
    const lamps = { ...home, rooms: [{ ...den, looks: [dark] }] };
    expect(rowsOf(file(), lamps).rows[0]!.outside).toBe('before dark');
    const later = { ...home, rooms: [{ ...den, looks: [{ ...first, date: '2026-10-25' }] }] };
    expect(rowsOf(file(), later).rows[0]!.outside).toBe('before the day it is meant for');
  });

  test('what is kept already is known again, what was taken back is not', () => {
    const said = {
      lookId: first.id,
      candidateId: C1,
      verdict: 'works' as const,
      words: 'in the morning',
      lookedAt: answer.lookedAt,
    };
    const event = { id: madeUpId(5), handId: HAND, at: '2026-09-25T08:00:00.000Z', undone: false, ...said };
    const withAnswer = (undone: boolean) => ({ ...home, rooms: [{ ...den, answers: [{ ...event, undone }] }] });
    expect(rowsOf(file(), withAnswer(false)).rows[0]!.known).toBe(true);
    expect(rowsOf(file(), withAnswer(true)).rows[0]!.known).toBe(false);
  });

  test.each([
    ['another key', file({ key: 'xxxxxxxxxxxxxxxxxxxxxx' }), 'These answers belong to another visit.'],
    ['another hand-out', file({ hand: OTHER }), 'These answers belong to another visit.'],
    ['no JSON', '<html>', 'This is not a file of answers, or it was changed on the way.'],
    ['another version', file({ version: 3 as never }), 'This is not a file of answers, or it was changed on the way.'],
    ['something beside', file({ more: 1 } as never), 'This is not a file of answers, or it was changed on the way.'],
    ['far too long', ' '.repeat(MOST_ANSWER_BYTES + 1), 'The file is too large to be an answer.'],
  ])('%s is refused', (_, text, says) => {
    expect(readAnswers(text, home, NOW)).toEqual({ ok: false, says });
  });

  test.each([
    ['a look that was not handed out', { look: kept.id }, 'not handed out'],
    ['a look of nowhere', { look: OTHER }, 'not handed out'],
    ['a colour of nowhere', { colour: OTHER }, 'not in'],
    ['a look to come', { lookedAt: '2026-11-01T09:00:00.000Z' }, 'future'],
  ])('%s is left out and told', (_, change, says) => {
    const found = rowsOf(file({ answers: [{ ...answer, ...change }] }));
    expect(found.rows).toEqual([]);
    expect(found.skipped[0]).toContain(says);
  });

  test('of two answers to one question the later counts', () => {
    const again = { ...answer, verdict: 'no' as const };
    expect(rowsOf(file({ answers: [answer, again] })).rows.map((r) => r.verdict)).toEqual(['no']);
  });

  test('whatever is in the file, it is a value or a sentence, and only what was handed out', () => {
    const text = fc.oneof(
      fc.string(),
      fc.json(),
      fc
        .record({
          look: fc.constantFrom(first.id, first.id, kept.id, '', OTHER),
          colour: fc.constantFrom(C1, C2, OTHER, '__proto__'),
          verdict: fc.constantFrom('works', 'no', 'x'),
          words: fc.string(),
          lookedAt: fc.constantFrom(answer.lookedAt, '', '0000-01-01T00:00:00Z'),
        })
        .map((one) => file({ answers: [one as never] })),
      fc.jsonValue().map((value) => file({ answers: value as never })),
    );
    let read = 0;
    fc.assert(
      fc.property(text, (given) => {
        const found = readAnswers(given, home, NOW);
        if (!found.ok) return found.says.length > 0;
        read += found.rows.length;
        return found.rows.every((r) => r.lookId === first.id && [C1, C2].includes(r.candidateId));
      }),
      { numRuns: 1500 },
    );
    expect(read).toBeGreaterThan(5);
  });
});

describe('the card of a look', () => {
  test('says when, where, beside what, and which colours are still in question', () => {
    const two = { ...first, walls: ['wall-2', 'wall-1'], date: '2026-10-25' };
    const ruled = { id: 'r', candidateId: C2, ruling: 'not' as const, note: '', at: '2026-09-23T12:00:00.000Z' };
    expect(lookCard({ ...den, rulings: [ruled] }, two)).toMatchObject({
      number: 4,
      when: 'between 09:00 and 12:00, under a clear sky',
      day: '25 October',
      // by what is seen there: the room has one window
      where: 'the wall opposite the window, as you face it, then the wall right of the window, as you face it',
      beside: 'Oak floor and Skirting',
      colours: [{ id: C1, name: 'Test Shell 100 %', says: 'Ferrowmere FR 1, 100 % strength' }],
    });
  });
  test('after dark has no hours; colours named for it are those, ruled out or not', () => {
    const card = lookCard(den, { ...first, light: 'lamps', fromHour: null, toHour: null, candidateIds: [C2] });
    expect(card.when).toBe('after dark, lamps on');
    expect(card.colours.map((c) => c.id)).toEqual([C2]);
  });
  test('asks only about boards that are there, and says which to paint first', () => {
    const half = { ...den, samples: [board(C1), board(C2, null)] };
    expect(lookCard(half, first)).toMatchObject({ colours: [{ id: C1 }], paintFirst: ['Test Shell 75 %'] });
    expect(lookCard({ ...den, samples: [] }, first)).toMatchObject({
      colours: [],
      paintFirst: ['Test Shell 100 %', 'Test Shell 75 %'],
    });
  });
  test('cards come by their numbers; one without a colour left is none', () => {
    expect(cardsOf(home, [kept.id, first.id]).map((c) => c.number)).toEqual([4, 9]);
    expect(cardsOf({ ...home, rooms: [{ ...den, candidates: [] }] }, [first.id])).toEqual([]);
  });
});
