import fc from 'fast-check';
import { directions } from '../colour/directions';
import type { Lab } from '../colour/types';
import { REASONS, VERDICTS } from './reasons';
import { EYE, logLikelihood, reasonChances, verdictChances } from './verdict-likelihood';

const difference = fc.double({ min: 0, max: 60, noNaN: true });
const lapse = fc.double({ min: 0, max: 0.5, noNaN: true });
const lab = fc.record({
  l: fc.double({ min: 20, max: 96, noNaN: true }),
  a: fc.double({ min: -15, max: 20, noNaN: true }),
  b: fc.double({ min: -15, max: 30, noNaN: true }),
});
const WANTED: Lab = { l: 84, a: 3, b: 11 };
const chanceOf = (sample: Lab, reason: (typeof REASONS)[number]) =>
  reasonChances(directions(WANTED, sample))[REASONS.indexOf(reason)]!;

describe('how an eye answers', () => {
  test('the three verdicts share one, whatever the difference and the lapses', () => {
    fc.assert(
      fc.property(difference, lapse, (d, l) => {
        const chances = verdictChances(d, l);
        expect(VERDICTS.reduce((sum, v) => sum + chances[v], 0)).toBeCloseTo(1, 9);
        for (const v of VERDICTS) expect(chances[v]).toBeGreaterThanOrEqual(l / 3 - 1e-12);
      }),
      { seed: 1 },
    );
  });

  test('a larger difference never makes "works" likelier, nor "no" less likely', () => {
    fc.assert(
      fc.property(difference, difference, (p, q) => {
        const [near, far] = [verdictChances(Math.min(p, q), 0.03), verdictChances(Math.max(p, q), 0.03)];
        expect(far.works).toBeLessThanOrEqual(near.works + 1e-12);
        expect(far.no).toBeGreaterThanOrEqual(near.no - 1e-12);
      }),
      { seed: 2 },
    );
  });

  test('"works" is as likely as not where the table says', () => {
    expect(verdictChances(EYE.works.at, 0).works).toBeCloseTo(0.5, 9);
    expect(verdictChances(EYE.works.at - 2, 0).works).toBeGreaterThan(0.9);
    expect(verdictChances(EYE.no.at + 6, 0).no).toBeGreaterThan(0.95);
  });

  test('the reasons share one', () => {
    fc.assert(
      fc.property(lab, lab, (wanted, sample) => {
        const chances = reasonChances(directions(wanted, sample));
        expect(chances).toHaveLength(REASONS.length);
        expect(chances.reduce((sum, p) => sum + p, 0)).toBeCloseTo(1, 9);
        for (const p of chances) expect(p).toBeGreaterThan(0);
      }),
      { seed: 3 },
    );
  });

  test.each([
    ['too-green', { ...WANTED, a: -3 }],
    ['too-pink', { ...WANTED, a: 10 }],
    ['too-yellow', { ...WANTED, b: 22 }],
    ['too-dark', { ...WANTED, l: 70 }],
    ['too-light', { ...WANTED, l: 95 }],
  ] as const)('%s is the likeliest reason for a sample that is so', (reason, sample) => {
    const chances = REASONS.map((r) => chanceOf(sample, r));
    expect(REASONS[chances.indexOf(Math.max(...chances))]).toBe(reason);
  });

  test('what was said speaks for the colours it fits: "too green" for a pinker one than was shown', () => {
    const shown: Lab = { ...WANTED, a: 0 };
    const said = { lab: shown, verdict: 'nearly' as const, reason: 'too-green' as const, lapse: 0.03 };
    const [pinker, greener] = [logLikelihood({ ...shown, a: 4 }, said), logLikelihood({ ...shown, a: -4 }, said)];
    expect(pinker).toBeGreaterThan(greener + 1);
  });

  test('a reason beside "works" tells nothing, and a likelier lapse tells less', () => {
    const works = { lab: WANTED, verdict: 'works' as const, lapse: 0.03 };
    const far: Lab = { l: 50, a: 10, b: 20 };
    expect(logLikelihood(far, { ...works, reason: 'too-pink' })).toBe(logLikelihood(far, { ...works, reason: null }));
    const spread = (l: number) =>
      logLikelihood(WANTED, { ...works, reason: null, lapse: l }) - logLikelihood(far, { ...works, reason: null, lapse: l });
    expect(spread(EYE.lapse.client)).toBeLessThan(spread(EYE.lapse.consultant));
  });
});
