import type { Lab } from '../colour/types';
import { seenTogether, turnOf, turnedBy } from './seen-together';

const COLOURS = {
  greige: { l: 80, a: 1, b: 8 },
  cream: { l: 88, a: 1, b: 12 },
  'pink beige': { l: 80, a: 6, b: 10 },
  'green beige': { l: 78, a: -3, b: 12 },
  white: { l: 95, a: 0, b: 2 },
  charcoal: { l: 28, a: 0, b: -1 },
  navy: { l: 22, a: 2, b: -18 },
  sage: { l: 65, a: -8, b: 10 },
} satisfies Record<string, Lab>;
type Name = keyof typeof COLOURS;

// common practice, no source: written before the figures were set
test.each<[Name, Name, string]>([
  ['greige', 'cream', 'runs-on'],
  ['cream', 'white', 'runs-on'],
  ['greige', 'white', 'step'],
  ['greige', 'sage', 'step'],
  ['white', 'charcoal', 'jump'],
  ['greige', 'navy', 'jump'],
  ['pink beige', 'green beige', 'clash'],
  ['greige', 'pink beige', 'clash'],
  ['sage', 'pink beige', 'clash'],
])('%s and, through the door, %s: %s, from either side', (near, far, kind) => {
  expect(seenTogether(COLOURS[near], COLOURS[far]).kind).toBe(kind);
  expect(seenTogether(COLOURS[far], COLOURS[near]).kind).toBe(kind);
});

test('a clash says what the far wall is: green behind pink, pink behind green', () => {
  expect(seenTogether(COLOURS['pink beige'], COLOURS['green beige']).reason).toBe('too-green');
  expect(seenTogether(COLOURS['green beige'], COLOURS['pink beige']).reason).toBe('too-pink');
  expect(seenTogether(COLOURS.greige, COLOURS.navy).reason).toBeNull();
});

test('a turn is named by the hue it goes to, in steps; what nobody would see is none', () => {
  const grey: Lab = { l: 75, a: 0, b: 0 };
  expect(turnOf(turnedBy(grey, { l: 75, a: 0, b: -4 }))).toEqual({ towards: 'bluer', steps: expect.closeTo(3.7, 0) });
  expect(turnOf(turnedBy(grey, { l: 75, a: 3, b: 1 }))!.towards).toBe('pinker');
  expect(turnOf(turnedBy(grey, { l: 60, a: 0.1, b: 0.1 }))).toBeNull();
});
