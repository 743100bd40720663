import { z } from 'zod';
import { idSchema } from '@/core/base/fields';
import { decisionSchema, signatureSchema } from '@/core/record/decision';
import { lookAnswerSchema } from '@/core/record/look-answer';
import { meterReadingSchema } from '@/core/record/meter-reading';
import { noteSchema } from '@/core/record/note';
import { pickSchema } from '@/core/record/pick';
import { rulingSchema } from '@/core/record/ruling';
import { intensitySchema } from '@/core/record/intensity';
import { reactionSchema } from '@/core/record/reaction';
import { verdictSchema } from '@/core/record/verdict';
import { columnsOf, insertRow, insertRows } from './columns';
import type { Sql } from './sql';

/**
 * What is said in a room is appended and never changed. Events are read in the order in which they arrived; what was said about one later
 * (a reason, an undoing) stands in a table of its own.
 */
const inRoom = { roomId: idSchema };
const LATEST = (of: string, column: string, by: string) =>
  `(select l.${column} from ${of} l join operation p on p.id = l.id where l.${by} = e.id order by p.seq desc limit 1)`;
/** Whether an event was taken back: the last undoing says so. */
const isUndone = (table: string, by: string, says = 'undone') => `coalesce(${LATEST(table, says, by)}, false) as undone`;

const list = async <S extends z.ZodObject>(
  sql: Sql,
  visitId: string,
  { table, row, derived }: { table: string; row: S; derived: Readonly<Record<string, string>> },
): Promise<z.infer<S>[]> => {
  const stored = z.object(Object.fromEntries(Object.entries(row.shape).filter(([name]) => !(name in derived))));
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
      moreReasons: `coalesce(${LATEST('verdict_reason', 'more', 'verdict_id')}, '[]'::jsonb) as more_reasons`,
      undone: isUndone('verdict_undo', 'verdict_id'),
    },
  });

const intensityRow = intensitySchema.extend(inRoom);
export const listIntensities = (sql: Sql, visitId: string) =>
  list(sql, visitId, { table: 'intensity', row: intensityRow, derived: { undone: isUndone('intensity_undo', 'intensity_id') } });

const reactionRow = reactionSchema.extend(inRoom);
export const listReactions = (sql: Sql, visitId: string) =>
  list(sql, visitId, { table: 'reaction', row: reactionRow, derived: { undone: isUndone('reaction_undo', 'reaction_id') } });

const rulingRow = rulingSchema.extend(inRoom);
export const listRulings = (sql: Sql, visitId: string) => list(sql, visitId, { table: 'ruling', row: rulingRow, derived: {} });

const pickRow = pickSchema.extend(inRoom);
export const listPicks = (sql: Sql, visitId: string) =>
  list(sql, visitId, { table: 'pair_pick', row: pickRow, derived: { undone: isUndone('pair_pick_undo', 'pick_id') } });

const noteRow = noteSchema.extend(inRoom);
export const listNotes = (sql: Sql, visitId: string) =>
  list(sql, visitId, {
    table: 'note',
    row: noteRow,
    derived: { undone: isUndone('note_removal', 'note_id', 'removed') },
  });

const readingRow = meterReadingSchema.extend(inRoom);
export const listLightReadings = (sql: Sql, visitId: string) =>
  list(sql, visitId, {
    table: 'light_reading',
    row: readingRow,
    derived: { undone: isUndone('light_reading_undo', 'reading_id') },
  });

const answerRow = lookAnswerSchema.extend(inRoom);
export const listAnswers = (sql: Sql, visitId: string) =>
  list(sql, visitId, {
    table: 'look_answer',
    row: answerRow,
    derived: { undone: isUndone('look_answer_undo', 'answer_id') },
  });

const decisionRow = decisionSchema.extend(inRoom);
export const listDecisions = (sql: Sql, visitId: string) =>
  list(sql, visitId, {
    table: 'decision',
    row: decisionRow,
    derived: { undone: isUndone('decision_undo', 'decision_id') },
  });

const signatureRow = signatureSchema.extend(inRoom);
/** How many rows of a table had arrived in the same room before an event. */
const BEFORE = (table: string) =>
  `(select count(*)::int from ${table} x join operation p on p.id = x.id where x.room_id = e.room_id and p.seq < o.seq)`;
export const listSignatures = (sql: Sql, visitId: string) =>
  list(sql, visitId, {
    table: 'signature',
    row: signatureRow,
    derived: {
      signedOn: 'e.signed_on::text as signed_on',
      before: `json_build_object('decisions', ${BEFORE('decision')}, 'verdicts', ${BEFORE('verdict')}, 'answers', ${BEFORE('look_answer')}, 'reactions', ${BEFORE('reaction')}) as before`,
    },
  });

type EventTable =
  | 'verdict'
  | 'verdict_reason'
  | 'verdict_undo'
  | 'intensity'
  | 'intensity_undo'
  | 'reaction'
  | 'reaction_undo'
  | 'ruling'
  | 'pair_pick'
  | 'pair_pick_undo'
  | 'note'
  | 'note_removal'
  | 'look_answer'
  | 'look_answer_undo'
  | 'decision'
  | 'decision_undo'
  | 'signature'
  | 'light_reading'
  | 'light_reading_undo';
type Kept = Readonly<Record<string, unknown>> & { readonly id: string; readonly at: string };
/** Appends what was said. */
export async function insertEvent(sql: Sql, table: EventTable, event: Kept): Promise<void> {
  const gathered = gathering.get(sql);
  if (!gathered) return insertRow(sql, table, event);
  const alike = `${table} ${Object.keys(event).join()}`;
  const found = gathered.get(alike) ?? { table, events: [] };
  found.events.push(event);
  gathered.set(alike, found);
}

type Gathered = Map<string, { readonly table: EventTable; readonly events: Kept[] }>;
/** Transactions whose events are gathered. */
const gathering = new WeakMap<Sql, Gathered>();

/** Does work whose events are put in at its end, those that are alike at once: nothing in it may read what was said in it. */
export async function eventsAtOnce(sql: Sql, work: () => Promise<void>): Promise<void> {
  const gathered: Gathered = new Map();
  gathering.set(sql, gathered);
  try {
    await work();
  } finally {
    gathering.delete(sql);
  }
  for (const { table, events } of gathered.values()) await insertRows(sql, table, events);
}
