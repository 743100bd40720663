import { parentPort, workerData } from 'node:worker_threads';
import { sayTrouble } from '../folder/trouble';
import { keepCopy } from './folder-copy';
import type { CopyAnswer, CopyAsked } from './copy-in-thread';

/** A thread that makes one copy of a data folder: reading and packing all of it takes seconds where there is much. */
function wrong({ folder, seq, now }: CopyAsked): string | undefined {
  try {
    keepCopy(folder, seq, new Date(now));
    return undefined;
  } catch (e) {
    return sayTrouble(e);
  }
}
parentPort!.postMessage({ wrong: wrong(workerData as CopyAsked) } satisfies CopyAnswer);
