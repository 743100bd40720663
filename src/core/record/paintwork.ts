import { z } from 'zod';
import { EACH_ONCE, eachOnce, finite, idSchema, nameSchema, wordsSchema } from '../base/fields';
import { measure, wallSchema } from '../light/measures';

/** A door until it is measured, metres, and how high skirting and how wide casings are. Common practice, no source. */
export const USUAL_DOOR = { widthM: 0.84, heightM: 2.04 } as const;
export const USUAL_SKIRTING_M = 0.12;
export const CASING_M = 0.07;

/** Kinds of what is painted in a room. */
export const SURFACE_KINDS = ['wall', 'trim', 'door', 'outside', 'cabinets', 'built-in', 'ceiling'] as const;
export type SurfaceKind = (typeof SURFACE_KINDS)[number];

/** What is there now on a surface, and the state it is in. */
export const GROUNDS_NOW = ['paint', 'plaster', 'paper', 'wood'] as const;
export const GROUND_STATES = ['sound', 'flaking', 'glossy'] as const;
export const groundNowSchema = z.strictObject({ is: z.enum(GROUNDS_NOW), state: z.enum(GROUND_STATES).default('sound') });
export type GroundNow = Readonly<z.infer<typeof groundNowSchema>>;

/** What is painted in a room beside its walls, ceiling and trim. */
export const EXTRA_KINDS = ['cabinets', 'built-in'] as const;
export type ExtraKind = (typeof EXTRA_KINDS)[number];

const area = finite('An area is a number of square metres.')
  .gt(0, 'An area must be more than 0.')
  .max(1000, 'An area is at most 1,000 m².');

/** How a door usually stands; an opening has no leaf. */
export const DOOR_STANDS = ['open', 'shut', 'opening'] as const;
export type DoorStands = (typeof DOOR_STANDS)[number];

/** A door of a room. One that joins two rooms has the same id in both, each with where it is on its own plan. */
export const roomDoorSchema = z.strictObject({
  id: idSchema,
  /** null where nobody said: that it is there is known, where it is not. */
  wall: wallSchema.nullable(),
  widthM: measure.windowWidth.default(USUAL_DOOR.widthM),
  heightM: measure.windowHeight.default(USUAL_DOOR.heightM),
  /** From the wall's left end seen from inside; null where it was not measured. */
  leftM: measure.left.nullable().default(null),
  /** "the hall". */
  leadsTo: wordsSchema(60).default(''),
  /** The room of the visit it leads to; null where it leads elsewhere, or nobody said. */
  toRoomId: idSchema.nullable().default(null),
  stands: z.enum(DOOR_STANDS).default('open'),
  /** One sees through it though it is shut. */
  glazed: z.boolean().default(false),
  /** Stairs lie behind it: the other room is on another floor. */
  stairs: z.boolean().default(false),
  /** Which sides of its leaf are painted from this room; none where the other room has them. */
  sides: z.enum(['none', 'one', 'both']).default('one'),
  /** A door of the house: its outside is a surface of its own. */
  outside: z.boolean().default(false),
});
export type RoomDoor = Readonly<z.infer<typeof roomDoorSchema>>;

/** A rail that parts a wall: another colour below it than above. */
export const railSchema = z.strictObject({ wall: wallSchema, heightM: measure.sill.gt(0, 'A rail is above the floor.') });

export const extraSchema = z.strictObject({ id: idSchema, name: nameSchema, kind: z.enum(EXTRA_KINDS), areaM2: area });

/** What of a room is painted, beside what its light needs: doors, rails, skirting, cabinets. */
export const paintworkSchema = z.strictObject({
  doors: z.array(roomDoorSchema).max(12, 'At most 12 doors.').refine(eachOnce, EACH_ONCE).readonly().default([]),
  rails: z
    .array(railSchema)
    .max(40, 'A wall has one rail.')
    .refine((all) => new Set(all.map((r) => r.wall)).size === all.length, 'A wall has one rail.')
    .readonly()
    .default([]),
  /** Height of the skirting; 0 where there is none, null where it was not measured. */
  skirtingM: finite('The skirting’s height is a number of metres.')
    .min(0, 'The skirting’s height cannot be less than 0.')
    .max(1, 'Skirting is at most 1 m high.')
    .nullable()
    .default(null),
  /** What is there now, by kind of surface; what nobody said is left out. */
  now: z.partialRecord(z.enum(SURFACE_KINDS), groundNowSchema).default({}),
  extras: z.array(extraSchema).max(20, 'At most 20.').refine(eachOnce, EACH_ONCE).readonly().default([]),
});
export type Paintwork = Readonly<z.infer<typeof paintworkSchema>>;
