import type { Refusal, Stamp } from '@/core/operations/operation';
import type { WriteMap, WriteName } from '@/core/operations/operations';
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
export type Rows<N extends WriteName> = (sql: Sql, write: WriteMap[N], stamp: Stamp) => Promise<void>;
export type RowsOf<N extends WriteName> = { readonly [K in N]: Rows<K> };

export const changed = (is: boolean) => {
  if (!is) refuse({ reason: 'changed-elsewhere' });
};
export const found = (is: boolean, what: string) => {
  if (!is) refuse({ reason: 'not-found', what });
};
