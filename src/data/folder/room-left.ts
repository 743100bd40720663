import { statfsSync } from 'node:fs';

/** The disk has too little room left for what is to be written. */
export class DiskFull extends Error {
  readonly freeBytes: number;
  constructor(freeBytes: number) {
    super(`the disk is full (${Math.round(freeBytes / 1e6)} MB left)`);
    this.name = 'DiskFull';
    this.freeBytes = freeBytes;
  }
}

/**
 * Bytes kept free at all times. The database writes its own log in pieces of 16 MB and stops for good when it cannot: nothing is written
 * when less than two of them are left.
 */
export const KEPT_FREE = 40 * 1024 * 1024;

/** @throws DiskFull when writing `bytes` into a folder would leave less than {@link KEPT_FREE} */
export function mustHaveRoom(folder: string, bytes = 0): void {
  const { bavail, bsize } = statfsSync(folder);
  const free = bavail * bsize;
  if (free < bytes + KEPT_FREE) throw new DiskFull(free);
}
