import fc from 'fast-check';
import '../../../tests/seeded';
import { look, madeUpId } from '../../../tests/made-up-look';
import { candidate, room, visit } from '../../../tests/made-up-room';
import type { VisitInLight } from '../record/kinds-of-light';
import { cardsOf, lookCard } from './look-cards';
import { MOST_ANSWER_BYTES, readAnswers, type LookAnswersFile } from './look-answers';

const [C1, C2, HAND, OTHER] = [madeUpId(901), madeUpId(902), madeUpId(903), madeUpId(904)];
const KEY = 'AbCdEfGhIjKlMnOpQrStUv';
const NOW = Date.parse('2026-09-25T12:00:00Z');
const first = look({ number: 4 });
const kept = look({ number: 9 });
const den = room({ candidates: [candidate(C1, 100), candidate(C2, 75)], looks: [first, kept] });
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
    ['another version', file({ version: 2 as never }), 'This is not a file of answers, or it was changed on the way.'],
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
      where: 'the east wall, then the north wall',
      beside: 'Oak floor and Skirting',
      colours: [{ id: C1, says: 'Ferrowmere FR 1, 100 % strength (the full formula)' }],
    });
  });
  test('after dark has no hours; colours named for it are those, ruled out or not', () => {
    const card = lookCard(den, { ...first, light: 'lamps', fromHour: null, toHour: null, candidateIds: [C2] });
    expect(card.when).toBe('after dark, lamps on');
    expect(card.colours.map((c) => c.id)).toEqual([C2]);
  });
  test('cards come by their numbers; one without a colour left is none', () => {
    expect(cardsOf(home, [kept.id, first.id]).map((c) => c.number)).toEqual([4, 9]);
    expect(cardsOf({ ...home, rooms: [{ ...den, candidates: [] }] }, [first.id])).toEqual([]);
  });
});
