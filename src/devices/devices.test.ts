import { all } from '../../tests/all';
import { deltaE00 } from '@/core/colour/ciede2000';
import { labFromXyz } from '@/core/colour/lab';
import { averageReadings } from '@/core/colour/readings';
import { resample } from '@/core/colour/resample';
import { D65_10, tristimulus } from '@/core/colour/tristimulus';
import { seededRandom } from '@/core/base/random';
import { simulatedColorimeter } from './colorimeter';
import { simulatedLightMeter } from './light-meter';
import { simulatedSkyService } from './sky-service';
import { simulatedSpectrophotometer } from './spectrophotometer';
import { SIMULATED_SURFACES } from './surfaces';
import { simulatedTintCounter } from './tint-counter';

describe('stand-ins for instruments', () => {
  test('each says that it is simulated', () => {
    const all = [
      simulatedColorimeter(),
      simulatedSpectrophotometer(),
      simulatedLightMeter(),
      simulatedTintCounter(),
      simulatedSkyService(),
    ];
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
      expect(all(values, (v) => v >= 0 && v <= 1)).toBe(true);
      const found = labFromXyz(tristimulus(resample(start, step, values).reflectance, D65_10));
      expect(deltaE00(lab, found)).toBeLessThan(0.6);
    }
  });

  test('the light meter reads what is computed, times a factor that a house always has', async () => {
    const read = (roomId: string, lux: number, seed: number) =>
      simulatedLightMeter().read({ roomId, lux, cctK: 5000 }, seededRandom(seed));
    const ratios = await Promise.all(['kitchen', 'hall', 'loft'].map(async (id) => (await read(id, 400, 4)).lux / 400));
    expect(new Set(ratios.map((r) => r.toFixed(2))).size).toBe(3);
    expect(all(ratios, (r) => r > 0.6 && r < 1.4)).toBe(true);
    const [again, other] = [await read('kitchen', 400, 4), await read('kitchen', 400, 5)];
    expect(again.lux / 400).toBe(ratios[0]);
    expect(Math.abs(other.lux / again.lux - 1)).toBeLessThan(0.2);
    expect(Math.abs(again.cctK! / 5000 - 1)).toBeLessThan(0.05);
    expect(await simulatedLightMeter().read({ roomId: 'x', lux: 0, cctK: null }, seededRandom(1))).toEqual({
      lux: 0,
      cctK: null,
    });
  });

  test('the sky service has a sky for every hour of any date, the same each time', async () => {
    const service = simulatedSkyService();
    for (const date of ['2026-09-23', '1969-01-01', '2028-02-29']) {
      const sky = await service.skyOfDay(date);
      expect(sky).toHaveLength(24);
      expect(all(sky, (s) => ['clear', 'broken', 'overcast'].includes(s))).toBe(true);
      expect(await service.skyOfDay(date)).toEqual(sky);
    }
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
