import { GRID } from '../colour/grid';
import { daylight65 } from '../colour/illuminant';
import { integrationWeights } from '../colour/observer';
import { room as madeUpRoom, roomLamp } from '../../../tests/made-up-room';
import type { PaintCopy } from '../paint/paint-facts';
import { sayCopies, warnOfCopies } from './copied';

const GREY = Array.from({ length: GRID.count }, () => 0.4);

/** The grey with what nobody sees by day: a wave, less its parts along the three weights of D65 (Gram and Schmidt). */
function metamerOfGrey(much: number): number[] {
  const { x, y, z } = integrationWeights(daylight65, 10);
  const dot = (p: ArrayLike<number>, q: ArrayLike<number>) => Array.from(p).reduce((s, v, i) => s + v * q[i]!, 0);
  const less = (p: readonly number[], q: ArrayLike<number>) => p.map((v, i) => v - (dot(p, q) / dot(q, q)) * q[i]!);
  const basis: number[][] = [];
  for (const w of [x, y, z])
    basis.push(
      basis.reduce<number[]>(
        (left, b) => less(left, b),
        Array.from(w, (v) => v),
      ),
    );
  const wave = GREY.map((_, i) => Math.sin((i / GRID.count) * 6 * Math.PI));
  return basis.reduce(less, wave).map((v, i) => GREY[i]! + much * v);
}
const copy = (of: Partial<PaintCopy>): PaintCopy => ({
  maker: 'Tolland',
  code: 'T 4',
  name: 'Fell',
  strength: 75,
  inDeck: 0.1,
  reflectance: GREY,
  ...of,
});
const room = (lamps: boolean) =>
  madeUpRoom({ name: 'Kitchen', lamps: lamps ? [roomLamp({ kind: 'led', cctK: 2700, ra: 80 })] : [] });

describe('the copy that betrays itself', () => {
  const told = { reflectance: GREY, copies: [copy({ reflectance: metamerOfGrey(0.12) })] };

  test('what cannot be seen by day is told of the lamps of the room', () => {
    const [says] = sayCopies(told, [room(true)]);
    expect(says).toMatch(
      /^Copied by Tolland: Fell 75 %, T 4, ΔE 0\.1 in the deck’s light; under the lamps of Kitchen ΔE \d\.\d, .*ask/,
    );
    expect(warnOfCopies(told, room(true))).toMatch(
      /^Do not have it copied: Tolland’s nearest would be .* under the lamps of Kitchen/,
    );
  });

  test('the same spectrum fails nowhere, and without lamps only daylight is spoken of', () => {
    const same = { reflectance: GREY, copies: [copy({ inDeck: 0 })] };
    expect(sayCopies(same, [room(true)])[0]).toContain('no farther off by day or under the lamps');
    expect(sayCopies(told, [room(false)])[0]).toContain('no farther off by day; no lamps are recorded');
    expect(warnOfCopies(same, room(true))).toBe('');
  });

  test('two are told, the nearest first; what is no match is none', () => {
    const many = [0.4, 0.9, 1.2, 7].map((inDeck, k) => copy({ inDeck, maker: `Maker ${k}` }));
    expect(sayCopies({ reflectance: GREY, copies: many }, [room(false)]).map((s) => s.slice(0, 17))).toEqual([
      'Copied by Maker 0',
      'Copied by Maker 1',
    ]);
    expect(sayCopies({ reflectance: GREY, copies: [copy({ inDeck: 7 })] }, [room(true)])).toEqual([]);
    expect(sayCopies(null, [room(true)])).toEqual([]);
  });
});
