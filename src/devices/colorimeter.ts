import { normal } from '@/core/base/random';
import type { Colorimeter } from './ports';
import { surfaceOf } from './surfaces';

/** Scatter of one reading (standard deviation, Lab units), and how often the foot of the instrument tilts, and by how much L*. */
export const SIMULATED_SCATTER = { sigma: 0.18, tiltShare: 0.12, tilt: 3.2 } as const;

/** How it drifts: never calibrated it reads this much off; afterwards a little more with each reading, up to as much again. */
export const SIMULATED_DRIFT = { uncalibrated: { l: -1.6, a: 0.3, b: 1.1 }, perReading: 0.02 } as const;

/** The simulated colorimeter: its surfaces with realistic scatter, drift until calibrated, now and then a reading off by too much. */
export function simulatedColorimeter(): Colorimeter {
  let since: number | undefined;
  const drift = () => (since === undefined ? 1 : Math.min(1, since * SIMULATED_DRIFT.perReading));
  return {
    label: 'Simulated pocket colorimeter',
    simulated: true,
    get sinceCalibration() {
      return since;
    },
    async calibrate() {
      since = 0;
    },
    async read(surfaceId, random) {
      const { lab } = surfaceOf(surfaceId);
      const tilted = random() < SIMULATED_SCATTER.tiltShare ? SIMULATED_SCATTER.tilt : 0;
      const scatter = () => SIMULATED_SCATTER.sigma * normal(random);
      const off = drift();
      if (since !== undefined) since += 1;
      const { uncalibrated } = SIMULATED_DRIFT;
      return {
        l: Math.min(100, lab.l + scatter() + tilted + off * uncalibrated.l),
        a: lab.a + scatter() + off * uncalibrated.a,
        b: lab.b + scatter() + off * uncalibrated.b,
      };
    },
  };
}
