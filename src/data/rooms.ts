import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { roomLampSchema, type RoomLamp } from '@/core/record/lamp';
import { emptyRoom, roomFieldsSchema, type RoomFields } from '@/core/record/room';
import { roomWindowSchema, type RoomWindow } from '@/core/record/window';
import { columnsOf, insertRow, insertRows, OF_VISIT, updateRow } from './columns';
import type { Sql } from './sql';

const roomRow = roomFieldsSchema.extend({ retired: z.boolean() });
const windowRow = roomWindowSchema.extend({ roomId: idSchema });
const lampRow = roomLampSchema.extend({ roomId: idSchema });

/** Rooms of a visit in walking order, those taken off it included. */
export const listRooms = async (sql: Sql, visitId: string) =>
  z
    .array(roomRow)
    .parse(await sql.query(`select ${columnsOf(roomRow)} from room where visit_id = $1 order by ordinal, id`, [visitId]));

export const listWindows = async (sql: Sql, visitId: string) =>
  z
    .array(windowRow)
    .parse(await sql.query(`select ${columnsOf(windowRow)} from room_window where ${OF_VISIT} order by ordinal, id`, [visitId]));

export const listLamps = async (sql: Sql, visitId: string) =>
  z
    .array(lampRow)
    .parse(await sql.query(`select ${columnsOf(lampRow)} from lamp where ${OF_VISIT} order by ordinal, id`, [visitId]));

/** The visit a room belongs to; undefined when there is no such room. */
export const visitOfRoom = async (sql: Sql, roomId: string): Promise<string | undefined> =>
  (await sql.query<{ visitId: string }>(`select visit_id from room where id = $1`, [roomId]))[0]?.visitId;

/** The place after the last room of a visit. */
export const nextRoomOrdinal = async (sql: Sql, visitId: string): Promise<number> =>
  (await sql.query<{ n: number }>(`select coalesce(max(ordinal), 0) + 1 as n from room where visit_id = $1`, [visitId]))[0]!.n;

/** A room of which nothing is recorded but its name. */
export async function insertRoom(sql: Sql, visitId: string, given: Parameters<typeof emptyRoom>[0]): Promise<void> {
  const { id, name, ordinal } = given;
  const known = emptyRoom({ id, name, ordinal });
  const fields = Object.keys(roomFieldsSchema.shape) as (keyof RoomFields)[];
  await insertRow(sql, 'room', { ...Object.fromEntries(fields.map((field) => [field, known[field]])), visitId, retired: false });
}

export const countRooms = async (sql: Sql, visitId: string): Promise<number> =>
  (await sql.query<{ n: number }>(`select count(*)::int4 as n from room where visit_id = $1 and not retired`, [visitId]))[0]!.n;

/** Sets fields of a room; with a revision, false when the room is not at it any more. */
export const updateRoom = (
  sql: Sql,
  room: { readonly id: string; readonly revision?: number },
  set: { readonly [F in keyof RoomFields | 'retired']?: unknown },
): Promise<boolean> => updateRow(sql, 'room', room, set);

/** Gives rooms the ordinals 1, 2, … in this order. */
export const orderRooms = (sql: Sql, ids: readonly string[]) =>
  sql.query(`update room r set ordinal = o.n from unnest($1::uuid[]) with ordinality as o(id, n) where r.id = o.id`, [ids]);

const inOrder = <T extends object>(roomId: string, all: readonly T[]) =>
  all.map((one, i) => ({ ...one, roomId, ordinal: i + 1 }));

/** Puts these windows in the place of those a room had. */
export async function replaceWindows(sql: Sql, roomId: string, windows: readonly RoomWindow[]): Promise<void> {
  await sql.query(`delete from room_window where room_id = $1`, [roomId]);
  await insertRows(sql, 'room_window', inOrder(roomId, windows));
}

/** Puts these lamps in the place of those a room had. */
export async function replaceLamps(sql: Sql, roomId: string, lamps: readonly RoomLamp[]): Promise<void> {
  await sql.query(`delete from lamp where room_id = $1`, [roomId]);
  await insertRows(sql, 'lamp', inOrder(roomId, lamps));
}
