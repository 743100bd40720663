'use client';

import { useState } from 'react';
import { PHOTO_LIMITS } from '@/core/formats/judgement-writes';
import type { Photo } from '@/core/record/types';
import { useVisit } from '../shared/visit-context';

const SAYS: Readonly<Record<string, string>> = {
  'not-a-picture': 'is not a picture that can be read (JPEG, PNG, WebP, AVIF or TIFF)',
  'too-large': `is larger than ${PHOTO_LIMITS.mostBytes / 1024 ** 2} MB`,
  'too-many': `does not fit: a room keeps at most ${PHOTO_LIMITS.mostInRoom} photographs. Take one away first`,
  failed: 'could not be sent. Try again',
};

export type Upload = {
  /** Pictures still on their way. */
  readonly left: number;
  readonly problems: readonly string[];
  readonly send: (files: readonly File[], settings: Photo['settings']) => Promise<void>;
};

async function sendOne(url: string, file: File): Promise<string | undefined> {
  if (file.size > PHOTO_LIMITS.mostBytes) return 'too-large';
  try {
    const response = await fetch(url, { method: 'POST', body: file, headers: { 'content-type': 'application/octet-stream' } });
    const result = (await response.json()) as { ok: boolean; reason?: string };
    return result.ok ? undefined : (result.reason ?? 'failed');
  } catch {
    return 'failed';
  }
}

/** Sends pictures of a room, one after the other; each shows as soon as it is kept. */
export function useUpload(roomId: string): Upload {
  const { visit, reload } = useVisit();
  const [left, setLeft] = useState(0);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const send = async (files: readonly File[], settings: Photo['settings']) => {
    setProblems([]);
    setLeft((n) => n + files.length);
    for (const file of files) {
      const problem = await sendOne(`/api/visits/${visit.id}/rooms/${roomId}/photos?settings=${settings}`, file);
      if (problem) setProblems((all) => [...all, `${file.name || 'The picture'} ${SAYS[problem] ?? SAYS['failed']}.`]);
      else await reload();
      setLeft((n) => n - 1);
    }
  };
  return { left, problems, send };
}
