import { onGrid } from './grid';
import { resample } from './resample';

const smooth = (nm: number) => 0.4 + 0.3 * Math.sin(nm / 60);
const sampled = (start: number, step: number, end: number) =>
  Array.from({ length: Math.round((end - start) / step) + 1 }, (_, i) => smooth(start + i * step));

describe('resampling of measured spectra', () => {
  test('a spectrum on the grid is kept as it is', () => {
    const { reflectance, held } = resample(380, 5, sampled(380, 5, 780));
    reflectance.forEach((r, i) => expect(r).toBeCloseTo(smooth(380 + 5 * i), 12));
    expect(held).toBe(false);
  });

  test('10 nm data come within 0.001 of the smooth curve they were taken from', () => {
    const { reflectance } = resample(360, 10, sampled(360, 10, 800));
    onGrid(smooth).forEach((r, i) => expect(Math.abs(r - reflectance[i]!)).toBeLessThan(0.001));
  });

  test('outside the measured range the end values are held, and it says so', () => {
    const { reflectance, held, measured } = resample(400, 10, sampled(400, 10, 700));
    expect(held).toBe(true);
    expect(measured).toEqual({ from: 400, to: 700 });
    expect(reflectance[0]).toBe(smooth(400));
    expect(reflectance[80]).toBeCloseTo(smooth(700), 12);
  });
});
