import { closeSync, fsyncSync, mkdirSync, openSync, renameSync, rmSync, writeSync } from 'node:fs';
import path from 'node:path';

/** Forces what a folder names to the disk: a new, renamed or removed file is otherwise only promised. */
export function syncFolder(folder: string): void {
  const fd = openSync(folder, 'r');
  try {
    fsyncSync(fd);
  } catch (e) {
    // some systems refuse to sync a folder; there the names are written with the files
    if (!['EPERM', 'EISDIR', 'EINVAL'].includes((e as NodeJS.ErrnoException).code ?? '')) throw e;
  } finally {
    closeSync(fd);
  }
}

/** Makes a folder whose name is on the disk when this returns. */
export function makeFolder(folder: string): void {
  const made = mkdirSync(folder, { recursive: true });
  if (made !== undefined) syncFolder(path.dirname(made));
}

/** Forces a file's bytes to the disk. */
export function syncFile(file: string): void {
  const fd = openSync(file, 'r+');
  try {
    fsyncSync(fd);
  } finally {
    closeSync(fd);
  }
}

/** What stands under a name that is not finished: left behind by a crash, never read. */
export const PART = '.part';

/**
 * Writes a whole file, said piece by piece, so that a power cut leaves the old one or the new one, never half of one: `.part`, synced,
 * renamed, the folder synced.
 *
 * @throws what the file system says (a full disk, no right) and what `say` throws; then nothing is left behind that was not there before
 */
export function writeDurablyBy(file: string, say: (put: (piece: Uint8Array) => void) => void): void {
  const part = `${file}.${process.pid}${PART}`;
  try {
    const fd = openSync(part, 'w');
    try {
      say((piece) => {
        for (let at = 0; at < piece.length;) at += writeSync(fd, piece, at);
      });
      fsyncSync(fd);
    } finally {
      closeSync(fd);
    }
    renameSync(part, file);
  } catch (e) {
    rmSync(part, { force: true });
    throw e;
  }
  syncFolder(path.dirname(file));
}

/** Writes a whole file durably, as {@link writeDurablyBy} does. */
export const writeDurably = (file: string, bytes: Uint8Array | string): void =>
  writeDurablyBy(file, (put) => put(typeof bytes === 'string' ? Buffer.from(bytes) : bytes));
