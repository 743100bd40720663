import { onGrid, type SpectralPower } from '../colour/grid';
import { planckian } from '../colour/planck';
import { ASSUMED } from './assumptions';
import { perLux } from './spectral';

/** Relative optical air mass of a sun at an altitude in degrees (true, ≥ 0). Kasten & Young 1989. */
export const airMass = (altitudeDeg: number): number =>
  1 / (Math.sin((altitudeDeg * Math.PI) / 180) + 0.50572 * (altitudeDeg + 6.07995) ** -1.6364);

/** Rayleigh optical depth of the vertical atmosphere at a wavelength in micrometres. Leckner 1978. */
const rayleigh = (micrometres: number): number => 0.008735 * micrometres ** -4.08;

/**
 * Spectrum of the sun's beam on the ground, one lux in all: a black sun through Rayleigh scattering and Ångström's haze, so that it
 * reddens as the sun sinks. Altitude in degrees, taken as 0 below the horizon. About 5,300 K overhead, 2,000 K on the horizon.
 */
export function beamSpectrum(altitudeDeg: number): SpectralPower {
  const mass = airMass(Math.max(0, altitudeDeg));
  const haze = (um: number) => ASSUMED.turbidity.value * um ** -ASSUMED.turbidityExponent.value;
  return perLux(
    onGrid((nm) => {
      const um = nm / 1000;
      return planckian(nm, ASSUMED.sunTemperatureK.value) * Math.exp(-mass * (rayleigh(um) + haze(um)));
    }),
  );
}
