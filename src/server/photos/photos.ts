import { v7 } from 'uuid';
import { PHOTO_LIMITS } from '@/core/formats/judgement-writes';
import type { WriteOf, WriteResult } from '@/core/formats/operations';
import { countPhotos, findPicture } from '@/data/photos';
import { database } from '../database';
import { applyOperation } from '../operations/apply';
import { cleanPhoto } from './clean-photo';

type Settings = WriteOf<'photo.add'>['settings'];
export type PhotoResult = WriteResult | { readonly ok: false; readonly reason: 'not-a-picture' | 'too-many' };

/** Cleans a photograph and keeps it in a room. */
export async function addPhoto(roomId: string, bytes: Uint8Array, settings: Settings): Promise<PhotoResult> {
  const db = await database();
  if ((await countPhotos(db, roomId)) >= PHOTO_LIMITS.mostInRoom) return { ok: false, reason: 'too-many' };
  const clean = await cleanPhoto(bytes);
  if (!clean.ok) return clean;
  const { jpeg, width, height } = clean;
  const write = { name: 'photo.add' as const, roomId, width, height, settings };
  return applyOperation(db, { id: v7(), at: new Date().toISOString(), write }, jpeg);
}

export const pictureOf = async (roomId: string, photoId: string): Promise<Uint8Array | undefined> =>
  findPicture(await database(), photoId, roomId);
