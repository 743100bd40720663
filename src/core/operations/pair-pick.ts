import { z } from 'zod';
import { idSchema } from '../base/fields';
import { added, has, having } from './events';
import { roomOperation } from './operation';
import { everyOne } from './retire';

/** The client takes one of two colours. */
export const pairPick = roomOperation(
  z.strictObject({ name: z.literal('pair.pick'), roomId: idSchema, chosenId: idSchema, otherId: idSchema }),
  (room, { chosenId, otherId }, { id, at }) => {
    const candidates = everyOne(room, 'candidates');
    const needed = [
      ['other colour', chosenId !== otherId],
      ['colour', has(candidates, chosenId) && has(candidates, otherId)],
    ] as const;
    return having(needed, () => ({ ...room, picks: added(room.picks, { id, chosenId, otherId, at, undone: false }) }));
  },
);
