import { existsSync, readdirSync, rmSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { makeFolder, PART, syncFolder, writeDurably } from './durable';

/** Where the pictures of photographs are kept, by the hash of the file each was handed in as (hexadecimal). */
export interface PictureFiles {
  /** Keeps a picture; on the disk when this returns. */
  keep(hash: string, jpeg: Uint8Array): void;
  read(hash: string): Promise<Uint8Array | undefined>;
  has(hash: string): boolean;
  remove(hashes: readonly string[]): void;
}

const HASH = /^[0-9a-f]{64}$/;

/** Pictures as files of a folder. Names are hashes: nothing else is ever read or written there. */
export function pictureFolder(folder: string): PictureFiles {
  const fileOf = (hash: string) => {
    if (!HASH.test(hash)) throw new TypeError('not the hash of a picture');
    return path.join(folder, `${hash}.jpg`);
  };
  return {
    keep(hash, jpeg) {
      makeFolder(folder);
      writeDurably(fileOf(hash), jpeg);
    },
    async read(hash) {
      try {
        return new Uint8Array(await readFile(fileOf(hash)));
      } catch (e) {
        if ((e as NodeJS.ErrnoException).code === 'ENOENT') return undefined;
        throw e;
      }
    },
    has: (hash) => existsSync(fileOf(hash)),
    remove(hashes) {
      if (hashes.length === 0) return;
      for (const hash of hashes) rmSync(fileOf(hash), { force: true });
      if (existsSync(folder)) syncFolder(folder);
    },
  };
}

/** Removes what a crash left unfinished in a folder. */
export function removeParts(folder: string): void {
  if (!existsSync(folder)) return;
  for (const name of readdirSync(folder)) if (name.endsWith(PART)) rmSync(path.join(folder, name), { force: true });
}

/** Pictures that live as long as the process. */
export function picturesInMemory(): PictureFiles {
  const kept = new Map<string, Uint8Array>();
  return {
    keep: (hash, jpeg) => void kept.set(hash, jpeg),
    read: async (hash) => kept.get(hash),
    has: (hash) => kept.has(hash),
    remove: (hashes) => {
      for (const hash of hashes) kept.delete(hash);
    },
  };
}
