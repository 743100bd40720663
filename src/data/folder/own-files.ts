import { copyFileSync, existsSync, renameSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import { syncFile, syncFolder } from './durable';
import { filesOf } from './seal';

/** What is half copied: left behind by a crash, never read. */
const OWN = '.own.part';

/**
 * Gives every file of a folder bytes of its own, of which another folder has the same file (hard links, as a copy without copying makes
 * them): what is written here would otherwise be written there.
 *
 * @returns how many files that were
 */
export function ownFiles(folder: string): number {
  if (!existsSync(folder)) return 0;
  let count = 0;
  for (const name of filesOf(folder)) {
    const file = path.join(folder, name);
    if (name.endsWith(OWN)) rmSync(file, { force: true });
    else if (statSync(file).nlink > 1) {
      copyFileSync(file, file + OWN);
      syncFile(file + OWN);
      renameSync(file + OWN, file);
      syncFolder(path.dirname(file));
      count += 1;
    }
  }
  return count;
}
