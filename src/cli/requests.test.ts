import { answer } from './requests';

const BEIGE = { lab: [78, 3.6, 13] };

describe('the core on the command line', () => {
  test('xyz of a flat half grey is half the white, under any light and observer', () => {
    const grey = { spectrum: { start: 380, step: 5, values: new Array<number>(81).fill(0.5) } };
    for (const illuminant of ['D65', 'A', 'F2', 'F11', 'LED-3000', 'D5000'])
      for (const observer of [2, 10]) {
        const found = answer('xyz', { ...grey, illuminant, observer }) as { XYZ: number[]; lab: number[]; lrv: number };
        expect(found.XYZ[1]).toBeCloseTo(50, 9);
        expect(found.lab[1]).toBeCloseTo(0, 9);
        expect(found.lrv).toBeCloseTo(50, 9);
      }
  });

  test('deltaE', () => {
    expect(answer('deltaE', { lab1: [50, 2.6772, -79.7751], lab2: [50, 0, -82.7485] })).toEqual({
      dE00: expect.closeTo(2.0425, 4),
    });
  });

  test('cam16 of the published example', () => {
    const asked = { XYZ: [19.01, 20, 21.78], white: [95.05, 100, 108.88], la: 318.31, yb: 20, surround: 'average' };
    expect(answer('cam16', asked)).toMatchObject({
      J: expect.closeTo(41.73120791, 7),
      C: expect.closeTo(0.10335574, 7),
      h: expect.closeTo(217.06795977, 6),
    });
    expect(answer('cam16', { ...asked, la: 0 })).toEqual({ error: expect.stringMatching(/la/) });
  });

  test('sun of NREL’s worked example, with and without an offset', () => {
    const place = { lat: 39.742476, lon: -105.1786 };
    const found = { azimuth: expect.closeTo(194.34, 1), altitude: expect.closeTo(39.872, 1) };
    expect(answer('sun', { ...place, time: '2003-10-17T12:30:30-07:00' })).toEqual(found);
    expect(answer('sun', { ...place, time: '2003-10-17T19:30:30Z' })).toEqual(found);
    expect(answer('sun', { ...place, time: '2003-10-17' })).toEqual({ error: expect.stringMatching(/offset/) });
    expect(answer('sun', { ...place, lat: 91, time: '2003-10-17T19:30:30Z' })).toEqual({ error: expect.stringMatching(/lat/) });
  });

  test('reflectance, then xyz, comes back to the colour', () => {
    const { spectrum } = answer('reflectance', BEIGE) as { spectrum: object };
    const { lab } = answer('xyz', { spectrum }) as { lab: number[] };
    BEIGE.lab.forEach((v, i) => expect(lab[i]).toBeCloseTo(v, 2));
  });

  test('strength of a colour lighter than its base says so, and above 100 % is refused', () => {
    const asked = { full: { lab: [94, 0, 3] }, base: { lab: [92, 0, 3] } };
    expect(answer('strength', { ...asked, p: 0.75 })).toMatchObject({ caution: 'this maker’s base cannot make it lighter' });
    expect(answer('strength', { ...asked, p: 1.2 })).toEqual({ error: 'this maker’s base cannot make it lighter' });
    expect(answer('strength', { full: asked.base, base: asked.full, p: 1.2 })).not.toHaveProperty('caution');
  });

  test('strength says both wordings', () => {
    const found = answer('strength', { full: BEIGE, base: { hex: '#f4f2ec' }, p: 0.75 }) as { says: string; lrv: number };
    expect(found.says).toBe('75 % strength (colourant cut by a quarter)');
    expect(found.lrv).toBeGreaterThan(53);
  });

  test('xyz says how sure it is of a colour that only its Lab or hex is known of', () => {
    const range = (request: Record<string, unknown>) =>
      (answer('xyz', request) as { range?: { dE00: number; holds: number } }).range;
    expect(range({ ...BEIGE })!.dE00).toBeLessThan(0.01); // in the light it was measured in
    const [any, paint] = ['any', 'paint'].map((population) => range({ ...BEIGE, illuminant: 'A', population })!);
    expect(any).toMatchObject({ holds: 0.9, population: 'any' });
    expect(paint!.dE00).toBeGreaterThan(0.3);
    expect(paint!.dE00).toBeLessThan(any!.dE00);
    expect(range({ hex: '#d8c8b0', illuminant: 'F11' })!.dE00).toBeGreaterThan(0.3);
    const spectrum = { start: 380, step: 5, values: Array.from({ length: 81 }, () => 0.5) };
    expect(range({ spectrum, illuminant: 'A' })).toBeUndefined();
  });

  test('appearance says how sure it is, and that under 3 lx it is too dark to judge', () => {
    const seen = (light: { cct: number; lux: number }) => answer('appearance', { ...BEIGE, light }) as Record<string, unknown>;
    expect(seen({ cct: 2700, lux: 200 })).toMatchObject({ tooDark: false, range: { holds: 0.9, population: 'any' } });
    expect((seen({ cct: 2700, lux: 200 }) as { range: { dE00: number } }).range.dE00).toBeGreaterThan(0.3);
    expect(seen({ cct: 2700, lux: 1 })).toMatchObject({ tooDark: true, says: 'too dark to judge', flags: [] });
  });

  test('undertone, absolute and against another', () => {
    expect(answer('undertone', BEIGE)).toMatchObject({ family: 'beige', lean: 'orange-pink' });
    expect(answer('undertone', { ...BEIGE, against: { lab: [78, -0.6, 13.5] } })).toMatchObject({
      directions: { pinkGreen: expect.any(Number) },
    });
  });

  test('judge takes a case of the casebook as it stands', () => {
    const stays = { kind: 'fixed', name: 'cream cabinets', components: [{ name: 'paint', share: 1, lab: [92, 0, 11.5] }] };
    expect(answer('judge', { stays, candidate: { name: 'taupe light', lab: [86.5, 2, 4.6] } })).toMatchObject({ verdict: 'no' });
    expect(answer('judge', { stays, candidate: { lab: [86.5, 2, 4.6] }, light: { cct: 3000, lux: 200 } })).toMatchObject({
      numbers: { link: 'paint' },
    });
  });

  test('judge says what so much light does to both, and that too little is none to judge in', () => {
    const stays = { kind: 'fixed', components: [{ name: 'paint', share: 1, lab: [96, -0.5, 1.5] }] };
    const asked = { stays, candidate: { lab: [91, 0.3, 8] } };
    const dim = answer('judge', { ...asked, light: { cct: 9000, lux: 60 } });
    expect(dim).toMatchObject({ light: { both: ['dingy'], says: 'both dingy in 60 lx' } });
    const bright = answer('judge', { ...asked, light: { cct: 9000, lux: 2000 } });
    const costOf = (found: unknown) => (found as { numbers: { cost: number } }).numbers.cost;
    expect(costOf(bright)).toBeGreaterThan(costOf(dim));
    expect(answer('judge', { ...asked, light: { cct: 9000, lux: 1 } })).toMatchObject({
      verdict: null,
      light: { tooDark: true },
    });
  });

  test.each([
    ['xyz', { ...BEIGE, illuminant: 'moonlight' }, /unknown illuminant moonlight/],
    ['xyz', { lab: [50, 140, 0] }, /outside what a surface can be/],
    ['xyz', {}, /./],
    ['xyz', null, /./],
    ['deltaE', { lab1: [50, 0, 0] }, /lab2/],
    ['deltaE', { lab1: [50, 0, 'x'], lab2: [50, 0, 0] }, /lab1\.2/],
    ['strength', { full: BEIGE, base: BEIGE, p: 9 }, /p: /],
    ['judge', { stays: { kind: 'fixed', components: [] }, candidate: BEIGE }, /components/],
    ['reflectance', { spectrum: { start: 380, step: 5, values: [0.2, 1.4, 0.3] } }, /values/],
  ])('%s of %j is answered with an error in its place', (operation, request, message) => {
    expect(answer(operation, request)).toEqual({ error: expect.stringMatching(message) });
  });
});
