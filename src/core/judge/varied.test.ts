import type { Lab } from '../colour/types';
import { VARIED, varied, type ToVary } from './varied';

const row = (hueDeg: number, behind: number, more: Partial<ToVary> = {}): ToVary => ({
  lab: { l: 75, a: 12 * Math.cos((hueDeg * Math.PI) / 180), b: 12 * Math.sin((hueDeg * Math.PI) / 180) },
  verdict: 'works',
  behind,
  flat: 0,
  ...more,
});
const same = (r: ToVary) => r;
const hueOf = ({ lab: { a, b } }: ToVary) => Math.round((((Math.atan2(b, a) * 180) / Math.PI + 360) % 360) / 60) % 6;

describe('the head of a list', () => {
  test('an empty list and one of one row stay as they are', () => {
    expect(varied([], same)).toEqual([]);
    expect(varied([row(80, 1)], same)).toHaveLength(1);
  });

  test('shows several hues where they are about as good, the best first', () => {
    const rows = [
      ...Array.from({ length: 20 }, (_, n) => row(75 + n / 4, 1 + n / 100)),
      ...[150, 250, 20].map((hue) => row(hue, 1.25)),
    ].sort((p, q) => p.behind - q.behind);
    const found = varied(rows, same);
    expect(found[0]).toBe(rows[0]);
    expect(new Set(found.slice(0, 12).map(hueOf)).size).toBe(4);
    expect(new Set(rows.slice(0, 12).map(hueOf)).size).toBe(1);
    expect(new Set(found)).toEqual(new Set(rows));
    expect(found).toHaveLength(rows.length);
  });

  test('does not fetch what is clearly behind, and never what nearly works before what works', () => {
    const rows = [
      ...Array.from({ length: 8 }, (_, n) => row(80, 1 + n / 100)),
      row(250, 1 + VARIED.within + 0.3),
      row(150, 0.2, { verdict: 'nearly' }),
    ];
    expect(varied(rows, same)).toEqual(rows);
  });

  test('a flat grey does not stand first while there is anything else that works', () => {
    const grey: Lab = { l: 75, a: 0, b: 0.2 };
    const rows = [row(0, 1, { lab: grey, flat: 1 }), row(80, 1.2)];
    expect(varied(rows, same)[0]).toBe(rows[1]);
    expect(varied(rows.slice(0, 1), same)[0]).toBe(rows[0]);
  });
});
