import type { Stay } from './relation';
import { fightsWish, WISHES } from './wish';

const stay = (name: string, ...components: [name: string, share: number, l: number, a: number, b: number][]) => ({
  name,
  kind: 'fixed' as Stay['kind'],
  school: 'share' as const,
  components: components.map(([part, share, l, a, b]) => ({ name: part, share, lab: { l, a, b } })),
});
const marble = stay('grey marble', ['field', 0.75, 90, -0.4, -0.4], ['vein', 0.25, 66, -0.6, -2.5]);
const travertine = stay('travertine floor', ['field', 0.65, 78, 3.6, 13], ['band', 0.25, 70, 5, 16], ['pores', 0.1, 86, 2, 10]);
const darkOak = stay('dark oak', ['boards', 1, 38, 9, 17]);

describe('a finish that fights what the client wants (common practice, no source)', () => {
  test('grey, marble-like finish against a wish for warmth: it rules, and soft and light is the honest way out', () => {
    const [fight, ...others] = fightsWish([darkOak, marble], 'warmer');
    expect(others).toHaveLength(0);
    expect(fight).toMatchObject({ stay: 1, hard: true });
    expect(fight!.reasons.some((r) => r === 'too-yellow' || r === 'too-strong')).toBe(true);
    expect(fight!.waysOut.soft.lab.l).toBeGreaterThan(90);
    expect(fight!.waysOut.soft.verdict).not.toBe('no');
    expect(fight!.waysOut.goWith.length).toBeGreaterThan(0);
  });

  test('warm stone fights a wish for cool calm, not one for warmth', () => {
    expect(fightsWish([travertine], 'calmer')).toHaveLength(1);
    expect(fightsWish([travertine], 'warmer')).toHaveLength(0);
  });

  test('dark wood fights no wish for light', () => {
    expect(fightsWish([darkOak], 'lighter')).toHaveLength(0);
  });

  test.each(WISHES)('nothing that stays fights no wish: %s', (wish) => {
    expect(fightsWish([], wish)).toEqual([]);
  });
});
