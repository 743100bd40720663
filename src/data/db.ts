import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { PGlite, types } from '@electric-sql/pglite';
import { camelCase } from './columns';
import { checkParameters, type Database, type Parameter, type Sql } from './sql';

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

/** Dumps an empty cluster into a file, once: the slow part of a first start (5 s) is then never done again. */
async function makeTemplate(file: string): Promise<void> {
  const blank = await PGlite.create();
  const dump = await blank.dumpDataDir('none');
  await blank.close();
  mkdirSync(path.dirname(file), { recursive: true });
  const part = `${file}.${process.pid}.part`;
  writeFileSync(part, new Uint8Array(await dump.arrayBuffer()));
  renameSync(part, file);
}

/**
 * Opens the database in a folder, or in memory when `folder` is undefined. An empty folder starts from `template`, the dump of an empty
 * cluster, which is made when the file is not there yet: 0.7 s instead of 5 s.
 */
export async function openDatabase(folder: string | undefined, template?: string): Promise<Database> {
  const fresh = folder === undefined || !existsSync(`${folder}/PG_VERSION`);
  const from = fresh ? template : undefined;
  if (from !== undefined && !existsSync(from)) await makeTemplate(from);
  const pg = await PGlite.create({
    ...(folder === undefined ? {} : { dataDir: folder }),
    ...(from === undefined ? {} : { loadDataDir: new Blob([new Uint8Array(readFileSync(from))]) }),
    parsers: PARSERS,
  });
  const database = Symbol('database');
  return {
    ...port(pg, database),
    transaction: (work) => pg.transaction((tx) => work(port(tx as unknown as Executor, database))) as Promise<never>,
    unsafeScript: async (script) => void (await pg.exec(script)),
    close: () => pg.close(),
  };
}
