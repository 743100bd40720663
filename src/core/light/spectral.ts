import { GRID, type SpectralPower } from '../colour/grid';
import { CMF_1931_Y } from '../reference/cmf-1931';

/** Maximum luminous efficacy, lm/W (SI definition of the candela). */
const KM = 683;

/** V(λ) on the grid times Km and the step: spectral irradiance in W/m² nm to lux. CIE 018:2019. */
const LUX_WEIGHTS = Float64Array.from({ length: GRID.count }, (_, i) => KM * GRID.step * CMF_1931_Y[i * GRID.step]!);

/** Lux of a spectral irradiance on the grid (W/m² nm); cd/m² of a spectral radiance likewise. */
export function luxOf(power: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < GRID.count; i++) sum += LUX_WEIGHTS[i]! * power[i]!;
  return sum;
}

/**
 * A spectrum scaled so that it gives one lux.
 * @throws RangeError when it gives no light
 */
export function perLux(power: SpectralPower): SpectralPower {
  const lux = luxOf(power);
  if (!(lux > 0)) throw new RangeError(`a spectrum of ${lux} lx: it gives no light`);
  return power.map((v) => v / lux);
}

/** Adds `scale` times `power` to `into`. */
export function addLight(into: Float64Array, power: ArrayLike<number>, scale = 1): void {
  if (scale === 0) return;
  for (let i = 0; i < GRID.count; i++) into[i]! += scale * power[i]!;
}

export const noLight = (): SpectralPower => new Float64Array(GRID.count);

/** Grid samples between bands: bounces are computed every 40 nm and by cubics in between; see `spectral.test.ts` for how near that is. */
const BAND_STEP = 8;
const BAND_COUNT = (GRID.count - 1) / BAND_STEP + 1;
export const BANDS = { count: BAND_COUNT, step: BAND_STEP } as const;

/** For each grid sample the first of four bands it is made of, and their Lagrange coefficients. */
const CUBICS = Array.from({ length: GRID.count }, (_, i) => {
  const first = Math.min(BAND_COUNT - 4, Math.max(0, Math.floor(i / BAND_STEP) - 1));
  const t = i / BAND_STEP - first;
  return {
    first,
    coefficients: [0, 1, 2, 3].map((k) =>
      [0, 1, 2, 3].reduce((product, m) => (m === k ? product : (product * (t - m)) / (k - m)), 1),
    ),
  };
});

/** Value at grid sample `i` of a smooth quantity known in the bands, from `offset` on. */
export function betweenBands(bands: ArrayLike<number>, i: number, offset = 0): number {
  const { first, coefficients } = CUBICS[i]!;
  const at = offset + first;
  return (
    coefficients[0]! * bands[at]! +
    coefficients[1]! * bands[at + 1]! +
    coefficients[2]! * bands[at + 2]! +
    coefficients[3]! * bands[at + 3]!
  );
}
