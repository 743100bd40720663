import { createReadStream, readdirSync, rmSync, statSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import path from 'node:path';
import { Readable } from 'node:stream';
import type { ConsultantCard } from '@/core/record/consultant-card';
import { findConsultantCard } from '@/data/consultant-card';
import { PART } from '@/data/folder/durable';
import { backUp, listCopies } from '../archive/folder-copy';
import { access } from '../border/access';
import { isGuarded } from '../border/gate';
import { database, openedFolder } from '../database';
import { sayFinding } from '../folder/say-finding';

/** A device that was let in, as the page shows it. */
export type ShownDevice = {
  readonly id: string;
  readonly name: string;
  readonly since: number;
  readonly seen: number;
  readonly here: boolean;
};

/** What the page on what is kept shows. */
export type Kept = {
  readonly folder: string;
  /** Days of which there are copies, the newest first. */
  readonly copies: readonly string[];
  /** What was found wrong when the folder was opened, and done about it. */
  readonly findings: readonly string[];
  /** Who hands papers over. */
  readonly card: ConsultantCard;
  /** Devices that were let in; undefined where only this machine reaches the server. */
  readonly devices: readonly ShownDevice[] | undefined;
};

/** @param device the one that asks */
export async function whatIsKept(device: string | null): Promise<Kept> {
  const { folder, findings } = await openedFolder();
  const devices = isGuarded() ? access().devices() : undefined;
  return {
    folder,
    copies: listCopies(folder).reverse(),
    findings: findings.map(sayFinding),
    card: await findConsultantCard(await database()),
    devices: devices?.map((d) => ({ ...d, here: d.id === device })),
  };
}

/** What was found when the folder was opened, with a name to know by whether it was told already. */
export async function toBeTold(): Promise<{ readonly name: string; readonly says: readonly string[] }> {
  const { findings, openedAt } = await openedFolder();
  return { name: openedAt, says: findings.map(sayFinding) };
}

const TAKEN = `taken-away-`;

/** Everything as one file, made beside and read from there; it goes when it was read, or at the next. */
export async function everything(): Promise<{ readonly stream: ReadableStream<Uint8Array>; readonly bytes: number }> {
  const { folder } = await openedFolder();
  for (const name of readdirSync(folder)) if (name.startsWith(TAKEN)) rmSync(path.join(folder, name), { force: true });
  const file = path.join(folder, `${TAKEN}${randomUUID()}${PART}`);
  backUp(folder, file);
  const read = createReadStream(file);
  read.once('close', () => rmSync(file, { force: true }));
  return { stream: Readable.toWeb(read) as ReadableStream<Uint8Array>, bytes: statSync(file).size };
}
