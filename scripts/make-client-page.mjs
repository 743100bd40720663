// Bundles the client's page (src/client-page) and its typeface into one file that the server sends: src/server/looks/client-page-made.ts.
import { buildSync } from 'esbuild';
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
export const MADE = path.join(ROOT, 'src', 'server', 'looks', 'client-page-made.ts');

/** Browsers of phones that are some years old. */
const TARGET = 'es2020';

/** The text of the made file. */
export function clientPageSource() {
  const { outputFiles } = buildSync({
    entryPoints: [path.join(ROOT, 'src', 'client-page', 'page.ts')],
    bundle: true,
    minify: true,
    write: false,
    target: TARGET,
    format: 'iife',
    charset: 'utf8',
    tsconfig: path.join(ROOT, 'tsconfig.json'),
    logLevel: 'error',
  });
  const font = readFileSync(path.join(ROOT, 'src', 'app', 'fonts', 'hanken-grotesk-latin-wght-normal.woff2')).toString('base64');
  return `// Made by scripts/make-client-page.mjs from src/client-page: not to be edited.
export const CLIENT_SCRIPT = ${JSON.stringify(outputFiles[0].text.trim())};
export const CLIENT_FONT = ${JSON.stringify(font)};
`;
}

/** Makes it anew where its sources say something else. */
export function makeClientPage() {
  const made = clientPageSource();
  const before = readFileSync(MADE, { encoding: 'utf8', flag: 'a+' });
  if (before !== made) writeFileSync(MADE, made);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  if (process.argv.includes('--check')) process.exitCode = readFileSync(MADE, 'utf8') === clientPageSource() ? 0 : 1;
  else makeClientPage();
}
