import type { Retired, Room } from '@/core/record/room';
import { notFound, type Refusal } from './operation';

type Kind = keyof Retired;
type Of<K extends Kind> = Retired[K][number];

/** Everything of a kind in a room, taken out or not. */
export const everyOne = <K extends Kind>(room: Room, kind: K): readonly Of<K>[] => [
  ...(room[kind] as readonly Of<K>[]),
  ...(room.retired[kind] as readonly Of<K>[]),
];

/** The room with things of a kind, in their order; and with those taken out, in the same. */
export function withKind<K extends Kind>(
  room: Room,
  kind: K,
  { here, retired, order }: { here: readonly Of<K>[]; retired: readonly Of<K>[]; order: (p: Of<K>, q: Of<K>) => number },
): Room {
  return { ...room, [kind]: [...here].sort(order), retired: { ...room.retired, [kind]: [...retired].sort(order) } };
}

/** Takes a thing out of a room, or puts it back where it was. */
export function setRetired<K extends Kind>(
  room: Room,
  kind: K,
  { id, retired, what, order }: { id: string; retired: boolean; what: string; order: (p: Of<K>, q: Of<K>) => number },
): Room | Refusal {
  const here = room[kind] as readonly Of<K>[];
  const out = room.retired[kind] as readonly Of<K>[];
  const from = retired ? here : out;
  const one = from.find((o) => o.id === id);
  if (!one) return everyOne(room, kind).some((o) => o.id === id) ? room : notFound(what);
  const rest = from.filter((o) => o !== one);
  return withKind(
    room,
    kind,
    retired ? { here: rest, retired: [...out, one], order } : { here: [...here, one], retired: rest, order },
  );
}
