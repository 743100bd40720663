import type { z } from 'zod';

/** The fields that were said, without those left out. */
export const statedOf = <T extends object>(said: T): { [K in keyof T]-?: Exclude<T[K], undefined> } =>
  Object.fromEntries(Object.entries(said).filter(([, value]) => value !== undefined)) as never;

type WithDefault = Readonly<Record<string, z.ZodDefault>>;
/** Fields of which each may be left out: then it is not said. */
export const optionalOf = <F extends WithDefault>(fields: F): { [K in keyof F]: z.ZodOptional<ReturnType<F[K]['unwrap']>> } =>
  Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, (field.unwrap() as z.ZodType).optional()])) as never;
