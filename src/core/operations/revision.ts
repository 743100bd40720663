import type { Visit } from '@/core/record/visit';
import type { Refusal } from './operation';
import type { Batch, Operation } from './operations';

/** How far a visit is: its place in the journal, and the state of the deck its colours were mixed from. */
export type Revision = { readonly seq: number; readonly deck: string };
export type VisitAt = { readonly visit: Visit; readonly revision: Revision };

/** A revision as the tag of what is read at it. */
export const tagOf = ({ seq, deck }: Revision): string => `"${seq}.${deck}"`;

/** The revision of a tag; undefined for text that is none. */
export function revisionOfTag(tag: string | null): Revision | undefined {
  const [, seq, deck] = /^"(\d+)\.([\w.-]+)"$/.exec(tag ?? '') ?? [];
  return seq === undefined || deck === undefined ? undefined : { seq: Number(seq), deck };
}

/** What became of operations that were done. */
export type Applied = {
  readonly ok: true;
  /**
   * Of what it brought in (the first of several): the operation's own for what is said, that of the visit, room, thing, colour or scheme
   * otherwise.
   */
  readonly id: string;
  /**
   * As they were journalled, which is as they were said unless the server looked something up, and the visit's place in the journal before
   * and after; null when they had been done before.
   */
  readonly done: { readonly operations: Batch | 'as-said'; readonly before: number; readonly after: number } | null;
};
/** The operations that were journalled, of those that were said; null when they had been done before. */
export const journalledOf = ({ done }: Applied, said: Batch): Batch | null =>
  done?.operations === 'as-said' ? said : (done?.operations ?? null);
export type ApplyResult = Applied | ({ readonly ok: false } & Refusal);

/** What a page is told that holds a visit at some revision. */
export type VisitNews =
  | { readonly kind: 'same' }
  | { readonly kind: 'operations'; readonly operations: readonly Operation[]; readonly revision: Revision }
  | ({ readonly kind: 'visit' } & VisitAt);
