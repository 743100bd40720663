import { readFileSync, writeFileSync } from 'node:fs';

/** Significant digits that are held: finer than anything shown, coarser than what another processor rounds differently. */
const DIGITS = 7;

const plain = (value: unknown): unknown =>
  JSON.parse(
    JSON.stringify(value, (_, v: unknown) => {
      if (typeof v === 'number') return Number.isFinite(v) ? Number(v.toPrecision(DIGITS)) : String(v);
      if (typeof v === 'bigint') return String(v);
      if (v instanceof Map) return [...(v as Map<unknown, unknown>)];
      if (v instanceof Set) return [...(v as Set<unknown>)];
      if (ArrayBuffer.isView(v)) return Array.from(v as Float64Array);
      return v;
    }) ?? 'null',
  );

/**
 * Answers are what they were, to the digit: a change of them is meant, or it is a mistake. Whether they are right is asked elsewhere.
 * `AS_BEFORE=write` keeps today's answers instead of comparing: look at what `git diff` says then.
 */
export function expectAsBefore(name: string, answers: Readonly<Record<string, unknown>>): void {
  const file = `tests/golden/as-before/${name}.json`;
  const now = plain(answers) as Record<string, unknown>;
  if (process.env['AS_BEFORE'] === 'write') {
    const lines = Object.entries(now).map(([key, value]) => `${JSON.stringify(key)}:${JSON.stringify(value)}`);
    writeFileSync(file, `{\n${lines.join(',\n')}\n}\n`);
  }
  const before = JSON.parse(readFileSync(file, 'utf8')) as Record<string, unknown>;
  expect(Object.keys(now)).toEqual(Object.keys(before));
  for (const [key, value] of Object.entries(now)) expect({ [key]: value }).toEqual({ [key]: before[key] });
}
