'use client';

import { useEffect, useState } from 'react';
import type { Photo } from '@/core/record/photo';
import { browserSession } from './browser-session';
import { useSessionState } from './use-session';

/** Where the picture of a photograph is fetched from: this browser until it is saved, the server then. */
export function usePictureUrl({ id, picture }: Pick<Photo, 'id' | 'picture'>): string {
  const unsaved = useSessionState().unsaved.has(id);
  const [local, setLocal] = useState<string>();
  useEffect(() => {
    if (!unsaved) return;
    let url: string | undefined;
    let wanted = true;
    void browserSession()
      .pictures.get(picture)
      .then((file) => {
        if (!file || !wanted) return;
        url = URL.createObjectURL(file);
        setLocal(url);
      });
    return () => {
      wanted = false;
      if (url) URL.revokeObjectURL(url);
      setLocal(undefined);
    };
  }, [unsaved, picture]);
  return (unsaved && local) || `/api/pictures/${picture}`;
}
