import { parentPort } from 'node:worker_threads';
import type { FromPdfWorker, ToPdfWorker } from './jobs';
import { renderPdf } from './render';

/** A thread that makes documents, one after the other, beside the one that answers requests. */
const say = (message: FromPdfWorker) => parentPort!.postMessage(message);
let last: Promise<unknown> = Promise.resolve();

parentPort!.on('message', ({ id, job }: ToPdfWorker) => {
  last = last.then(async () => {
    try {
      say({ id, pdf: job === 'warm' ? new Uint8Array() : new Uint8Array(await renderPdf(job)) });
    } catch (e) {
      say({ id, error: e instanceof Error ? e.message : 'unknown' });
    }
  });
});
