import { z } from 'zod';
import { finite } from '../base/fields';
import { colourSchema } from '../colour/colour-schema';
import { reflectanceOfColour } from '../colour/given-colour';
import type { Reflectance } from '../colour/grid';
import { flat } from './light-room';

const reflectanceSchema = z.strictObject({
  reflectance: finite('A reflectance is a number.')
    .min(0, 'A reflectance lies between 0 and 1.')
    .lt(1, 'A reflectance must be less than 1: in a room that gives back everything the light would never end.'),
});
/** A surface: a colour, or a flat reflectance. */
export const surfaceSchema = z.union([reflectanceSchema, ...colourSchema.options]);
export type SurfaceInput = z.infer<typeof surfaceSchema>;

/** Most of the light a surface can give back in the room model: reflectances of very white paint are held under it. */
const MOST_REFLECTANCE = 0.99;

/**
 * Reflectance of a surface as it was given.
 * @throws RangeError for a colour that no surface has
 */
export function reflectanceOfSurface(surface: SurfaceInput): Reflectance {
  if ('reflectance' in surface) return flat(surface.reflectance);
  return reflectanceOfColour(surface).map((r) => Math.min(r, MOST_REFLECTANCE));
}
