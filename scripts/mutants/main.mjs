// bin/bench --mutants [N]: makes small mistakes in the core, one at a time, and tells which of them no test notices. A seeded sample of N a folder
// (40 where none is said, "all" for every one). The mistakes of a folder are built into one bundle of its tests, each asleep until it is named, so
// that a mistake costs one short process, of the tests that meet it.
import { spawn } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { build } from 'esbuild';
import { ROOT } from '../prepare.mjs';
import { withMistakes } from './mistakes.mjs';

const FOLDERS = ['plan', 'paint', 'judge', 'operations'];
const LEAST = 0.9;
const SEED = 20261130;
const USUAL = 40;
/** A test that takes longer is left to the whole run: a mistake has to be noticed near where it is made. */
const LONGEST_MS = 8000;
/** What a mistake makes endless is noticed by the clock. */
const TIME_LIMIT_MS = 60_000;
const OUT = path.join(ROOT, 'node_modules', '.cache', 'mutants');

/** The same numbers every time. */
function seeded(seed) {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** Every test file that names the folder, and those in it. */
function testsOf(folder) {
  const under = (at) => readdirSync(path.join(ROOT, at), { recursive: true }).map((name) => path.join(at, name));
  const names = [...under('src'), ...under('tests')].filter((name) => name.endsWith('.test.ts'));
  return names.filter(
    (name) =>
      name.startsWith(`src/core/${folder}/`) ||
      (/^src\/(core|features)|^tests\/(as-before\/)?[^/]+$/.test(name) &&
        readFileSync(path.join(ROOT, name), 'utf8').includes(`core/${folder}/`)),
  );
}

/** The tests of a folder in one file, its mistakes asleep in it. */
async function bundled(folder) {
  const at = path.join(ROOT, 'src', 'core', folder) + path.sep;
  const mistakes = [];
  const plugin = {
    name: 'mistakes',
    setup(builder) {
      builder.onLoad({ filter: /\.ts$/ }, ({ path: file }) => {
        if (!file.startsWith(at) || file.includes('.test.')) return undefined;
        const made = withMistakes(path.relative(ROOT, file), readFileSync(file, 'utf8'), mistakes.length + 1);
        mistakes.push(...made.mistakes);
        return { contents: made.text, loader: 'ts' };
      });
    },
  };
  mkdirSync(OUT, { recursive: true });
  const entry = path.join(OUT, `${folder}.entry.ts`);
  const files = [path.join(ROOT, 'tests', 'seeded.ts'), ...testsOf(folder).map((name) => path.join(ROOT, name))];
  writeFileSync(entry, files.map((file) => `import ${JSON.stringify(file)};\n`).join(''));
  const bundle = path.join(OUT, `${folder}.mjs`);
  await build({
    entryPoints: [entry],
    outfile: bundle,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    tsconfig: path.join(ROOT, 'tsconfig.json'),
    jsx: 'automatic',
    logLevel: 'error',
    plugins: [plugin],
  });
  return { bundle, mistakes };
}

/** Runs the tests of a bundle in a process: its exit code. */
const ran = (bundle, ...rest) =>
  new Promise((resolve) => {
    const child = spawn(process.execPath, [path.join(ROOT, 'scripts', 'mutants', 'run-tests.mjs'), bundle, ...rest], {
      cwd: ROOT,
      stdio: ['ignore', 'ignore', rest.length === 0 ? 'inherit' : 'ignore'],
    });
    const timer = rest.length === 0 ? undefined : setTimeout(() => child.kill('SIGKILL'), TIME_LIMIT_MS);
    child.on('close', (code) => {
      clearTimeout(timer);
      resolve(code);
    });
  });

/** Does `work` to every item, as many at a time as there are processors. */
async function each(items, work) {
  const left = [...items.entries()];
  const done = [];
  const worker = async () => {
    for (let next = left.shift(); next; next = left.shift()) done[next[0]] = await work(next[1]);
  };
  await Promise.all(Array.from({ length: os.availableParallelism() }, worker));
  return done;
}

/** `<` for `<=`: between quantities that are no whole numbers both mean the same, so that no test can tell them apart. */
const isOfBorder = ({ was, becomes }) => new Set(['<<=', '<=<', '>>=', '>=>']).has(was + becomes);

async function folderRate(folder, asked, random) {
  const { bundle, mistakes } = await bundled(folder);
  if ((await ran(bundle)) !== 0) throw new Error(`${folder}: its tests do not run`);
  const { failed, took, met } = JSON.parse(readFileSync(`${bundle}.json`, 'utf8'));
  if (failed.length > 0) throw new Error(`${folder}: its tests do not pass as it is: ${failed.join('; ').slice(0, 2000)}`);
  const meeting = new Map(met);
  const chosen = mistakes
    .map((mistake) => ({ mistake, place: random() }))
    .sort((p, q) => p.place - q.place)
    .slice(0, asked)
    .map((one) => one.mistake);
  const noticed = await each(chosen, async ({ id }) => {
    const tests = meeting.get(id);
    if (!tests) return false;
    const inTests = tests.filter((one) => one >= 0 && took[one] <= LONGEST_MS);
    const plan = tests.includes(-1) ? 'all' : inTests.join(',');
    if (plan === '') return false;
    return (await ran(bundle, String(id), plan)) !== 0;
  });
  const living = chosen.filter((_, i) => !noticed[i]);
  const sense = chosen.filter((mistake) => !isOfBorder(mistake));
  const senseLiving = living.filter((mistake) => !isOfBorder(mistake));
  process.stdout.write(
    `core/${folder}: ${sense.length - senseLiving.length} of ${sense.length} mistakes noticed, ` +
      `${chosen.length - living.length} of ${chosen.length} with those of a border (${mistakes.length} could be made)\n`,
  );
  for (const { id, file, line, was, becomes } of living)
    process.stdout.write(
      `  lives: ${file}:${line}: ${was.slice(0, 60)} → ${becomes.slice(0, 60)}${meeting.has(id) ? '' : ' (no test comes there)'}\n`,
    );
  return 1 - senseLiving.length / sense.length;
}

const [said, only] = process.argv.slice(2);
const asked = said === 'all' ? Infinity : Number(said ?? USUAL);
const random = seeded(SEED);
let short = false;
for (const folder of FOLDERS) if (!only || only === folder) short = (await folderRate(folder, asked, random)) < LEAST || short;
process.exitCode = short ? 1 : 0;
