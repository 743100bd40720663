import { duvOf, kelvinOf } from '../../../tests/light-room';
import { daylight } from '../colour/illuminant';
import { integrationWeights } from '../colour/observer';
import { whiteOf } from '../colour/tristimulus';
import { daylightAvailable } from './availability';
import { airMass, beamSpectrum, opticalDepth } from './beam-spectrum';
import { daylightAmounts, glowToward, skyTemperature } from './sky-colour';
import { DAYLIGHT_COMPONENTS } from '../colour/illuminant';
import { lampSpectrum, LAMP_KINDS } from './lamp';
import { outdoorsAt, seenFromFront, skyOn, sunlitGround } from './outdoors';
import { skyIlluminance, standardSky } from './sky';
import { SKY_GRID, skyCell } from './sky-grid';
import { luxOf, perLux } from './spectral';

describe('CIE daylight (CIE 15:2018 table 9.2: chromaticities of D50, D55, D65, D75, 2°)', () => {
  // nominal temperatures shifted by 1.4388 / 1.4380, as CIE 15 does
  test.each([
    [5000, 0.3457, 0.3585],
    [5500, 0.3324, 0.3474],
    [6500, 0.3127, 0.329],
    [7500, 0.299, 0.3149],
  ])('D of %d K', (nominal, x, y) => {
    const white = whiteOf(integrationWeights(daylight((nominal * 1.4388) / 1.438), 2));
    const sum = white.x + white.y + white.z;
    expect(white.x / sum).toBeCloseTo(x, 3);
    expect(white.y / sum).toBeCloseTo(y, 3);
  });

  test('the three amounts make one lux of the same daylight', () => {
    for (const kelvin of [4000, 6500, 12_000, 25_000]) {
      const power = new Float64Array(81);
      daylightAmounts(kelvin).forEach((a, k) => DAYLIGHT_COMPONENTS[k]!.forEach((s, i) => (power[i]! += a * s)));
      expect(luxOf(power)).toBeCloseTo(1, 9);
      perLux(daylight(kelvin)).forEach((v, i) => expect(power[i]).toBeCloseTo(v, 12));
    }
  });
});

describe('the sun’s beam', () => {
  test('air mass: 1 overhead, 2 at 30°, about 38 on the horizon (Kasten & Young 1989)', () => {
    expect(airMass(90)).toBeCloseTo(1, 3);
    expect(airMass(30)).toBeCloseTo(1.995, 2);
    expect(airMass(0)).toBeGreaterThan(36);
    expect(airMass(0)).toBeLessThan(39);
  });

  test('one optical depth for its lux and its spectrum, half of it the air itself (Leckner 1978: 0.096 at 555 nm)', () => {
    const { beamNormalLux } = daylightAvailable('clear', 90, 2);
    expect(opticalDepth(0.555)).toBeCloseTo(-Math.log(beamNormalLux / (127_500 * 1.034)), 9);
    expect(opticalDepth(0.555)).toBeCloseTo(0.21, 9);
    expect(opticalDepth(0.45)).toBeGreaterThan(0.35);
    expect(opticalDepth(0.7)).toBeLessThan(0.19);
  });

  test('warms as it sinks, stays near the Planckian locus', () => {
    const kelvins = [90, 60, 40, 20, 10, 5, 2].map((altitude) => kelvinOf(beamSpectrum(altitude)));
    kelvins.slice(1).forEach((k, i) => expect(k).toBeLessThan(kelvins[i]!));
    expect(kelvins[0]).toBeGreaterThan(5000); // direct sun at noon is given as 5,000–5,500 K, common practice
    expect(kelvins[0]).toBeLessThan(5200);
    expect(kelvins[5]).toBeLessThan(3500); // and under 3,500 K near sunset
    expect(Math.abs(duvOf(beamSpectrum(40)))).toBeLessThan(0.006);
    expect(luxOf(beamSpectrum(40))).toBeCloseTo(1, 12);
  });
});

