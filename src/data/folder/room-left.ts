import { statfsSync } from 'node:fs';

/**
 * Bytes kept free at all times. The database writes its own log in pieces of 16 MB and stops for good when it cannot: nothing is written
 * when less than two of them are left.
 */
export const KEPT_FREE = 40 * 1024 * 1024;

/** The disk has too little room left for what is to be written. */
export class DiskFull extends Error {
  readonly freeBytes: number;
  /** What was to be written, bytes, and what is to stay free beside. */
  readonly neededBytes: number;
  /** "to make the database anew"; "" where it is a write like any other. */
  readonly forWhat: string;
  constructor(freeBytes: number, neededBytes = KEPT_FREE, forWhat = '') {
    super(`the disk is full (${Math.round(freeBytes / 1e6)} MB left of ${Math.round(neededBytes / 1e6)} MB needed)`);
    this.name = 'DiskFull';
    this.freeBytes = freeBytes;
    this.neededBytes = neededBytes;
    this.forWhat = forWhat;
  }
}

/** What a disk says is free where a folder lies, bytes; a test stands in for a full one. */
export const disk = {
  freeIn(folder: string): number {
    const { bavail, bsize } = statfsSync(folder);
    return bavail * bsize;
  },
};

/**
 * @param forWhat as in "140 MB are needed to make the database anew"
 * @throws DiskFull when writing `bytes` into a folder would leave less than {@link KEPT_FREE}
 */
export function mustHaveRoom(folder: string, bytes = 0, forWhat = ''): void {
  const free = disk.freeIn(folder);
  if (free < bytes + KEPT_FREE) throw new DiskFull(free, bytes + KEPT_FREE, forWhat);
}
