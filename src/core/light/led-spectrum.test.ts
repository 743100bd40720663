import { colourRendering } from '../colour/colour-rendering';
import { luxOf } from './spectral';
import { lampSpectrum } from './lamp';
import { ledSpectrum } from './led-spectrum';

describe('an LED made to its label', () => {
  const labels = [1500, 1800, 2200, 2700, 3000, 3500, 4000, 4500, 5000, 6500, 8000, 10_000].flatMap((kelvin) =>
    [70, 75, 80, 85, 90, 95, 97].map((ra) => [kelvin, ra] as const),
  );
  test.each(labels)('%d K and Ra %d: within 1 % and half an index, no negative light, one lux', (kelvin, ra) => {
    const power = ledSpectrum(kelvin, ra);
    const found = colourRendering(power);
    expect(Math.abs(found.cctK / kelvin - 1)).toBeLessThan(0.01);
    expect(Math.abs(found.ra - ra)).toBeLessThan(0.5);
    expect(Math.min(...power)).toBeGreaterThanOrEqual(0);
    expect(luxOf(power)).toBeCloseTo(1, 9);
  });

  test('a label that was not read has the usual index of its kind', () => {
    const of = (kind: 'led' | 'led-high', ra: number | null) =>
      colourRendering(lampSpectrum({ kind, cctK: 3000, ra, dimmedShare: 1 })).ra;
    expect(of('led', null)).toBeCloseTo(80, 0);
    expect(of('led-high', null)).toBeCloseTo(92, 0);
    expect(of('led', 97)).toBeCloseTo(97, 0);
  });

  test('temperatures no LED is made for are taken as the nearest', () => {
    const at = (cctK: number) => lampSpectrum({ kind: 'led', cctK, ra: null, dimmedShare: 1 });
    expect(at(1200)).toEqual(at(1500));
    expect(at(20_000)).toEqual(at(10_000));
  });
});

describe('a fluorescent lamp', () => {
  const of = (cctK: number) => colourRendering(lampSpectrum({ kind: 'fluorescent', cctK, ra: null, dimmedShare: 1 }));
  test('between the published tubes is neither of them: its temperature goes on', () => {
    const found = [3000, 3300, 3600, 4000, 4500, 5000, 5700, 6500].map((kelvin) => of(kelvin).cctK);
    expect([...found].sort((p, q) => p - q)).toEqual(found);
    expect(new Set(found.map(Math.round)).size).toBe(found.length);
    found.forEach((cctK, i) =>
      expect(Math.abs(cctK / [3000, 3300, 3600, 4000, 4500, 5000, 5700, 6500][i]! - 1)).toBeLessThan(0.03),
    );
  });
  test('at a published tube is that tube, and beyond the last it stays', () => {
    expect(Math.round(of(4000).ra)).toBe(83); // F11
    expect(of(9000)).toEqual(of(6500));
  });
});
