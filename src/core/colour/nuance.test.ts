import { converter, formatHex } from 'culori';
import fc from 'fast-check';
import munsell from '../../../tests/golden/munsell-step.json';
import { chroma, hueDeg } from './lab';
import { blackness, strengthSteps } from './nuance';
import { labFromHex } from './srgb';
import type { Lab } from './types';

const sum = (of: (s: (typeof munsell.sectors)[number]) => number) => munsell.sectors.reduce((s, e) => s + of(e), 0);

describe('strength in steps of Munsell chroma', () => {
  test('C*ab of one step in every sector of hue, against the Munsell renotation (Newhall, Nickerson & Judd 1943)', () => {
    expect(sum((s) => s.chips)).toBe(1847);
    for (const { fromDeg, step } of munsell.sectors)
      expect(Math.abs(step * strengthSteps(1, fromDeg + 7.5) - 1)).toBeLessThan(0.15);
    const error = sum(({ fromDeg, step, chips }) => chips * (step - 1 / strengthSteps(1, fromDeg + 7.5)) ** 2);
    expect(Math.sqrt(error / sum((s) => s.chips))).toBeLessThan(0.45);
  });

  test('a yellow of C*ab 40 is as strong as a blue of 26', () => {
    expect(strengthSteps(40, 90)).toBeCloseTo(strengthSteps(26, 260), 0);
  });
});

describe('blackness', () => {
  test('full colours, whites and pastels hold none; black is all of it; greys by their lightness', () => {
    for (const hex of ['#ff0000', '#ffff00', '#00ff00', '#00ffff', '#0000ff', '#ff00ff', '#ff8000', '#ffffff'])
      expect(Math.abs(blackness(labFromHex(hex)))).toBeLessThan(0.02);
    expect(blackness({ l: 0, a: 0, b: 0 })).toBe(1);
    expect(blackness({ l: 60, a: 0, b: 0 })).toBeCloseTo(0.4, 12);
  });

  test('the strongest sRGB colour of any hue holds hardly any, as another library finds it (culori)', () => {
    const toLab = converter('lab65');
    for (let hue = 0; hue < 360; hue += 7) {
      const full = toLab(formatHex({ mode: 'hsv', h: hue, s: 1, v: 1 }))!;
      const lab: Lab = { l: full.l, a: full.a, b: full.b };
      expect(Math.abs(blackness(lab))).toBeLessThan(0.03);
    }
  });

  // common practice, no source: which colours are called pastel or clear, and which greyed or earthy
  const CLEAR: readonly Lab[] = [
    { l: 85, a: -16, b: 6 },
    { l: 76, a: 12, b: -14 },
    { l: 89, a: 1, b: 23 },
    { l: 81, a: -45, b: 58 },
  ];
  const MUTED: readonly Lab[] = [
    { l: 70, a: -9, b: 11 },
    { l: 64, a: -4, b: -14 },
    { l: 45, a: 21, b: 20 },
    { l: 66, a: 16, b: 14 },
  ];
  test('tells mint, lilac, butter and acid green from sage, dusty blue, brick and clay', () => {
    for (const lab of CLEAR) expect(blackness(lab)).toBeLessThan(0.16);
    for (const lab of MUTED) expect(blackness(lab)).toBeGreaterThan(0.22);
  });

  test('mixing a colour toward black in Lab adds the black that was mixed in', () => {
    const colour = fc.record({
      l: fc.double({ min: 20, max: 95, noNaN: true }),
      a: fc.double({ min: -40, max: 40, noNaN: true }),
      b: fc.double({ min: -40, max: 40, noNaN: true }),
    });
    fc.assert(
      fc.property(colour, fc.double({ min: 0, max: 1, noNaN: true }), (lab, share) => {
        const mixed = { l: lab.l * (1 - share), a: lab.a * (1 - share), b: lab.b * (1 - share) };
        const before = blackness(lab, chroma(lab), hueDeg(lab));
        expect(blackness(mixed, chroma(mixed), hueDeg(lab))).toBeCloseTo(before + share * (1 - before), 9);
      }),
      { seed: 3 },
    );
  });
});
