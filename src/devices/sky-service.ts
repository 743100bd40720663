import type { SkyName } from '@/core/light/outdoors';
import type { SkyService } from './ports';

/** Made-up days, hour by hour: c clear, b broken, o overcast. */
const SERIES = [
  'ccccccccccbbbbbcccccbbcc',
  'oooooooobbbbbbbbbbcccccc',
  'cccccccccccccccccccccccc',
  'bbbbbbbboooooooobbbbbbbb',
  'oooooooooooooooooooooooo',
  'ccccccbbbbbbooooobbbcccc',
  'ooooooobbbbbccccccbbbooo',
] as const;
const NAMES: Readonly<Record<string, SkyName>> = { c: 'clear', b: 'broken', o: 'overcast' };
const DAY_MS = 86_400_000;

/** The simulated sky service: seven made-up days in turn, the same for a date each time it is asked. */
export function simulatedSkyService(): SkyService {
  return {
    label: 'Simulated sky service',
    simulated: true,
    async skyOfDay(date) {
      const day = Math.floor(Date.parse(`${date}T00:00:00Z`) / DAY_MS);
      return [...SERIES[((day % SERIES.length) + SERIES.length) % SERIES.length]!].map((letter) => NAMES[letter]!);
    },
  };
}
