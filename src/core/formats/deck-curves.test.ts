import { GRID } from '../colour/grid';
import { decodeDeckCurves, encodeDeckCurves, labAt, placesOf, type DeckCurves } from './deck-curves';

const made = (ids: string[]): DeckCurves => {
  const strengths = [100, 50];
  const places = ids.length * strengths.length;
  return {
    ids,
    makers: ids.map(() => 'Ferrowmere'),
    strengths,
    labs: Float32Array.from({ length: 3 * places }, (_, i) => i * 1.25),
    curves: Float32Array.from({ length: GRID.count * places }, (_, i) => (i % 101) / 100),
  };
};

describe('a deck as numbers', () => {
  test.each([[[]], [['a:1']], [['ü:1', 'b:22', 'c:333']]])('is read back as it was written: %j', (ids) => {
    const deck = made(ids);
    const read = decodeDeckCurves(encodeDeckCurves(deck).buffer);
    expect(read.ids).toEqual(deck.ids);
    expect(read.strengths).toEqual(deck.strengths);
    expect(read.labs).toEqual(deck.labs);
    expect(read.curves).toHaveLength(GRID.count * placesOf(deck));
    read.curves.forEach((r, i) => expect(Math.abs(r - deck.curves[i]!)).toBeLessThan(1e-5));
  });

  test('Lab by place', () => {
    expect(labAt(made(['a:1']), 1)).toEqual({ l: 3.75, a: 5, b: 6.25 });
  });

  test('a file cut short is refused', () => {
    const file = encodeDeckCurves(made(['a:1'])).buffer;
    expect(() => decodeDeckCurves(file.slice(0, file.byteLength - 10))).toThrow(RangeError);
  });
});
