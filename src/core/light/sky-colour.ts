import { DAYLIGHT_COMPONENTS, DAYLIGHT_RANGE, daylightShares } from '../colour/illuminant';
import { ASSUMED } from './assumptions';
import type { SkyCondition } from './availability';
import { luxOf } from './spectral';

/** Correlated colour temperature (K) of a piece of clear sky by its luminance in cd/m². Takagi et al. 1990. */
function blueSky(luminance: number): number {
  const { skyTemperatureBaseK: base, skyTemperatureFactor: k, skyTemperaturePower: power, skyTemperatureMostK: most } = ASSUMED;
  if (!(luminance > 0)) return most.value;
  return Math.min(most.value, base.value + k.value / luminance ** power.value);
}

/** Temperature (K) of a piece of sky under a condition; overcast is the same everywhere, broken lies between. */
export function skyTemperature(condition: SkyCondition, luminance: number): number {
  const grey = ASSUMED.overcastTemperatureK.value;
  if (condition === 'overcast') return grey;
  const blue = blueSky(luminance);
  if (condition === 'clear') return blue;
  const share = ASSUMED.brokenShareOfBlue.value;
  return 1 / (share / blue + (1 - share) / grey);
}

const COMPONENT_LUX = DAYLIGHT_COMPONENTS.map(luxOf);

/**
 * Amounts of the three CIE daylight components that make one lux (or cd/m²) of CIE daylight of a temperature (4,000–25,000 K): a sky of
 * many colours is a sum of these, piece by piece.
 */
export function daylightAmounts(kelvin: number): readonly [number, number, number] {
  const held = Math.min(DAYLIGHT_RANGE.max, Math.max(DAYLIGHT_RANGE.min, kelvin));
  const [m1, m2] = daylightShares(held);
  const lux = COMPONENT_LUX[0]! + m1 * COMPONENT_LUX[1]! + m2 * COMPONENT_LUX[2]!;
  return [1 / lux, m1 / lux, m2 / lux];
}
