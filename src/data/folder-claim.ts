import { existsSync, linkSync, mkdirSync, readdirSync, readFileSync, realpathSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** Who holds a claim; `released` when nobody does any more. */
type Owner = {
  readonly pid: number;
  /** Start time of the process, which tells a reused pid from the first owner. */
  readonly start: string | undefined;
  readonly boot: string | undefined;
  readonly released?: boolean;
};

const firstLine = (file: string): string | undefined => {
  try {
    return readFileSync(file, 'utf8').trim();
  } catch {
    return undefined;
  }
};

/** Start time of a process (field 22 of /proc/PID/stat). Undefined where there is no /proc. */
function startTime(pid: number): string | undefined {
  const stat = firstLine(`/proc/${pid}/stat`);
  return stat?.slice(stat.lastIndexOf(')') + 2).split(' ')[19];
}
const bootId = () => firstLine('/proc/sys/kernel/random/boot_id');

function alive({ pid, start, boot, released }: Owner): boolean {
  if (released || (boot !== undefined && bootId() !== undefined && boot !== bootId())) return false;
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
    return typeof owner.pid === 'number' ? { start: undefined, boot: undefined, ...owner, pid: owner.pid } : undefined;
  } catch {
    return undefined;
  }
}

export type Claim = { readonly ok: true; readonly release: () => void } | { readonly ok: false; readonly pid: number };

const NAME = /^claim\.(\d+)$/;
const numbersIn = (folder: string): number[] =>
  readdirSync(folder)
    .flatMap((name) => NAME.exec(name)?.[1] ?? [])
    .map(Number)
    .sort((a, b) => b - a);
const fileOf = (folder: string, n: number) => path.join(folder, `claim.${n}`);

/** Puts a finished file under a name that nothing has; false when something has it. */
function putNew(file: string, text: string): boolean {
  const part = `${file}.${process.pid}.${Math.random().toString(36).slice(2)}.part`;
  writeFileSync(part, text);
  try {
    linkSync(part, file);
    return true;
  } catch (e) {
    if ((e as NodeJS.ErrnoException).code === 'EEXIST') return false;
    throw e;
  } finally {
    rmSync(part, { force: true });
  }
}

const TRIES = 50;

/**
 * Claims a data folder for this process by a numbered file in it: PGlite takes no lock of its own, and two processes on one folder silently
 * lose each other's rows. The highest number says who holds it; who finds its owner dead puts the next number there, complete, by a link
 * that only one of several can make. The highest is never taken away, so that a late comer cannot begin anew below it. Changes nothing when
 * another living process holds the folder.
 *
 * @throws what the file system says, when the folder cannot be made or written
 */
export function claimFolder(given: string): Claim {
  mkdirSync(given, { recursive: true });
  const folder = realpathSync(given);
  // builds from before put their claim beside the folder
  const before = readOwner(`${folder}.claim`);
  if (before && alive(before)) return { ok: false, pid: before.pid };
  const mine: Owner = { pid: process.pid, start: startTime(process.pid), boot: bootId() };
  for (let i = 0; i < TRIES; i++) {
    const [highest = 0] = numbersIn(folder);
    const owner = highest === 0 ? undefined : readOwner(fileOf(folder, highest));
    if (owner && alive(owner)) return { ok: false, pid: owner.pid };
    const n = highest + 1;
    if (!putNew(fileOf(folder, n), JSON.stringify(mine))) continue;
    // a number that was given back and cleaned away meanwhile can be had again; it is not the highest then, and says nothing
    if (numbersIn(folder)[0] !== n) {
      rmSync(fileOf(folder, n), { force: true });
      continue;
    }
    for (const old of numbersIn(folder)) if (old < n) rmSync(fileOf(folder, old), { force: true });
    return { ok: true, release: () => release(folder, n, mine) };
  }
  throw new Error(`could not claim ${folder}`);
}

/** Gives a folder back: the next number says that nobody holds it. */
function release(folder: string, n: number, mine: Owner): void {
  if (!existsSync(folder) || numbersIn(folder)[0] !== n) return;
  if (putNew(fileOf(folder, n + 1), JSON.stringify({ ...mine, released: true }))) rmSync(fileOf(folder, n), { force: true });
}
