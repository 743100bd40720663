import { closeSync, existsSync, openSync, readdirSync, readSync, statSync, truncateSync } from 'node:fs';
import path from 'node:path';
import { syncFile } from '../folder/durable';
import { headOf, LINE_VERSION, type LineHead } from './line';

const NAME = /^\d{4,}\.jsonl$/;
/** Names of the journal's files, in their order. */
export const journalFiles = (folder: string): string[] =>
  existsSync(folder)
    ? readdirSync(folder)
        .filter((name) => NAME.test(name))
        .sort((a, b) => parseInt(a, 10) - parseInt(b, 10))
    : [];

/** A line that is not as it was written, before the last: nothing after it can be trusted to follow. */
export class JournalDamaged extends Error {
  readonly file: string;
  readonly line: number;
  readonly why: string;
  constructor(file: string, line: number, why: string) {
    super(`journal/${file}, line ${line}: ${why}`);
    this.name = 'JournalDamaged';
    this.file = file;
    this.line = line;
    this.why = why;
  }
}

/** The journal has lines of a version this build does not know. */
export class JournalNewer extends Error {
  constructor(file: string, version: number) {
    super(`journal/${file} was written by a newer Elm Swatch (lines of version ${version})`);
    this.name = 'JournalNewer';
  }
}

const CHUNK = 1 << 20;
const NEWLINE = 10;

/** A line, where it begins in its file in bytes, and whether it ends in a newline. */
type Raw = { readonly text: string; readonly at: number; readonly ended: boolean };

/** The lines of a file one after the other, never more than one of them in memory. */
export function* rawLines(file: string): Generator<Raw> {
  const fd = openSync(file, 'r');
  try {
    const chunk = Buffer.alloc(CHUNK);
    let parts: Buffer[] = [];
    let begins = 0;
    let at = 0;
    for (let read = readSync(fd, chunk, 0, CHUNK, at); read > 0; read = readSync(fd, chunk, 0, CHUNK, at)) {
      let from = 0;
      for (let nl = chunk.indexOf(NEWLINE); nl >= 0 && nl < read; nl = chunk.indexOf(NEWLINE, from)) {
        yield { text: Buffer.concat([...parts, chunk.subarray(from, nl)]).toString('utf8'), at: begins, ended: true };
        parts = [];
        from = nl + 1;
        begins = at + from;
      }
      if (from < read) parts.push(Buffer.from(chunk.subarray(from, read)));
      at += read;
    }
    if (parts.length > 0) yield { text: Buffer.concat(parts).toString('utf8'), at: begins, ended: false };
  } finally {
    closeSync(fd);
  }
}

export type Scanned = {
  /** Place of the first line and of the last; 0 and 0 when there is none. */
  readonly first: number;
  readonly last: number;
  /** The file that is written on, and its length in bytes; undefined when there is none. */
  readonly tail: { readonly file: string; readonly bytes: number } | undefined;
  /** What was cut off the end: a line that was being written when the power went. */
  readonly torn: { readonly file: string; readonly line: number; readonly bytes: number } | undefined;
};

type Place = { readonly file: string; readonly line: number };

/** A line that was being written: without its newline, or with bytes of it never written (the file system gives zeros). */
const isTorn = ({ text, ended }: Raw) => !ended || text.includes('\0');

/** @param last place of the line before; 0 before the first, which is number 1 unless the journal begins with the rows of a folder */
function checkHead({ seq, v, kind }: LineHead, last: number, { file, line }: Place) {
  if (v > LINE_VERSION) throw new JournalNewer(file, v);
  const begins = last === 0 && kind === 'rows';
  if (!begins && seq !== last + 1)
    throw new JournalDamaged(file, line, `it is number ${seq}, and number ${last + 1} should stand here`);
}

type Read = Pick<Scanned, 'first' | 'last' | 'torn'>;

/** Checks the lines of one file, which follow what was read before. */
function scanFile(file: string, before: Read, isLast: boolean): Read {
  const name = path.basename(file);
  let { first, last, torn } = before;
  let line = 0;
  for (const raw of rawLines(file)) {
    line += 1;
    if (torn) throw new JournalDamaged(name, torn.line, 'it is not as it was written, and others follow it');
    const head = raw.ended ? headOf(raw.text) : undefined;
    if (!head) {
      if (!isLast || !isTorn(raw)) throw new JournalDamaged(name, line, 'it is not as it was written');
      torn = { file: name, line, bytes: raw.at };
      continue;
    }
    checkHead(head, last, { file: name, line });
    if (last === 0) first = head.seq;
    last = head.seq + head.span - 1;
  }
  return { first, last, torn };
}

/** The highest place that any whole line of a journal says, whatever stands between: of one that is damaged. */
export function highestPlace(folder: string): number {
  let highest = 0;
  for (const file of journalFiles(folder))
    for (const { text } of rawLines(path.join(folder, file))) {
      const head = headOf(text);
      if (head) highest = Math.max(highest, head.seq + head.span - 1);
    }
  return highest;
}

/**
 * Checks every line of a journal: its CRC, and that none is missing. A torn last line is cut off, on the disk.
 *
 * @param mend false: nothing is cut, only told
 * @throws JournalDamaged naming the line, when one before the last is not as it was written
 * @throws JournalNewer
 */
export function scanJournal(folder: string, mend = true): Scanned {
  const files = journalFiles(folder);
  const name = files.at(-1);
  let read: Read = { first: 0, last: 0, torn: undefined };
  for (const file of files) read = scanFile(path.join(folder, file), read, file === name);
  const { first, last, torn } = read;
  if (torn && mend) {
    truncateSync(path.join(folder, torn.file), torn.bytes);
    syncFile(path.join(folder, torn.file));
  }
  const bytes = name === undefined ? 0 : (torn?.bytes ?? statSync(path.join(folder, name)).size);
  return { first, last, tail: name === undefined ? undefined : { file: name, bytes }, torn };
}
