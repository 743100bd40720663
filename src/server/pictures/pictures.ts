import { findPictureRow } from '@/data/photos';
import { database } from '../database';
import { sha256 } from '../sha256';
import { cleanPicture } from './clean-picture';
import { storePicture } from './store-picture';

export type PictureResult =
  | { readonly ok: true; readonly width: number; readonly height: number }
  | { readonly ok: false; readonly reason: 'not-a-picture' | 'another-file' };

/** Cleans a picture and keeps it under the hash of the file it was handed in as, for a photograph to name. */
export async function keepPicture(hash: string, bytes: Uint8Array): Promise<PictureResult> {
  if (sha256(bytes) !== hash) return { ok: false, reason: 'another-file' };
  const clean = await cleanPicture(bytes);
  if (!clean.ok) return clean;
  await storePicture(await database(), hash, clean);
  return { ok: true, width: clean.width, height: clean.height };
}

/** A kept picture; undefined where there is none of that hash, or its file is not what was kept. */
export async function pictureOf(hash: string): Promise<Uint8Array | undefined> {
  const db = await database();
  const row = await findPictureRow(db, hash);
  const jpeg = row && (await db.pictures.read(hash));
  return jpeg && sha256(jpeg) === row.sha256 ? jpeg : undefined;
}
