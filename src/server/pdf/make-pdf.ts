import { createHash } from 'node:crypto';
import { Worker } from 'node:worker_threads';
import type { FromPdfWorker, PdfJob, ToPdfWorker } from './jobs';
import { onePerProcess } from '../one-per-process';

/** Documents that are kept as they were made, and how many bytes of them. Own choice. */
const MOST_KEPT = 40;
const MOST_BYTES = 24 * 1024 * 1024;
/** A thread that made nothing for so long is ended: it holds fonts and the renderer. */
const IDLE_MS = 5 * 60_000;

type Waiting = { readonly resolve: (pdf: Uint8Array) => void; readonly reject: (why: Error) => void };
type Maker = {
  worker: Worker | undefined;
  idle: NodeJS.Timeout | undefined;
  next: number;
  readonly waiting: Map<number, Waiting>;
  /** By what is on them, the oldest first. */
  readonly kept: Map<string, Promise<Uint8Array>>;
  /** Bytes of each kept document that is made. */
  readonly sizes: Map<string, number>;
  bytes: number;
};

const maker = onePerProcess<Maker>('pdf-maker', () => ({
  worker: undefined,
  idle: undefined,
  next: 1,
  waiting: new Map(),
  kept: new Map(),
  sizes: new Map(),
  bytes: 0,
}));

function endWith(why: Error): void {
  maker.worker = undefined;
  for (const { reject } of maker.waiting.values()) reject(why);
  maker.waiting.clear();
}

function thread(): Worker {
  if (maker.worker) return maker.worker;
  const worker = new Worker(new URL('./pdf.worker.ts', import.meta.url));
  worker.unref();
  worker.on('error', (e) => endWith(e));
  worker.on('exit', () => maker.worker === worker && endWith(new Error('the thread that made the document ended')));
  worker.on('message', (said: FromPdfWorker) => {
    const asked = maker.waiting.get(said.id);
    maker.waiting.delete(said.id);
    if ('pdf' in said) asked?.resolve(said.pdf);
    else asked?.reject(new Error(said.error));
    if (maker.waiting.size === 0) restLater();
  });
  maker.worker = worker;
  return worker;
}

function restLater(): void {
  clearTimeout(maker.idle);
  maker.idle = setTimeout(() => {
    const { worker } = maker;
    maker.worker = undefined;
    void worker?.terminate();
  }, IDLE_MS);
  maker.idle.unref();
}

function ask(job: ToPdfWorker['job']): Promise<Uint8Array> {
  clearTimeout(maker.idle);
  const id = maker.next++;
  return new Promise((resolve, reject) => {
    maker.waiting.set(id, { resolve, reject });
    thread().postMessage({ id, job } satisfies ToPdfWorker);
  });
}

/** Starts the thread before it is wanted: its fonts and its renderer take a second. */
export const warmPdf = (): void => void ask('warm').catch(() => undefined);

const keyOf = (job: PdfJob): string => {
  // what the stills are is said by their hashes
  const { logo, stills: _, ...rest } = { logo: undefined, stills: undefined, ...job };
  return createHash('sha256')
    .update(JSON.stringify(rest))
    .update(logo ?? '')
    .digest('base64');
};

function forgetOldest(): void {
  while (maker.kept.size > MOST_KEPT || (maker.bytes > MOST_BYTES && maker.kept.size > 1)) {
    const key = maker.kept.keys().next().value!;
    maker.kept.delete(key);
    maker.bytes -= maker.sizes.get(key) ?? 0;
    maker.sizes.delete(key);
  }
}

/** A document as a PDF: as it was made before where nothing on it has changed, otherwise made by the thread. */
export function pdfOf(job: PdfJob): Promise<Uint8Array> {
  const key = keyOf(job);
  const known = maker.kept.get(key);
  if (known) return known;
  const pdf = ask(job);
  maker.kept.set(key, pdf);
  pdf.then(
    ({ byteLength }) => {
      if (maker.kept.get(key) !== pdf) return;
      maker.sizes.set(key, byteLength);
      maker.bytes += byteLength;
      forgetOldest();
    },
    () => maker.kept.get(key) === pdf && maker.kept.delete(key),
  );
  return pdf;
}
