import type { PictureRow } from '@/data/photos';
import { deletePictureRows, findPictureRow, insertPictureRow, listUnusedPictures } from '@/data/photos';
import type { Database } from '@/data/sql';
import { sha256 } from '../sha256';

type Clean = {
  readonly jpeg: Uint8Array;
  readonly width: number;
  readonly height: number;
  /** When it was kept first; now, unless it comes from elsewhere. */
  readonly keptAt?: string;
};

/** Keeps a clean picture under the hash of the file it came as: its file first, then the line that says so; once. */
export async function storePicture(
  db: Database,
  hash: string,
  { jpeg, width, height, keptAt = new Date().toISOString() }: Clean,
): Promise<void> {
  db.mustHaveRoom(jpeg.length);
  if ((await findPictureRow(db, hash)) && db.pictures.has(hash)) return;
  db.pictures.keep(hash, jpeg);
  const row: PictureRow = { hash, sha256: sha256(jpeg), width, height, keptAt };
  await db.journalled(async (sql) => {
    const known = await findPictureRow(sql, hash);
    if (!known) await insertPictureRow(sql, row);
    return { entry: known ? undefined : { kind: 'picture', ...row }, value: undefined };
  });
}

const DAY = 24 * 60 * 60 * 1000;

/** Lets pictures go that were handed in more than a day ago and that no photograph names. */
export async function forgetUnusedPictures(db: Database, now = Date.now()): Promise<void> {
  const hashes = await db.journalled(async (sql) => {
    const unused = await listUnusedPictures(sql, new Date(now - DAY).toISOString());
    if (unused.length > 0) await deletePictureRows(sql, unused);
    return { entry: unused.length > 0 ? { kind: 'forget', hashes: unused } : undefined, value: unused };
  });
  db.pictures.remove(hashes);
}
