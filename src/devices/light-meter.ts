import { normal } from '@/core/random';
import type { LightMeter } from './ports';

/** Share of outdoor daylight that reaches the middle of a made-up room, and the scatter of a reading. */
export const SIMULATED_ROOM = { daylightShare: 0.015, sunShare: 0.05, scatter: 0.03, lampLux: 110, lampCct: 2750 } as const;

/**
 * The simulated light meter: plausible light of a made-up room from the sun's altitude (degrees). Outdoor illuminance follows the IES daylight
 * availability form for a partly cloudy sky, 300 + 21,000 sin h lux on the ground; after dark it reads the lamps.
 */
export function simulatedLightMeter(): LightMeter {
  return {
    label: 'Simulated light meter',
    simulated: true,
    async read({ sunAltitudeDeg, facesSun }, random) {
      const { daylightShare, sunShare, scatter, lampLux, lampCct } = SIMULATED_ROOM;
      const wobble = () => 1 + scatter * normal(random);
      const sine = Math.sin((sunAltitudeDeg * Math.PI) / 180);
      if (sine <= 0) return { lux: lampLux * wobble(), cct: lampCct * (1 + 0.1 * scatter * normal(random)) };
      const outdoor = 300 + 21_000 * sine;
      const sun = facesSun ? sunShare * outdoor : 0;
      const daylight = daylightShare * outdoor;
      const share = sun / (sun + daylight);
      // sky light is cool, and sunlight warmer the lower the sun
      const cct = 1 / ((1 - share) / 7500 + share / (2500 + 3000 * Math.sqrt(sine)));
      return { lux: (sun + daylight) * wobble(), cct: cct * (1 + 0.2 * scatter * normal(random)) };
    },
  };
}