describe('the sky’s colour', () => {
  test('blue sky is 8,000–20,000 K, bluer where it is darker; overcast is the same everywhere; broken lies between', () => {
    expect(skyTemperature('clear', 1000, 40)).toBe(20_000);
    expect(skyTemperature('clear', 3000, 40)).toBeGreaterThan(skyTemperature('clear', 6000, 40));
    expect(skyTemperature('clear', 8000, 40)).toBeGreaterThan(8000);
    expect(skyTemperature('clear', 8000, 40)).toBeLessThan(10_000);
    expect(skyTemperature('overcast', 100, 40)).toBe(skyTemperature('overcast', 20_000, 40));
    const [clear, broken] = [skyTemperature('clear', 3000, 40), skyTemperature('partly-cloudy', 3000, 40)];
    expect(broken).toBeGreaterThan(6500);
    expect(broken).toBeLessThan(clear);
  });

  test('a low sun and twilight leave the sky no bluer for being dimmer: about 9,500 K at most on the horizon', () => {
    expect(skyTemperature('clear', 1e-3, -3)).toBe(9500);
    expect(skyTemperature('clear', 10, 0)).toBe(9500);
    const by = (altitudeDeg: number) => skyTemperature('clear', 1, altitudeDeg);
    expect([0, 5, 10, 20, 25, 60].map(by)).toEqual([9500, 11_600, 13_700, 17_900, 20_000, 20_000]);
    // where it shines as brightly as with a higher sun it has that sun's colour
    expect(skyTemperature('clear', 9000, 8)).toBeLessThan(skyTemperature('clear', 9000, 30));
  });

  test('the horizon toward a low sun glows; the sky opposite, and any sky with the sun well up, does not', () => {
    const low = { azimuthDeg: 300, altitudeDeg: 1 };
    expect(glowToward(low)(0, 300)).toBeCloseTo(0.6, 9);
    expect(glowToward(low)(0, 120)).toBeLessThan(1e-6);
    expect(glowToward(low)(60, 300)).toBeLessThan(1e-6);
    expect(glowToward({ azimuthDeg: 10, altitudeDeg: 0 })(0, 350)).toBeCloseTo(
      glowToward({ azimuthDeg: 350, altitudeDeg: 0 })(0, 10),
      12,
    );
    expect(glowToward({ azimuthDeg: 300, altitudeDeg: 15 })(0, 300)).toBe(0);
    expect(glowToward({ azimuthDeg: 300, altitudeDeg: -10 })(0, 300)).toBe(0);
  });

  test('before sunset a west front is warmer than an east front, and neither is bluer than 11,000 K (16,800–20,000 K before)', () => {
    const place = { latitude: 51.5, longitude: 0 };
    const at = Date.parse('2026-06-21T20:06:00Z'); // sun about 1° up in the north-west
    const outdoors = outdoorsAt({ at, place, date: '2026-06-21', sky: 'clear' });
    expect(outdoors.sun.altitudeDeg).toBeGreaterThan(0);
    expect(outdoors.sun.altitudeDeg).toBeLessThan(3);
    const front = (bearingDeg: number) =>
      kelvinOf(
        skyOn(
          outdoors,
          seenFromFront(bearingDeg, () => 0),
        ),
      );
    const toward = front(outdoors.sun.azimuthDeg);
    const away = front(outdoors.sun.azimuthDeg + 180);
    expect(toward).toBeLessThan(7500);
    expect(away).toBeGreaterThan(9000);
    expect(away).toBeLessThan(11_000);
  });

  test('the grid of cells carries the whole sky: solid angles make 2π, weighted by height π', () => {
    expect(SKY_GRID.solidAngle.reduce((s, v) => s + v, 0)).toBeCloseTo(2 * Math.PI, 9);
    expect(SKY_GRID.horizontal.reduce((s, v) => s + v, 0)).toBeCloseTo(Math.PI, 9);
    for (const cell of [0, 71, 72, 1295]) expect(skyCell(SKY_GRID.altitudeDeg[cell]!, SKY_GRID.azimuthDeg[cell]!)).toBe(cell);
    expect(skyCell(90, 360)).toBe(1295 - 71);
  });

  test.each([1, 5, 7, 12])('horizontal light of sky type %d on the grid is within 0.6 %% of a fine integration', (type) => {
    const sky = standardSky(type, { azimuthDeg: 135, altitudeDeg: 35 });
    const onGrid = SKY_GRID.horizontal.reduce(
      (s, v, cell) => s + v * sky(SKY_GRID.altitudeDeg[cell]!, SKY_GRID.azimuthDeg[cell]!),
      0,
    );
    expect(Math.abs(onGrid / skyIlluminance(sky, 0, 0) - 1)).toBeLessThan(0.006);
  });
});

describe('lamps', () => {
  test.each(LAMP_KINDS)('%s gives one lux', (kind) => {
    expect(luxOf(lampSpectrum({ kind, cctK: 3000, ra: null, dimmedShare: 1 }))).toBeCloseTo(1, 9);
  });

  test.each([
    ['filament', 2700],
    ['led', 3000],
    ['led', 4000],
    ['led-high', 3000],
    ['led-high', 5000],
    ['fluorescent', 3000],
    ['fluorescent', 4000],
  ] as const)('%s of %d K has about that temperature', (kind, cctK) => {
    expect(Math.abs(kelvinOf(lampSpectrum({ kind, cctK, ra: null, dimmedShare: 1 })) / cctK - 1)).toBeLessThan(0.05);
  });

  test('LEDs warmer and cooler than the table go on from its ends', () => {
    expect(kelvinOf(lampSpectrum({ kind: 'led', cctK: 2200, ra: null, dimmedShare: 1 }))).toBeLessThan(2400);
    expect(kelvinOf(lampSpectrum({ kind: 'led', cctK: 9000, ra: null, dimmedShare: 1 }))).toBeGreaterThan(7500);
  });

  test('a dimmed filament reddens, a dimmed LED does not (usual laws of incandescent lamps, from memory)', () => {
    const at = (kind: 'filament' | 'led', dimmedShare: number) =>
      kelvinOf(lampSpectrum({ kind, cctK: 2733, ra: null, dimmedShare }));
    expect(at('filament', 0.3)).toBeCloseTo(2733 * 0.3 ** 0.124, -1);
    expect(at('led', 0.3)).toBeCloseTo(at('led', 1), 6);
  });

  test('a lamp of 0 K is no lamp', () => {
    expect(() => lampSpectrum({ kind: 'filament', cctK: 0, ra: null, dimmedShare: 1 })).toThrow('lamp of 0 K');
  });
});

describe('the ground before a window', () => {
  test('is sunlit before the sun’s side of a house, and in its shadow behind, the more the lower the sun', () => {
    expect(sunlitGround({ azimuthDeg: 180, altitudeDeg: 30 }, 180)).toBe(1);
    expect(sunlitGround({ azimuthDeg: 180, altitudeDeg: 30 }, 90)).toBeCloseTo(1, 6);
    const [high, low] = [60, 15].map((altitudeDeg) => sunlitGround({ azimuthDeg: 180, altitudeDeg }, 0));
    expect(high).toBeGreaterThan(low!);
    expect(low).toBeLessThan(0.15);
    expect(sunlitGround({ azimuthDeg: 180, altitudeDeg: -1 }, 180)).toBe(0);
  });
});
