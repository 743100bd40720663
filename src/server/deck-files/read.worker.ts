import { parentPort } from 'node:worker_threads';
import { checkDecks, type Asked, type Known } from './preview';
import { readDeckFile } from './read-file';
import type { FromWorker, ToWorker } from './worker-messages';

/** A thread that reads and checks one deck file; the database stays with the main one, which is asked. */
const say = (message: FromWorker) => parentPort!.postMessage(message);
let answer: ((known: Known) => void) | undefined;

const ask = (asked: Asked) =>
  new Promise<Known>((resolve) => {
    answer = resolve;
    say({ kind: 'ask', asked });
  });
const progress = (done: number, total: number) => Promise.resolve(say({ kind: 'progress', done, total }));

parentPort!.on('message', (told: ToWorker) => {
  if (told.kind === 'known') return answer?.(told.known);
  const { bytes, name } = told.file;
  void checkDecks(ask, readDeckFile(bytes, name), progress).then((preview) => say({ kind: 'done', preview }));
});
