import type { Spectrum } from '../colour/colour-schema';
import type { Reflectance } from '../colour/grid';
import { resample } from '../colour/resample';
import type { RecordedColour } from '@/core/record/recorded-colour';

/** Measured curves on the grid; a recorded spectrum never changes. */
const resampled = new WeakMap<Spectrum, Reflectance>();

/**
 * What was measured of a recorded colour, as a reflectance on the grid, whatever range and step the instrument gave; undefined when the
 * colour is known by its Lab only. Light, looks and judgement all take a recorded colour's surface from here.
 */
export function measuredReflectance({ source }: Pick<RecordedColour, 'source'>): Reflectance | undefined {
  if (source.kind !== 'spectrophotometer') return undefined;
  const known = resampled.get(source.spectrum);
  if (known) return known;
  const { start, step, values } = source.spectrum;
  const { reflectance } = resample(start, step, values);
  resampled.set(source.spectrum, reflectance);
  return reflectance;
}
