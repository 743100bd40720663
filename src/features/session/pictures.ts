import { sha256 } from '@noble/hashes/sha2.js';
import { keptSize } from '@/core/record/photo';
import type { ApplyResult } from '@/core/operations/revision';
import type { Transport } from './ports';

/** Pictures that wait to be sent, by the hash of their file, kept when the page is closed. */
export type PictureStore = {
  /** False when it lives only as long as the page. */
  readonly put: (hash: string, file: Blob) => Promise<boolean>;
  readonly get: (hash: string) => Promise<Blob | undefined>;
  readonly remove: (hash: string) => Promise<void>;
};

export type Handed =
  { readonly ok: true; readonly width: number; readonly height: number } | { readonly ok: false; readonly reason: string };
/** Hands a picture to the server; rejects when it cannot be reached. */
export type HandIn = (hash: string, file: Blob) => Promise<Handed>;

const lostPicture = (says: string): ApplyResult => ({
  ok: false,
  reason: 'invalid',
  issues: [{ path: 'picture', message: says }],
});

/** Sends a photograph with its picture, one at most in a batch: when the server does not have that yet, it is handed in first. */
export function withPictures(send: Transport['send'], pictures: PictureStore, handIn: HandIn): Transport['send'] {
  return async (batch) => {
    const write = batch.map((o) => o.write).find((w) => w.name === 'photo.add');
    if (!write) return send(batch);
    const first = await send(batch);
    const missing = !first.ok && first.reason === 'not-found' && first.what === 'picture';
    if (!missing) {
      if (first.ok) await pictures.remove(write.picture);
      return first;
    }
    const file = await pictures.get(write.picture);
    if (!file) return lostPicture('The picture is not kept in this browser any more: take it again.');
    const handed = await handIn(write.picture, file);
    if (!handed.ok) return lostPicture('It is not a picture that can be read (JPEG, PNG, WebP, AVIF or TIFF).');
    const result = await send(batch);
    if (result.ok) await pictures.remove(write.picture);
    return result;
  };
}

/** The SHA-256 of a file, hexadecimal. */
export async function hashOfFile(file: Blob): Promise<string> {
  const bytes = await file.arrayBuffer();
  // a page that came over the network without encryption is not given the browser's own
  const digest =
    'subtle' in crypto ? new Uint8Array(await crypto.subtle.digest('SHA-256', bytes)) : sha256(new Uint8Array(bytes));
  return Array.from(digest, (byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** The size a picture will be kept at, read in the browser; undefined for a kind it cannot show. */
export async function sizeOfPicture(file: Blob): Promise<{ readonly width: number; readonly height: number } | undefined> {
  try {
    const bitmap = await createImageBitmap(file);
    const { width, height } = bitmap;
    bitmap.close();
    return keptSize(width, height);
  } catch {
    return undefined;
  }
}
