import { flat } from './light-room';
import { outdoorsGiven, type GivenSky } from './outdoors';
import { luxOf } from './spectral';
import { beforeWindow } from './street';

const LUX = 10_000;
const UNIFORM: GivenSky = { type: 'uniform', horizontalLux: LUX };
const SOUTH = 180;
const before = (obstructionDeg: number, { sky = UNIFORM, ground = 0, facade = 0 } = {}) => {
  const found = beforeWindow(outdoorsGiven(sky), SOUTH, { obstructionDeg, ground: flat(ground), obstruction: flat(facade) });
  return { ground: luxOf(found.ground), facade: luxOf(found.facade), onWindow: luxOf(found.onWindow) };
};
const rad = (degrees: number) => (degrees * Math.PI) / 180;
const middle = (degrees: number) => Math.atan(Math.tan(rad(degrees)) / 2);

describe('what stands before a window', () => {
  test('over open ground is lit by the whole sky', () => {
    expect(before(0, { ground: 0.2 }).ground).toBeCloseTo((0.2 * LUX) / Math.PI, 6);
    expect(before(0, { ground: 0.2 }).onWindow).toBeCloseTo(LUX / 2 + (0.2 * LUX) / 2, -1);
  });

  // closed forms of an endless street under a uniform sky: form factors of parallel strips, Howell C-1 and C-11
  test.each([10, 30, 45, 60, 75, 85])(
    'a street of %d° leaves cos θ of the sky to its ground, (1 − sin) / 2 to its façade',
    (deg) => {
      expect(before(deg, { ground: 1 }).ground / (LUX / Math.PI)).toBeCloseTo(Math.cos(rad(deg)), 2);
      const alone = (1 - Math.sin(middle(deg))) / 2;
      const { facade } = before(deg, { facade: 0.3 });
      expect(facade / (LUX / Math.PI)).toBeCloseTo((0.3 * alone) / (1 - (0.3 * Math.sin(middle(deg))) / 2), 2);
    },
  );

  test('ground and façades light each other, and never more than the sky gives', () => {
    for (const deg of [20, 50, 80]) {
      const both = before(deg, { ground: 0.2, facade: 0.3 });
      expect(both.ground).toBeGreaterThan(before(deg, { ground: 0.2 }).ground);
      expect(both.facade).toBeGreaterThan(before(deg, { facade: 0.3 }).facade);
      const white = before(deg, { ground: 1, facade: 1 });
      expect(white.ground).toBeLessThanOrEqual((1.01 * LUX) / Math.PI);
      expect(white.facade).toBeLessThanOrEqual((1.01 * LUX) / Math.PI);
    }
  });

  test('the higher the houses, the darker all of it, without a jump', () => {
    const steps = Array.from({ length: 89 }, (_, deg) => before(deg, { ground: 0.2, facade: 0.3 }));
    steps.slice(1).forEach((now, k) => {
      expect(now.ground).toBeLessThan(steps[k]!.ground * 1.001);
      expect(now.onWindow).toBeLessThan(steps[k]!.onWindow * 1.001);
      expect(steps[k]!.onWindow - now.onWindow).toBeLessThan(0.03 * steps[0]!.onWindow);
    });
  });

  test('sun reaches the ground and the façade opposite the more, the higher it stands over the ridges', () => {
    const sunny = (azimuthDeg: number, altitudeDeg: number, at: { ground?: number; facade?: number }) =>
      before(45, { sky: { type: 'uniform', horizontalLux: 1, sun: { azimuthDeg, altitudeDeg }, beamNormalLux: 80_000 }, ...at });
    expect(sunny(180, 40, { ground: 0.2 }).ground).toBeLessThan(1);
    expect(sunny(180, 60, { ground: 0.2 }).ground).toBeCloseTo(
      ((0.2 * 80_000) / Math.PI) * Math.sin(rad(60)) * (1 - 1 / Math.tan(rad(60))),
      -1,
    );
    expect(sunny(270, 20, { ground: 0.2 }).ground).toBeGreaterThan(1000); // along the street
    const [low, high] = [20, 50].map((altitude) => sunny(0, altitude, { facade: 0.3 }).facade);
    expect(low! / ((0.3 * 80_000 * Math.cos(rad(20))) / Math.PI)).toBeCloseTo(Math.tan(rad(20)) / 1.0, 1);
    expect(high! / ((0.3 * 80_000 * Math.cos(rad(50))) / Math.PI)).toBeGreaterThan(0.99);
    expect(sunny(180, 50, { facade: 0.3 }).facade).toBeLessThan(1); // it faces away from the sun
  });
});
