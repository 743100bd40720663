import type { WriteName, WriteOf, WriteRefusal } from '@/core/formats/operations';
import { findCandidate } from '@/data/candidates';
import type { Sql } from '@/data/sql';
import { findStay } from '@/data/stays';
import { roomExists } from '@/data/visits';

/** Thrown inside the transaction so that it rolls back; answered as a value. */
export class Refused extends Error {
  readonly refusal: WriteRefusal;
  constructor(refusal: WriteRefusal) {
    super(refusal.reason);
    this.refusal = refusal;
  }
}
export const refuse = (refusal: WriteRefusal): never => {
  throw new Refused(refusal);
};

/** Id and time of the operation, and the file that came with it. */
export type Stamp = { readonly id: string; readonly at: string; readonly file: Uint8Array | undefined };
export type Handler<N extends WriteName> = (sql: Sql, write: WriteOf<N>, stamp: Stamp) => Promise<string | void>;

export const mustExist = async (sql: Sql, roomId: string) => {
  if (!(await roomExists(sql, roomId))) refuse({ reason: 'not-found', what: 'room' });
};
export const changed = (rows: readonly unknown[]) => {
  if (rows.length === 0) refuse({ reason: 'changed-elsewhere' });
};
export const found = (rows: readonly unknown[], what: string) => {
  if (rows.length === 0) refuse({ reason: 'not-found', what });
};

/** A candidate, and a thing that stays when one is given, must be the room's own. */
export async function mustBelong(sql: Sql, roomId: string, candidateId: string, stayId?: string) {
  const candidate = await findCandidate(sql, candidateId);
  if (candidate?.room_id !== roomId) refuse({ reason: 'not-found', what: 'colour' });
  if (stayId === undefined) return;
  const stay = await findStay(sql, stayId);
  if (stay?.room_id !== roomId) refuse({ reason: 'not-found', what: 'thing that stays' });
}
