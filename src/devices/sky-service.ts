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
/** Hours of the clock that count as day in the climate. */
const DAY_HOURS = { from: 8, to: 18 } as const;
const DAY_MS = 86_400_000;

/** The simulated sky service: seven made-up days in turn, the same for a date each time it is asked. */
export function simulatedSkyService(): SkyService {
  return {
    label: 'Simulated sky service',
    simulated: true,
    // the same seven days over and over: one climate all year
    async skyShares() {
      const hours = SERIES.flatMap((day) => [...day.slice(DAY_HOURS.from, DAY_HOURS.to)]);
      const share = (sky: SkyName) => hours.filter((letter) => NAMES[letter] === sky).length / hours.length;
      return { clear: share('clear'), broken: share('broken'), overcast: share('overcast') };
    },
    async skyOfDay(date) {
      const day = Math.floor(Date.parse(`${date}T00:00:00Z`) / DAY_MS);
      return [...SERIES[((day % SERIES.length) + SERIES.length) % SERIES.length]!].map((letter) => NAMES[letter]!);
    },
  };
}
