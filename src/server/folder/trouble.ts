import type { DiskFull } from '@/data/folder/room-left';
import type { JournalDamaged } from '@/data/journal/scan';
import { byTag, type ByTag } from '@/core/base/by-tag';
import { isFatal } from '@/data/within-time';
import type { ArchiveRefused } from '../archive/zip';

/** Another living process holds the data folder. */
export class FolderInUse extends Error {
  readonly pid: number;
  constructor(folder: string, pid: number) {
    super(`the data folder ${folder} is in use by another Elm Swatch (process ${pid})`);
    this.name = 'FolderInUse';
    this.pid = pid;
  }
}

/** A folder that neither its journal nor its database can be read from. */
export class FolderDamaged extends Error {
  readonly why: string;
  constructor(folder: string, why: string) {
    super(`${folder}: ${why}`);
    this.name = 'FolderDamaged';
    this.why = why;
  }
}

/** A folder that held something, and whose journal and database are both gone. */
export class FolderEmptied extends Error {
  /** What says that there was something: "photographs", "a copy of 2026-11-26". */
  readonly left: string;
  /** The newest copy by its name; undefined where there is none. */
  readonly copy: string | undefined;
  constructor(folder: string, left: string, copy: string | undefined) {
    super(`${folder} held something (${left} is left), and has neither a journal nor a database`);
    this.name = 'FolderEmptied';
    this.left = left;
    this.copy = copy;
  }
}

/** The demo was asked to use a folder that holds what no demo put there. */
export class NotADemo extends Error {
  constructor(folder: string) {
    super(`${folder} is not a demo's folder`);
    this.name = 'NotADemo';
  }
}

const TAKE_A_COPY =
  'Nothing was changed. Take the newest copy: bin/restore FOLDER/copies/NAME.zip --data NEW-FOLDER, then bin/start --data NEW-FOLDER.';

/** The errors of ours, by their names. */
type Ours = {
  readonly FolderInUse: FolderInUse;
  readonly DiskFull: DiskFull;
  readonly JournalDamaged: JournalDamaged;
  readonly FolderDamaged: FolderDamaged;
  readonly FolderEmptied: FolderEmptied;
  readonly JournalNewer: Error;
  readonly FolderNewer: Error;
  readonly NotEmpty: Error;
  readonly ArchiveRefused: ArchiveRefused;
  readonly TakenInPart: Error;
  readonly NotADemo: Error;
  readonly JournalBroken: Error;
  readonly TookTooLong: Error;
};
const isOurs = <N extends keyof Ours>(error: unknown, name: N): error is Ours[N] => error instanceof Error && error.name === name;

/**
 * What is told of each error of ours, by its name, and what to do. By name, since a server is bundled in pieces and each has classes of its
 * own. Never the words of a library.
 */
const OF_OURS: ByTag<Ours, [], string> = {
  FolderInUse: (e) =>
    `This data folder is in use by another Elm Swatch (process ${e.pid}). Nothing was changed. Use that one, or stop it first.`,
  DiskFull: (e) => {
    const [left, needed] = [e.freeBytes, e.neededBytes].map((bytes) => Math.max(0, Math.round(bytes / 1e6)));
    const what = e.forWhat === '' ? 'must stay free for what is written' : `are needed ${e.forWhat}`;
    return `The disk is full: ${left} MB are left, and ${needed} MB ${what}. Nothing was changed. Make room on it, then try again.`;
  },
  JournalDamaged: (e) => `The journal is damaged at journal/${e.file}, line ${e.line}: ${e.why}. ${TAKE_A_COPY}`,
  FolderDamaged: (e) => `The data folder is damaged: ${e.why}. ${TAKE_A_COPY}`,
  FolderEmptied: (e) =>
    `This data folder held something (${e.left} is left), and has neither a journal nor a database now. Nothing was changed. ${
      e.copy
        ? `Its newest copy is copies/${e.copy}: bin/restore FOLDER/copies/${e.copy} --data NEW-FOLDER, then bin/start --data NEW-FOLDER.`
        : 'There is no copy in it: look for one of your own.'
    } To begin with nothing, name another folder with --data.`,
  JournalNewer: () =>
    'This data folder was written by a newer Elm Swatch. Nothing was changed. Start that newer one, or bring this one up to date.',
  FolderNewer: () =>
    'This data folder was written by a newer Elm Swatch. Nothing was changed. Start that newer one, or bring this one up to date.',
  NotEmpty: () => `The data folder holds something that is no database where the database should be. ${TAKE_A_COPY}`,
  ArchiveRefused: (e) => e.message,
  TakenInPart: (e) => e.message,
  NotADemo: () => 'This folder holds what no demo put there, so that the demo leaves it as it is. Name another with --data.',
  JournalBroken: () => 'The disk can not be written any more. Look at it, and at its free room.',
  TookTooLong: () => 'The database did not answer in time.',
};

/** What is told of what the system says. */
const OF_THE_SYSTEM: Readonly<Record<string, string>> = {
  ENOSPC: 'The disk is full. Nothing was changed. Make room on it, then try again.',
  EDQUOT: 'Your share of the disk is full. Nothing was changed. Make room on it, then try again.',
  EACCES: 'Elm Swatch has no right to read or write the data folder. Give it the right, or name another folder with --data.',
  EPERM: 'Elm Swatch has no right to read or write the data folder. Give it the right, or name another folder with --data.',
  EROFS: 'The data folder is on a disk that can only be read. Name another folder with --data.',
  ENOTDIR: 'The data folder, or one above it, is a file. Name another folder with --data.',
  EEXIST: 'The data folder is a file. Name another folder with --data.',
  EIO: 'The disk failed. Nothing was changed. Take a copy of the data folder to another disk.',
  EADDRINUSE: 'This port is in use. Name another with --port, or none to have a free one found.',
  EADDRNOTAVAIL: 'This machine does not have that address. Name one it has with --host.',
  EMFILE: 'Too many files are open on this machine. Close some programs, then try again.',
  ENOMEM: 'The memory of this machine is full. Close some programs, then try again.',
  '53100': 'The disk is full. Nothing was changed. Make room on it, then try again.',
  '53200': 'The memory of this machine is full. Close some programs, then try again.',
};

const codeOf = (e: unknown): string => {
  const code = typeof e === 'object' && e !== null && 'code' in e ? e.code : undefined;
  return typeof code === 'string' ? code : '';
};

const OF_THE_DISK = new Set(['ENOSPC', 'EDQUOT', 'EIO', 'EROFS', '53100']);
/** Whether the disk would not take what was to be written; asked again when there is room, it may. */
export const isOfTheDisk = (error: unknown): boolean =>
  (error instanceof Error && error.name === 'DiskFull') || OF_THE_DISK.has(codeOf(error));

/** What is told where nothing better is known; the error itself has to be printed before it. */
export const NO_WORDS = 'Something failed that Elm Swatch has no words for; what the program said is above.';

/** An error as a sentence that says what happened and what to do. One table for everything a person is told of. */
export function sayTrouble(error: unknown): string {
  for (const name of Object.keys(OF_OURS) as (keyof Ours)[])
    if (isOurs(error, name)) return byTag<Ours, keyof Ours, [], string>(OF_OURS, name, error);
  const system = OF_THE_SYSTEM[codeOf(error)];
  if (system !== undefined) return system;
  if (isFatal(error)) return 'The database stopped.';
  return NO_WORDS;
}
