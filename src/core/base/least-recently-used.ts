/** Keeps the last `most` values by key; making one again is only ever a matter of time. */
export function leastRecentlyUsed<T>(most: number): (key: string, make: () => T) => T {
  const kept = new Map<string, T>();
  return (key, make) => {
    const found = kept.has(key) ? kept.get(key)! : make();
    kept.delete(key);
    kept.set(key, found);
    if (kept.size > most) kept.delete(kept.keys().next().value!);
    return found;
  };
}
