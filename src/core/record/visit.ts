import { z } from 'zod';
import { daySchema, idSchema, instantSchema, int32Schema, nameSchema, textSchema, wordsSchema } from '../base/fields';
import { DEFAULT_SCHOOLS, DIM_WHITE_SCHOOLS, FIGHTING_LIGHT_SCHOOLS } from '../judge/light-schools';
import { latitudeSchema, longitudeSchema } from '../light/measures';
import { isTimeZone, wallClock } from '../light/time-zone';
import { chosenHabitsSchema } from '../units/habits';
import { UNITS } from '../units/length';
import type { LookHand } from './look-hand';
import { peopleSchema } from './people';
import { planSettingsSchema } from './plan-settings';
import type { Room } from './room';
import { supplySchema } from './supply';

/** Where a home is. Degrees, north and east positive; an IANA time zone. */
export const placeSchema = z.strictObject({
  name: nameSchema,
  latitude: latitudeSchema,
  longitude: longitudeSchema,
  timeZone: textSchema(60).refine(isTimeZone, 'Not a time zone this computer knows, such as Europe/London.'),
});
export type VisitPlace = Readonly<z.infer<typeof placeSchema>>;

/** Which school is followed where good consultants disagree. */
export const schoolsSchema = z.strictObject({
  dimWhite: z.enum(DIM_WHITE_SCHOOLS).default(DEFAULT_SCHOOLS.dimWhite),
  fightingLight: z.enum(FIGHTING_LIGHT_SCHOOLS).default(DEFAULT_SCHOOLS.fightingLight),
});

/** Whether a visit is worked on, put away, or thrown away. */
export const SHELVES = ['current', 'archived', 'deleted'] as const;
export type Shelf = (typeof SHELVES)[number];

/** What is agreed for the whole home. */
export const visitBriefFields = {
  /** Who says yes. */
  decides: wordsSchema(200).default(''),
  budget: wordsSchema(200).default(''),
  painter: wordsSchema(200).default(''),
  /** Year the house was built: what cautions hang on. */
  builtYear: z
    .int('A year, such as 1936.')
    .min(1000, 'A year, such as 1936.')
    .max(2200, 'A year, such as 1936.')
    .nullable()
    .default(null),
  /** The day of the visit, in the home's own calendar; null: the day it was made. */
  visitedOn: daySchema.nullable().default(null),
};

/** What is known of a visit itself. */
export const visitFieldsSchema = z.strictObject({
  id: idSchema,
  label: nameSchema,
  place: placeSchema,
  units: z.enum(UNITS),
  /** How it speaks where that is otherwise than usual at its place. */
  habits: chosenHabitsSchema.prefault({}),
  schools: schoolsSchema.prefault({}),
  ...visitBriefFields,
  /** Who is to be reached about it. */
  people: peopleSchema.prefault({}),
  /** What looks are planned by. */
  plan: planSettingsSchema.prefault({}),
  /** What quantities are worked out by. */
  supply: supplySchema.prefault({}),
  shelf: z.enum(SHELVES).default('current'),
  revision: int32Schema.default(1),
  createdAt: instantSchema,
});
export type VisitFields = Readonly<z.infer<typeof visitFieldsSchema>>;

/** A visit with everything in it; rooms in walking order. */
export type Visit = VisitFields & {
  readonly rooms: readonly Room[];
  readonly retiredRooms: readonly Room[];
  /** Looks handed to the client, oldest first. */
  readonly hands: readonly LookHand[];
};

/** Every room of a visit, those taken off it included. */
export const roomsOf = <R>({
  rooms,
  retiredRooms,
}: {
  readonly rooms: readonly R[];
  readonly retiredRooms: readonly R[];
}): readonly R[] => [...rooms, ...retiredRooms];

/** The day of a visit in the home's own calendar: as it was said, or when the visit was made. */
export const dayOfVisit = ({ visitedOn, createdAt, place }: Pick<VisitFields, 'visitedOn' | 'createdAt' | 'place'>): string =>
  visitedOn ?? wallClock(Date.parse(createdAt), place.timeZone).date;
