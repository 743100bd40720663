import fc from 'fast-check';
import type { Lab } from '../colour/types';
import { conflictsOf, costsBeside, noCosts } from './component-relation';
import { hueReason } from './hue-reason';
import { prepareCandidate } from './prepare-candidate';
import { ALONE, prepareComponent } from './prepare-component';
import { RELATION } from './model';

const colour = fc.record({
  l: fc.double({ min: 5, max: 99, noNaN: true }),
  a: fc.double({ min: -40, max: 40, noNaN: true }),
  b: fc.double({ min: -40, max: 60, noNaN: true }),
});
/** Near each other, where bounds are tight. */
const nearby = fc.tuple(colour, fc.double({ min: -4, max: 4, noNaN: true }), fc.double({ min: -4, max: 4, noNaN: true }));

const cost = (stay: Lab, candidate: Lab, { share = 1, furnishing = false, above = -1 } = {}) =>
  costsBeside(
    prepareComponent(stay, RELATION, { ...ALONE, kind: furnishing ? 'furnishing' : 'fixed', alike: share }),
    prepareCandidate(candidate, RELATION),
    noCosts(),
    above,
  );

/** The kinds of conflict of a pair, with their costs. */
function kinds(stay: Lab, candidate: Lab, furnishing = false) {
  const out = noCosts();
  costsBeside(
    prepareComponent(stay, RELATION, { ...ALONE, kind: furnishing ? 'furnishing' : 'fixed' }),
    prepareCandidate(candidate, RELATION),
    out,
  );
  return out;
}

describe('what a candidate costs beside one component', () => {
  test('looking no further is only ever right: what is given up on was not above the bound', () => {
    fc.assert(
      fc.property(colour, colour, fc.double({ min: 0, max: 4, noNaN: true }), (stay, candidate, above) => {
        const full = cost(stay, candidate);
        const found = cost(stay, candidate, { above });
        expect(found === full || (found === 0 && full <= above)).toBe(true);
      }),
      { seed: 71, numRuns: 2000 },
    );
    fc.assert(
      fc.property(nearby, fc.double({ min: 0, max: 3, noNaN: true }), ([stay, da, db], above) => {
        const candidate = { l: stay.l, a: stay.a + da, b: stay.b + db };
        const full = cost(stay, candidate);
        const found = cost(stay, candidate, { above });
        expect(found === full || (found === 0 && full <= above)).toBe(true);
      }),
      { seed: 72, numRuns: 2000 },
    );
  });

  test('is a number, never negative, and beside a furnishing never too weak', () => {
    fc.assert(
      fc.property(colour, colour, (stay, candidate) => {
        expect(cost(stay, candidate)).toBeGreaterThanOrEqual(0);
        expect(kinds(stay, candidate, true).tooWeak).toBe(0);
      }),
      { seed: 73, numRuns: 500 },
    );
  });

  test('grows with the hue difference between two colours of equal depth and chroma', () => {
    const at = (deg: number): Lab => ({
      l: 78,
      a: 12 * Math.cos((deg * Math.PI) / 180),
      b: 12 * Math.sin((deg * Math.PI) / 180),
    });
    // as far as both are near-neutrals: beyond, hues of two colours may answer each other
    const costs = [2, 5, 10, 15].map((by) => kinds(at(75), at(75 + by)).hue);
    expect([...costs].sort((p, q) => p - q)).toEqual(costs);
    expect(costs[3]).toBeGreaterThan(0.7);
  });

  test('a pale colour goes lifeless beside cream, a dark one of the same chroma does not', () => {
    const cream = { l: 92, a: 0, b: 11.5 };
    expect(kinds(cream, { l: 88, a: 0.3, b: 4 }).tooWeak).toBeGreaterThan(1);
    expect(kinds(cream, { l: 38, a: 0.3, b: 4 }).tooWeak).toBe(0);
  });

  test('the yellower of two whites looks dirty, unless it is clearly lighter', () => {
    const tile = { l: 90, a: -0.3, b: 0 };
    const dirty = (l: number) => kinds(tile, { l, a: 0, b: 7 }).dirty;
    expect(dirty(89)).toBeGreaterThan(1);
    expect(dirty(92)).toBeLessThan(dirty(89));
    expect(dirty(94.5)).toBe(0);
  });

  test('a blue-white makes a yellower light thing look dated; a dark floor does not date', () => {
    const blueWhite = { l: 96, a: -0.8, b: -1.8 };
    expect(kinds({ l: 88, a: 1, b: 10 }, blueWhite).dated).toBeGreaterThan(1);
    expect(kinds({ l: 38, a: 9, b: 17 }, blueWhite).dated).toBe(0);
  });

  test('sharing its pink relieves a hue conflict', () => {
    const violetFleck = { l: 50, a: 4.5, b: -4.5 };
    const hue = (a: number) => kinds(violetFleck, { l: 80, a, b: 13 }).hue;
    expect(hue(3.2)).toBeLessThan(hue(-0.6));
  });
});

