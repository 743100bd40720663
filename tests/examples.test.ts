import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';

/** Every `@example` of the core is run: an expression of what its file exports, and after the arrow what it comes to. */
const EXAMPLE = /@example (?<asked>.+?) \/\/ → (?<comes>.+?)(?: \*\/)?$/gm;
const files = execFileSync('git', ['ls-files', 'src/core'], { encoding: 'utf8' })
  .split('\n')
  .filter((file) => file.endsWith('.ts') && !file.includes('.test.'));
const examples = files.flatMap((file) =>
  [...readFileSync(file, 'utf8').matchAll(EXAMPLE)].map(({ groups }) => [groups!['asked']!, groups!['comes']!, file] as const),
);

/** Half of the last digit that is written. */
const within = (text: string): number => 0.5 * 10 ** -(text.split('.')[1]?.length ?? 0);

test('there are twenty and more, and none is written in a way that is not run', () => {
  const written = files.reduce((sum, file) => sum + (readFileSync(file, 'utf8').match(/\* @example\b/g)?.length ?? 0), 0);
  expect(examples.length).toBeGreaterThanOrEqual(20);
  expect(written).toBe(examples.length);
});

test.each(examples)('%s → %s', async (asked, comes, file) => {
  const exported = (await import(path.resolve(file))) as Record<string, unknown>;
  const names = Object.keys(exported);
  const value: unknown = new Function(...names, `return (${asked})`)(...names.map((name) => exported[name]));
  const expected: unknown = new Function(`return (${comes})`)();
  if (typeof expected === 'number') expect(Math.abs((value as number) - expected)).toBeLessThanOrEqual(within(comes) + 1e-12);
  else expect(value).toEqual(expected);
});
