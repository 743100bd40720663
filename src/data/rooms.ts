import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { roomLampSchema, type RoomLamp } from '@/core/record/lamp';
import { emptyRoom, roomFieldsSchema, roomLightFields, type RoomFields } from '@/core/record/room';
import { roomWindowSchema, type RoomWindow } from '@/core/record/window';
import { columnsOf, inColumns, insertRow, insertRows, OF_VISIT } from './columns';
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

/** Empty when the room is not at `revision` any more. */
export const renameRoom = (sql: Sql, room: Pick<RoomFields, 'id' | 'revision' | 'name'>) =>
  sql.query<{ id: string }>(`update room set name = $3, revision = revision + 1 where id = $1 and revision = $2 returning id`, [
    room.id,
    room.revision,
    room.name,
  ]);

export const retireRoom = (sql: Sql, id: string, retired: boolean) =>
  sql.query(`update room set retired = $2 where id = $1`, [id, retired]);

export const countRooms = async (sql: Sql, visitId: string): Promise<number> =>
  (await sql.query<{ n: number }>(`select count(*)::int4 as n from room where visit_id = $1 and not retired`, [visitId]))[0]!.n;

export const setWish = (sql: Sql, room: Pick<RoomFields, 'id' | 'wish' | 'moreWishes' | 'wishWords'>) =>
  sql.query(`update room set wish = $2, wish_words = $3, more_wishes = $4::jsonb where id = $1`, [
    room.id,
    room.wish,
    room.wishWords,
    JSON.stringify(room.moreWishes),
  ]);

export const setUse = (sql: Sql, room: Pick<RoomFields, 'id' | 'use' | 'kind'>) =>
  sql.query(`update room set use = $2, kind = $3 where id = $1`, [room.id, room.use, room.kind]);

/** Sets what was said of a room; what is undefined stays as it is. */
export const setRoomBrief = (
  sql: Sql,
  id: string,
  said: { readonly [K in 'mustNotChange' | 'annoys' | 'mayChange']?: string | undefined },
) =>
  sql.query(
    `update room set must_not_change = coalesce($2, must_not_change), annoys = coalesce($3, annoys), may_change = coalesce($4, may_change)
     where id = $1`,
    [id, said.mustNotChange ?? null, said.annoys ?? null, said.mayChange ?? null],
  );

export const setPaintwork = (sql: Sql, id: string, paintwork: RoomFields['paintwork']) =>
  sql.query(`update room set paintwork = $2::jsonb where id = $1`, [id, JSON.stringify(paintwork)]);

/** Gives rooms the ordinals 1, 2, … in this order. */
export const orderRooms = (sql: Sql, ids: readonly string[]) =>
  sql.query(`update room r set ordinal = o.n from unnest($1::uuid[]) with ordinality as o(id, n) where r.id = o.id`, [ids]);

export const setCalibrated = (sql: Sql, roomId: string, on: boolean) =>
  sql.query(`update room set calibrated = $2 where id = $1`, [roomId, on]);

/** What a room's light is described by, apart from windows and lamps. */
export type RoomLightFields = Pick<RoomFields, keyof typeof roomLightFields>;
const LIGHT_COLUMNS = columnsOf(z.object(roomLightFields));

/** Sets what a room's light is described by; empty when the room is not at `revision` any more. */
export const updateRoomLight = (sql: Sql, room: Pick<RoomFields, 'id' | 'revision'>, light: RoomLightFields) =>
  sql.query<{ id: string }>(
    `update room set (${LIGHT_COLUMNS}) = (select ${LIGHT_COLUMNS} from jsonb_populate_record(null::room, $3::jsonb)),
       revision = revision + 1
     where id = $1 and revision = $2 returning id`,
    [room.id, room.revision, JSON.stringify(inColumns(light, Object.keys(roomLightFields)))],
  );

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
