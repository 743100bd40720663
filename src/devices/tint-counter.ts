import { CONTAINERS } from '@/core/paint/containers';
import { normal } from '@/core/base/random';
import type { TintCounter } from './ports';

/** How exactly a shot is poured (standard deviation, share of a shot), and how often a nozzle gives one shot too many. */
export const SIMULATED_POURING = { sigma: 0.04, extraShare: 0.02 } as const;

/** The simulated counter: pours whole shots, each a little off, and answers with what really went in. */
export function simulatedTintCounter(): TintCounter {
  return {
    label: 'Simulated tint counter',
    simulated: true,
    async make({ formula, percent, container, shotMl }, random) {
      const { litres } = CONTAINERS[container];
      const poured = Object.entries(formula).map(([id, perLitre]) => {
        const asked = Math.round((perLitre * percent * litres) / (100 * shotMl));
        if (asked === 0) return [id, 0] as const;
        const extra = random() < SIMULATED_POURING.extraShare ? 1 : 0;
        const shots = asked + extra + Math.sqrt(asked) * SIMULATED_POURING.sigma * normal(random);
        return [id, (Math.max(0, shots) * shotMl) / litres] as const;
      });
      return { poured: Object.fromEntries(poured.filter(([, ml]) => ml > 0)) };
    },
  };
}
