/** The fields that were said, without those left out. */
export const statedOf = <T extends object>(said: T): { [K in keyof T]-?: Exclude<T[K], undefined> } =>
  Object.fromEntries(Object.entries(said).filter(([, value]) => value !== undefined)) as never;
