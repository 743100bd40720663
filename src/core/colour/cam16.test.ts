import Color from 'colorjs.io';
import fc from 'fast-check';
import golden from '../../../tests/golden/cam16.json';
import { adaptCat16 } from './cat16';
import { adaptingLuminance, cam16, cam16Ucs, degreeOfAdaptation, viewing, xyzFromCam16, type Surround } from './cam16';
import type { XYZ } from './types';

const xyzOf = ([x, y, z]: readonly number[]): XYZ => ({ x: x!, y: y!, z: z! });

describe('CAM16 (Li et al. 2017)', () => {
  test.each(golden.examples.map((e, i) => [i + 1, e] as const))('worked example %i', (_, e) => {
    const v = viewing({ white: xyzOf(e.XYZw), la: e.LA, yb: e.Yb, surround: e.surround as Surround });
    const found = cam16(xyzOf(e.XYZ), v);
    const { J, C, h, Q, M, s } = e.expected;
    for (const [own, expected] of [
      [found.j, J],
      [found.c, C],
      [found.h, h],
      [found.q, Q],
      [found.m, M],
      [found.s, s],
    ] as const)
      expect(own).toBeCloseTo(expected, 6);
    const ucs = cam16Ucs(found);
    expect([ucs.j, ucs.a, ucs.b].map((x, i) => Math.abs(x - e.expected.UCS[i]!) < 1e-5)).toEqual([true, true, true]);
  });

  const v = viewing({ white: { x: 95.047, y: 100, z: 108.883 }, la: (64 / Math.PI) * 0.2, yb: 20, surround: 'average' });
  const hex = fc.integer({ min: 1, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

  test('agrees with a second implementation on 3,000 random colours', () => {
    fc.assert(
      fc.property(hex, (colour) => {
        const second = new Color(colour);
        const [x, y, z] = second.to('xyz-d65').coords as [number, number, number];
        const own = cam16({ x: 100 * x, y: 100 * y, z: 100 * z }, v);
        const [j, m, h] = second.to('cam16-jmh').coords as [number, number, number | null];
        // it takes D65 to four digits and its own adapting luminance of 64 lx: both the same within this
        expect(Math.abs(own.j - j)).toBeLessThan(0.02);
        expect(Math.abs(own.m - m)).toBeLessThan(0.03);
        if (m > 1) expect(Math.abs(((own.h - (h ?? 0) + 540) % 360) - 180)).toBeLessThan(1);
      }),
      { numRuns: 3000, seed: 12 },
    );
  });

  test('there and back is exact over thousands of colours and viewing conditions', () => {
    const conditions = fc.record({
      la: fc.double({ min: 0.5, max: 1000, noNaN: true }),
      yb: fc.double({ min: 5, max: 80, noNaN: true }),
      surround: fc.constantFrom<Surround>('average', 'dim', 'dark'),
    });
    const rgb = fc.tuple(...[0, 1, 2].map(() => fc.double({ min: 0.5, max: 99, noNaN: true })));
    fc.assert(
      fc.property(conditions, rgb, ({ la, yb, surround }, [p, q, r]) => {
        const here = viewing({ white: { x: 96, y: 100, z: 90 }, la, yb, surround });
        // positive mixtures of three real lights
        const xyz = {
          x: 0.41 * p! + 0.36 * q! + 0.18 * r!,
          y: 0.21 * p! + 0.72 * q! + 0.07 * r!,
          z: 0.02 * p! + 0.12 * q! + 0.76 * r!,
        };
        const back = xyzFromCam16(cam16(xyz, here), here);
        expect(back.x).toBeCloseTo(xyz.x, 7);
        expect(back.y).toBeCloseTo(xyz.y, 7);
        expect(back.z).toBeCloseTo(xyz.z, 7);
      }),
      { numRuns: 3000, seed: 13 },
    );
  });

  test('the adapted white is J 100 with hardly any colour when adaptation is complete', () => {
    const white = { x: 109.85, y: 100, z: 35.58 };
    const full = cam16(white, viewing({ white, la: 50, yb: 20, surround: 'average', degree: 1 }));
    expect(full.j).toBeCloseTo(100, 9);
    expect(full.m).toBeLessThan(3); // CAM16's own grey axis is not quite colourless
    const partial = cam16(white, viewing({ white, la: 5, yb: 20, surround: 'average' }));
    expect(partial.m).toBeGreaterThan(full.m + 2); // dim warm light still looks warm
  });

  test('black, and light that is no light', () => {
    expect(cam16({ x: 0, y: 0, z: 0 }, v)).toMatchObject({ j: 0, c: 0, q: 0, s: 0 });
    expect(xyzFromCam16({ j: 0, c: 0, h: 0 }, v)).toEqual({ x: 0, y: 0, z: 0 });
    expect(() => viewing({ white: { x: 95, y: 100, z: 108 }, la: 0, yb: 20, surround: 'average' })).toThrow(RangeError);
  });

  test('adaptation grows with luminance and stays within 0–1', () => {
    expect(degreeOfAdaptation(0.1, 1)).toBeLessThan(degreeOfAdaptation(100, 1));
    expect(degreeOfAdaptation(1e6, 1)).toBe(1);
    expect(adaptingLuminance(500)).toBeCloseTo(31.83, 2); // the usual "500 lx office": LA = 31.83 cd/m²
  });
});

describe('CAT16', () => {
  test('takes white to white, and comes back', () => {
    const [a, d65] = [
      { x: 109.85, y: 100, z: 35.585 },
      { x: 95.047, y: 100, z: 108.883 },
    ];
    const there = adaptCat16(a, a, d65);
    expect(there.x).toBeCloseTo(d65.x, 9);
    expect(there.z).toBeCloseTo(d65.z, 9);
    const colour = { x: 40, y: 35, z: 12 };
    const back = adaptCat16(adaptCat16(colour, a, d65), d65, a);
    expect(back.x).toBeCloseTo(colour.x, 9);
    expect(back.y).toBeCloseTo(colour.y, 9);
    expect(adaptCat16(colour, a, d65, 0)).toEqual({
      x: expect.closeTo(40, 9) as number,
      y: expect.closeTo(35, 9) as number,
      z: expect.closeTo(12, 9) as number,
    });
  });
});
