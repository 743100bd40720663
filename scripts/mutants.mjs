// bin/bench --mutants [N]: makes small mistakes in the core, one at a time, and tells which of them no test notices. A seeded sample of N a folder
// (25 where none is said), in a copy of the project; the tests are those of the same folder and those that are named for it.
import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import ts from 'typescript';
import { ROOT } from './prepare.mjs';

/** Folders of the core, and the tests beside their own that hold them. */
const FOLDERS = {
  plan: ['src/core/plan', 'src/core/engine/house-plan'],
  paint: ['src/core/paint'],
  judge: ['src/core/judge'],
  operations: ['src/core/operations', 'src/features/session'],
};
const LEAST = 0.9;
const SEED = 20261130;
const USUAL = 25;

const SWAPS = new Map([
  [ts.SyntaxKind.LessThanToken, '<='],
  [ts.SyntaxKind.LessThanEqualsToken, '<'],
  [ts.SyntaxKind.GreaterThanToken, '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '>'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
]);
const CALLS = { min: 'max', max: 'min', floor: 'ceil', ceil: 'floor', some: 'every', every: 'some' };

/** Every mistake that can be made in a file: where, and what stands there then. */
function mistakesIn(file) {
  const text = readFileSync(file, 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.ESNext, true);
  const found = [];
  const add = (node, becomes) => {
    const start = node.getStart();
    found.push({
      file,
      start,
      end: node.end,
      becomes,
      line: source.getLineAndCharacterOfPosition(start).line + 1,
      was: node.getText(),
    });
  };
  const isText = (node) => ts.isStringLiteralLike(node) || ts.isTemplateExpression(node);
  const look = (node) => {
    // what is only a type, or a schema’s bound, is not run here
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
    if (ts.isBinaryExpression(node) && SWAPS.has(node.operatorToken.kind) && !isText(node.left) && !isText(node.right))
      add(node.operatorToken, SWAPS.get(node.operatorToken.kind));
    if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken) add(node, node.operand.getText());
    if (ts.isConditionalExpression(node)) add(node.condition, `!(${node.condition.getText()})`);
    if (ts.isPropertyAccessExpression(node) && node.name.text in CALLS) add(node.name, CALLS[node.name.text]);
    if (node.kind === ts.SyntaxKind.TrueKeyword) add(node, 'false');
    if (node.kind === ts.SyntaxKind.FalseKeyword) add(node, 'true');
    ts.forEachChild(node, look);
  };
  look(source);
  return found;
}

/** The same numbers every time. */
function seeded(seed) {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

function copyOfProject() {
  const copy = mkdtempSync(path.join(tmpdir(), 'elm-mutants-'));
  for (const entry of [
    'src',
    'tests',
    'demo',
    'scripts',
    'docs',
    'package.json',
    'tsconfig.json',
    'jest.config.mjs',
    'next.config.ts',
  ])
    cpSync(path.join(ROOT, entry), path.join(copy, entry), { recursive: true });
  symlinkSync(path.join(ROOT, 'node_modules'), path.join(copy, 'node_modules'));
  return copy;
}

const passes = (copy, tests) =>
  spawnSync(process.execPath, ['node_modules/jest/bin/jest.js', '--bail', '--silent', '--testTimeout=60000', ...tests], {
    cwd: copy,
    stdio: 'ignore',
    timeout: 180_000,
    env: { ...process.env, NODE_OPTIONS: '--experimental-vm-modules --disable-warning=ExperimentalWarning' },
  }).status === 0;

const asked = Number(process.argv[2] ?? USUAL);
const copy = copyOfProject();
const random = seeded(SEED);
let short = false;
try {
  for (const [folder, tests] of Object.entries(FOLDERS)) {
    if (!passes(copy, tests)) throw new Error(`${folder}: its tests do not pass as it is`);
    const at = path.join(copy, 'src', 'core', folder);
    const files = readdirSync(at).filter((name) => name.endsWith('.ts') && !name.includes('.test.'));
    const all = files.flatMap((name) => mistakesIn(path.join(at, name)));
    const chosen = all
      .map((mistake) => ({ mistake, place: random() }))
      .sort((p, q) => p.place - q.place)
      .slice(0, asked)
      .map((one) => one.mistake);
    const living = chosen.filter(({ file, start, end, becomes }) => {
      const text = readFileSync(file, 'utf8');
      writeFileSync(file, text.slice(0, start) + becomes + text.slice(end));
      const lives = passes(copy, tests);
      writeFileSync(file, text);
      return lives;
    });
    const rate = 1 - living.length / chosen.length;
    short ||= rate < LEAST;
    process.stdout.write(
      `core/${folder}: ${chosen.length - living.length} of ${chosen.length} mistakes noticed (${all.length} could be made)\n`,
    );
    for (const { file, line, was, becomes } of living)
      process.stdout.write(`  lives: ${path.relative(copy, file)}:${line}: ${was.slice(0, 60)} → ${becomes.slice(0, 60)}\n`);
  }
} finally {
  rmSync(copy, { recursive: true, force: true });
}
process.exitCode = short ? 1 : 0;
