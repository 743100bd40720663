import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { PGlite, types } from '@electric-sql/pglite';
import { checkParameters, type Database, type Parameter, type Sql } from './sql';

type Executor = Pick<PGlite, 'query'>;

const port = (executor: Executor): Sql => ({
  async query<Row>(statement: string, parameters: readonly Parameter[] = []) {
    checkParameters(statement, parameters);
    return (await executor.query<Row>(statement, parameters as unknown[])).rows;
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
  return {
    ...port(pg),
    transaction: (work) => pg.transaction((tx) => work(port(tx as unknown as Executor))) as Promise<never>,
    unsafeScript: async (script) => void (await pg.exec(script)),
    close: () => pg.close(),
  };
}
