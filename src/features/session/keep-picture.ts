import { PHOTO_LIMITS, type Photo } from '@/core/record/photo';
import { preparePicture } from './prepare-picture';
import { sayRefusal } from '../words/words';
import type { useVisitWrite } from './visit-context';

const SAYS: Readonly<Record<string, string>> = {
  'not-a-picture': 'is not a picture that can be read (JPEG, PNG, WebP, AVIF or TIFF)',
  'too-large': `is larger than ${PHOTO_LIMITS.mostBytes / 1024 ** 2} MB`,
  away: 'is of a kind this browser cannot show, and Elm Swatch does not answer just now. Try again when it is back',
};

type Picture = Pick<Photo, 'settings' | 'predicted'> & { readonly roomId: string; readonly file: Blob };

/** Keeps a picture in a room: it shows at once, and is sent when the server is there. Why it is not kept, in words after its name. */
export async function keepPicture(
  write: ReturnType<typeof useVisitWrite>,
  { roomId, file, settings, predicted }: Picture,
): Promise<string | undefined> {
  const prepared = await preparePicture(file);
  if (!prepared.ok) return SAYS[prepared.reason] ?? SAYS['not-a-picture']!;
  const { picture, width, height } = prepared;
  const written = write({ name: 'photo.add', roomId, picture, width, height, settings, predicted }, { answers: true });
  const result = await written.result;
  return result.ok ? undefined : `is not kept: ${sayRefusal(result).replace(/\.$/, '')}`;
}
