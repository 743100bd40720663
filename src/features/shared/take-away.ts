'use client';

import { toast } from 'sonner';
import type { WriteResult } from '@/core/formats/operations';
import { sayRefusal } from './words';

/**
 * Takes something away and offers to put it back; what is refused, either way, is said.
 *
 * @param set writes whether it is taken away; @param says "Photograph taken away"
 */
export async function takeAway(set: (retired: boolean) => Promise<WriteResult>, says: string): Promise<void> {
  const write = async (retired: boolean) => {
    const result = await set(retired);
    if (!result.ok) toast.error(sayRefusal(result));
    return result.ok;
  };
  if (await write(true)) toast(says, { action: { label: 'Put it back', onClick: () => void write(false) } });
}
