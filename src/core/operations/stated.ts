import type { z } from 'zod';

type Stated<T> = { [K in keyof T]-?: Exclude<T[K], undefined> };
/** The fields that were said, without those left out. */
export const statedOf = <T extends object>(said: T): Stated<T> =>
  Object.fromEntries(Object.entries(said).filter(([, value]) => value !== undefined)) as Stated<T>;

type WithDefault = Readonly<Record<string, z.ZodDefault>>;
type Optional<F extends WithDefault> = { [K in keyof F]: z.ZodOptional<ReturnType<F[K]['unwrap']>> };
/** Fields of which each may be left out: then it is not said. */
export const optionalOf = <F extends WithDefault>(fields: F): Optional<F> =>
  Object.fromEntries(
    Object.entries(fields).map(([name, field]) => [name, (field.unwrap() as z.ZodType).optional()]),
  ) as Optional<F>;
