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

/**
 * Some fields of a row by the names of their columns.
 *
 * @throws TypeError when a field is undefined
 */
export const inColumns = (row: Row, names: readonly string[]): Row =>
  Object.fromEntries(
    names.map((name) => {
      if (row[name] === undefined) throw new TypeError(`${name} is undefined`);
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
  for (const row of rows)
    for (const name of names) if (row[name] === undefined) throw new TypeError(`${table}.${name} is undefined`);
  const columns = names.map(snakeCase).join(', ');
  const records = rows.map((row) => Object.fromEntries(names.map((name) => [snakeCase(name), row[name]])));
  await sql.query(
    `insert into ${table} (${columns}) select ${columns} from jsonb_populate_recordset(null::${table}, $1::jsonb)`,
    [JSON.stringify(records)],
  );
}
export const insertRow = (sql: Sql, table: string, row: Row): Promise<void> => insertRows(sql, table, [row]);

/** Whether a table has the row in that room. */
export const isInRoom = async (
  sql: Sql,
  table: string,
  row: { readonly id: string; readonly roomId: string },
): Promise<boolean> =>
  (await sql.query(`select 1 as there from ${table} where id = $1 and room_id = $2`, [row.id, row.roomId])).length > 0;

/** Rooms of a visit, as a condition on `room_id`. */
export const OF_VISIT = 'room_id in (select id from room where visit_id = $1)';
