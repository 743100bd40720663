import { answer } from './requests';

type Answer = { cct: number; ra: number; r: number[]; error?: string };
const rendering = (request: object) => answer('rendering', request) as Answer;

describe('rendering', () => {
  test('of an illuminant, a spectrum and a lamp', () => {
    expect(Math.round(rendering({ illuminant: 'F4' }).ra)).toBe(51);
    const flat = rendering({ spectrum: { start: 380, step: 10, values: new Array<number>(41).fill(7) } });
    expect(flat.cct).toBeCloseTo(5455, -1); // the equal-energy light, CIE 15
    expect(flat.r).toHaveLength(14);
    const lamp = rendering({ lamp: { kind: 'led', cctK: 3000, ra: 90 } });
    expect(Math.abs(lamp.ra - 90)).toBeLessThan(0.5);
    expect(Math.abs(lamp.cct / 3000 - 1)).toBeLessThan(0.01);
    expect(rendering({ lamp: { kind: 'filament', cctK: 2700 } }).ra).toBeGreaterThan(99.9);
  });

  test.each([
    [{ illuminant: 'moonlight' }, 'unknown illuminant moonlight'],
    [{ lamp: { kind: 'led', cctK: 3000, ra: 99 } }, 'between 70 and 97'],
    [{ lamp: { kind: 'candle', cctK: 1900 } }, 'kind'],
    [{ spectrum: { start: 380, step: 10, values: [1, 2, 3] } }, '400 to 700 nm'],
    [{ spectrum: { start: 380, step: 10, values: new Array<number>(41).fill(0) } }, 'some light'],
    [{}, ''],
  ])('%j is answered in words', (request, words) => expect(rendering(request).error).toContain(words));
});
