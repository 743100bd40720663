import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { PGlite, types } from '@electric-sql/pglite';
import { camelCase } from './columns';
import { picturesInMemory, type PictureFiles } from './folder/picture-files';
import { mustHaveRoom } from './folder/room-left';
import { journalInMemory, JournalBroken, type Journal } from './journal/journal';
import { checkParameters, type Database, type Parameter, type Sql } from './sql';
import { DatabaseClosed, isFatal, withinTime, type Limits, USUAL_LIMITS } from './within-time';

type Executor = Pick<PGlite, 'query'>;

/** Rows with their columns named as the program names them. */
function camelRows<Row>(rows: readonly Readonly<Record<string, unknown>>[]): Row[] {
  const names = Object.keys(rows[0] ?? {}).map((column) => [column, camelCase(column)] as const);
  return rows.map((row) => Object.fromEntries(names.map(([column, name]) => [name, row[column]])) as Row);
}

const port = (executor: Executor, database: symbol): Sql => ({
  database,
  async query<Row>(statement: string, parameters: readonly Parameter[] = []) {
    checkParameters(statement, parameters);
    return camelRows<Row>((await executor.query<Record<string, unknown>>(statement, parameters as unknown[])).rows);
  },
});

/** Dates as text: a calendar day has no zone. */
const PARSERS = { [types.DATE]: (text: string) => text, [types.TIMESTAMPTZ]: (text: string) => new Date(text).toISOString() };

/**
 * The log is kept in files of 1 MB, not 16: what is written is forced to the disk by the journal, and a folder that is kept, sealed and
 * copied is a quarter smaller. A database of before keeps its own.
 */
const SMALL_LOG = '--wal-segsize=1';

/** Where the dump of an empty cluster is kept, seen from the project's folder; the number changes with how a cluster is made. */
export const TEMPLATE_FILE = path.join('var', 'template-3.tar');

/** The databases that a cluster comes with, to make others from: here no other is ever made, and they are half of its files. */
const TO_MAKE_OTHERS = ['template0', 'template1'] as const;

/**
 * Pages of the database held in memory: all of them are cleared at every start, which takes half of its time at the 128 MB that are
 * usual, and what is read beyond them is in the system's own memory of files.
 */
const START = [...PGlite.defaultStartParams, '-c', 'shared_buffers=32MB'];

/** Dumps an empty cluster into a file, once: the slow part of a first start (5 s) is then never done again. */
async function makeTemplate(file: string): Promise<void> {
  const blank = await PGlite.create({ initDbStartParams: [SMALL_LOG] });
  for (const name of TO_MAKE_OTHERS) {
    await blank.query('update pg_database set datistemplate = false where datname = $1', [name]);
    await blank.query(`drop database ${name}`);
  }
  const dump = await blank.dumpDataDir('none');
  await blank.close();
  mkdirSync(path.dirname(file), { recursive: true });
  const part = `${file}.${process.pid}.part`;
  writeFileSync(part, new Uint8Array(await dump.arrayBuffer()));
  renameSync(part, file);
}

/** The template was asked for over a folder that holds something: unpacking it there would bury that. */
export class NotEmpty extends Error {
  constructor(folder: string) {
    super(`${path.basename(folder)} holds files but is no database; nothing is written over it`);
    this.name = 'NotEmpty';
  }
}

async function cluster(folder: string | undefined, template: string | undefined): Promise<PGlite> {
  const there = folder !== undefined && existsSync(folder) && readdirSync(folder).length > 0;
  const fresh = !there || !existsSync(path.join(folder, 'PG_VERSION'));
  if (fresh && there) throw new NotEmpty(folder);
  const from = fresh ? template : undefined;
  if (from !== undefined && !existsSync(from)) await makeTemplate(from);
  return PGlite.create({
    ...(folder === undefined ? {} : { dataDir: folder }),
    ...(from === undefined ? {} : { loadDataDir: new Blob([new Uint8Array(readFileSync(from))]) }),
    parsers: PARSERS,
    startParams: START,
  });
}

export type Opening = {
  readonly journal?: Journal;
  readonly pictures?: PictureFiles;
  /** The folder whose disk must have room before anything is written. */
  readonly roomIn?: string;
  /** Told once, when the database or the journal can not be used any more; nothing is answered after it. */
  readonly onFatal?: (error: unknown) => void;
  readonly limits?: Limits;
};

/**
 * Opens the database in a folder, or in memory when `folder` is undefined. A folder that is not there yet starts from `template`, the
 * dump of an empty cluster, which is made when the file is not there yet: 0.7 s instead of 5 s.
 *
 * @throws NotEmpty when the folder is there and is no database
 */
export async function openDatabase(folder: string | undefined, template?: string, opening: Opening = {}): Promise<Database> {
  const { journal = journalInMemory(), pictures = picturesInMemory(), roomIn, onFatal, limits = USUAL_LIMITS } = opening;
  const pg = await cluster(folder, template);
  const database = Symbol('database');
  let ended: unknown;
  const end = (error: unknown) => {
    if (ended === undefined) {
      ended = error;
      onFatal?.(error);
    }
    return error;
  };
  /** Answers what `work` does, unless the database is past using: then that is told, and nothing more is asked of it. */
  async function asked<T>(work: () => Promise<T>): Promise<T> {
    if (ended !== undefined) throw ended;
    try {
      return await withinTime(work(), limits.stuckMs);
    } catch (e) {
      throw isFatal(e) ? end(e) : e;
    }
  }
  const transaction = <T>(work: (sql: Sql) => Promise<T>): Promise<T> =>
    asked(
      () =>
        pg.transaction((tx) => withinTime(work(port(tx as unknown as Executor, database)), limits.workMs, false)) as Promise<T>,
    );
  const room = (bytes = 0) => {
    if (roomIn !== undefined) mustHaveRoom(roomIn, bytes);
  };
  return {
    ...port({ query: (statement, parameters) => asked(() => pg.query(statement, parameters)) }, database),
    journal,
    pictures,
    mustHaveRoom: room,
    transaction,
    async journalled(work) {
      room();
      let appended = false;
      try {
        return await transaction(async (sql) => {
          const { entry, value } = await work(sql, journal.last() + 1);
          if (entry) {
            await journal.append(entry);
            appended = true;
          }
          return value;
        });
      } catch (e) {
        // what is in the journal was done, whatever the database says: only a new start, which does it again, is right now
        throw appended || e instanceof JournalBroken ? end(e) : e;
      }
    },
    unsafeScript: async (script) => void (await pg.exec(script)),
    async close() {
      ended ??= new DatabaseClosed();
      await pg.close();
      await journal.close();
    },
  };
}
