import { leastRecentlyUsed } from '../base/least-recently-used';
import { colourRendering } from '../colour/colour-rendering';
import { GRID, onGrid, type SpectralPower } from '../colour/grid';
import { lightOfTemperature } from '../colour/illuminant';
import { CMF_1931_X, CMF_1931_Y, CMF_1931_Z } from '../reference/cmf-1931';
import { perLux } from './spectral';

/** A band of a made-up LED: a Gaussian of a middle and a full width at half maximum, nm. */
const band = (middle: number, width: number): SpectralPower =>
  onGrid((nm) => Math.exp(-4 * Math.LN2 * ((nm - middle) / width) ** 2));

/**
 * A blue chip, a green and a red phosphor, set so that alone they render colours worse (Ra 43–68) than any lamp that is sold. Own choice.
 */
const CHIP = [band(452, 22), band(556, 80), band(610, 60)] as const;

type Triple = readonly [number, number, number];
const CMF = [CMF_1931_X, CMF_1931_Y, CMF_1931_Z] as const;
/** XYZ (2°) of a spectrum, plain sums in any scale. */
const sums = (power: SpectralPower): Triple =>
  CMF.map((cmf) => power.reduce((s, p, i) => s + p * cmf[i * GRID.step]!, 0)) as unknown as Triple;

const determinant = ([a, b, c]: Triple, [d, e, f]: Triple, [g, h, i]: Triple): number =>
  a * (e * i - f * h) - d * (b * i - c * h) + g * (b * f - c * e);

/** How much of each band makes a colour. */
function shares(wanted: Triple): Triple {
  const [p, q, r] = CHIP.map(sums) as unknown as readonly [Triple, Triple, Triple];
  const all = determinant(p, q, r);
  return [determinant(wanted, q, r) / all, determinant(p, wanted, r) / all, determinant(p, q, wanted) / all];
}

/** Halvings of a share: a four-thousandth, some hundredths of an index. */
const HALVINGS = 12;

const solved = leastRecentlyUsed<SpectralPower>(60);

/**
 * A made-up LED of a colour temperature and a colour rendering: three narrow bands and a full spectrum, both of that very colour, mixed
 * so that the general index comes out. Not a CIE LED illuminant. One lux.
 *
 * @param kelvin 1,500–10,000 @param ra general colour rendering index (CIE 13.3) asked for, 70–97
 * @returns relative spectral power on the grid; its temperature within 1 %, its Ra within 0.5
 */
export const ledSpectrum = (kelvin: number, ra: number): SpectralPower =>
  solved(`${kelvin} ${ra}`, () => {
    const full = perLux(lightOfTemperature(kelvin));
    const amounts = shares(sums(full));
    const bands = Float64Array.from({ length: GRID.count }, (_, i) => CHIP.reduce((s, c, k) => s + amounts[k]! * c[i]!, 0));
    const mixed = (share: number) => bands.map((v, i) => v * (1 - share) + full[i]! * share);
    let [low, high] = [0, 1];
    for (let k = 0; k < HALVINGS; k++) {
      const middle = (low + high) / 2;
      if (colourRendering(mixed(middle)).ra < ra) low = middle;
      else high = middle;
    }
    return perLux(mixed(high));
  });
