import { kindByName, skySharesSchema, USUAL_SKIES } from './use';

test.each([
  ['North bedroom', 'bedroom'],
  ['Hall and stairs', 'hall'],
  ['Downstairs WC', 'bath'],
  ['En suite', 'bath'],
  ['Kitchen', 'kitchen'],
  ['Dining room', 'dining'],
  ['Sitting room', 'living'],
  ['Library', 'study'],
  ['Bathroom', 'bath'],
  ['Room 3', 'other'],
  ['Challenge', 'other'],
])('a room called %s is a %s', (name, kind) => expect(kindByName(name)).toBe(kind));

test('shares of skies add up to 1', () => {
  expect(skySharesSchema.safeParse(USUAL_SKIES).success).toBe(true);
  expect(skySharesSchema.safeParse({ clear: 0.5, broken: 0.5, overcast: 0.5 }).success).toBe(false);
});
