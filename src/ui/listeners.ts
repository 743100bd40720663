/** Who is told when something changed: what a store outside of React offers to `useSyncExternalStore`. */
export function makeListeners() {
  const listeners = new Set<() => void>();
  return {
    tell(): void {
      for (const listener of listeners) listener();
    },
    /** Returns what ends it. */
    subscribe: (listener: () => void): (() => void) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
  };
}
