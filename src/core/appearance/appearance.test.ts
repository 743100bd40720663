import { all } from '../../../tests/all';
import fc from 'fast-check';
import casebook from '../../../tests/golden/casebook.json';
import further from '../../../tests/golden/pair-cases.json';
import { paint } from '../../../tests/light-room';
import { deltaE00 } from '../colour/ciede2000';
import { lightOfTemperature } from '../colour/illuminant';
import { flagsOf, readingsOf, type Flag } from './readings';
import { SCENE, seenIn, whiteBrightness } from './scene';

type LightCase = {
  id: string;
  candidate: { lab: number[] };
  light: { cct: number; lux: number };
  expect: string[];
  expectNot: string[];
  why: string;
};
const CASES = [...casebook.light, ...further.light] as LightCase[];

const seen = (lab: readonly [number, number, number], cctK: number, lux: number) =>
  seenIn({ power: lightOfTemperature(cctK), lux })(paint(...lab));
const flags = (lab: readonly [number, number, number], cctK: number, lux: number) =>
  flagsOf(readingsOf({ l: lab[0], a: lab[1], b: lab[2] }, seen(lab, cctK, lux)));

describe('the trade’s cases of colour in a light (common practice, no source)', () => {
  test.each(CASES.map((c) => [c.id, c] as const))('%s', (_, { candidate, light, expect: expected, expectNot }) => {
    const found = flags(candidate.lab as [number, number, number], light.cct, light.lux);
    expect(found).toEqual(expect.arrayContaining(expected));
    expect(found.filter((f) => expectNot.includes(f))).toEqual([]);
  });

  // the same in other words: neighbours of the cases, so that the thresholds are no table of exceptions
  test.each([
    [[92, 0.5, 9], 8000, 50, 'dingy', true],
    [[96, -0.5, -0.5], 10_000, 80, 'dingy', true],
    [[94, 0.2, 12], 3000, 150, 'dingy', false],
    [[96, -0.5, 1], 6500, 500, 'dingy', false],
    [[45, 1, 4], 7500, 60, 'dingy', false],
    [[84, 1.5, 6], 5500, 12_000, 'washed-out', true],
    [[84, 1.5, 6], 5500, 800, 'washed-out', false],
    [[40, 2, 4], 5500, 12_000, 'washed-out', false],
    [[30, 0, -2.5], 10_000, 8000, 'turned-blue', true],
    [[30, 0, -2.5], 2700, 150, 'turned-blue', false],
    [[72, -0.5, 1], 2700, 150, 'turned-warm', true],
    [[72, -0.5, 1], 6500, 600, 'turned-warm', false],
    // a violet-blue charcoal picks up some brown warmth in late western sun
    [[38, 1.5, -4], 3500, 1500, 'turned-warm', true],
    [[38, 1.5, -4], 6500, 1500, 'turned-warm', false],
    // yellowish light pulls grey toward beige and blue toward aqua
    [[70, -1.5, -3], 4000, 3000, 'turned-warm', true],
    [[60, -6, -14], 2700, 200, 'turned-green', true],
    [[60, -6, -14], 6500, 600, 'turned-green', false],
    [[75, -3, -9], 3000, 500, 'turned-green', true],
    // a violet blue goes pink, not aqua
    [[45, 3, -10], 2700, 200, 'turned-green', false],
    [[50, 6, -12], 2700, 50, 'turned-green', false],
    // brown accents go muddy in cool light
    [[40, 8, 12], 9000, 60, 'dingy', true],
    [[40, 8, 12], 12_000, 150, 'dingy', true],
    [[40, 8, 12], 5500, 1000, 'dingy', false],
    [[40, 8, 12], 2700, 150, 'dingy', false],
    // off-black calms under warm lamps: it becomes no other colour
    [[33.5, -0.5, -1.6], 2700, 200, 'turned-warm', false],
  ] as const)('%j at %d K and %d lx: %s is %s', (...[lab, cctK, lux, flag, holds]) => {
    expect(flags(lab, cctK, lux).includes(flag as Flag)).toBe(holds);
  });
});

