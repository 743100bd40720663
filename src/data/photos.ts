import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { photoSchema, type Photo } from '@/core/record/photo';
import { columnsOf, insertRow, OF_VISIT } from './columns';
import type { Sql } from './sql';

const photoRow = photoSchema.extend({ roomId: idSchema, retired: z.boolean() });

/** Photographs of a visit without their pictures, oldest first, those taken away included. */
export const listPhotos = async (sql: Sql, visitId: string) =>
  z
    .array(photoRow)
    .parse(await sql.query(`select ${columnsOf(photoRow)} from photo where ${OF_VISIT} order by at, id`, [visitId]));

export const countPhotos = async (sql: Sql, roomId: string): Promise<number> =>
  (await sql.query<{ n: number }>(`select count(*)::int4 as n from photo where room_id = $1 and not retired`, [roomId]))[0]!.n;

export const insertPhoto = (sql: Sql, roomId: string, photo: Photo): Promise<void> =>
  insertRow(sql, 'photo', { ...photo, roomId, retired: false });

type PhotoFields = Pick<Photo, 'id' | 'caption' | 'settings' | 'white'> & { readonly roomId: string };
export const updatePhoto = (sql: Sql, p: PhotoFields) =>
  sql.query<{ id: string }>(
    `update photo set caption = $3, settings = $4, white = $5::jsonb where id = $1 and room_id = $2 returning id`,
    [p.id, p.roomId, p.caption, p.settings, p.white && JSON.stringify(p.white)],
  );

/** A picture as it is kept, by the hash of the file that was handed in. */
export type Picture = { readonly hash: string; readonly jpeg: Uint8Array; readonly width: number; readonly height: number };

/** Keeps a picture; one that is there already stays as it is. */
export const insertPicture = (sql: Sql, p: Picture) =>
  sql.query(`insert into picture (hash, jpeg, width, height) values ($1, $2, $3, $4) on conflict (hash) do nothing`, [
    p.hash,
    p.jpeg,
    p.width,
    p.height,
  ]);

export const findPictureSize = async (sql: Sql, hash: string): Promise<Pick<Picture, 'width' | 'height'> | undefined> =>
  (await sql.query<Pick<Picture, 'width' | 'height'>>(`select width, height from picture where hash = $1`, [hash]))[0];

/** The picture, a JPEG. */
export const findPicture = async (sql: Sql, hash: string): Promise<Uint8Array | undefined> =>
  (await sql.query<{ jpeg: Uint8Array }>(`select jpeg from picture where hash = $1`, [hash]))[0]?.jpeg;

/** Forgets pictures that were handed in more than a day ago and that no photograph names. */
export const deleteUnusedPictures = (sql: Sql) =>
  sql.query(
    `delete from picture p where p.kept_at < now() - interval '1 day' and not exists (select 1 from photo where picture = p.hash)`,
  );
