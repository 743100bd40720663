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

const rowOf = (hash: string, { jpeg, width, height, keptAt = new Date().toISOString() }: Clean): PictureRow => ({
  hash,
  sha256: sha256(jpeg),
  width,
  height,
  keptAt,
});

/** Whether the file of a picture is there and is what was kept. */
export async function isAsKept(db: Database, { hash, sha256: told }: Pick<PictureRow, 'hash' | 'sha256'>): Promise<boolean> {
  const jpeg = await db.pictures.read(hash);
  return jpeg !== undefined && sha256(jpeg) === told;
}

/**
 * Keeps a clean picture under the hash of the file it was made from here: its file first, then the line that says so; once. What stands
 * under that hash and is another picture (it came with a visit's file, which nobody can check) is put right.
 */
export async function storePicture(db: Database, hash: string, clean: Clean): Promise<void> {
  db.mustHaveRoom(clean.jpeg.length);
  const row = rowOf(hash, clean);
  const known = await findPictureRow(db, hash);
  if (known?.sha256 === row.sha256 && (await isAsKept(db, row))) return;
  db.pictures.keep(hash, clean.jpeg);
  await db.journalled(async (sql) => {
    const same = (await findPictureRow(sql, hash))?.sha256 === row.sha256;
    if (!same) await insertPictureRow(sql, row);
    return { entry: same ? undefined : { kind: 'picture', ...row }, value: undefined };
  });
}

/** Pictures that came with something else, to be kept with it: their files are there, their rows and their line come with its own. */
export type BroughtPictures = {
  readonly rows: readonly PictureRow[];
  /** Takes the files away again that were not there before. */
  readonly takeBack: () => void;
};

/** Keeps the files of pictures that are not here; what is here under their hashes stays, unless its file is hurt and this is it. */
export async function bringPictures(
  db: Database,
  pictures: readonly (Clean & { readonly hash: string })[],
): Promise<BroughtPictures> {
  const rows: PictureRow[] = [];
  const fresh: string[] = [];
  for (const picture of pictures) {
    const row = rowOf(picture.hash, picture);
    const known = await findPictureRow(db, picture.hash);
    if (known && (known.sha256 !== row.sha256 || (await isAsKept(db, known)))) continue;
    if (!known) {
      rows.push(row);
      fresh.push(picture.hash);
    }
    db.pictures.keep(picture.hash, picture.jpeg);
  }
  return { rows, takeBack: () => db.pictures.remove(fresh) };
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
