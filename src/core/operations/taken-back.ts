import { z } from 'zod';
import { idSchema } from '../base/fields';
import type { Room } from '@/core/record/room';
import { isBehindSignature } from '@/core/derived/signed';
import { has, having, undone } from './events';
import { roomOperation, type Refusal, type RoomEffect } from './operation';

type Undoable = { readonly id: string; readonly undone: boolean };
/** Lists of a room in which something said can be taken back. */
type Said = { [K in keyof Room]: Room[K] extends readonly Undoable[] ? K : never }[keyof Room];

type Kind<N extends string, I extends string, F extends string> = {
  readonly name: N;
  readonly idField: I;
  /** The field that says whether it is taken back. */
  readonly flag: F;
  readonly schema: z.ZodType<boolean, boolean | undefined>;
  readonly of: Said;
  /** In a refusal. */
  readonly what: string;
  readonly refuses?: (room: Room, id: string) => Refusal | undefined;
};

/** Takes something that was said back, or puts it back: it stays in the record either way. */
const takenBack = <N extends string, I extends string, F extends string, S extends z.ZodType<boolean, boolean | undefined>>(
  kind: Kind<N, I, F> & { readonly schema: S },
) => {
  const fields = { [kind.idField]: idSchema, [kind.flag]: kind.schema } as Record<I, typeof idSchema> & Record<F, S>;
  const schema = z.strictObject({ name: z.literal(kind.name), roomId: idSchema, ...fields });
  const effect: RoomEffect<Record<string, unknown>> = (room, write) => {
    const id = write[kind.idField] as string;
    const said: readonly Undoable[] = room[kind.of];
    return having([[kind.what, has(said, id)]], (): Room | Refusal => {
      const refusal = kind.refuses?.(room, id);
      return refusal ?? { ...room, [kind.of]: undone(said, id, write[kind.flag] as boolean) };
    });
  };
  return roomOperation(schema, effect as unknown as RoomEffect<z.infer<typeof schema>>);
};

const FLAG = { flag: 'undone', schema: z.boolean() } as const;
/** Writes of before did not say it. */
const USUALLY = { flag: 'undone', schema: z.boolean().default(true) } as const;

export const verdictUndo = takenBack({
  name: 'verdict.undo',
  idField: 'verdictId',
  of: 'verdicts',
  what: 'verdict',
  ...USUALLY,
});
export const intensityUndo = takenBack({
  name: 'intensity.undo',
  idField: 'intensityId',
  of: 'intensities',
  what: 'what was said',
  ...USUALLY,
});
export const reactionUndo = takenBack({
  name: 'reaction.undo',
  idField: 'reactionId',
  of: 'reactions',
  what: 'reaction',
  ...FLAG,
});
export const lookUnanswer = takenBack({ name: 'look.unanswer', idField: 'answerId', of: 'answers', what: 'answer', ...USUALLY });
export const pairUnpick = takenBack({ name: 'pair.unpick', idField: 'pickId', of: 'picks', what: 'pick', ...USUALLY });
export const lightUnread = takenBack({ name: 'light.unread', idField: 'readingId', of: 'readings', what: 'reading', ...USUALLY });
export const noteRemove = takenBack({
  name: 'note.remove',
  idField: 'noteId',
  of: 'notes',
  what: 'note',
  flag: 'removed',
  schema: z.boolean(),
});
/** What was said of the surfaces before holds again; what was signed is not reached. */
export const decisionUndo = takenBack({
  name: 'decision.undo',
  idField: 'decisionId',
  of: 'decisions',
  what: 'decision',
  refuses: (room, id) => (isBehindSignature(room, id) ? { reason: 'signed' } : undefined),
  ...FLAG,
});
