import { z } from 'zod';
import { idSchema } from '../base/fields';
import { roomBriefFields } from '../record/room';
import { roomOperation } from './operation';
import { statedOf } from './stated';

const { mustNotChange, annoys, mayChange } = roomBriefFields;
const fields = {
  mustNotChange: mustNotChange.unwrap().optional(),
  annoys: annoys.unwrap().optional(),
  mayChange: mayChange.unwrap().optional(),
};

/** Says what the client says of a room; what is left out stays as it is. */
export const roomBrief = roomOperation(
  z.strictObject({ name: z.literal('room.brief'), roomId: idSchema, ...fields }),
  (room, { name: _, roomId: __, ...said }) => ({ ...room, ...statedOf(said) }),
);
