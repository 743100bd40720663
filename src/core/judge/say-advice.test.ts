import type { JudgingLight } from '../room/facing';
import type { Advice } from './room-advice';
import { aboutRoom, sayAdvice, sayDrop, sayHowWeak, sayWeakest } from './say-advice';

const things = [
  { name: 'Travertine', components: [{ name: 'field' }, { name: 'band' }] },
  { name: 'Trim', components: [{ name: 'paint' }] },
];
const NOTHING: Advice['walls'] = {
  prior: 0,
  wish: 0,
  undertone: 0,
  light: 0,
  refused: 0,
  tooDark: 0,
  tooLight: 0,
  tooStrong: 0,
  tooWeak: 0,
  tooCool: 0,
  flat: 0,
  wishMissed: 0,
  tie: undefined,
};
const advice = (more: Partial<Advice<JudgingLight>> = {}): Advice<JudgingLight> => ({
  verdict: 'works',
  cost: 0.4,
  chance: 0.8,
  behind: 0.6,
  walls: { ...NOTHING, wish: 0.2, undertone: 0.05, tie: { stay: 0, how: 'undertone' } },
  turned: 0,
  weakest: { stay: 1, component: 0, kind: 'lamps', reason: 'too-close', flag: null },
  ...more,
});
const quiet = { l: 82, a: 2, b: 8 };

test('why a colour leads, from its own figures', () => {
  expect(sayAdvice(quiet, advice(), { wish: 'warmer', things })).toBe(
    'shares the undertone of Travertine, warmer as wanted, quiet, and light enough for four walls; weakest: a little too close, blends beside Trim, under the lamps',
  );
  const plain = advice({ weakest: undefined, walls: { ...NOTHING, wish: 1.6, wishMissed: 5 } });
  expect(sayAdvice(quiet, plain, { wish: 'warmer', things })).toBe(
    'less of “warmer” than wanted, quiet, and light enough for four walls; nothing fights it',
  );
});

test('the weakest link: the part where there are several, the room itself, a white in too little light', () => {
  const weakest = (link: Advice<JudgingLight>['weakest']) => sayWeakest({ weakest: link }, things);
  expect(weakest({ stay: 0, component: 1, kind: 'overcast', reason: 'too-green', flag: null })).toBe(
    'too green beside Travertine (band), under cloud',
  );
  expect(weakest({ stay: null, component: null, kind: null, reason: 'too-dark', flag: null })).toBe('too dark for this room');
  expect(weakest({ stay: null, component: null, kind: null, reason: null, flag: 'dingy' })).toMatch(/dingy/);
  expect(weakest(undefined)).toBeUndefined();
});

test('what works all the same is weak only a little, or almost', () => {
  const dated = { stay: 0, component: 0, kind: 'lamps', reason: 'dates-it', flag: null } as const;
  expect(sayHowWeak({ verdict: 'works', cost: 0.5, weakest: dated }, things)).toBe(
    'almost makes Travertine (field) look dirty or dated, under the lamps',
  );
  expect(sayHowWeak({ verdict: 'nearly', cost: 1.4, weakest: dated }, things)).toMatch(/^makes Travertine/);
});

test('a drop is counted by thing and reason alone', () => {
  const link = { stay: 0, component: 1, kind: 'overcast', reason: 'too-green', flag: null } as const;
  expect(sayDrop({ weakest: link }, things)).toBe('too green beside Travertine');
});

test('what is said of the room, once', () => {
  expect(aboutRoom({ dayLux: 0, light: { dim: 0, bright: 0 }, inDeck: false, bare: false })).toEqual([
    'No daylight is judged in: it is a room of lamps.',
  ]);
  expect(aboutRoom({ dayLux: 843, light: { dim: 0, bright: 0 }, inDeck: false, bare: true })).toEqual([
    expect.stringMatching(/^Nothing that stays is recorded: ranked by light, use and wish alone/),
    'By day about 840 lx on this wall.',
  ]);
  expect(aboutRoom({ dayLux: 500, light: { dim: 0, bright: 0 }, inDeck: true, bare: false })[0]).toMatch(
    /judged in the light of the deck/,
  );
  expect(aboutRoom({ dayLux: 843, light: { dim: 0, bright: 0 }, inDeck: false, bare: false })).toEqual([
    'By day about 840 lx on this wall.',
  ]);
  expect(aboutRoom({ dayLux: 60, light: { dim: 0.9, bright: 0 }, inDeck: false, bare: false })[1]).toMatch(/^A dim room/);
  expect(aboutRoom({ dayLux: 4000, light: { dim: 0, bright: 0.9 }, inDeck: false, bare: false })[1]).toMatch(
    /^A very bright room/,
  );
});
