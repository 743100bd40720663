import { colourRendering } from './colour-rendering';
import { illuminant } from './illuminant';

const of = (name: string) => {
  const found = illuminant(name);
  if (!found.ok) throw new Error(name);
  return colourRendering(found.value);
};

describe('colour rendering', () => {
  // published integers of Ra: CIE 13.3-1995 and CIE 15, as tabled for the fluorescent illuminants
  test.each([
    ['F1', 76],
    ['F2', 64],
    ['F3', 57],
    ['F4', 51],
    ['F5', 72],
    ['F6', 59],
    ['F7', 90],
    ['F8', 95],
    ['F9', 90],
    ['F10', 81],
    ['F11', 83],
    ['F12', 83],
    ['A', 100],
    ['D65', 100],
  ])('of %s is %d', (name, published) => expect(Math.round(of(name).ra)).toBe(published));

  test('names fourteen special indices, and the general one is the mean of eight', () => {
    const { ra, r } = of('F4');
    expect(r).toHaveLength(14);
    expect(r.slice(0, 8).reduce((s, v) => s + v, 0) / 8).toBeCloseTo(ra, 12);
    expect(r[8]).toBeLessThan(0); // a strong red under the warm white tube
  });

  test('of a reference is 100 whatever its temperature', () => {
    for (const name of ['P2000', 'P2700', 'P4500', 'D5500', 'D6504', 'D9000'])
      expect(Math.min(...of(name).r)).toBeGreaterThan(99.9);
  });
});
