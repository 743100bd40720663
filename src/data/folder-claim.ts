import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

type Owner = { pid: number; start: string | undefined };

/** Start time of a process (field 22 of /proc/PID/stat): tells a reused pid from the first owner. Undefined where there is no /proc. */
function startTime(pid: number): string | undefined {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19];
  } catch {
    return undefined;
  }
}

function alive({ pid, start }: Owner): boolean {
  try {
    process.kill(pid, 0);
  } catch (e) {
    return (e as NodeJS.ErrnoException).code === 'EPERM';
  }
  const now = startTime(pid);
  return !now || !start || now === start;
}

function readOwner(file: string): Owner | undefined {
  try {
    const owner = JSON.parse(readFileSync(file, 'utf8')) as Partial<Owner>;
    return typeof owner.pid === 'number' ? { pid: owner.pid, start: owner.start } : undefined;
  } catch {
    return undefined;
  }
}

export type Claim = { readonly ok: true; readonly release: () => void } | { readonly ok: false; readonly pid: number };

const TRIES = 5;

/**
 * Claims a data folder for this process by a file beside it: PGlite takes no lock of its own, and two processes on one folder silently
 * lose each other's rows. A claim left by a process that died is taken over. Changes nothing when another living process holds it.
 */
export function claimFolder(folder: string): Claim {
  const file = `${folder}.claim`;
  mkdirSync(path.dirname(file), { recursive: true });
  const mine = JSON.stringify({ pid: process.pid, start: startTime(process.pid) });
  const release = () => {
    try {
      if (readFileSync(file, 'utf8') === mine) rmSync(file, { force: true });
    } catch {
      // already gone: nothing is claimed any more
    }
  };
  for (let i = 0; i < TRIES; i++) {
    try {
      writeFileSync(file, mine, { flag: 'wx' });
      return { ok: true, release };
    } catch (e) {
      if ((e as NodeJS.ErrnoException).code !== 'EEXIST') throw e;
    }
    const owner = readOwner(file);
    if (owner && owner.pid !== process.pid && alive(owner)) return { ok: false, pid: owner.pid };
    rmSync(file, { force: true });
  }
  throw new Error(`could not claim ${folder}`);
}
