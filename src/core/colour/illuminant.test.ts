import golden from '../../../tests/golden/white-points.json';
import leds from '../../../tests/golden/led-chromaticities.json';
import { daylight, illuminant, lightOfTemperature } from './illuminant';
import { integrationWeights, type Observer } from './observer';
import { colourTemperature } from './temperature';
import { whiteOf } from './tristimulus';

const xy = (name: string, observer: Observer): [number, number] => {
  const light = illuminant(name);
  if (!light.ok) throw new Error(name);
  const { x, y, z } = whiteOf(integrationWeights(light.value, observer));
  return [x / (x + y + z), y / (x + y + z)];
};

/** C and the daylights are tabled at 5 nm; read linearly to 1 nm they differ from the 1 nm definition by this much. */
const TOLERANCE = 1.0e-4;

describe('illuminants', () => {
  test.each(golden.rows)('white point of $name, both observers (CIE 15)', ({ name, xy2, xy10 }) => {
    for (const [observer, published] of [
      [2, xy2],
      [10, xy10],
    ] as const) {
      const found = xy(name, observer);
      expect(Math.abs(found[0] - published[0]!)).toBeLessThan(TOLERANCE);
      expect(Math.abs(found[1] - published[1]!)).toBeLessThan(TOLERANCE);
    }
  });

  test('CIE daylight of 6,504 K is D65 within the rounding of its table (CIE 15:2018 §3.1)', () => {
    const table = illuminant('D65');
    const formula = daylight(6504);
    if (!table.ok) throw new Error('D65');
    // the tables round S0, S1 and S2 and were published with M1, M2 to three decimals
    for (let i = 0; i < formula.length; i++) expect(Math.abs(formula[i]! - table.value[i]!)).toBeLessThan(0.35);
  });

  test.each([4000, 5000, 6500, 10000, 25000])('CIE daylight of %i K has that correlated colour temperature', (kelvin) => {
    const white = whiteOf(integrationWeights(daylight(kelvin), 2));
    const { cctK, duv } = colourTemperature(white);
    expect(Math.abs(cctK / kelvin - 1)).toBeLessThan(0.006); // the daylight formula's own accuracy
    expect(duv).toBeGreaterThan(0); // the daylight locus lies above the Planckian
  });

  test.each(leds.rows)('the synthetic LED of $cct K hits its chromaticity', ({ cct, xy: published }) => {
    const found = xy(`LED-${cct}`, 2);
    expect(Math.abs(found[0] - published[0]!)).toBeLessThan(3e-4);
    expect(Math.abs(found[1] - published[1]!)).toBeLessThan(3e-4);
  });

  test.each(['D3999', 'D25001', 'P999', 'LED-2700', 'LED-7000', 'F13', '__proto__', 'constructor', ''])(
    '%s is refused by name',
    (name) => {
      expect(illuminant(name)).toEqual({ ok: false, reason: 'unknown-illuminant', name });
    },
  );

  test('a plain light is Planckian up to 4,000 K and daylight from 5,000 K', () => {
    expect(Array.from(lightOfTemperature(5000))).toEqual(Array.from(daylight(5000)));
    const { cctK, duv } = colourTemperature(whiteOf(integrationWeights(lightOfTemperature(2700), 2)));
    expect(cctK).toBeCloseTo(2700, 0);
    expect(Math.abs(duv)).toBeLessThan(1e-5);
  });

  test('between them it is mixed: it keeps its temperature and nothing jumps (CIE 224:2017)', () => {
    const at = (kelvin: number) => colourTemperature(whiteOf(integrationWeights(lightOfTemperature(kelvin), 2)));
    const steps = Array.from({ length: 61 }, (_, k) => 3700 + 25 * k);
    steps.forEach((kelvin) => expect(Math.abs(at(kelvin).cctK / kelvin - 1)).toBeLessThan(0.002));
    const duvs = steps.map((kelvin) => at(kelvin).duv);
    duvs.slice(1).forEach((duv, k) => expect(Math.abs(duv - duvs[k]!)).toBeLessThan(2e-4));
    expect(duvs[0]).toBeCloseTo(0, 5);
    expect(at(4500).duv).toBeCloseTo(colourTemperature(whiteOf(integrationWeights(daylight(4500), 2))).duv / 2, 4);
  });

  test('daylight outside the formula is a caller’s bug', () => {
    expect(() => daylight(3999)).toThrow('the CIE formula holds from 4,000 to 25,000 K');
  });
});
