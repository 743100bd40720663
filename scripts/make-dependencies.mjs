// Writes docs/dependencies.md from the lock file: every package that runs with the product, with its licence.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
const json = (file) => JSON.parse(readFileSync(path.join(ROOT, file), 'utf8'));
const nameOf = (at) => at.slice(at.lastIndexOf('node_modules/') + 'node_modules/'.length);

/** Packages that say their licence only in a file of their own. */
const SAID_IN_A_FILE = { suncalc: 'BSD-2-Clause', 'png-js': 'MIT' };

function licenceOf(at, entry) {
  if (entry.license) return entry.license;
  const file = path.join(ROOT, at, 'package.json');
  const own = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')).license : undefined;
  return (typeof own === 'string' ? own : own?.type) ?? SAID_IN_A_FILE[nameOf(at)] ?? 'not said';
}

const HEAD = `# What the product is built on

Written by \`node scripts/make-dependencies.mjs\` from the lock file; a test holds the two together. Every package runs on this machine alone, and
none is asked over the network while the product runs. Development tools are not listed: they do not run with it.

The image library under \`sharp\` (libvips, in \`@img/sharp-libvips-*\`) is under the LGPL, version 3 or later: it is used unchanged, as a library of its
own beside the product, and can be exchanged for another build of it. The font is under the SIL Open Font License (\`src/app/fonts\`).
`;

/** The text of docs/dependencies.md. */
export function dependenciesText() {
  const { dependencies } = json('package.json');
  const { packages } = json('package-lock.json');
  const runs = Object.entries(packages).filter(([at, e]) => at !== '' && !e.dev && !e.devOptional && !e.link);
  // parts for other machines are one family: which of them is here hangs on the machine
  const found = new Map();
  for (const [at, entry] of runs) {
    if (entry.optional) continue;
    found.set(`${nameOf(at)} ${entry.version}`, licenceOf(at, entry));
  }
  const all = [...found].sort(([a], [b]) => (a < b ? -1 : 1));
  const own = all.filter(([name]) => name.slice(0, name.lastIndexOf(' ')) in dependencies);
  const rest = all.filter(([name]) => !(name.slice(0, name.lastIndexOf(' ')) in dependencies));
  const list = (rows) => rows.map(([name, licence]) => `- ${name}: ${licence}`).join('\n');
  return `${HEAD}\n## Used by the product itself\n\n${list(own)}\n\n## Used by those\n\n${list(rest)}\n`;
}

if (process.argv[1] === fileURLToPath(import.meta.url))
  writeFileSync(path.join(ROOT, 'docs', 'dependencies.md'), dependenciesText());
