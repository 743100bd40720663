import { z } from 'zod';
import { EACH_ONCE, eachOnce, finite, idSchema, int32Schema, nameSchema } from '../base/fields';
import { SCHOOLS, STAY_KINDS } from '../judge/kinds';
import { pictureHashSchema } from './photo';
import { componentSchema } from './recorded-colour';
import { THINGS } from './thing';

export const STAY_FACES = ['floor', 'ceiling', 'walls'] as const;
/** The face a thing lies on, when it gives the light back from there. */
export type StayFace = (typeof STAY_FACES)[number];

/** How far shares may miss 1 by rounding. */
export const SHARE_SLACK = 0.0005;

export const componentsSchema = z
  .array(componentSchema)
  .min(1, 'Give it at least one colour.')
  .max(12, 'At most 12 components.')
  .refine(eachOnce, EACH_ONCE)
  .superRefine((all, check) => {
    const sum = all.reduce((s, c) => s + c.share, 0);
    if (Math.abs(sum - 1) > SHARE_SLACK)
      check.addIssue({ code: 'custom', message: `The shares add up to ${Math.round(sum * 1000) / 10} %; they must make 100 %.` });
  })
  .readonly();

/** A thing that stays: fixed finish or furnishing, with its colours. */
export const staySchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  /** What it is; null where it was recorded before that was asked: see `thingOf`. */
  thing: z.enum(THINGS).nullable().default(null),
  kind: z.enum(STAY_KINDS),
  school: z.enum(SCHOOLS),
  lies: z.enum(STAY_FACES).nullable().default(null),
  /** Share of that face it covers, 0–1. */
  cover: finite('What it covers is a number of percent.')
    .gt(0, 'It covers more than 0 %.')
    .max(1, 'It covers at most 100 %.')
    .default(1),
  /** The picture of it that its colours were taken from: the SHA-256 of the file; null without one. */
  picture: pictureHashSchema.nullable().default(null),
  revision: int32Schema,
  /** Its place among the things of the room. */
  ordinal: int32Schema,
  components: componentsSchema,
});
export type RecordedStay = Readonly<z.infer<typeof staySchema>>;
