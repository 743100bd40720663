import type { LookCard } from '@/core/formats/look-cards';
import { lookAnswersSchema } from '@/core/formats/look-answers';
import { answersOf, answersText, inTurn, isOutside, keyOf, mailOf, rankOf } from './answers';

const [LOOK, COLOUR, OTHER] = ['1', '2', '3'].map((n) => `0190c5c0-0000-7000-8000-00000000000${n}`) as [string, string, string];
const card = (more: Partial<LookCard> = {}): LookCard => ({
  lookId: LOOK,
  number: 1,
  room: 'Hall',
  when: 'between 09:00 and 12:00',
  date: '2026-10-25',
  day: '25 October',
  fromHour: 9,
  toHour: 12,
  where: 'the east wall',
  beside: '',
  compares: '',
  colours: [
    { id: COLOUR, name: 'Esk', says: '', hex: '#ddd' },
    { id: OTHER, name: 'Moss', says: '', hex: '#cdc' },
  ],
  paintFirst: [],
  ...more,
});
const at = (hours: number, date = '2026-10-25') => ({ date, hours });
const AT = '2026-10-25T09:30:00.000Z';

test('what was tapped or written is an answer, in the order of the cards; what was left or emptied is none', () => {
  const said = {
    [keyOf(LOOK, OTHER)]: { verdict: 'no' as const, words: ' too green ', at: AT },
    [keyOf(LOOK, COLOUR)]: { words: 'hm', at: AT },
    'of another hand': { verdict: 'works' as const, words: '', at: AT },
  };
  expect(answersOf([card()], said)).toEqual([
    { look: LOOK, colour: COLOUR, verdict: null, words: 'hm', lookedAt: AT },
    { look: LOOK, colour: OTHER, verdict: 'no', words: 'too green', lookedAt: AT },
  ]);
  expect(answersOf([card()], { [keyOf(LOOK, COLOUR)]: { words: '', at: AT } })).toEqual([]);
});

test('the file is one that is read in', () => {
  const text = answersText(
    { hand: LOOK, key: 'AbCdEfGhIjKlMnOpQrStUv', cards: [card()] },
    { [keyOf(LOOK, COLOUR)]: { verdict: 'works', words: '', at: AT } },
  );
  expect(lookAnswersSchema.parse(JSON.parse(text)).answers).toHaveLength(1);
});

test('now, later today, on another day', () => {
  expect([8.9, 9, 11.9, 12].map((h) => rankOf(card(), at(h)))).toEqual([1, 0, 0, 2]);
  expect(rankOf(card(), at(10, '2026-10-24'))).toBe(2);
  expect(rankOf(card({ date: null }), at(10, '2026-10-24'))).toBe(0);
  const lamps = card({ fromHour: null, toHour: null });
  expect([5.9, 6, 12, 16.9, 17].map((h) => rankOf(lamps, at(h)))).toEqual([0, 1, 1, 1, 0]);
});

test('half an hour beside its hours is still its light; a day too early is not', () => {
  expect([8.4, 8.5, 12.5, 12.6].map((h) => isOutside(card(), at(h)))).toEqual([true, false, false, true]);
  expect(isOutside(card(), at(10, '2026-10-24'))).toBe(true);
  expect(isOutside(card({ fromHour: null, toHour: null }), at(12))).toBe(false);
});

test('what can be done now comes first, then by day, then by number', () => {
  const cards = [
    card({ number: 4, date: '2026-10-27' }),
    card({ number: 3, fromHour: 14, toHour: 16 }),
    card({ number: 2 }),
    card({ number: 1, date: '2026-10-26' }),
  ];
  expect(inTurn(cards, at(10)).map((c) => c.number)).toEqual([2, 3, 1, 4]);
});

test('a mail holds what it must not be broken by', () => {
  expect(mailOf({ email: 'a+b@example.org', title: 'Row & co' }, 'x.json')).toBe(
    'mailto:a%2Bb@example.org?subject=Row%20%26%20co&body=My%20answers%20are%20in%20the%20file%20x.json%2C%20attached%20to%20this%20mail.',
  );
});
