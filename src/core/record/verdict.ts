import { z } from 'zod';
import { idSchema, instantSchema } from '../base/fields';
import { REASONS, VERDICTS, type Reason } from '../judge/reasons';
import { PERSONS } from '../judge/ruling';
import { SKIES } from '../light/outdoors';
import { LIGHTS } from '../room/facing';
import { WAYS_SEEN } from './seen';

/** Names of the sample positions in a room. */
export const positionNameSchema = z.string().regex(/^(wall-\d{1,2}|by-window|under-lamp)$/);

/** The light something was looked at in: the cursor of the day ribbon, and where in the room. */
export const verdictMomentSchema = z.strictObject({
  at: z.iso.datetime(),
  sky: z.enum(SKIES),
  lampsOn: z.boolean(),
  position: positionNameSchema,
  /** What the day alone, with the lamps if they are on, was computed to give there, lux; null when it was not known. */
  lux: z.number().min(0).max(1_000_000).nullable().default(null),
});
export type VerdictMoment = Readonly<z.infer<typeof verdictMomentSchema>>;

/** Where a verdict was predicted: for the colours as in the deck, or for what the light of the moment makes of them. */
export const PREDICTED_IN = ['deck', 'light'] as const;
export type PredictedIn = (typeof PREDICTED_IN)[number];

/** Reasons after the first. */
export const moreReasonsSchema = z
  .array(z.enum(REASONS))
  .max(REASONS.length - 1)
  .readonly()
  .default([]);

/** What an eye said of a candidate beside a thing that stays. */
export const verdictSchema = z.strictObject({
  id: idSchema,
  candidateId: idSchema,
  stayId: idSchema,
  light: z.enum(LIGHTS),
  person: z.enum(PERSONS),
  verdict: z.enum(VERDICTS),
  /** What the core had computed when it was given; null when nothing had been. */
  predicted: z.enum(VERDICTS).nullable(),
  /** null: nothing was predicted, or it was kept before this was. */
  predictedIn: z.enum(PREDICTED_IN).nullable(),
  /** The light it was given in; null for verdicts of before this was kept. */
  moment: verdictMomentSchema.nullable(),
  /** How it was looked at; null for verdicts of before this was kept: see `howSeen`. */
  seen: z.enum(WAYS_SEEN).nullable(),
  /** How long the eye took at first glance, with the computed verdict hidden; null when it was not a first glance. */
  firstGlanceMs: z.int().min(0).max(600_000).nullable(),
  /** The look it was given at; null outside of one. */
  lookId: idSchema.nullable(),
  at: instantSchema,
  /** The latest reason given for it. */
  reason: z.enum(REASONS).nullable(),
  /** What else is true of it, in order. */
  moreReasons: moreReasonsSchema,
  undone: z.boolean(),
});
export type VerdictEvent = Readonly<z.infer<typeof verdictSchema>>;

/** Every reason that was given for a verdict, the first one leading. */
export const reasonsOf = ({ reason, moreReasons }: Pick<VerdictEvent, 'reason' | 'moreReasons'>): readonly Reason[] =>
  reason === null ? [] : [reason, ...moreReasons.filter((r) => r !== reason)];
