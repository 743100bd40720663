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

/** What is known of a picture, by the hash of the file that was handed in; `sha256` is of the JPEG that is kept. */
export type PictureRow = {
  readonly hash: string;
  readonly sha256: string;
  readonly width: number;
  readonly height: number;
  readonly keptAt: string;
};

/** Notes a picture; of one that is noted already, what is kept of it now. */
export const insertPictureRow = (sql: Sql, p: PictureRow) =>
  sql.query(
    `insert into picture (hash, sha256, width, height, kept_at) values ($1, $2, $3, $4, $5::timestamptz)
     on conflict (hash) do update set sha256 = excluded.sha256, width = excluded.width, height = excluded.height`,
    [p.hash, p.sha256, p.width, p.height, p.keptAt],
  );

export const findPictureRow = async (sql: Sql, hash: string): Promise<PictureRow | undefined> =>
  (await sql.query<PictureRow>(`select hash, sha256, width, height, kept_at from picture where hash = $1`, [hash]))[0];

/** No photograph names it, and it is no logo. */
const UNUSED = `not exists (select 1 from photo where picture = p.hash)
  and not exists (select 1 from consultant_card where card->>'logo' = p.hash)`;

/** Pictures that were handed in before an instant and that nothing names. */
export const listUnusedPictures = async (sql: Sql, before: string): Promise<string[]> =>
  (
    await sql.query<{ hash: string }>(`select hash from picture p where kept_at < $1::timestamptz and ${UNUSED} order by hash`, [
      before,
    ])
  ).map((p) => p.hash);

export const deletePictureRows = (sql: Sql, hashes: readonly string[]) =>
  sql.query(`delete from picture p where hash = any($1) and ${UNUSED}`, [hashes]);

/** Pictures that folders from before kept in the table itself. */
export const listPicturesInTable = (sql: Sql): Promise<{ hash: string; jpeg: Uint8Array }[]> =>
  sql.query(`select hash, jpeg from picture where jpeg is not null order by hash`);

/** Says that a picture of a folder from before is a file now. */
export const pictureMoved = (sql: Sql, hash: string, sha256: string) =>
  sql.query(`update picture set jpeg = null, sha256 = $2 where hash = $1`, [hash, sha256]);

/** Every picture that is known. */
export const listPictureRows = (sql: Sql): Promise<PictureRow[]> =>
  sql.query<PictureRow>(
    `select hash, sha256, width, height, kept_at from picture where sha256 is not null order by kept_at, hash`,
  );
