import type { Refusal, Stamp } from '@/core/operations/operation';
import type { WriteName, WriteOf } from '@/core/operations/operations';
import { isInRoom } from '@/data/columns';
import type { Sql } from '@/data/sql';

/** Thrown inside the transaction so that it rolls back; answered as a value. */
export class Refused extends Error {
  readonly refusal: Refusal;
  constructor(refusal: Refusal) {
    super(refusal.reason);
    this.refusal = refusal;
  }
}
export const refuse = (refusal: Refusal): never => {
  throw new Refused(refusal);
};

/** The rows an operation means. What it makes of a visit is said once, in core/operations; a differential test holds the two together. */
export type Rows<N extends WriteName> = (sql: Sql, write: WriteOf<N>, stamp: Stamp) => Promise<void>;
export type RowsOf<N extends WriteName> = { readonly [K in N]: Rows<K> };

export const changed = (rows: readonly unknown[]) => {
  if (rows.length === 0) refuse({ reason: 'changed-elsewhere' });
};
export const found = (is: boolean, what: string) => {
  if (!is) refuse({ reason: 'not-found', what });
};

/** What the room must hold for an operation to make sense, taken out or not. */
export async function mustHold(
  sql: Sql,
  roomId: string,
  needed: readonly (readonly [table: Table, id: string])[],
): Promise<void> {
  for (const [table, id] of needed) found(await isInRoom(sql, table, { id, roomId }), NAMES[table]);
}
const NAMES = {
  candidate: 'colour',
  stay: 'thing that stays',
  verdict: 'verdict',
  intensity: 'what was said',
  reaction: 'reaction',
  pair_pick: 'pick',
  note: 'note',
  look: 'look',
  look_answer: 'answer',
  decision: 'decision',
  light_reading: 'reading',
} as const;
type Table = keyof typeof NAMES;
