import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

const text = (file: string) => readFileSync(file, 'utf8');
const { dependencies } = JSON.parse(text('package.json')) as { dependencies: Record<string, string> };

/** Source files of the product and of what builds it. */
function* sources(folder: string): Generator<string> {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const at = path.join(folder, entry.name);
    if (entry.isDirectory()) yield* sources(at);
    else if (/\.(tsx?|mjs|css)$/.test(entry.name) && !entry.name.includes('.test.')) yield at;
  }
}

test('docs/dependencies.md says what the lock file has, each with its licence', () => {
  const script = `import('./scripts/make-dependencies.mjs').then((m) => process.stdout.write(m.dependenciesText()))`;
  const made = execFileSync(process.execPath, ['-e', script], { env: { ...process.env, NODE_OPTIONS: '' } }).toString();
  expect(text('docs/dependencies.md')).toBe(made);
  expect(made).not.toContain('not said');
  expect(made).toContain('LGPL');
});

/** Wanted by another package beside it, or read as files. */
const NOT_IMPORTED: Readonly<Record<string, string>> = {
  'react-is': 'recharts',
  '@fontsource/hanken-grotesk': 'server/pdf/scripts',
  '@fontsource/noto-sans': 'server/pdf/scripts',
  '@fontsource/noto-sans-arabic': 'server/pdf/scripts',
  '@fontsource/noto-sans-hebrew': 'server/pdf/scripts',
  '@fontsource/noto-sans-kr': 'server/pdf/scripts',
  '@fontsource/noto-sans-sc': 'server/pdf/scripts',
  '@fontsource/noto-sans-thai': 'server/pdf/scripts',
};

test('every package of the product is imported by it', () => {
  const all = ['src', 'scripts', 'demo'].flatMap((folder) => [...sources(folder)].map(text)).join('\n');
  const unused = Object.keys(dependencies).filter(
    (name) => !(name in NOT_IMPORTED) && !new RegExp(`['"]${name.replaceAll('/', '\\/')}(['"/])`).test(all),
  );
  expect(unused).toEqual([]);
});
