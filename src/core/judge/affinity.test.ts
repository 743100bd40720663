import fc from 'fast-check';
import { prepareAffinity } from './affinity';
import type { School } from './kinds';
import type { Stay } from './relation';
import { GRANTS, grants, WISHES } from './wish';

const thing = (
  name: string,
  kind: Stay['kind'],
  school: School,
  ...labs: [share: number, l: number, a: number, b: number][]
) => ({
  name,
  kind,
  school,
  components: labs.map(([share, l, a, b], i) => ({ name: `${name} ${i}`, share, lab: { l, a, b } })),
});
const travertine = thing('travertine', 'fixed', 'share', [0.7, 78, 3.6, 13], [0.3, 70, 5, 16]);
const slate = thing('slate', 'fixed', 'share', [1, 42, -3, -5]);
const trim = thing('trim', 'fixed', 'share', [1, 96, -0.3, 1]);

const pinkBeige = { l: 84, a: 3.2, b: 11.5 };
const blueGrey = { l: 76, a: -2, b: -4 };
const offBlack = { l: 28, a: 0, b: -0.5 };
const plainGrey = { l: 70, a: 0.1, b: 0.3 };

const colour = fc.record({
  l: fc.double({ min: 10, max: 98, noNaN: true }),
  a: fc.double({ min: -30, max: 30, noNaN: true }),
  b: fc.double({ min: -30, max: 40, noNaN: true }),
});

describe('what speaks for a colour (common practice, no source)', () => {
  test('the best match shares the undertone of what stays, and the thing is named', () => {
    const of = prepareAffinity([slate, travertine]);
    expect(of(pinkBeige).tie).toEqual({ stay: 1, how: 'undertone' });
    expect(of(blueGrey).tie).toEqual({ stay: 0, how: 'undertone' });
    expect(prepareAffinity([travertine])(pinkBeige).undertone).toBeGreaterThan(0.95);
    expect(prepareAffinity([travertine])(blueGrey).undertone).toBeLessThan(0.05);
  });

  test('a grey or a black without a lean shares nothing, though nothing speaks against it', () => {
    for (const lean of [offBlack, plainGrey]) {
      const { undertone, tie } = prepareAffinity([travertine, slate])(lean);
      expect(undertone).toBeLessThan(0.05);
      expect(tie).toBeUndefined();
    }
  });

  test('with nothing to share, a lean of its own counts, and a white needs none', () => {
    const of = prepareAffinity([trim]);
    expect(of(plainGrey).undertone).toBe(0);
    expect(of(pinkBeige).undertone).toBe(1);
    expect(of({ l: 96, a: 0, b: 0.5 }).undertone).toBe(1);
  });

  test('a fixed finish counts more than a furnishing', () => {
    const throwOver = thing('throw', 'furnishing', 'share', [1, 42, -3, -5]);
    const of = prepareAffinity([travertine, throwOver]);
    expect(of(pinkBeige).undertone).toBeGreaterThan(of(blueGrey).undertone);
  });

  test('a furnishing may be answered from across the hue circle, a fixed finish may not', () => {
    const charcoal = { l: 46, a: 4, b: 3 };
    const teal = (kind: Stay['kind'], school: School) => prepareAffinity([thing('teal', kind, school, [1, 42, -22, -14])]);
    expect(teal('furnishing', 'answer')(charcoal).tie).toEqual({ stay: 0, how: 'answers' });
    expect(teal('furnishing', 'share')(charcoal).tie).toBeUndefined();
    expect(teal('fixed', 'answer')(charcoal).tie).toBeUndefined();
  });

  test('what is shared is between none and all', () => {
    fc.assert(
      fc.property(colour, (lab) => {
        const { undertone } = prepareAffinity([travertine, slate])(lab);
        expect(undertone).toBeGreaterThanOrEqual(0);
        expect(undertone).toBeLessThanOrEqual(1);
      }),
      { seed: 51 },
    );
  });
});

describe('how far a colour grants a wish (own choice)', () => {
  test.each([
    ['warmer', pinkBeige, blueGrey],
    ['calmer', { l: 80, a: -4, b: 3 }, pinkBeige],
    ['lighter', { l: 92, a: 0, b: 5 }, { l: 70, a: 1, b: 7 }],
    ['deeper', { l: 32, a: -0.5, b: -2 }, { l: 84, a: 3, b: 11 }],
    ['more-colour', { l: 62, a: -14, b: 10 }, { l: 88, a: 0.5, b: 4 }],
  ] as const)('%s', (wish, granting, not) => {
    expect(grants(wish, granting)).toBeGreaterThan(0.9);
    expect(grants(wish, not)).toBeLessThan(0.1);
  });

  test.each(WISHES)('every colour that is said to grant a wish plainly does: %s', (wish) => {
    for (const lab of GRANTS[wish]) expect(grants(wish, lab)).toBeGreaterThanOrEqual(0.75);
  });

  test('is between none and all for any colour', () => {
    fc.assert(
      fc.property(colour, fc.constantFrom(...WISHES), (lab, wish) => {
        expect(grants(wish, lab)).toBeGreaterThanOrEqual(0);
        expect(grants(wish, lab)).toBeLessThanOrEqual(1);
      }),
      { seed: 52 },
    );
  });
});
