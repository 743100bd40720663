import { ramp } from '../base/ramp';
import { DAYLIGHT_COMPONENTS, DAYLIGHT_RANGE, daylightShares } from '../colour/illuminant';
import { ASSUMED } from './assumptions';
import { daylightAvailable, type SkyCondition } from './availability';
import { luxOf } from './spectral';
import type { Sky } from './sky';
import type { SunPosition } from './sun';

/** The bluest temperature (K) a piece of clear sky has with the sun at an altitude. */
export function bluestSky(sunAltitudeDeg: number): number {
  const { skyTemperatureLowK: low, skyTemperatureMostK: most, skyLawFromDeg: from } = ASSUMED;
  return low.value + ramp(sunAltitudeDeg, 0, from.value) * (most.value - low.value);
}

/**
 * Correlated colour temperature (K) of a piece of clear sky by its luminance in cd/m², with the sun at an altitude. Takagi et al. 1990,
 * whose law is for a risen sun: a sky that is dim only because the sun is low is not the bluer for it.
 */
function blueSky(luminance: number, sunAltitudeDeg: number): number {
  const { skyTemperatureBaseK: base, skyTemperatureFactor: k, skyTemperaturePower: power, skyLawFromDeg: from } = ASSUMED;
  const bluest = bluestSky(sunAltitudeDeg);
  if (!(luminance > 0)) return bluest;
  const lux = (altitudeDeg: number) => daylightAvailable('clear', altitudeDeg, 1).skyHorizontalLux;
  const brighter = sunAltitudeDeg >= from.value ? 1 : lux(from.value) / lux(sunAltitudeDeg);
  return Math.min(bluest, base.value + k.value / (luminance * brighter) ** power.value);
}

/** Temperature (K) of a piece of sky under a condition; overcast is the same everywhere, broken lies between. */
export function skyTemperature(condition: SkyCondition, luminance: number, sunAltitudeDeg: number): number {
  const grey = ASSUMED.overcastTemperatureK.value;
  if (condition === 'overcast') return grey;
  const blue = blueSky(luminance, sunAltitudeDeg);
  if (condition === 'clear') return blue;
  const share = ASSUMED.brokenShareOfBlue.value;
  return 1 / (share / blue + (1 - share) / grey);
}

/** Altitudes of the sun, degrees, between which there is a glow toward it: from none to all of it above, and below the horizon. */
const GLOW = { above: [12, 3], below: [-9, -5] } as const;

/** Share of the light of a piece of clear sky in a direction that is the glow toward a low sun, 0–1. */
export function glowToward(sun: SunPosition): Sky {
  const low = Math.min(ramp(sun.altitudeDeg, ...GLOW.above), ramp(sun.altitudeDeg, ...GLOW.below));
  if (low === 0) return () => 0;
  const { glowShare, glowWidthDeg, glowHeightDeg } = ASSUMED;
  return (altitudeDeg, azimuthDeg) => {
    const turn = Math.abs(azimuthDeg - sun.azimuthDeg) % 360;
    const [wide, high] = [Math.min(turn, 360 - turn) / glowWidthDeg.value, altitudeDeg / glowHeightDeg.value];
    return glowShare.value * low * Math.exp(-wide * wide - high * high);
  };
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
