import { REASON_WORDS, type Reason } from '@/core/judge/reasons';

/** A verdict as it stands at the head of a line. */
export const VERDICT_WORDS = { works: 'Works', nearly: 'Nearly', no: 'No' } as const;

/** The reasons a write gives, in words; empty where it takes them back. What waits since before several could be given has only one. */
export const sayReasons = ({ reason, more }: { readonly reason: Reason | null; readonly more?: readonly Reason[] }): string =>
  [...(reason === null ? [] : [reason]), ...(more ?? [])].map((r) => REASON_WORDS[r]).join(', ');
