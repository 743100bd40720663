import { z } from 'zod';
import { idSchema, instantSchema } from '../base/fields';
import type { Verdict } from '../judge/reasons';
import { isLookedAt, WAYS_SEEN } from './seen';
import { verdictMomentSchema } from './verdict';

/** What a client makes of a colour: of the colour, not of what it does beside one thing. */
export const REACTIONS = ['likes', 'unsure', 'dislikes'] as const;
export type Reaction = (typeof REACTIONS)[number];
/** "the client is unsure of it". */
export const REACTION_WORDS: Readonly<Record<Reaction, string>> = {
  likes: 'the client likes it',
  unsure: 'the client is unsure of it',
  dislikes: 'the client dislikes it',
};
/** What a reaction says as a verdict on the colour as a whole. */
export const VERDICT_OF_REACTION: Readonly<Record<Reaction, Verdict>> = { likes: 'works', unsure: 'nearly', dislikes: 'no' };

/** The client's reaction to a colour. */
export const reactionSchema = z.strictObject({
  id: idSchema,
  candidateId: idSchema,
  reaction: z.enum(REACTIONS),
  /** The light it was given in; null in the dark, or where nothing is known of it. */
  moment: verdictMomentSchema.nullable(),
  /** How it was looked at. */
  seen: z.enum(WAYS_SEEN),
  at: instantSchema,
  undone: z.boolean(),
});
export type ReactionEvent = Readonly<z.infer<typeof reactionSchema>>;

/** The client's latest reaction to a colour that was not taken back; what was seen in the room before what was judged on a screen. */
export function reactionTo(events: readonly ReactionEvent[], candidateId: string): ReactionEvent | undefined {
  const own = events.filter((e) => !e.undone && e.candidateId === candidateId);
  return own.findLast(isLookedAt) ?? own.at(-1);
}
