import type { z } from 'zod';
import type { Sql } from './sql';

/** `deckColourId` as the database writes it: `deck_colour_id`. */
export const snakeCase = (name: string): string => name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
/** `deck_colour_id` as the program writes it: `deckColourId`. */
export const camelCase = (name: string): string => name.replace(/_([a-z0-9])/g, (_, letter: string) => letter.toUpperCase());

/** The columns of an entity's fields, to be selected; `of` names the table where several are joined. */
export const columnsOf = (schema: z.ZodObject, of?: string): string =>
  Object.keys(schema.shape)
    .map((name) => (of ? `${of}.${snakeCase(name)}` : snakeCase(name)))
    .join(', ');

type Row = Readonly<Record<string, unknown>>;

/** Fields of a row by the names of their columns. @throws TypeError when one is undefined */
const inColumns = (table: string, row: Row, names: readonly string[]): Row =>
  Object.fromEntries(
    names.map((name) => {
      if (row[name] === undefined) throw new TypeError(`${table}.${name} is undefined`);
      return [snakeCase(name), row[name]];
    }),
  );

/**
 * Adds rows in one statement, each field in the column of its name; what a field holds goes in as the column's own type.
 *
 * @param table name of a table of the product, never from outside
 * @throws TypeError when a field is undefined
 */
export async function insertRows(sql: Sql, table: string, rows: readonly Row[]): Promise<void> {
  const [first] = rows;
  if (!first) return;
  const names = Object.keys(first);
  const columns = names.map(snakeCase).join(', ');
  const records = rows.map((row) => inColumns(table, row, names));
  await sql.query(
    `insert into ${table} (${columns}) select ${columns} from jsonb_populate_recordset(null::${table}, $1::jsonb)`,
    [JSON.stringify(records)],
  );
}
export const insertRow = (sql: Sql, table: string, row: Row): Promise<void> => insertRows(sql, table, [row]);

/**
 * Sets every field that is given, in the column of its name.
 *
 * @param where the row's id, with its revision where it has one: then the next is set too
 * @returns false when there is no such row, or not at that revision
 */
export async function updateRow(sql: Sql, table: string, where: { readonly id: string; readonly revision?: number }, set: Row) {
  const names = Object.keys(set);
  const columns = names.map(snakeCase).join(', ');
  const { id, revision } = where;
  const rows = await sql.query(
    `update ${table} set ${names.length > 0 ? `(${columns}) = (select ${columns} from jsonb_populate_record(null::${table}, $2::jsonb))` : 'id = id'}
       ${revision === undefined ? '' : ', revision = revision + 1'}
     where id = $1 and $2::jsonb is not null ${revision === undefined ? '' : 'and revision = $3'} returning id`,
    [id, JSON.stringify(inColumns(table, set, names)), ...(revision === undefined ? [] : [revision])],
  );
  return rows.length > 0;
}

/**
 * Keeps a row of a room as it is now, each field in the column of its name: a new one, or in the place of what its id had.
 *
 * @returns false when that id is in another room
 * @throws TypeError when a field is undefined
 */
export async function upsertRow(sql: Sql, table: string, row: Row & { readonly id: string; readonly roomId: string }) {
  const names = Object.keys(row).map(snakeCase);
  const columns = names.join(', ');
  const set = names.filter((name) => name !== 'id' && name !== 'room_id').map((name) => `${name} = excluded.${name}`);
  const rows = await sql.query(
    `insert into ${table} (${columns}) select ${columns} from jsonb_populate_record(null::${table}, $1::jsonb)
     on conflict (id) do update set ${set.join(', ')} where ${table}.room_id = excluded.room_id returning id`,
    [JSON.stringify(inColumns(table, row, Object.keys(row)))],
  );
  return rows.length > 0;
}

/** Rooms of a visit, as a condition on `room_id`. */
export const OF_VISIT = 'room_id in (select id from room where visit_id = $1)';
