'use client';

import { useState } from 'react';
import type { Photo } from '@/core/record/photo';
import { keepPicture } from '../session/keep-picture';
import { useVisitWrite } from '../session/visit-context';

export type Upload = {
  /** Pictures still being looked at. */
  readonly left: number;
  readonly problems: readonly string[];
  readonly send: (files: readonly File[], settings: Photo['settings']) => Promise<void>;
};

/** Keeps photographs of a room, one after the other; each shows at once, and is sent when the server is there. */
export function useUpload(roomId: string): Upload {
  const write = useVisitWrite();
  const [left, setLeft] = useState(0);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const report = (file: File, says: string) => setProblems((all) => [...all, `${file.name || 'The picture'} ${says}.`]);
  const one = async (file: File, settings: Photo['settings']) => {
    const refused = await keepPicture(write, { roomId, file, settings, predicted: '' });
    if (refused) report(file, refused);
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
