import { Worker } from 'node:worker_threads';
import { ArchiveRefused } from '../archive/zip';
import type { AskKnown, Preview, Progress } from './preview';
import type { DeckFile, FromWorker, ToWorker } from './worker-messages';

type Around = { readonly ask: AskKnown; readonly progress: Progress; readonly signal: AbortSignal };

/** Memory the thread may take, MB: a file of 32 MB that is all numbers needs a quarter of it. */
const MOST_MB = 1024;
const TOO_MUCH = 'The file needs more memory than a deck file may. Part it into several files.';

/**
 * Reads and checks a deck file beside the main thread, which goes on answering; ended when whoever asked is gone.
 *
 * @throws ArchiveRefused in words for the person; AbortError when it was given up
 */
export async function checkInWorker(file: DeckFile, { ask, progress, signal }: Around): Promise<Preview> {
  signal.throwIfAborted();
  const worker = new Worker(new URL('./read.worker.ts', import.meta.url), {
    resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
  });
  const tell = (message: ToWorker) => worker.postMessage(message);
  try {
    return await new Promise<Preview>((resolve, reject) => {
      signal.addEventListener('abort', () => reject(new DOMException('given up', 'AbortError')), { once: true });
      worker.once('error', (e: NodeJS.ErrnoException) =>
        reject(e.code === 'ERR_WORKER_OUT_OF_MEMORY' ? new ArchiveRefused(TOO_MUCH) : e),
      );
      worker.once('exit', () => reject(new Error('the thread that read the file ended')));
      worker.on('message', (said: FromWorker) => {
        if (said.kind === 'done') return resolve(said.preview);
        if (said.kind === 'progress') return void progress(said.done, said.total).catch(reject);
        return void ask(said.asked).then((known) => tell({ kind: 'known', known }), reject);
      });
      tell({ kind: 'file', file });
    });
  } finally {
    await worker.terminate();
  }
}
