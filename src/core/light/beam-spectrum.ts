import { onGrid, type SpectralPower } from '../colour/grid';
import { planckian } from '../colour/planck';
import { ASSUMED } from './assumptions';
import { perLux } from './spectral';

/** Relative optical air mass of a sun at an altitude in degrees (true, ≥ 0). Kasten & Young 1989. */
export const airMass = (altitudeDeg: number): number =>
  1 / (Math.sin((altitudeDeg * Math.PI) / 180) + 0.50572 * (altitudeDeg + 6.07995) ** -1.6364);

/** Rayleigh optical depth of the vertical atmosphere at a wavelength in micrometres. Leckner 1978. */
const rayleigh = (micrometres: number): number => 0.008735 * micrometres ** -4.08;

/** Where an eye by day is most sensitive, micrometres: there the beam loses what its lux lose. */
const PEAK = 0.555;

/** Optical depth of haze at a wavelength in micrometres: what Rayleigh scattering leaves of the extinction, by Ångström's law. */
const haze = (micrometres: number): number =>
  (ASSUMED.clearExtinction.value - rayleigh(PEAK)) * (micrometres / PEAK) ** -ASSUMED.turbidityExponent.value;

/** Optical depth of clear air overhead at a wavelength in micrometres, without ozone's and water's bands. */
export const opticalDepth = (micrometres: number): number => rayleigh(micrometres) + haze(micrometres);

/**
 * Spectrum of the sun's beam on the ground, one lux in all: a black sun through Rayleigh scattering and Ångström's haze, so that it
 * reddens as the sun sinks. Altitude in degrees, taken as 0 below the horizon. 5,080 K overhead, 3,400 K
 * at 10°, 1,800 K at 2°.
 */
export function beamSpectrum(altitudeDeg: number): SpectralPower {
  const mass = airMass(Math.max(0, altitudeDeg));
  return perLux(
    onGrid((nm) => {
      const um = nm / 1000;
      return planckian(nm, ASSUMED.sunTemperatureK.value) * Math.exp(-mass * opticalDepth(um));
    }),
  );
}
