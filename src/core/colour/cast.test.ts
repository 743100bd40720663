import fc from 'fast-check';
import { formatHex, parse, rgb as culoriRgb, lrgb } from 'culori';
import { castOf, type Bytes } from './cast';

const channel = fc.integer({ min: 60, max: 240 });
const paper = fc.tuple(channel, channel, channel);

const matrixOf = (bytes: Bytes) => {
  const cast = castOf(bytes);
  if (!cast.ok) throw new Error(cast.reason);
  return cast;
};
/** Linear light of bytes by a general library. */
const linear = ([r, g, b]: Bytes) => {
  const c = lrgb({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 })!;
  return [c.r, c.g, c.b] as const;
};
const through = (matrix: readonly (readonly number[])[], v: readonly number[]) =>
  matrix.map((row) => row.reduce((sum, m, k) => sum + m * v[k]!, 0));
const luminance = ([r, g, b]: readonly number[]) => 0.2126729 * r! + 0.7151522 * g! + 0.072175 * b!;

describe('the cast of a photograph', () => {
  test('paper comes out neutral and as bright as it was', () => {
    fc.assert(
      fc.property(paper, (bytes) => {
        const [r, g, b] = through(matrixOf(bytes).matrix, linear(bytes)) as [number, number, number];
        // the white of the matrices has seven digits
        expect(Math.abs(r - g) / g).toBeLessThan(2e-4);
        expect(Math.abs(b - g) / g).toBeLessThan(2e-4);
        expect(luminance([r, g, b])).toBeCloseTo(luminance(linear(bytes)), 4);
      }),
      { seed: 5 },
    );
  });

  test('neutral paper changes nothing', () => {
    const { matrix, directions } = matrixOf([200, 200, 200]);
    matrix.forEach((row, i) => row.forEach((v, k) => expect(v).toBeCloseTo(i === k ? 1 : 0, 4)));
    expect(directions.deltaE00).toBeLessThan(0.02);
  });

  test('paper under a warm lamp is said to be yellower, and comes out grey as 8-bit bytes', () => {
    const warm: Bytes = [231, 196, 148];
    const { matrix, directions } = matrixOf(warm);
    expect(directions.yellowBlue).toBeGreaterThan(8);
    const [r, g, b] = through(matrix, linear(warm)) as [number, number, number];
    const hex = formatHex(culoriRgb({ mode: 'lrgb', r, g, b }))!;
    const out = parse(hex) as { r: number; g: number; b: number };
    expect(Math.max(out.r, out.g, out.b) - Math.min(out.r, out.g, out.b)).toBeLessThanOrEqual(1.01 / 255);
  });

  test('clipped and dark paper is refused', () => {
    expect(castOf([255, 240, 200])).toEqual({ ok: false, reason: 'too-bright' });
    expect(castOf([30, 20, 10])).toEqual({ ok: false, reason: 'too-dark' });
  });
});
