/** What a table has for each tag of a tagged value: `M` maps each tag to what is tagged so. */
export type ByTag<M, A extends readonly unknown[], R> = { readonly [T in keyof M]: (value: M[T], ...rest: A) => R };

/** What a table that has an entry for every tag answers to a value. */
export const byTag = <M, T extends keyof M, A extends readonly unknown[], R>(
  table: ByTag<M, A, R>,
  tag: T,
  value: M[T],
  ...rest: A
): R => table[tag](value, ...rest);

/** The same of a table that may have none: undefined then. */
export const byTagIfAny = <M, T extends keyof M, A extends readonly unknown[], R>(
  table: Partial<ByTag<M, A, R>>,
  tag: T,
  value: M[T],
  ...rest: A
): R | undefined => table[tag]?.(value, ...rest);
