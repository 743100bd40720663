import { z } from 'zod';
import { finite } from '../../base/fields';
import { ASSUMED, GROUND_KINDS, OBSTRUCTION_KINDS } from '../assumptions';
import { BARE_OPENING, lampFields, measure, windowFields } from '../measures';
import { surfaceSchema } from '../surface';

const metres = (what: string) =>
  finite(`${what} is a number of metres.`).min(-100, `${what} lies within 100 m.`).max(100, `${what} lies within 100 m.`);
export const planPointSchema = z.tuple([metres('A corner'), metres('A corner')]);

const { widthM, heightM, ...glazed } = windowFields(BARE_OPENING);
const glazedFields = { ...glazed, transmittance: z.number().gt(0).max(1).optional() };
/** A wall by its number. */
export const wallIndex = z.int('A wall is named by its number, from 0.').min(0, 'A wall is named by its number, from 0.').max(63);

const windowSchema = z.strictObject({
  ...glazedFields,
  wall: wallIndex,
  widthM,
  heightM,
  leftM: measure.left,
  sillM: measure.sill.default(ASSUMED.sillM.value),
});
const roofWindowSchema = z.union([
  z.strictObject({ ...glazedFields, slope: wallIndex, leftM: measure.left, upM: measure.left, widthM, heightM }),
  z.strictObject({ ...glazedFields, ceiling: z.literal(true), atM: planPointSchema, widthM, depthM: widthM }),
]);
export const slopeSchema = z.strictObject({
  wall: wallIndex,
  kneeM: finite('A slope’s knee is a number of metres.').min(0, 'A slope begins at 0 m or more.').max(20),
  pitchDeg: finite('A pitch is a number of degrees.')
    .gt(0, 'A pitch lies between 0 and 85°.')
    .max(85, 'A pitch lies between 0 and 85°.'),
});
const boxSchema = z.strictObject({
  atM: planPointSchema,
  widthM: measure.roomLength,
  depthM: measure.roomLength,
  heightM: measure.roomHeight,
  surface: surfaceSchema,
});
const lampSchema = z.strictObject({
  ...lampFields,
  xM: metres('A lamp'),
  yM: metres('A lamp'),
  heightM: measure.lampHeight.default(ASSUMED.lampHeightM.value),
});

const fields = {
  /** Corners as the walls are met turning right; wall i from corner i to i + 1, x right along wall 0, y into the room. */
  plan: z.array(planPointSchema).min(3, 'A plan has three corners or more.').max(40, 'A plan has 40 corners at most.'),
  heightM: measure.roomHeight.default(ASSUMED.roomHeightM.value),
  bearingDeg: measure.bearing.default(0),
  surfaces: z
    .strictObject({
      walls: z.union([surfaceSchema, z.array(surfaceSchema).max(40)]).default({ reflectance: ASSUMED.wallReflectance.value }),
      floor: surfaceSchema.default({ reflectance: ASSUMED.floorReflectance.value }),
      ceiling: surfaceSchema.default({ reflectance: ASSUMED.ceilingReflectance.value }),
    })
    .prefault({}),
  ground: z.union([z.enum(GROUND_KINDS), surfaceSchema]).default('paving'),
  obstruction: z.union([z.enum(OBSTRUCTION_KINDS), surfaceSchema]).default('masonry'),
  slopes: z.array(slopeSchema).max(8).default([]),
  windows: z.array(windowSchema).max(16).default([]),
  roofWindows: z.array(roofWindowSchema).max(12).default([]),
  boxes: z.array(boxSchema).max(20).default([]),
  lamps: z.array(lampSchema).max(24).default([]),
};
/** A room as it is, described outright, each field by itself. */
export const plannedFieldsSchema = z.strictObject(fields);
export type PlannedDescription = z.infer<typeof plannedFieldsSchema>;
