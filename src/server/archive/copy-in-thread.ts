import { Worker } from 'node:worker_threads';

/** What the thread is told, and what it answers: nothing where all went well, else what went wrong, for the person. */
export type CopyAsked = { readonly folder: string; readonly seq: number; readonly now: number };
export type CopyAnswer = { readonly wrong: string | undefined };

/** Makes the copy of a day beside the main thread, which goes on answering. Resolves to what went wrong, in words, or undefined. */
export async function copyInThread(asked: CopyAsked): Promise<string | undefined> {
  const worker = new Worker(new URL('./copy.worker.ts', import.meta.url), { workerData: asked });
  try {
    return await new Promise<string | undefined>((resolve, reject) => {
      worker.once('message', ({ wrong }: CopyAnswer) => resolve(wrong));
      worker.once('error', reject);
      worker.once('exit', () => reject(new Error('the thread that makes copies ended')));
    });
  } finally {
    await worker.terminate();
  }
}
