'use client';

import { toast } from 'sonner';
import type { WriteResult } from './sender';
import { sayRefusal } from '../words/words';

/**
 * Takes something away and offers to put it back; what is refused, either way, is said.
 *
 * @param set writes whether it is taken away; @param says "Photograph taken away"
 */
export async function takeAway(set: (retired: boolean) => Promise<WriteResult>, says: string): Promise<boolean> {
  const write = async (retired: boolean) => {
    const result = await set(retired);
    if (!result.ok) toast.error(sayRefusal(result));
    return result.ok;
  };
  const gone = await write(true);
  if (gone) toast(says, { action: { label: 'Put it back', onClick: () => void write(false) } });
  return gone;
}
