import { z } from 'zod';
import { daySchema, idSchema, instantSchema, wordsSchema } from '../base/fields';
import { PERSONS } from '../judge/ruling';
import { byDaylight, LOOK_LIGHTS } from '../plan/look-light';
import { positionNameSchema } from './verdict';

/** What became of a look. */
export const LOOK_STATES = ['planned', 'taken', 'dropped'] as const;
export type LookState = (typeof LOOK_STATES)[number];

const hourSchema = z.number().min(0).max(24);

/** What is said of a look; the rest comes with its id. */
export const lookFields = {
  /** Its number on the plan, once in a visit. */
  number: z.int().min(1).max(9999),
  light: z.enum(LOOK_LIGHTS),
  /** Hours of the home's clock between which its light is there; null of the lamps, for which it has to be dark. */
  fromHour: hourSchema.nullable(),
  toHour: hourSchema.nullable(),
  /** Sample positions to hold the board at, the first first. */
  walls: z.array(positionNameSchema).min(1, 'A look is taken somewhere.').max(6).readonly(),
  /** Colours to look at; none: every colour of the room. */
  candidateIds: z.array(idSchema).max(60).readonly(),
  /** Who takes it. */
  who: z.enum(PERSONS),
  /** The day it is meant for, in the home's calendar; null: any. */
  date: daySchema.nullable(),
  /** What it decides, and what would be missed without it, as told when it was kept. */
  decides: wordsSchema(500),
  missed: wordsSchema(500),
  byHand: z.boolean(),
  state: z.enum(LOOK_STATES),
  /** Why it was dropped. */
  reason: wordsSchema(300),
  takenAt: instantSchema.nullable(),
};

type Said = { light: (typeof LOOK_LIGHTS)[number]; fromHour: number | null; toHour: number | null };
/** What cannot be of a look's hours; undefined where all is well. */
export function hoursIssue({ light, fromHour, toHour }: Said): string | undefined {
  if (!byDaylight(light) && light !== 'both')
    return fromHour === null && toHour === null ? undefined : 'After dark has no hours.';
  if (fromHour === null || toHour === null) return 'By day a look has hours.';
  return fromHour < toHour ? undefined : 'It ends before it begins.';
}

/** A look at the colours of a room in one of its lights: planned and kept, or added by hand. */
export const lookSchema = z.strictObject({ id: idSchema, ...lookFields });
export type Look = Readonly<z.infer<typeof lookSchema>>;

/** Looks in the order of their numbers. */
export const byNumber = (p: Pick<Look, 'number' | 'id'>, q: Pick<Look, 'number' | 'id'>): number =>
  p.number - q.number || (p.id < q.id ? -1 : 1);
