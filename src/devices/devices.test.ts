import { deltaE00 } from '@/core/colour/ciede2000';
import { labFromXyz } from '@/core/colour/lab';
import { averageReadings } from '@/core/colour/readings';
import { resample } from '@/core/colour/resample';
import { D65_10, tristimulus } from '@/core/colour/tristimulus';
import { seededRandom } from '@/core/random';
import { simulatedColorimeter } from './colorimeter';
import { simulatedLightMeter } from './light-meter';
import { simulatedSpectrophotometer } from './spectrophotometer';
import { SIMULATED_SURFACES } from './surfaces';
import { simulatedTintCounter } from './tint-counter';

describe('stand-ins for instruments', () => {
  test('each says that it is simulated', () => {
    const all = [simulatedColorimeter(), simulatedSpectrophotometer(), simulatedLightMeter(), simulatedTintCounter()];
    for (const device of all) expect([device.simulated, device.label]).toEqual([true, expect.stringContaining('Simulated')]);
  });

  test('the colorimeter is off until it is calibrated, drifts slowly after, and some readings are refused', async () => {
    const meter = simulatedColorimeter();
    const { id, lab } = SIMULATED_SURFACES[0];
    const random = seededRandom(3);
    const mean = async (n: number) => {
      const readings = [];
      for (let i = 0; i < n; i++) readings.push(await meter.read(id, random));
      const near = readings.filter((r) => r.l < lab.l + 2);
      return deltaE00(lab, {
        l: near.reduce((s, r) => s + r.l, 0) / near.length,
        a: near.reduce((s, r) => s + r.a, 0) / near.length,
        b: near.reduce((s, r) => s + r.b, 0) / near.length,
      });
    };
    expect(meter.sinceCalibration).toBeUndefined();
    const before = await mean(40);
    await meter.calibrate();
    expect(meter.sinceCalibration).toBe(0);
    const after = await mean(8);
    expect(before).toBeGreaterThan(1);
    expect(after).toBeLessThan(0.4);
    await mean(60);
    expect(await mean(8)).toBeGreaterThan(after + 0.5);
  });

  test('three readings in a row usually agree and are averaged; one with a tilted foot is refused', async () => {
    const meter = simulatedColorimeter();
    await meter.calibrate();
    const outcomes = { good: 0, refused: 0 };
    const random = seededRandom(5);
    for (let i = 0; i < 40; i++) {
      await meter.calibrate();
      const readings = [
        await meter.read('oak-board', random),
        await meter.read('oak-board', random),
        await meter.read('oak-board', random),
      ];
      outcomes[averageReadings(readings).ok ? 'good' : 'refused'] += 1;
    }
    expect(outcomes.good).toBeGreaterThan(20);
    expect(outcomes.refused).toBeGreaterThan(4);
  });

  test('the same seed reads the same; an unknown surface is a caller’s bug', async () => {
    const read = () => simulatedColorimeter().read('slate', seededRandom(9));
    expect(await read()).toEqual(await read());
    await expect(simulatedColorimeter().read('moon', seededRandom(1))).rejects.toThrow(RangeError);
  });

  test('the spectrophotometer’s spectrum has the colour of the surface', async () => {
    for (const { id, lab } of SIMULATED_SURFACES) {
      const { start, step, values } = await simulatedSpectrophotometer().read(id, seededRandom(2));
      expect(values.every((v) => v >= 0 && v <= 1)).toBe(true);
      const found = labFromXyz(tristimulus(resample(start, step, values).reflectance, D65_10));
      expect(deltaE00(lab, found)).toBeLessThan(0.6);
    }
  });

  test('the light meter: brighter with a higher sun, warm after dark', async () => {
    const read = (sunAltitudeDeg: number, facesSun = false) =>
      simulatedLightMeter().read({ sunAltitudeDeg, facesSun }, seededRandom(4));
    const [noon, evening, night] = [await read(55), await read(8), await read(-10)];
    expect(noon.lux).toBeGreaterThan(evening.lux);
    expect(night.cct).toBeLessThan(3000);
    expect((await read(20, true)).cct).toBeLessThan((await read(20)).cct);
  });

  test('the counter pours nearly what was ordered', async () => {
    const order = { formula: { ochre: 3, lampblack: 0.4 }, percent: 100, container: 'gallon', shotMl: 0.05 } as const;
    const { poured } = await simulatedTintCounter().make(order, seededRandom(6));
    expect(poured['ochre']! / 3).toBeCloseTo(1, 1);
    const none = await simulatedTintCounter().make(
      { ...order, formula: { ochre: 0.001 }, container: 'sample-jar' },
      seededRandom(6),
    );
    expect(none.poured).toEqual({});
  });
});
