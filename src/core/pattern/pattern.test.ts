import fc from 'fast-check';
import { PATTERN_KINDS, patternKind, patternOf, seedOf } from './pattern';

const SIZE = { width: 120, height: 80 };
const sharesOf = (labels: Uint8Array, count: number) =>
  Array.from({ length: count }, (_, k) => labels.filter((l) => l === k).length / labels.length);

describe('a picture of a thing', () => {
  test.each([
    ['field', 'vein'],
    ['field', 'band'],
    ['field', 'brown fleck'],
    ['board', 'grain'],
    ['tile', 'grout'],
    ['tile', 'dark tile'],
    ['ground', 'border'],
    ['ground', 'stripe'],
    ['cloth', 'flower'],
  ])('of %s and %s holds both in their shares', (base, other) => {
    const labels = patternOf(
      [
        { name: base, share: 0.7 },
        { name: other, share: 0.3 },
      ],
      SIZE,
      5,
    );
    expect(sharesOf(labels, 2)[1]).toBeCloseTo(0.3, 3);
  });

  test('any shares of any kinds are kept, whatever the order', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ kind: fc.constantFrom(...PATTERN_KINDS), weight: fc.integer({ min: 1, max: 9 }) }), {
          minLength: 1,
          maxLength: 6,
        }),
        fc.integer({ min: 0, max: 1e6 }),
        (parts, seed) => {
          const sum = parts.reduce((s, p) => s + p.weight, 0);
          const made = parts.map((p) => ({ name: p.kind, share: p.weight / sum }));
          sharesOf(patternOf(made, SIZE, seed), made.length).forEach((share, i) =>
            expect(Math.abs(share - made[i]!.share)).toBeLessThan(0.001),
          );
        },
      ),
      { seed: 4, numRuns: 40 },
    );
  });

  test('is the same for the same seed and another for another', () => {
    const parts = [
      { name: 'field', share: 0.8 },
      { name: 'vein', share: 0.2 },
    ];
    expect(patternOf(parts, SIZE, 1)).toEqual(patternOf(parts, SIZE, 1));
    expect(patternOf(parts, SIZE, 1)).not.toEqual(patternOf(parts, SIZE, 2));
  });

  test('one component is flat', () => {
    expect(new Set(patternOf([{ name: 'paint', share: 1 }], SIZE, 1))).toEqual(new Set([0]));
  });

  test('names say how a component lies', () => {
    expect(patternKind('Pink veining')).toBe('veins');
    expect(patternKind('violet flecks')).toBe('flecks');
    expect(patternKind('filled pores')).toBe('flecks');
    expect(patternKind('cloth')).toBe('patches');
    expect(seedOf('a')).not.toBe(seedOf('b'));
  });
});
