import { deltaE00 } from '../colour/ciede2000';
import { illuminant } from '../colour/illuminant';
import { lookDifference, lookerIn } from '../colour/look';
import { lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { paintAtStrength, type Paint } from './paint';
import { addedTowardWindow, potCaution, SHEENS, sheenFor, sheenOf, towardWindow } from './sheen';
import { strengthForContrast, strengthForLook, strengthForLrv } from './solve';

const paint = (lab: Lab): Paint => ({
  lab,
  reflectance: undefined,
  tint: undefined,
  base: { id: 'b', kind: 'white', name: 'base', lab: { l: 96.2, a: -0.6, b: 2.1 }, reflectance: undefined, optical: undefined },
});
const BEIGE = paint({ l: 72, a: 5, b: 16 });
const light = (name: string, lux: number) => {
  const found = illuminant(name);
  if (!found.ok) throw new Error(name);
  return { power: found.value, lux };
};

describe('strength to reach an aim', () => {
  test('an LRV within reach is reached, and the paint really has it', () => {
    const solved = strengthForLrv(BEIGE, 60);
    expect(solved.reached).toBe(true);
    expect(paintAtStrength(BEIGE, solved.percent).lrv).toBeCloseTo(60, 1);
    expect(solved.percent).toBeLessThan(100);
  });

  test('an LRV out of reach says so, and how near it comes', () => {
    const [lightest, deepest] = [strengthForLrv(BEIGE, 99), strengthForLrv(BEIGE, 5)];
    expect(lightest).toMatchObject({ reached: false, percent: 10 });
    expect(deepest).toMatchObject({ reached: false, percent: 150 });
    expect(lightest.missing).toBeCloseTo(99 - lightest.paint.lrv, 9);
  });

  test('a contrast with a finish', () => {
    const finish = { l: 78, a: 3.6, b: 13 };
    const solved = strengthForContrast(BEIGE, finish, 6);
    expect(solved.reached).toBe(true);
    expect(deltaE00(finish, solved.paint.lab)).toBeCloseTo(6, 1);
    expect(strengthForContrast(BEIGE, finish, 60).reached).toBe(false);
  });

  test('in the same light a paint looks as itself at full strength', () => {
    const full = paintAtStrength(BEIGE, 100).reflectance;
    const day = light('D65', 500);
    const solved = strengthForLook(BEIGE, day, { reflectance: full, light: day });
    expect(solved.reached).toBe(true);
    expect(solved.percent).toBeCloseTo(100, 0);
  });

  test('to look under a warm lamp as it does by day takes another strength, and what is left is told', () => {
    const full = paintAtStrength(BEIGE, 100).reflectance;
    const [day, lamp] = [light('D65', 1000), light('A', 150)];
    const solved = strengthForLook(BEIGE, lamp, { reflectance: full, light: day });
    const apart = lookDifference(lookerIn(lamp)(solved.paint.reflectance), lookerIn(day)(full));
    expect(solved.missing).toBeCloseTo(apart, 9);
    expect(solved.missing).toBeLessThan(lookDifference(lookerIn(lamp)(full), lookerIn(day)(full)) + 1e-9);
    expect(Math.abs(solved.percent - 100)).toBeGreaterThan(1);
  });
});

describe('sheen', () => {
  test.each([
    [2, 'matte'],
    [12, 'eggshell'],
    [30, 'satin'],
    [55, 'semi-gloss'],
    [85, 'gloss'],
    [100, 'gloss'],
  ] as const)('%d gloss units are %s', (gloss, grade) => expect(sheenOf(gloss)).toBe(grade));
  test('gloss outside its scale is a caller’s bug', () => expect(() => sheenOf(120)).toThrow(RangeError));

  test('more sheen lightens more, and a dark colour more than a light one (common practice, no source)', () => {
    const added = SHEENS.map((s) => addedTowardWindow(s.grade));
    expect([...added].sort((a, b) => a - b)).toEqual(added);
    const lighter = (lab: Lab) => towardWindow(lab, 'satin').l - towardWindow(lab, 'matte').l;
    expect(lighter({ l: 30, a: 0, b: -3 })).toBeGreaterThan(3 * lighter({ l: 85, a: 2, b: 9 }));
    expect(lrvOf(towardWindow({ l: 30, a: 0, b: -3 }, 'satin'))).toBeGreaterThan(lrvOf({ l: 30, a: 0, b: -3 }) + 5);
  });

  test('the trade’s rules (common practice, no source)', () => {
    expect(sheenFor('feature-wall', 10).sheen).toBe('matte');
    expect(sheenFor('wall', 12).sheen).toBe('matte');
    expect(sheenFor('wall', 65).sheen).toBe('eggshell');
    expect(sheenFor('trim-in-wall-colour', 65).sheen).toBe('semi-gloss');
    for (const surface of ['door', 'cabinet'] as const) expect(sheenFor(surface, 50).sheen).toBe('satin');
    for (const room of ['bath', 'kitchen'] as const) {
      expect(sheenFor('wall', 65, room)).toMatchObject({ sheen: 'satin', why: expect.stringContaining('steam') });
      expect(sheenFor('ceiling', 85, room).sheen).not.toBe('matte');
      expect(sheenFor('wall', 10, room).sheen).toBe('eggshell');
      expect(sheenFor('trim', 85, room)).toEqual(sheenFor('trim', 85));
    }
    expect(potCaution('eggshell')).toBeUndefined();
    expect(potCaution('matte')).toContain('less shiny than its test');
  });
});
