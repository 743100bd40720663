import { z } from 'zod';
import { idSchema } from '../base/fields';
import { added, has, having } from './events';
import { roomOperation } from './operation';
import { everyOne } from './retire';
import { pickSchema } from '@/core/record/pick';

/** The client takes one of two colours. */
export const pairPick = roomOperation(
  z.strictObject({
    name: z.literal('pair.pick'),
    roomId: idSchema,
    ...pickSchema.omit({ id: true, at: true, undone: true }).shape,
  }),
  (room, { name: _, roomId: __, ...pick }, { id, at }) => {
    const { chosenId, otherId } = pick;
    const candidates = everyOne(room, 'candidates');
    const needed = [
      ['other colour', chosenId !== otherId],
      ['colour', has(candidates, chosenId) && has(candidates, otherId)],
    ] as const;
    return having(needed, () => ({ ...room, picks: added(room.picks, { id, at, ...pick, undone: false }) }));
  },
);
