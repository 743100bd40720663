import { open, type FileHandle } from 'node:fs/promises';
import path from 'node:path';
import { makeFolder, syncFolder } from '../folder/durable';
import { readLine, spanOf, writeLine, type Entry, type Line } from './line';
import { JournalDamaged, journalFiles, rawLines, type Scanned } from './scan';

/** Every write of the product in the order it was done, on the disk before anything is shown as saved. One writer. */
export interface Journal {
  /** The last place that is taken; 0 before the first line. */
  last(): number;
  /**
   * Appends one line and forces it to the disk. Called inside the transaction, before it commits.
   *
   * @throws JournalBroken when the file cannot be brought back to what it was: nothing can be written any more
   * @throws what the file system says; the journal is then as it was before
   */
  append(entry: Entry): Promise<void>;
  close(): Promise<void>;
}

/** The journal can neither be written nor be brought back to what it was. */
export class JournalBroken extends Error {
  constructor(cause: unknown) {
    super('the journal can not be written any more', { cause });
    this.name = 'JournalBroken';
  }
}

/** What a journal needs of a file; a test stands in for a full or failing disk. */
export type JournalFile = Pick<FileHandle, 'truncate' | 'datasync' | 'close'> & {
  write(bytes: Uint8Array, at: number): Promise<void>;
};
export type OpenFile = (file: string) => Promise<JournalFile>;

const openFile: OpenFile = async (file) => {
  const handle = await open(file, 'a');
  return {
    truncate: (length) => handle.truncate(length),
    datasync: () => handle.datasync(),
    close: () => handle.close(),
    write: async (bytes) => {
      for (let at = 0; at < bytes.length;) at += (await handle.write(bytes, at)).bytesWritten;
    },
  };
};

/** Bytes after which a new file is begun. Own choice: one is read in a moment, and copied in another. */
const MOST_IN_FILE = 8 * 1024 * 1024;
const nameOf = (n: number) => `${String(n).padStart(4, '0')}.jsonl`;

/** Opens a journal that was scanned, to be written on. */
export function openJournal(folder: string, scanned: Scanned, options: { open?: OpenFile; mostInFile?: number } = {}): Journal {
  const { open: opened = openFile, mostInFile = MOST_IN_FILE } = options;
  let seq = scanned.last;
  let number = scanned.tail ? parseInt(scanned.tail.file, 10) : 0;
  let bytes = scanned.tail?.bytes ?? 0;
  let file: JournalFile | undefined;
  let broken: JournalBroken | undefined;

  /** The file to write on; a new one's name is on the disk before its first line. */
  async function current(): Promise<JournalFile> {
    if (number === 0 || bytes >= mostInFile) {
      await file?.close();
      file = undefined;
      makeFolder(folder);
      const next = await opened(path.join(folder, nameOf(number + 1)));
      syncFolder(folder);
      number += 1;
      bytes = 0;
      file = next;
    }
    return (file ??= await opened(path.join(folder, nameOf(number))));
  }
  /** Brings the file back to what it was: half a line must not stand before the next. */
  async function takeBack(on: JournalFile, cause: unknown): Promise<void> {
    try {
      await on.truncate(bytes);
      await on.datasync();
    } catch {
      broken = new JournalBroken(cause);
      throw broken;
    }
  }
  return {
    last: () => seq,
    async append(entry) {
      if (broken) throw broken;
      const line = Buffer.from(writeLine(seq + 1, entry));
      const on = await current();
      try {
        await on.write(line, bytes);
        await on.datasync();
      } catch (e) {
        await takeBack(on, e);
        throw e;
      }
      bytes += line.length;
      seq += spanOf(entry);
    },
    async close() {
      await file?.close();
      file = undefined;
    },
  };
}

/** A journal that is kept nowhere, for a database in memory; `lines` says what was written. */
export function journalInMemory(): Journal & { readonly lines: Line[] } {
  const lines: Line[] = [];
  let seq = 0;
  return {
    lines,
    last: () => seq,
    append: async (entry) => {
      lines.push(readLine(writeLine(seq + 1, entry))!);
      seq += spanOf(entry);
    },
    close: async () => undefined,
  };
}

export type PlacedLine = Line & { readonly file: string; readonly line: number };

/** Where a line begins, without its CRC being looked at: the journal was scanned. */
const PLACE = /^\{"crc":"([0-9a-f]{8})","seq":(\d+),/;

/** The CRC of the last line that begins at or before a place, as it stands in it; undefined before the first. */
export function markAt(folder: string, seq: number): string | undefined {
  let mark: string | undefined;
  for (const file of journalFiles(folder))
    for (const { text } of rawLines(path.join(folder, file))) {
      const [, crc, place] = PLACE.exec(text) ?? [];
      if (place === undefined || Number(place) > seq) return mark;
      mark = crc;
    }
  return mark;
}

/** Every line after a place, in order, with where it stands. The journal must have been scanned. */
export function* linesAfter(folder: string, seq: number): Generator<PlacedLine> {
  for (const file of journalFiles(folder)) {
    let line = 0;
    for (const { text, ended } of rawLines(path.join(folder, file))) {
      line += 1;
      if (!ended) return;
      if (Number(PLACE.exec(text)?.[2] ?? Infinity) <= seq) continue;
      const read = readLine(text);
      if (!read) throw new JournalDamaged(file, line, 'it is no JSON');
      if (read.seq > seq) yield { ...read, file, line };
    }
  }
}
