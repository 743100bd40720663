// Runs the bundled tests of one folder, in a process of its own: with no mistake it tells which tests meet which mistakes; with one it runs the tests
// that meet it, and its exit code says whether one of them noticed.
//   node run-tests.mjs BUNDLE            writes the meeting of tests and mistakes to BUNDLE.json
//   node run-tests.mjs BUNDLE ID PLAN    PLAN: numbers of the tests to run, or "all"
import { writeFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { addEventHandler, afterAll, afterEach, beforeAll, beforeEach, describe, it, run, test } from 'jest-circus';
import { expect } from 'expect';

const [bundle, id, plan] = process.argv.slice(2);
const mistake = id === undefined ? 0 : Number(id);
/** What met each mistake: -1 is the loading of the modules. */
const met = new Map();
let running = -1;
globalThis.__is = (one) => {
  if (mistake === 0) {
    if (!met.has(one)) met.set(one, new Set());
    met.get(one).add(running);
  }
  return one === mistake;
};
Object.assign(globalThis, { describe, it, test, expect, beforeAll, beforeEach, afterAll, afterEach });

const NOTICED = 3;
try {
  await import(pathToFileURL(bundle).href);
} catch (e) {
  if (mistake === 0) throw e;
  process.exit(NOTICED);
}

const testsOf = (block) => block.children.flatMap((child) => (child.type === 'test' ? [child] : testsOf(child)));
const wanted = plan === undefined || plan === 'all' ? undefined : new Set(plan.split(',').map(Number));
const failed = [];
const took = [];
let numbered = new Map();
let started = 0;
addEventHandler((event, state) => {
  if (event.name === 'run_start') {
    const all = testsOf(state.rootDescribeBlock);
    numbered = new Map(all.map((one, i) => [one, i]));
    if (wanted) for (const [one, i] of numbered) if (!wanted.has(i)) one.mode = 'skip';
  }
  if (event.name === 'test_start') {
    running = numbered.get(event.test);
    started = performance.now();
  }
  if (event.name === 'test_done') {
    took[running] = performance.now() - started;
    running = -2;
    if (event.test.errors.length > 0) {
      if (mistake !== 0) process.exit(NOTICED);
      failed.push([event.test.name, ...event.test.errors.flat().map(String)].join(': '));
    }
  }
  if (event.name === 'error' || event.name === 'hook_failure') {
    if (mistake !== 0) process.exit(NOTICED);
    failed.push(String(event.error));
  }
});
await run();
if (mistake === 0)
  writeFileSync(`${bundle}.json`, JSON.stringify({ failed, took, met: [...met].map(([one, tests]) => [one, [...tests]]) }));
process.exit(0);
