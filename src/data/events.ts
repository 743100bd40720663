import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { meterReadingSchema } from '@/core/record/meter-reading';
import { noteSchema } from '@/core/record/note';
import { pickSchema } from '@/core/record/pick';
import { rulingSchema } from '@/core/record/ruling';
import { verdictSchema } from '@/core/record/verdict';
import { columnsOf, insertRow } from './columns';
import type { Sql } from './sql';

/**
 * What is said in a room is appended and never changed. Events are read in the order in which they arrived; what was said about one later
 * (a reason, an undoing) stands in a table of its own.
 */
const inRoom = { roomId: idSchema };
const LATEST = (of: string, column: string, by: string) =>
  `(select l.${column} from ${of} l join operation p on p.id = l.id where l.${by} = e.id order by p.seq desc limit 1)`;
const IS_UNDONE = (table: string, by: string) => `exists (select 1 from ${table} u where u.${by} = e.id) as undone`;

const list = async <S extends z.ZodObject>(
  sql: Sql,
  visitId: string,
  { table, row, derived }: { table: string; row: S; derived: Readonly<Record<string, string>> },
): Promise<z.infer<S>[]> => {
  const stored = row.omit(Object.fromEntries(Object.keys(derived).map((name) => [name, true])) as never);
  const columns = [columnsOf(stored, 'e'), ...Object.values(derived)].join(', ');
  const rows = await sql.query(
    `select ${columns} from ${table} e join operation o on o.id = e.id join room r on r.id = e.room_id
     where r.visit_id = $1 order by o.seq`,
    [visitId],
  );
  return z.array(row).parse(rows) as z.infer<S>[];
};

const verdictRow = verdictSchema.extend(inRoom);
export const listVerdicts = (sql: Sql, visitId: string) =>
  list(sql, visitId, {
    table: 'verdict',
    row: verdictRow,
    derived: {
      reason: `${LATEST('verdict_reason', 'reason', 'verdict_id')} as reason`,
      undone: IS_UNDONE('verdict_undo', 'verdict_id'),
    },
  });

const rulingRow = rulingSchema.extend(inRoom);
export const listRulings = (sql: Sql, visitId: string) => list(sql, visitId, { table: 'ruling', row: rulingRow, derived: {} });

const pickRow = pickSchema.extend(inRoom);
export const listPicks = (sql: Sql, visitId: string) =>
  list(sql, visitId, { table: 'pair_pick', row: pickRow, derived: { undone: IS_UNDONE('pair_pick_undo', 'pick_id') } });

const noteRow = noteSchema.extend(inRoom);
export const listNotes = (sql: Sql, visitId: string) =>
  list(sql, visitId, {
    table: 'note',
    row: noteRow,
    derived: { undone: `coalesce(${LATEST('note_removal', 'removed', 'note_id')}, false) as undone` },
  });

const readingRow = meterReadingSchema.extend(inRoom);
export const listLightReadings = (sql: Sql, visitId: string) =>
  list(sql, visitId, {
    table: 'light_reading',
    row: readingRow,
    derived: { undone: IS_UNDONE('light_reading_undo', 'reading_id') },
  });

/** The tables of undoings, each with the column that names what is undone. */
const UNDOINGS = { verdict_undo: 'verdict_id', pair_pick_undo: 'pick_id', light_reading_undo: 'reading_id' } as const;

/** Undoing twice is undoing once. */
export const insertUndo = (
  sql: Sql,
  table: keyof typeof UNDOINGS,
  undo: { readonly id: string; readonly of: string; readonly at: string },
) =>
  sql.query(
    `insert into ${table} (id, ${UNDOINGS[table]}, at) values ($1, $2, $3::timestamptz) on conflict (${UNDOINGS[table]}) do nothing`,
    [undo.id, undo.of, undo.at],
  );

type Kept = Readonly<Record<string, unknown>> & { readonly id: string; readonly at: string };
/** Appends what was said. */
export const insertEvent = (
  sql: Sql,
  table: 'verdict' | 'verdict_reason' | 'ruling' | 'pair_pick' | 'note' | 'note_removal' | 'light_reading',
  event: Kept,
): Promise<void> => insertRow(sql, table, event);
