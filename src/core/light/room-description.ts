import { z } from 'zod';
import { ASSUMED, GROUND_KINDS, OBSTRUCTION_KINDS } from './assumptions';
import { BARE_OPENING, boxWallSchema, lampFields, measure, windowFields } from './measures';
import { wallsClose } from './room-fit';
import { surfaceSchema } from './surface';

const windowSchema = z.strictObject({
  wall: boxWallSchema,
  ...windowFields(BARE_OPENING),
  leftM: measure.left,
  sillM: measure.sill.default(ASSUMED.sillM.value),
  /** Instead of the glazing's own: 1 is an open hole. */
  transmittance: z.number().gt(0).max(1).optional(),
});

const lampSchema = z.strictObject({
  ...lampFields,
  xM: measure.left,
  yM: measure.left,
  heightM: measure.lampHeight.default(ASSUMED.lampHeightM.value),
});

const wallsSchema = z.union([surfaceSchema, z.tuple([surfaceSchema, surfaceSchema, surfaceSchema, surfaceSchema])]);

/**
 * A room as its light sees it. Wall 0 lies at y = 0 and faces outward at `bearingDeg`; x runs along it from 0 to `widthM`, y into the room
 * to `depthM`, z up. Walls 1, 2, 3 follow clockwise seen from above: x = widthM, y = depthM, x = 0. `leftM` is measured from a wall's left
 * end seen from inside: x on wall 0, y on wall 1, widthM − x on wall 2, depthM − y on wall 3.
 */
export const roomSchema = z
  .strictObject({
    widthM: measure.roomLength.default(ASSUMED.roomWidthM.value),
    depthM: measure.roomLength.default(ASSUMED.roomDepthM.value),
    heightM: measure.roomHeight.default(ASSUMED.roomHeightM.value),
    /** Instead of width and depth: the four walls as measured, in their order. */
    wallsM: z.tuple([measure.roomLength, measure.roomLength, measure.roomLength, measure.roomLength]).optional(),
    bearingDeg: measure.bearing.default(0),
    surfaces: z
      .strictObject({
        walls: wallsSchema.default({ reflectance: ASSUMED.wallReflectance.value }),
        floor: surfaceSchema.default({ reflectance: ASSUMED.floorReflectance.value }),
        ceiling: surfaceSchema.default({ reflectance: ASSUMED.ceilingReflectance.value }),
      })
      .prefault({}),
    /** What lies outside: one of the kinds, or a surface. */
    ground: z.union([z.enum(GROUND_KINDS), surfaceSchema]).default('paving'),
    obstruction: z.union([z.enum(OBSTRUCTION_KINDS), surfaceSchema]).default('masonry'),
    windows: z.array(windowSchema).max(16).default([]),
    lamps: z.array(lampSchema).max(24).default([]),
  })
  .refine(({ wallsM }) => !wallsM || (wallsClose(wallsM[0], wallsM[2]) && wallsClose(wallsM[1], wallsM[3])), {
    path: ['wallsM'],
    error: 'The walls do not close: opposite walls of a box room have the same length.',
  });
export type RoomDescription = z.infer<typeof roomSchema>;
export type RoomInput = z.input<typeof roomSchema>;
