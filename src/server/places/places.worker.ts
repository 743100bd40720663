import { parentPort } from 'node:worker_threads';
import { findPlaces } from './find-places';
import type { FromPlaces, ToPlaces } from './ask-places';

/** A thread that holds the gazetteer: reading it takes a second, and it is large. */
parentPort!.on('message', ({ id, text }: ToPlaces) =>
  parentPort!.postMessage({ id, places: findPlaces(text) } satisfies FromPlaces),
);
