import { wavelength } from '@/core/colour/grid';
import { reflectanceFromLab } from '@/core/colour/reflectance';
import { normal } from '@/core/base/random';
import type { Spectrophotometer } from './ports';
import { surfaceOf } from './surfaces';

/** Range and step of common hand-held instruments, and the scatter of a value (standard deviation, reflectance). */
export const SIMULATED_SPECTRUM = { start: 400, step: 10, count: 31, sigma: 0.0012 } as const;

/** The simulated spectrophotometer: the smoothest spectrum of each made-up surface, with scatter, 400–700 nm in 10 nm. */
export function simulatedSpectrophotometer(): Spectrophotometer {
  return {
    label: 'Simulated spectrophotometer',
    simulated: true,
    async read(surfaceId, random) {
      const solved = reflectanceFromLab(surfaceOf(surfaceId).lab);
      if (!solved.ok) throw new RangeError(`the surface ${surfaceId} is no surface colour`);
      const { start, step, count, sigma } = SIMULATED_SPECTRUM;
      const at = (nm: number) => solved.value[(nm - wavelength(0)) / 5]!;
      const values = Array.from({ length: count }, (_, i) =>
        Math.min(1, Math.max(0, at(start + i * step) + sigma * normal(random))),
      );
      return { start, step, values };
    },
  };
}
