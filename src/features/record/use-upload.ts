'use client';

import { useState } from 'react';
import { PHOTO_LIMITS, type Photo } from '@/core/record/photo';
import { preparePicture } from '../session/prepare-picture';
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

/** Keeps pictures of a room, one after the other; each shows at once, and is sent when the server is there. */
export function useUpload(roomId: string): Upload {
  const write = useVisitWrite();
  const [left, setLeft] = useState(0);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const report = (file: File, says: string) => setProblems((all) => [...all, `${file.name || 'The picture'} ${says}.`]);
  const one = async (file: File, settings: Photo['settings']) => {
    const prepared = await preparePicture(file);
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
