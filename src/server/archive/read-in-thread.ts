import { Worker } from 'node:worker_threads';
import type { Operation } from '@/core/operations/operations';
import type { ReadVisit } from './read-visit-file';
import { ArchiveRefused } from './zip';

/** What the thread says: parts of what it read, then that it is done, or why the file is refused. */
export type FromReader =
  | { readonly kind: 'operations'; readonly part: readonly Operation[] }
  | { readonly kind: 'picture'; readonly hash: string; readonly jpeg: Uint8Array }
  | { readonly kind: 'done'; readonly file: ReadVisit['file'] }
  | { readonly kind: 'refused'; readonly says: string };

/** Memory the thread may take for what it unpacks and reads, MB; pictures lie outside of it. Own choice, within 500 MB in all. */
const MOST_MB = 384;
const TOO_MUCH = 'It needs more memory than a visit may.';

/**
 * Reads a visit's file and checks all of it beside the main thread, which goes on answering; what was read comes over in parts.
 *
 * @param bytes handed over: not to be used after
 * @throws ArchiveRefused with what is wrong
 */
export async function readInThread(bytes: Uint8Array): Promise<ReadVisit> {
  const worker = new Worker(new URL('./read-visit.worker.ts', import.meta.url), {
    resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
  });
  const operations: Operation[] = [];
  const pictures = new Map<string, Uint8Array>();
  try {
    const file = await new Promise<ReadVisit['file']>((resolve, reject) => {
      worker.once('error', (e: NodeJS.ErrnoException) =>
        reject(e.code === 'ERR_WORKER_OUT_OF_MEMORY' ? new ArchiveRefused(TOO_MUCH) : e),
      );
      worker.once('exit', () => reject(new Error('the thread that read the file ended')));
      worker.on('message', (said: FromReader) => {
        if (said.kind === 'operations') operations.push(...said.part);
        else if (said.kind === 'picture') pictures.set(said.hash, said.jpeg);
        else if (said.kind === 'refused') reject(new ArchiveRefused(said.says));
        else resolve(said.file);
      });
      // a body may be a view of a larger buffer, which is not handed over whole
      const own = bytes.byteLength === bytes.buffer.byteLength ? bytes : bytes.slice();
      worker.postMessage(own, [own.buffer as ArrayBuffer]);
    });
    return { file: { ...file, operations }, operations, pictures };
  } finally {
    await worker.terminate();
  }
}
