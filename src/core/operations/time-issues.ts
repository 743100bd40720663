import type { FieldIssue } from '@/core/derived/field-issue';

/** Fields that hold an instant or a day, whatever they are in. */
const TIMES = new Set(['at', 'date', 'visitedOn', 'signedOn', 'takenAt', 'paintedAt', 'lookedAt']);
/** Years that can be written: a clock that says another is wrong. Own choice: a century. */
const YEARS = { from: '2000', to: '2099' } as const;
const isOutside = (text: string) => text.slice(0, 4) < YEARS.from || text.slice(0, 4) > YEARS.to;

/** Instants and days of a write outside the century. What was kept before this was asked stays as it is. */
export function timeIssues(value: unknown, path: readonly (string | number)[] = []): FieldIssue[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => {
    const at = [...path, Array.isArray(value) ? Number(key) : key];
    if (typeof inner !== 'string') return timeIssues(inner, at);
    if (!TIMES.has(key) || !isOutside(inner)) return [];
    return [{ path: at, message: `A year from ${YEARS.from} to ${YEARS.to}: is the clock of this device right?` }];
  });
}
