'use client';

import { useState } from 'react';
import { toast } from 'sonner';
import { PHOTO_LIMITS, type Photo } from '@/core/record/photo';
import { browserSession } from '../session/browser-session';
import { hashOfFile, sizeOfPicture } from '../session/pictures';
import { useVisitWrite } from '../session/visit-context';
import { sayRefusal } from '../words/words';

const SAYS: Readonly<Record<string, string>> = {
  'not-a-picture': 'is not a picture that can be read (JPEG, PNG, WebP, AVIF or TIFF)',
  'too-large': `is larger than ${PHOTO_LIMITS.mostBytes / 1024 ** 2} MB`,
  away: 'is of a kind this browser cannot show, and Elm Swatch does not answer just now. Try again when it is back',
};

export type Upload = {
  /** Pictures still being looked at. */
  readonly left: number;
  readonly problems: readonly string[];
  readonly send: (files: readonly File[], settings: Photo['settings']) => Promise<void>;
};

const FRAIL = 'This browser keeps no pictures now (its storage is full or off): do not close the page until all is saved.';

type Prepared =
  | { readonly ok: true; readonly picture: string; readonly width: number; readonly height: number }
  | { readonly ok: false; readonly reason: string };

/** A picture kept in this browser under its hash, with the size it will have; a kind the browser cannot show is looked at by the server. */
async function prepare(file: File): Promise<Prepared> {
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

/** Keeps pictures of a room, one after the other; each shows at once, and is sent when the server is there. */
export function useUpload(roomId: string): Upload {
  const write = useVisitWrite();
  const [left, setLeft] = useState(0);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const report = (file: File, says: string) => setProblems((all) => [...all, `${file.name || 'The picture'} ${says}.`]);
  const one = async (file: File, settings: Photo['settings']) => {
    const prepared = await prepare(file);
    if (!prepared.ok) return report(file, SAYS[prepared.reason] ?? SAYS['not-a-picture']!);
    const { picture, width, height } = prepared;
    const written = write({ name: 'photo.add', roomId, picture, width, height, settings }, { answers: true });
    const result = await written.result;
    if (!result.ok) report(file, `is not kept: ${sayRefusal(result).replace(/\.$/, '')}`);
  };
  const send = async (files: readonly File[], settings: Photo['settings']) => {
    setProblems([]);
    setLeft((n) => n + files.length);
    for (const file of files) {
      await one(file, settings);
      setLeft((n) => n - 1);
    }
  };
  return { left, problems, send };
}
