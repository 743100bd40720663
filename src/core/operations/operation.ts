import type { z } from 'zod';
import type { Room } from '@/core/record/room';
import { roomsOf, type Visit } from '@/core/record/visit';

/** Why an operation is not done; closed, so that the interface has words for each. */
export type Refusal =
  | { readonly reason: 'invalid'; readonly issues: readonly { readonly path: string; readonly message: string }[] }
  | { readonly reason: 'changed-elsewhere' }
  | { readonly reason: 'not-found'; readonly what: string }
  /** It was taken out of its room: nothing more is said of it until it is put back. */
  | { readonly reason: 'taken-out'; readonly what: string }
  | { readonly reason: 'already-there'; readonly what: string }
  /** It would change what was signed: that is decided anew and signed again. */
  | { readonly reason: 'signed' }
  | { readonly reason: 'not-a-surface-colour'; readonly what: string }
  | { readonly reason: 'last-room' }
  | { readonly reason: 'too-many'; readonly what: string }
  /** The computer can not write now, with the words for it; asked again later it may. */
  | { readonly reason: 'no-room'; readonly says: string }
  | { readonly reason: 'failed' };

/** Id and time of an operation: those of what it adds. */
export type Stamp = { readonly id: string; readonly at: string };

/** What an operation makes of a visit, or why it does not. */
export type Effect<W> = (visit: Visit, write: W, stamp: Stamp) => Visit | Refusal;
/** What an operation makes of one room. */
export type RoomEffect<W> = (room: Room, write: W, stamp: Stamp) => Room | Refusal;

export const isRefusal = (outcome: object): outcome is Refusal => 'reason' in outcome;
export const notFound = (what: string): Refusal => ({ reason: 'not-found', what });
export const CHANGED_ELSEWHERE: Refusal = { reason: 'changed-elsewhere' };

/** One operation of the product: what may be written, and what that makes of a visit. Both the page and the server know it from here. */
export const operation = <S extends z.ZodObject>(schema: S, effect: Effect<z.infer<S>>) => ({ schema, effect });

/** An operation on one room of a visit, taken off the visit or not. */
export const roomOperation = <S extends z.ZodObject>(schema: S, effect: RoomEffect<z.infer<S>>) =>
  operation(schema, inRoom(effect) as Effect<z.infer<S>>);

/** The visit with a room as it is now, in its place. */
export function withRoom(visit: Visit, room: Room): Visit {
  const put = (list: Visit['rooms']) =>
    list.some((r) => r.id === room.id) ? list.map((r) => (r.id === room.id ? room : r)) : list;
  return { ...visit, rooms: put(visit.rooms), retiredRooms: put(visit.retiredRooms) };
}

function inRoom<W>(effect: RoomEffect<W>): Effect<W & { readonly roomId: string }> {
  return (visit, write, stamp) => {
    const room = roomsOf(visit).find((r) => r.id === write.roomId);
    if (!room) return notFound('room');
    const after = effect(room, write, stamp);
    if (isRefusal(after)) return after;
    return same(room, after) ? visit : withRoom(visit, after);
  };
}

/** What was there already leaves a room as it is, so that nothing is drawn anew for it. */
const same = (room: Room, after: Room): boolean =>
  (Object.keys(after) as (keyof Room)[]).every((part) => after[part] === room[part]);
