import { directions } from './directions';
import { depthOf, describeColour, familyOf, nameColour } from './family';
import { lightnessOfLrv, lrvOf } from './lab';
import { leanOf, temperatureOf } from './lean';
import { undertone } from './undertone';
import type { Lab } from './types';

const lch = (lrv: number, c: number, hDeg: number): Lab => {
  const h = (hDeg * Math.PI) / 180;
  return { l: lightnessOfLrv(lrv), a: c * Math.cos(h), b: c * Math.sin(h) };
};

describe('words of the trade (common practice, no source)', () => {
  test.each([
    [3, 'black'],
    [8, 'off-black'],
    [11, 'dark'],
    [37, 'darker mid-tone'],
    [70, 'off-white'],
    [69.9, 'light'],
    [74, 'off-white'],
    [86, 'off-white'],
    [92, 'white'],
  ])('LRV %d is %s', (lrv, depth) => {
    expect(depthOf(lrv)).toBe(depth);
  });

  test('a colour of LRV 86 gives back about ten times the light of one of LRV 8', () => {
    const ratio = lrvOf(lch(86, 2, 90)) / lrvOf(lch(8, 2, 90));
    expect(ratio).toBeGreaterThan(9.5);
    expect(ratio).toBeLessThan(11.5);
  });

  test('a neutral of LRV 11 does not act as black any more, at 3 it does', () => {
    expect(familyOf(lch(11.1, 0.5, 0))).toBe('charcoal');
    expect(familyOf(lch(3, 0.5, 0))).toBe('black');
    expect(familyOf(lch(8, 0.5, 0))).toBe('off-black');
  });

  test.each([
    ['beige', 'orange-pink', lch(55, 13, 74)],
    ['tan', 'yellow', lch(55, 14, 84)],
    ['tan', 'yellow-green', lch(55, 13, 93)],
    ['taupe', 'violet-pink', lch(50, 5, 62)],
    ['greige', 'yellow', lch(55, 6, 85)],
    ['cream', 'yellow', lch(85, 14, 92)],
    ['cream', 'yellow-green', lch(93, 9.5, 112)],
    ['grey', 'blue', lch(45, 4, 250)],
    ['grey', 'violet', lch(45, 3, 305)],
    ['grey', 'green', lch(45, 4, 140)],
    ['off-white', 'pink', lch(80, 3, 20)],
  ] as const)('%s leans %s', (family, lean, lab) => {
    expect(nameColour(lab)).toMatchObject({ family, lean });
  });

  test('a grey with no lean says so', () => {
    expect(describeColour(lch(45, 0.4, 30))).toBe('mid-tone grey, no lean');
  });

  test('a green-leaning grey is warm in one school and cool in the other; its numbers do not change', () => {
    const grey = lch(45, 4, 140);
    expect(temperatureOf(leanOf(grey), 'warm')).toBe('warm');
    expect(temperatureOf(leanOf(grey), 'cool')).toBe('cool');
    expect([leanOf(lch(45, 4, 250)), leanOf(lch(45, 13, 74))].map((l) => temperatureOf(l, 'warm'))).toEqual(['cool', 'warm']);
  });

  test('a greige is some 15 to 30 points of LRV below a white', () => {
    const white = lch(89, 1.5, 95);
    for (const lrv of [60, 66, 72]) expect(familyOf(lch(lrv, 6, 85))).not.toBe('white');
    expect(lrvOf(white) - lrvOf(lch(66, 6, 85))).toBeGreaterThan(15);
    expect(familyOf(lch(66, 6, 85))).toBe('greige');
  });
});

describe('undertone', () => {
  test('against the perfect diffuser it is the lean itself, against another sample the difference', () => {
    const beige = { l: 78, a: 3.6, b: 13 };
    const tan = { l: 78, a: -0.6, b: 13.5 };
    expect(undertone(beige)).toMatchObject({ family: 'beige', lean: 'orange-pink' });
    const relative = undertone(tan, beige).directions;
    expect(relative.pinkGreen).toBeLessThan(-3);
    expect(Math.abs(relative.yellowBlue)).toBeLessThan(1);
    expect(Math.abs(relative.lightDark)).toBe(0);
  });

  test('directions change sign with the reference and vanish for equals', () => {
    const [p, q] = [
      { l: 70, a: 2, b: 9 },
      { l: 74, a: -1, b: 14 },
    ];
    const [there, back] = [directions(p, q), directions(q, p)];
    for (const key of ['pinkGreen', 'yellowBlue', 'strongWeak', 'lightDark'] as const)
      expect(there[key]).toBeCloseTo(-back[key], 9);
    expect(directions(p, p)).toEqual({ pinkGreen: 0, yellowBlue: 0, strongWeak: 0, lightDark: 0, deltaE00: 0 });
  });

  test('the perfect diffuser has no hue to name', () => {
    expect(undertone({ l: 100, a: 0, b: 0 })).toMatchObject({ family: 'white', lean: 'none', chroma: 0, hueDeg: 0 });
  });
});
