import { z } from 'zod';
import type { Photo } from '@/core/record/types';
import { photoRow } from './rows';
import type { Sql } from './sql';

/** Photographs of a visit without their pictures, oldest first. */
export const listPhotos = async (sql: Sql, visitId: string) =>
  z.array(photoRow).parse(
    await sql.query(
      `select id, room_id, width, height, caption, settings, white, at from photo
       where not retired and room_id in (select id from room where visit_id = $1) order by at, id`,
      [visitId],
    ),
  );

export const countPhotos = async (sql: Sql, roomId: string): Promise<number> =>
  (await sql.query<{ n: number }>(`select count(*)::int4 as n from photo where room_id = $1 and not retired`, [roomId]))[0]!.n;

/** The picture, a JPEG; undefined when there is none of that id in the room. Those taken away are still there, for undo. */
export const findPicture = async (sql: Sql, id: string, roomId: string): Promise<Uint8Array | undefined> =>
  (await sql.query<{ jpeg: Uint8Array }>(`select jpeg from photo where id = $1 and room_id = $2`, [id, roomId]))[0]?.jpeg;

type NewPhoto = Pick<Photo, 'id' | 'width' | 'height' | 'settings' | 'at'> & { readonly roomId: string };
export const insertPhoto = (sql: Sql, p: NewPhoto, jpeg: Uint8Array) =>
  sql.query(
    `insert into photo (id, room_id, jpeg, width, height, settings, at) values ($1, $2, $3, $4, $5, $6, $7::timestamptz)`,
    [p.id, p.roomId, jpeg, p.width, p.height, p.settings, p.at],
  );

type PhotoFields = Pick<Photo, 'id' | 'caption' | 'settings' | 'white'> & { readonly roomId: string };
export const updatePhoto = (sql: Sql, p: PhotoFields) =>
  sql.query<{ id: string }>(
    `update photo set caption = $3, settings = $4, white = $5::jsonb where id = $1 and room_id = $2 returning id`,
    [p.id, p.roomId, p.caption, p.settings, p.white && JSON.stringify(p.white)],
  );

export const retirePhoto = (sql: Sql, id: string, roomId: string, retired: boolean) =>
  sql.query<{ id: string }>(`update photo set retired = $3 where id = $1 and room_id = $2 returning id`, [id, roomId, retired]);
