import { z } from 'zod';

/** A number, with words for anything that is none. */
export const finite = (message: string) => z.number({ error: message });

/** Longest name or label kept, characters. */
export const NAME_LENGTH = 200;

/** Halves of surrogate pairs, and NUL: neither a database nor a file in UTF-8 takes them. */
const HALF = /\p{Cs}/u;
const UNKEEPABLE = /\0|\p{Cs}/u;
/** A text of any kind, at most so many characters, that can be kept as it is. Every text that is written is one. */
export const textSchema = (most: number) =>
  z
    .string()
    .max(most, `At most ${most.toLocaleString('en-GB')} characters.`)
    .refine((s) => !UNKEEPABLE.test(s), 'It holds a character that cannot be kept.');

const CONTROL = /[\u0000-\u001f\u007f]/;
/** A name as people type it: trimmed, 1–200 characters, no control characters; anything else, emoji included, is theirs to use. */
export const nameSchema = z
  .string()
  .trim()
  .min(1, 'Give it a name.')
  .max(NAME_LENGTH, `At most ${NAME_LENGTH} characters.`)
  .refine((s) => !CONTROL.test(s), 'Leave out line breaks and control characters.')
  .refine((s) => !HALF.test(s), 'It holds a character that cannot be kept.');

/** Words as people type them, trimmed; may be empty. */
export const wordsSchema = (most: number) =>
  z
    .string()
    .trim()
    .max(most, `At most ${most.toLocaleString('en-GB')} characters.`)
    .refine((s) => !UNKEEPABLE.test(s), 'It holds a character that cannot be kept.');

/** A UUID. */
export const idSchema = z.uuid();

/** An ISO 8601 instant in UTC, always written to the millisecond, so that the same instant is the same text. */
export const instantSchema = z.iso.datetime().transform((text) => new Date(text).toISOString());
/** A calendar day. */
export const daySchema = z.iso.date('A date, such as 2026-03-14.');

/** A whole number as the database keeps it. */
export const int32Schema = z.int32();

/** Members of a list, each once. */
export const eachOnce = <T extends { readonly id: string }>(all: readonly T[]): boolean =>
  new Set(all.map((one) => one.id)).size === all.length;
export const EACH_ONCE = 'The same one stands here twice.';
