import type { PictureFiles } from './folder/picture-files';
import type { Journal } from './journal/journal';
import type { Entry } from './journal/line';

/** A parameter of a statement. `undefined` is a caller's bug, JSON goes in as text with `::jsonb`, a file as its bytes. */
export type Parameter = string | number | boolean | null | readonly string[] | readonly number[] | Uint8Array;

/** The small port every statement goes through; functions take it first, so that they run inside or outside a transaction. */
export interface Sql {
  /** The database behind it, the same inside and outside a transaction: what is remembered of one is never told of another. */
  readonly database: symbol;
  /** Rows, their columns in camel case, of one parametrised statement. */
  query<Row>(statement: string, parameters?: readonly Parameter[]): Promise<Row[]>;
}

/** What a transaction that is journalled did: the line that says so (undefined when it did nothing), and what is answered. */
export type Journalled<T> = { readonly entry: Entry | undefined; readonly value: T };

export interface Database extends Sql {
  /** Runs `work` in one transaction: all of it or nothing. */
  transaction<T>(work: (sql: Sql) => Promise<T>): Promise<T>;
  /**
   * Runs `work` in one transaction whose line is in the journal, on the disk, before it commits. `seq` is the place its line will have.
   *
   * @throws DiskFull before anything is done, when there is too little room
   */
  journalled<T>(work: (sql: Sql, seq: number) => Promise<Journalled<T>>): Promise<T>;
  readonly journal: Journal;
  readonly pictures: PictureFiles;
  /** @throws DiskFull when the disk has not `bytes` left beside what is kept free */
  mustHaveRoom(bytes: number): void;
  /** Runs a script of several statements without parameters. Only for migrations shipped with the product. */
  unsafeScript(script: string): Promise<void>;
  close(): Promise<void>;
}

/** @throws TypeError when a parameter is undefined: PostgreSQL would silently store NULL */
export function checkParameters(statement: string, parameters: readonly Parameter[]): void {
  const missing = parameters.findIndex((p) => p === undefined);
  if (missing >= 0) throw new TypeError(`parameter $${missing + 1} is undefined in: ${statement.slice(0, 80)}`);
}

/** SQLSTATE of a database error, or undefined for any other error. */
export const sqlState = (error: unknown): string | undefined =>
  typeof error === 'object' && error !== null && 'code' in error && typeof error.code === 'string' ? error.code : undefined;

export const UNIQUE_VIOLATION = '23505';
export const FOREIGN_KEY_VIOLATION = '23503';
