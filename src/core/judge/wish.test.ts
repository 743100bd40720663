import type { Stay } from './relation';
import { fightsWish, grantedAll, judgedInDeck, WISHES, wished, type Wish } from './wish';

const stay = (name: string, ...components: [name: string, share: number, l: number, a: number, b: number][]) => ({
  name,
  kind: 'fixed' as Stay['kind'],
  school: 'share' as const,
  components: components.map(([part, share, l, a, b]) => ({ name: part, share, lab: { l, a, b } })),
});
const marble = stay('grey marble', ['field', 0.75, 90, -0.4, -0.4], ['vein', 0.25, 66, -0.6, -2.5]);
const travertine = stay('travertine floor', ['field', 0.65, 78, 3.6, 13], ['band', 0.25, 70, 5, 16], ['pores', 0.1, 86, 2, 10]);
const darkOak = stay('dark oak', ['boards', 1, 38, 9, 17]);

const fights = (stays: ReturnType<typeof stay>[], wish: Wish) => fightsWish(stays, wish, judgedInDeck(stays));

describe('a finish that fights what the client wants (common practice, no source)', () => {
  test('grey, marble-like finish against a wish for warmth: it rules, and soft and light is the honest way out', () => {
    const [fight, ...others] = fights([darkOak, marble], 'warmer');
    expect(others).toHaveLength(0);
    expect(fight).toMatchObject({ stay: 1, hard: true });
    expect(fight!.reasons.some((r) => r === 'too-yellow' || r === 'too-strong')).toBe(true);
    expect(fight!.waysOut.soft.lab.l).toBeGreaterThan(90);
    expect(fight!.waysOut.soft.verdict).not.toBe('no');
    expect(fight!.waysOut.goWith.length).toBeGreaterThan(0);
  });

  test('warm stone fights a wish for cool calm, not one for warmth', () => {
    expect(fights([travertine], 'calmer')).toHaveLength(1);
    expect(fights([travertine], 'warmer')).toHaveLength(0);
  });

  test('dark wood fights no wish for light', () => {
    expect(fights([darkOak], 'lighter')).toHaveLength(0);
  });

  test.each(WISHES)('nothing that stays fights no wish: %s', (wish) => {
    expect(fights([], wish)).toEqual([]);
  });
});

describe('a wish in a room (own choice)', () => {
  const at = (wish: Wish, warmth: number, chroma: number) => wished(wish, { lrv: 50, chroma, warmth });
  const soft = { l: 92, a: 0.6, b: 4 };
  const beige = { l: 80, a: 3, b: 13 };

  test('beside cool finishes a soft off-white is warm already, beside strong warm ones it is not', () => {
    expect(at('warmer', -4, 4)(soft).share).toBeGreaterThan(0.8);
    expect(at('warmer', 15, 15)(soft).share).toBeLessThan(0.4);
    expect(at('warmer', 15, 15)(beige).share).toBe(1);
  });

  test('where nothing is wished for everything is granted; where nothing stays the wish is measured as it is', () => {
    expect(wished(null, undefined)(soft)).toEqual({ share: 1, missedBy: 0 });
    expect(wished('warmer', undefined)(beige).share).toBe(1);
    expect(wished('deeper', undefined)(beige).share).toBe(0);
    // L* 80 of the 40 that is deep, in steps of 1.3
    expect(wished('deeper', undefined)({ l: 60, a: 0, b: 0 }).missedBy).toBeCloseTo(20 / 1.3, 6);
  });
});

describe('several wishes in their order (own choice of weights)', () => {
  const light = { l: 92, a: 0, b: 1 };
  const warm = { l: 72, a: 5, b: 18 };
  const both = { l: 92, a: 1, b: 11 };
  const granted = (wishes: readonly Wish[], lab: typeof light) => grantedAll(wishes, undefined)(lab);

  test('one is what it was, none is wholly granted', () => {
    for (const lab of [light, warm, both]) expect(granted(['warmer'], lab)).toEqual(wished('warmer', undefined)(lab));
    expect(granted([], warm)).toEqual({ share: 1, missedBy: 0 });
  });

  test('what grants both stands first, then what grants the first of them', () => {
    const shares = [both, light, warm].map((lab) => granted(['lighter', 'warmer'], lab).share);
    expect(shares).toEqual([...shares].sort((p, q) => q - p));
    expect(granted(['warmer', 'lighter'], warm).share).toBeGreaterThan(granted(['warmer', 'lighter'], light).share);
    expect(shares[0]).toBeCloseTo(1, 6);
  });

  test('what is missed is what the first misses', () => {
    expect(granted(['lighter', 'warmer'], warm).missedBy).toBe(wished('lighter', undefined)(warm).missedBy);
  });
});
