// bin/test: installs what is missing, then everything that must hold. Ends with "N passed, N failed".
// bin/test --quick: the same without the slow ones, the build and the browser, for every day.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import path from 'node:path';
import { build, install, ROOT } from './prepare.mjs';

const out = path.join(ROOT, 'var', 'test');
let passed = 0;
let failed = 0;

function run(command, args, env = {}) {
  const started = Date.now();
  process.stdout.write(`\n— ${[path.basename(command), ...args].join(' ')}\n`);
  const { status } = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
  });
  process.stdout.write(`  ${((Date.now() - started) / 1000).toFixed(0)} s\n`);
  return status === 0;
}
const count = (ok) => (ok ? (passed += 1) : (failed += 1));
const node = (file, ...args) => run(process.execPath, [path.join('node_modules', file), ...args]);

/** Debian's Chromium without its windows, when no browser is named; the whole one does where the other cannot be had. */
function chromium() {
  if (process.env.CHROMIUM) return process.env.CHROMIUM;
  const [shell, whole] = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];
  const apt = (...args) => run('apt-get', args, { DEBIAN_FRONTEND: 'noninteractive' });
  if (!existsSync(shell) && apt('update', '-qq')) apt('install', '-y', '-qq', path.basename(shell));
  const found = [shell, whole].find((file) => existsSync(file));
  if (!found) process.stdout.write('Chromium could not be installed: name one in the variable CHROMIUM.\n');
  return found ?? shell;
}

const report = (file) => {
  const full = path.join(out, file);
  return existsSync(full) ? JSON.parse(readFileSync(full, 'utf8')) : undefined;
};

install();
rmSync(out, { recursive: true, force: true });
mkdirSync(out, { recursive: true });

// the unit tests take every core; what is checked without running, and the build, go on beside them
const quick = process.argv.includes('--quick');
/** Tests that take more than some seconds each: campaigns, whole rooms and days, whole databases. */
const SLOW = [
  'tests/db/',
  'src/cli/',
  'src/core/engine/',
  'colour/metamers',
  'light/(path-tracer|window|daylight-factor|trade-facts)',
  'judge/(relation|next-sample|room-advice)',
];
const jestStarted = Date.now();
const jestRun = spawn(
  process.execPath,
  [
    'node_modules/jest/bin/jest.js',
    ...process.argv.slice(2).filter((arg) => arg !== '--quick'),
    ...(quick ? ['--testPathIgnorePatterns', ...SLOW] : []),
    `--maxWorkers=${availableParallelism()}`,
    '--json',
    `--outputFile=${path.join(out, 'jest.json')}`,
  ],
  {
    cwd: ROOT,
    stdio: 'inherit',
    env: {
      ...process.env,
      NEXT_TELEMETRY_DISABLED: '1',
      NODE_OPTIONS: '--experimental-vm-modules --disable-warning=ExperimentalWarning',
    },
  },
);
const jestEnded = new Promise((resolve) => jestRun.once('exit', (code) => resolve(code === 0)));

count(node('prettier/bin/prettier.cjs', '--check', '.'));
count(node('eslint/bin/eslint.js', '.', '--max-warnings', '0'));
count(node('dependency-cruiser/bin/dependency-cruise.mjs', 'src', 'demo'));
count(node('next/dist/bin/next', 'typegen') && node('typescript/bin/tsc', '--noEmit'));
count(node('typescript/bin/tsc', '--noEmit', '-p', 'tsconfig.core.json'));

if (!quick) {
  const data = path.join(ROOT, 'var', 'data');
  const before = existsSync(data) ? readdirSync(data).join() : undefined;
  await build({ force: true });
  // it is there, and has opened no data folder
  const after = existsSync(data) ? readdirSync(data).join() : undefined;
  count(existsSync(path.join(ROOT, '.next', 'BUILD_ID')) && after === before);
}

const jestOk = await jestEnded;
process.stdout.write(`  unit tests: ${((Date.now() - jestStarted) / 1000).toFixed(0)} s\n`);
const jest = report('jest.json');
passed += jest?.numPassedTests ?? 0;
failed += jest ? jest.numFailedTests + jest.numRuntimeErrorTestSuites : 1;
if (jest && !jestOk && jest.numFailedTests + jest.numRuntimeErrorTestSuites === 0) failed += 1;

if (!quick) {
  const played = run(process.execPath, ['node_modules/@playwright/test/cli.js', 'test', '--reporter=list,json'], {
    CHROMIUM: chromium(),
    PLAYWRIGHT_JSON_OUTPUT_NAME: path.join(out, 'playwright.json'),
    TMPDIR: tmpdir(),
  });
  const stats = report('playwright.json')?.stats;
  passed += stats?.expected ?? 0;
  failed += stats ? stats.unexpected + stats.flaky + stats.skipped : 1;
  if (stats && !played && stats.unexpected === 0) failed += 1;
  // that every speed can be measured; what it is stands in bin/bench
  count(run(path.join('bin', 'bench'), ['--smoke'], { CHROMIUM: chromium() }));
}

process.stdout.write(`\n${passed} passed, ${failed} failed\n`);
process.exit(failed === 0 ? 0 : 1);
