import { findPicture, insertPicture } from '@/data/photos';
import { database } from '../database';
import { hashOf } from './hash-of';
import { cleanPicture } from './clean-picture';

export type PictureResult =
  | { readonly ok: true; readonly width: number; readonly height: number }
  | { readonly ok: false; readonly reason: 'not-a-picture' | 'another-file' };

/** Cleans a picture and keeps it under the hash of the file it was handed in as, for a photograph to name. */
export async function keepPicture(hash: string, bytes: Uint8Array): Promise<PictureResult> {
  if (hashOf(bytes) !== hash) return { ok: false, reason: 'another-file' };
  const clean = await cleanPicture(bytes);
  if (!clean.ok) return clean;
  const { jpeg, width, height } = clean;
  await insertPicture(await database(), { hash, jpeg, width, height });
  return { ok: true, width, height };
}

export const pictureOf = async (hash: string): Promise<Uint8Array | undefined> => findPicture(await database(), hash);