describe('the words for being weak, and for a step of depth', () => {
  const reasons = (stay: Lab, candidate: Lab) => {
    const [beside, held] = [prepareComponent(stay, RELATION), prepareCandidate(candidate, RELATION)];
    const costs = noCosts();
    costsBeside(beside, held, costs);
    return { reasons: conflictsOf(beside, held, costs).map((c) => c.reason), costs };
  };

  test('a weak colour of another hue is named by its hue, one without a hue or of the same hue by its weakness', () => {
    const cream = { l: 91, a: 0.3, b: 12 };
    const lavender = reasons(cream, { l: 84, a: 2.5, b: -3 });
    expect(lavender.costs.tooWeak).toBeGreaterThan(1);
    expect(lavender.reasons).not.toContain('too-weak');
    expect(lavender.reasons[0]).toBe('too-violet');
    expect(reasons(cream, { l: 84, a: 0, b: 0.5 }).reasons[0]).toBe('too-weak');
    expect(reasons(cream, { l: 84, a: 0.1, b: 4 }).reasons[0]).toBe('too-weak');
  });

  test.each([
    ['too-dark', { l: 74, a: 1.2, b: 7 }, { l: 70, a: 1.2, b: 7.1 }],
    ['too-light', { l: 70, a: 1.2, b: 7 }, { l: 74, a: 1.2, b: 7 }],
    ['too-dark', { l: 96.5, a: -0.4, b: 1.4 }, { l: 92, a: -0.4, b: 1.6 }],
    ['too-close', { l: 74, a: 1.2, b: 7 }, { l: 74.5, a: 2.2, b: 8 }],
  ] as const)('%s', (reason, stay, candidate) => expect(reasons(stay, candidate).reasons[0]).toBe(reason));

  test('two greiges clearly a step apart have no such word', () => {
    expect(reasons({ l: 68, a: 1.2, b: 7 }, { l: 80, a: 1, b: 6.4 }).costs.close).toBe(0);
  });
});

describe('the word for a hue difference', () => {
  const travertine = { l: 78, a: 3.6, b: 13 };
  test.each([
    ['too-green', travertine, { l: 78, a: -0.6, b: 13.5 }],
    // less yellow, and hardly less pink: what the eye calls violet of a taupe the bars call weaker
    ['too-weak', travertine, { l: 76, a: 2.6, b: 5 }],
    ['too-violet', travertine, { l: 76, a: 4.2, b: 5 }],
    ['too-yellow', { l: 70, a: 1.2, b: 3.5 }, { l: 80, a: 2, b: 19 }],
    ['too-pink', { l: 74, a: 0.2, b: 12 }, { l: 79, a: 4.2, b: 14.5 }],
    // weaker, but of no other hue than greener: not violet because it has less yellow
    ['too-green', travertine, { l: 87.5, a: -0.3, b: 6.75 }],
  ] as const)('%s', (reason, stay, candidate) => expect(hueReason(stay, candidate)).toBe(reason));
});
