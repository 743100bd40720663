const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function shareArray(before: readonly unknown[], now: readonly unknown[]): readonly unknown[] {
  const shared = now.map((value, i) => shareEqual(before[i], value));
  return shared.length === before.length && shared.every((value, i) => value === before[i]) ? before : shared;
}

function shareRecord(before: Readonly<Record<string, unknown>>, now: Readonly<Record<string, unknown>>): unknown {
  const names = Object.keys(now);
  const shared = Object.fromEntries(names.map((name) => [name, shareEqual(before[name], now[name])]));
  const same = names.length === Object.keys(before).length && names.every((name) => shared[name] === before[name]);
  return same ? before : shared;
}

/**
 * `now`, with every part of it that equals its counterpart in `before` replaced by that: what did not change keeps its identity. Plain
 * JSON only.
 */
export function shareEqual<T>(before: unknown, now: T): T {
  if (before === now) return now;
  if (Array.isArray(before) && Array.isArray(now)) return shareArray(before, now) as T;
  if (isRecord(before) && isRecord(now)) return shareRecord(before, now) as T;
  return now;
}
