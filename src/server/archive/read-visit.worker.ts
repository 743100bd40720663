import { parentPort } from 'node:worker_threads';
import { readVisitFile } from './read-visit-file';
import type { FromReader } from './read-in-thread';
import { ArchiveRefused } from './zip';

/** A thread that unpacks and checks one visit's file. */
const say = (said: FromReader, hand: readonly ArrayBuffer[] = []) => parentPort!.postMessage(said, hand);

/** Operations told at once: the other thread takes them in a few milliseconds. */
const PART = 500;

parentPort!.once('message', (bytes: Uint8Array) => {
  readVisitFile(bytes).then(
    ({ file, operations, pictures }) => {
      for (let from = 0; from < operations.length; from += PART)
        say({ kind: 'operations', part: operations.slice(from, from + PART) });
      for (const [hash, jpeg] of pictures) {
        const own = jpeg.slice();
        say({ kind: 'picture', hash, jpeg: own }, [own.buffer]);
      }
      say({ kind: 'done', file: { ...file, operations: [] } });
    },
    (e: unknown) => {
      if (!(e instanceof ArchiveRefused)) throw e;
      say({ kind: 'refused', says: e.message });
    },
  );
});
