import { toast } from 'sonner';
import { PHOTO_LIMITS } from '@/core/record/photo';
import { browserSession } from './browser-session';
import { hashOfFile, sizeOfPicture } from './pictures';

const FRAIL = 'This browser keeps no pictures now (its storage is full or off): do not close the page until all is saved.';

export type Prepared =
  | { readonly ok: true; readonly picture: string; readonly width: number; readonly height: number }
  | { readonly ok: false; readonly reason: string };

/** A picture kept in this browser under its hash, with the size it will have; a kind the browser cannot show is looked at by the server. */
export async function preparePicture(file: Blob): Promise<Prepared> {
  if (file.size > PHOTO_LIMITS.mostBytes) return { ok: false, reason: 'too-large' };
  const { pictures, handIn } = browserSession();
  const picture = await hashOfFile(file);
  const size = await sizeOfPicture(file);
  if (size) {
    if (!(await pictures.put(picture, file))) toast(FRAIL, { id: 'frail-picture' });
    return { ok: true, picture, ...size };
  }
  const handed = await handIn(picture, file).catch(() => ({ ok: false as const, reason: 'away' }));
  return handed.ok ? { ...handed, picture } : handed;
}
