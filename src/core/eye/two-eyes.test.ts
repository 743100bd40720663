import { MINDED, type Minded, type Minds } from './minds';
import { mindsMore, sayTwoEyes } from './two-eyes';

const eye = (of: Partial<Record<Minded, number>>, within = 1.15): Minds =>
  Object.fromEntries(
    MINDED.map((m) => {
      const factor = of[m] ?? 1;
      return [m, { factor, low: factor / within, high: factor * within }];
    }),
  ) as Minds;

test('what one minds more than the other is told of both, the clearest first', () => {
  const [own, theirs] = [eye({ green: 1, strength: 1.6 }), eye({ green: 1.8, pink: 1.5 })];
  expect(mindsMore(theirs, own)).toEqual(['green', 'pink']);
  expect(sayTwoEyes(own, theirs, 'Merrin')).toMatch(
    /^Merrin minds green and pink more than you do; you mind strength more than Merrin does\. Both eyes are right/,
  );
});

test('two clients are told as two', () => {
  const [own, theirs] = [eye({ green: 1, strength: 1.6 }), eye({ green: 1.8 })];
  expect(sayTwoEyes(own, theirs, 'Ash and Rowan')).toMatch(
    /^Ash and Rowan mind green more than you do; you mind strength more than Ash and Rowan do\./,
  );
});

test('what is not sure is not told, nor what hardly differs', () => {
  expect(sayTwoEyes(eye({}, 2), eye({ green: 1.6 }, 2), 'Merrin')).toBe('');
  expect(sayTwoEyes(eye({}), eye({ green: 1.1 }), 'Merrin')).toBe('');
});
