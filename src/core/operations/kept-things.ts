import { z } from 'zod';
import { idSchema } from '../base/fields';
import { byNumber, hoursIssue, lookFields } from '@/core/record/look';
import { isSurfaceColour } from '@/core/record/recorded-colour';
import type { Retired, Room } from '@/core/record/room';
import { bySample, sampleFields, sampleIssue } from '@/core/record/sample';
import { byId, coloursOfScheme, schemeSchema } from '@/core/record/scheme';
import { roomsOf, type Visit } from '@/core/record/visit';
import { has, having } from './events';
import { notFound, operation, withRoom, type Refusal } from './operation';
import { everyOne, withKind } from './retire';

type Kind = 'looks' | 'samples' | 'schemes';
type Of<K extends Kind> = Retired[K][number];
type Kept<K extends Kind> = {
  readonly kind: K;
  /** In a refusal. */
  readonly what: string;
  readonly order: (p: Of<K>, q: Of<K>) => number;
  /** Colours of the room that it names. */
  readonly colours: (thing: Of<K>) => readonly string[];
};

/** Keeps a thing of a room as it is now, new or changed; one that was taken away comes back with it. */
function keptThing<K extends Kind>(
  visit: Visit,
  { roomId, thing }: { readonly roomId: string; readonly thing: Of<K> },
  { kind, what, order, colours }: Kept<K>,
): Visit | Refusal {
  const rooms = roomsOf(visit);
  const room = rooms.find((r) => r.id === roomId);
  if (!room) return notFound('room');
  const candidates = everyOne(room, 'candidates');
  const owner = rooms.find((r: Room) => has(everyOne(r, kind), thing.id));
  const needed = [
    ['colour', colours(thing).every((id) => has(candidates, id))],
    [what, owner === undefined || owner === room],
  ] as const;
  return having(needed, () => {
    const others = (list: readonly Of<K>[]) => list.filter((t) => t.id !== thing.id);
    const here = [...others(room[kind] as readonly Of<K>[]), thing];
    return withRoom(visit, withKind(room, kind, { here, retired: others(room.retired[kind] as readonly Of<K>[]), order }));
  });
}

const lookSchema = z
  .strictObject({ name: z.literal('look.save'), roomId: idSchema, lookId: idSchema, ...lookFields })
  .superRefine((look, context) => {
    const message = hoursIssue(look);
    if (message) context.addIssue({ code: 'custom', path: ['toHour'], message });
    if ((look.state === 'taken') !== (look.takenAt !== null))
      context.addIssue({ code: 'custom', path: ['takenAt'], message: 'A look that was taken says when.' });
  });

/** Keeps a look, planned or by hand: taken, moved, dropped. */
export const lookSave = operation(lookSchema, (visit, { name: _, roomId, lookId, ...said }) =>
  keptThing<'looks'>(
    visit,
    { roomId, thing: { id: lookId, ...said } },
    { kind: 'looks', what: 'look', order: byNumber, colours: (look) => look.candidateIds },
  ),
);

const sampleSchema = z
  .strictObject({ name: z.literal('sample.save'), roomId: idSchema, sampleId: idSchema, ...sampleFields })
  .superRefine((sample, context) => {
    const message = sampleIssue(sample);
    if (message) context.addIssue({ code: 'custom', path: ['borderM'], message });
    if (sample.read !== null && sample.paintedAt === null)
      context.addIssue({ code: 'custom', path: ['read'], message: 'It is read when it is painted and dry.' });
  });

/** Keeps a sample: planned, painted, read. */
export const sampleSave = operation(sampleSchema, (visit, { name: _, roomId, sampleId, ...said }) => {
  if (!roomsOf(visit).some((r) => r.id === roomId)) return notFound('room');
  if (said.read && !isSurfaceColour(said.read)) return { reason: 'not-a-surface-colour', what: 'sample' };
  return keptThing<'samples'>(
    visit,
    { roomId, thing: { id: sampleId, ...said } },
    { kind: 'samples', what: 'sample', order: bySample, colours: (sample) => [sample.candidateId] },
  );
});

const { id: _, name, ...schemeFields } = schemeSchema.shape;
const schemeWrite = z.strictObject({
  name: z.literal('scheme.save'),
  roomId: idSchema,
  schemeId: idSchema,
  scheme: name,
  ...schemeFields,
});

/** Keeps a scheme. */
export const schemeSave = operation(schemeWrite, (visit, { name: __, roomId, schemeId, scheme, ...said }) =>
  keptThing<'schemes'>(
    visit,
    { roomId, thing: { id: schemeId, name: scheme, ...said } },
    { kind: 'schemes', what: 'scheme', order: byId, colours: coloursOfScheme },
  ),
);
