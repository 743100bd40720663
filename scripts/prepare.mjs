// Brings a checkout to where it can run, on a machine with only Node 20 and the package registries: installs what the lock file says
// and builds, each only when something changed since. `--quiet` says nothing when there is nothing to do.
import { createHash } from 'node:crypto';
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
const inRoot = (...parts) => path.join(ROOT, ...parts);

/** What the build is made from. */
const SOURCES = ['src', 'demo', 'public', 'next.config.ts', 'postcss.config.mjs', 'tsconfig.json', 'package-lock.json'];

function* filesUnder(entry) {
  if (!existsSync(entry)) return;
  if (statSync(entry).isFile()) yield entry;
  else for (const name of readdirSync(entry).sort()) yield* filesUnder(path.join(entry, name));
}

function fingerprint(entries) {
  const hash = createHash('sha256');
  for (const entry of entries)
    for (const file of filesUnder(inRoot(entry))) {
      if (file.includes('.test.')) continue;
      hash.update(path.relative(ROOT, file)).update('\0').update(readFileSync(file)).update('\0');
    }
  return hash.digest('hex');
}

const read = (file) => (existsSync(file) ? readFileSync(file, 'utf8') : '');

/** Runs one command with its output on standard error; a failure ends this process with the command's own words above. */
function run(command, args) {
  const done = spawnSync(command, args, {
    cwd: ROOT,
    stdio: ['ignore', 2, 2],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
  });
  if (done.status === 0) return;
  process.stderr.write(`\n${[command, ...args].join(' ')} did not succeed.\n`);
  process.exit(1);
}

/** Installs what the lock file says, unless exactly that is installed. */
export function install() {
  const stamp = inRoot('node_modules', '.elm-swatch-lock');
  const wanted = fingerprint(['package-lock.json', 'package.json']);
  if (read(stamp) === wanted) return;
  process.stderr.write('Installing what the lock file says…\n');
  run('npm', ['ci', '--no-audit', '--no-fund']);
  writeFileSync(stamp, wanted);
}

/** Builds the application, unless this very source is built. */
export async function build({ force = false } = {}) {
  // after installing: it is bundled by what is installed
  const { makeClientPage } = await import('./make-client-page.mjs');
  makeClientPage();
  const stamp = inRoot('.next', 'elm-swatch-source');
  const wanted = fingerprint(SOURCES);
  if (!force && read(stamp) === wanted && existsSync(inRoot('.next', 'BUILD_ID'))) return;
  process.stderr.write('Building…\n');
  run(process.execPath, [inRoot('node_modules', 'next', 'dist', 'bin', 'next'), 'build']);
  mkdirSync(inRoot('.next'), { recursive: true });
  writeFileSync(stamp, wanted);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  install();
  if (process.argv.includes('--build')) await build();
}
