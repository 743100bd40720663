import { openDB } from 'idb';
import type { PictureStore } from './pictures';

const STORE = 'pictures';

/** Waiting pictures in the browser's own database. */
export function browserPictures(): PictureStore {
  const opened = openDB('elm-swatch', 1, { upgrade: (db) => void db.createObjectStore(STORE) });
  return {
    put: async (hash, file) => void (await (await opened).put(STORE, file, hash)),
    get: async (hash) => (await (await opened).get(STORE, hash)) as Blob | undefined,
    remove: async (hash) => (await opened).delete(STORE, hash),
  };
}