describe('appearance', () => {
  const colour = fc.record({
    l: fc.double({ min: 15, max: 95, noNaN: true }),
    a: fc.double({ min: -12, max: 12, noNaN: true }),
    b: fc.double({ min: -8, max: 20, noNaN: true }),
  });

  test('under D65 in good light a colour reads as in the deck', () => {
    fc.assert(
      fc.property(colour, ({ l, a, b }) => {
        expect(deltaE00(seen([l, a, b], 6504, SCENE.deckLux).lab, { l, a, b })).toBeLessThan(0.1);
      }),
      { numRuns: 60, seed: 5 },
    );
  });

  test('dim rooms lose colour and lightness, step by step', () => {
    const looks = [400, 150, 60, 20, 5, 1].map((lux) => seen([70, 10, 25], 6504, lux));
    looks.slice(1).forEach((look, k) => {
      expect(look.colourfulness).toBeLessThan(looks[k]!.colourfulness);
      expect(look.lab.l).toBeLessThan(looks[k]!.lab.l);
    });
  });

  test('warm lamps still look warm, cool skies cool, in order of temperature', () => {
    const b = [2200, 2700, 4000, 6504, 12_000].map((cctK) => seen([90, 0, 0], cctK, 200).lab.b);
    b.slice(1).forEach((v, k) => expect(v).toBeLessThan(b[k]!));
    expect(b[1]).toBeGreaterThan(5);
    expect(b[4]).toBeLessThan(0);
  });

  test('what a screen cannot show is marked', () => {
    expect(seen([70, 10, 25], 6504, 500).inGamut).toBe(true);
    expect(seenIn({ power: lightOfTemperature(2000), lux: 3000 })(paint(80, 20, 75)).inGamut).toBe(false);
  });

  test('the room’s light counts for the eye: in a warm room a spot of cool light looks cooler', () => {
    const cool = lightOfTemperature(9000);
    const alone = seenIn({ power: cool, lux: 500 })(paint(90, 0, 0)).lab.b;
    const inWarmRoom = seenIn({ power: cool, lux: 500, room: lightOfTemperature(3000) })(paint(90, 0, 0)).lab.b;
    expect(inWarmRoom).toBeLessThan(alone - 2);
  });

  test('brightness of a white grows with its light', () => {
    const q = [1, 10, 100, 1000, 10_000].map(whiteBrightness);
    q.slice(1).forEach((v, k) => expect(v).toBeGreaterThan(q[k]!));
  });

  test('the larger shift names the turn: a greige that yellows more than it goes pink is not called pinker', () => {
    const greige = { l: 74, a: 1.5, b: 7 };
    const shown = (a: number, b: number) =>
      flagsOf(readingsOf(greige, { lab: { l: 76, a, b }, brightness: 250, colourfulness: 20 }));
    expect(shown(3.4, 10.5)).not.toContain('turned-pink');
    expect(shown(3.4, 8)).toContain('turned-pink');
    expect(shown(-2.2, 8)).toContain('turned-green');
    expect(shown(-2.2, 1)).not.toContain('turned-green');
    expect(shown(0, -3.5)).toContain('turned-blue');
  });

  test('every reading carries its number and threshold', () => {
    const readings = readingsOf({ l: 86.5, a: 2, b: 4.6 }, seen([86.5, 2, 4.6], 7500, 50));
    expect(readings.map((r) => r.flag)).toEqual([
      'dingy',
      'washed-out',
      'turned-blue',
      'turned-warm',
      'turned-green',
      'turned-pink',
    ]);
    expect(all(readings, (r) => Number.isFinite(r.value) && r.threshold > 0)).toBe(true);
    expect(readings[0]!.value).toBeGreaterThan(readings[0]!.threshold);
  });
});
