import { openDB } from 'idb';
import type { PictureStore } from './pictures';

const STORE = 'pictures';

/** Waiting pictures in the browser's own database; where it is full or off, in the page, which says so. */
export function browserPictures(): PictureStore {
  const memory = new Map<string, Blob>();
  // a browser can refuse its database altogether, by an error or by one that is thrown
  const opened = Promise.resolve()
    .then(() => openDB('elm-swatch', 1, { upgrade: (db) => void db.createObjectStore(STORE) }))
    .catch(() => undefined);
  return {
    async put(hash, file) {
      try {
        const db = await opened;
        if (!db) throw new Error('no database');
        await db.put(STORE, file, hash);
        return true;
      } catch {
        memory.set(hash, file);
        return false;
      }
    },
    get: async (hash) => memory.get(hash) ?? ((await (await opened)?.get(STORE, hash)) as Blob | undefined),
    async remove(hash) {
      memory.delete(hash);
      await (await opened)?.delete(STORE, hash);
    },
  };
}
