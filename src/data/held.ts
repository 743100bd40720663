import type { Sql } from './sql';

/** Tables of what a room holds, and whether rows of it can be taken out. */
const TABLES = {
  candidate: true,
  stay: true,
  look: true,
  sample: true,
  scheme: true,
  photo: true,
  verdict: false,
  intensity: false,
  reaction: false,
  pair_pick: false,
  note: false,
  look_answer: false,
  decision: false,
  light_reading: false,
} as const;
export type HeldTable = keyof typeof TABLES;
/** Something by the table and the id it should have in a room. */
export type Named = readonly [table: HeldTable, id: string];

/** What a room holds of what is named, in one statement: by id, whether it was taken out. */
export async function heldIn(sql: Sql, roomId: string, named: readonly Named[]): Promise<ReadonlyMap<string, boolean>> {
  const tables = [...new Set(named.map(([table]) => table))];
  if (tables.length === 0) return new Map();
  const of = tables.map(
    (table, i) =>
      `select id, ${TABLES[table] ? 'retired' : 'false as retired'} from ${table} where room_id = $1 and id = any($${i + 2}::uuid[])`,
  );
  const ids = tables.map((table) => named.flatMap(([t, id]) => (t === table ? [id] : [])));
  const rows = await sql.query<{ id: string; retired: boolean }>(of.join(' union all '), [roomId, ...ids]);
  return new Map(rows.map((row) => [row.id, row.retired]));
}

/** Of these ids, those under which something stands that is not of this visit, in one statement. */
export async function idsOfOthers(sql: Sql, visitId: string, ids: readonly string[]): Promise<string[]> {
  const of = Object.keys(TABLES).map(
    (table) => `select t.id from ${table} t join room r on r.id = t.room_id where r.visit_id <> $1 and t.id = any($2::uuid[])`,
  );
  const rooms = `select id from room where visit_id <> $1 and id = any($2::uuid[])`;
  const said = `select id from operation where visit_id is distinct from $1 and id = any($2::uuid[])`;
  const rows = await sql.query<{ id: string }>([rooms, said, ...of].join(' union all '), [visitId, [...ids]]);
  return rows.map((row) => row.id);
}
