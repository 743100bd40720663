import { existsSync, renameSync, rmSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import path from 'node:path';
import { openDatabase, type Opening } from '@/data/db';
import { syncFolder } from '@/data/folder/durable';
import { pictureFolder } from '@/data/folder/picture-files';
import type { Journal } from '@/data/journal/journal';

/** How a folder is opened. */
export type Options = {
  readonly template?: string;
  readonly onFatal?: Opening['onFatal'];
  readonly now?: () => Date;
  /** Says what takes its time. */
  readonly say?: (words: string) => void;
};

/** Where what stands in a data folder. */
export const placesIn = (folder: string) => ({
  folder,
  database: path.join(folder, 'pg'),
  /** The database as it was at a close, for a fast start after a kill. */
  kept: path.join(folder, 'pg.kept'),
  /** The database as it was found, until what it knows has been compared with the journal. */
  unclosed: path.join(folder, 'pg.unclosed'),
  /** Stands there while a folder of before gets its journal. */
  adopting: path.join(folder, 'pg.adopting'),
  journal: path.join(folder, 'journal'),
  pictures: path.join(folder, 'pictures'),
});
export type Places = ReturnType<typeof placesIn>;

/** What is half made: taken away at the next start. */
export const NEW = '.new';
/** 2026-11-26T19-16-47Z: a time as part of a name. */
const stampOf = (now: Date) => now.toISOString().slice(0, 19).replaceAll(':', '-') + 'Z';

/** Moves something aside under a name that tells when; nothing is ever removed that was found damaged. */
export const setAside = (file: string, now: Date): string => setAsideAs(file, path.basename(file), now);
/** The same, called otherwise than it was. */
export function setAsideAs(file: string, called: string, now: Date): string {
  let name = `${called}.damaged-${stampOf(now)}`;
  for (let n = 2; existsSync(path.join(path.dirname(file), name)); n++) name = `${called}.damaged-${stampOf(now)}-${n}`;
  renameSync(file, path.join(path.dirname(file), name));
  syncFolder(path.dirname(file));
  return name;
}

/** Takes a folder away: at once from its place, its thousand files in their time. What a crash leaves of it goes at the next start. */
export function remove(folder: string): void {
  const gone = `${folder}.gone${NEW}`;
  rmSync(gone, { recursive: true, force: true });
  renameSync(folder, gone);
  rm(gone, { recursive: true, force: true }).catch((e: unknown) => console.error('left behind', gone, e));
}

/** A fresh database, its log in pieces of 16 MB, and what a journal of usual length makes of it. Own choice. */
export const ROOM_FOR_A_DATABASE = 100 * 1024 * 1024;

/** Opens the database in its place, with its journal and pictures. */
export const open = ({ database, folder, pictures }: Places, journal: Journal, { onFatal, template }: Options) =>
  openDatabase(database, template, {
    journal,
    pictures: pictureFolder(pictures),
    roomIn: folder,
    ...(onFatal ? { onFatal } : {}),
  });

export const nowOf = ({ now }: Options): Date => now?.() ?? new Date();
