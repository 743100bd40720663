import { normal } from '@/core/base/random';
import type { LightMeter } from './ports';

/** How the made-up house differs from what is computed, and the scatter of a reading. */
export const SIMULATED_HOUSE = { least: 0.7, most: 1.25, scatter: 0.03, cctScatter: 0.006 } as const;

/** A number in [0, 1) that is always the same for a text: FNV-1a. */
function shareOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
  return hash / 2 ** 32;
}

/**
 * The simulated light meter: what is computed for the place, times a factor that a made-up house has of its own (dirty panes, a darker
 * tree), with scatter. A real one would know nothing of what is computed.
 */
export function simulatedLightMeter(): LightMeter {
  return {
    label: 'Simulated light meter',
    simulated: true,
    async read({ roomId, lux, cctK }, random) {
      const { least, most, scatter, cctScatter } = SIMULATED_HOUSE;
      const factor = least + (most - least) * shareOf(roomId);
      return {
        lux: Math.max(0, lux * factor * (1 + scatter * normal(random))),
        cctK: cctK === null ? null : cctK * (1 + cctScatter * normal(random)),
      };
    },
  };
}
