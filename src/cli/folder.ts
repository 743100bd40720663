// bin/backup, bin/restore and bin/check: data folders as files, and whether they are as they were written.
import { existsSync } from 'node:fs';
import { homedir } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { checkFolder } from '@/server/archive/check-folder';
import { backUp, restore } from '@/server/archive/folder-copy';
import { ArchiveRefused } from '@/server/archive/zip';
import { sayTrouble } from '@/server/folder/trouble';

const HELP: Readonly<Record<string, string>> = {
  backup: `bin/backup FILE.zip [--data FOLDER]
Writes everything of a data folder, its journal and its pictures, into one file. Elm Swatch may be running meanwhile.`,
  restore: `bin/restore FILE.zip --data NEW-FOLDER
Puts such a file, or one of a folder's own copies, into a folder that is not there yet or is empty. Start it with bin/start --data NEW-FOLDER.`,
  check: `bin/check [--data FOLDER]
Looks at every line, picture and copy in a data folder and says what is not as it was written. Changes nothing.`,
};

const ownFolder = () =>
  process.env['ELM_SWATCH_DATA'] ??
  path.join(process.env['XDG_DATA_HOME'] ?? path.join(homedir(), '.local', 'share'), 'elm-swatch');
const say = (words: string) => void process.stdout.write(`${words}\n`);

function check(folder: string): number {
  let wrong = 0;
  for (const { what, wrong: is } of checkFolder(folder)) {
    say(is === undefined ? `whole    ${what}` : `WRONG    ${what}: ${is}`);
    wrong += is === undefined ? 0 : 1;
  }
  return wrong === 0 ? 0 : 1;
}

function backup(file: string, folder: string): number {
  if (!existsSync(path.join(folder, 'journal')))
    throw new ArchiveRefused(`${folder} has no journal: it is no data folder, or one from before. Start it once with bin/start.`);
  if (existsSync(file)) throw new ArchiveRefused(`${file} is there already; nothing was written over it.`);
  say(`Wrote ${file}, up to line ${backUp(folder, path.resolve(file))} of the journal`);
  return 0;
}

/** Does what was asked; answers the exit code. */
function run(command: string, [file]: readonly string[], data: string | undefined): number {
  const folder = path.resolve(data ?? ownFolder());
  if (command === 'check') return check(folder);
  if (file === undefined || (command === 'restore' && data === undefined)) {
    say(HELP[command]!);
    return 2;
  }
  if (command === 'backup') return backup(file, folder);
  say(`Restored up to line ${restore(path.resolve(file), folder)} of the journal into ${folder}`);
  return 0;
}

const [command = '', ...rest] = process.argv.slice(2);
const { values, positionals } = parseArgs({
  args: rest,
  allowPositionals: true,
  options: { help: { type: 'boolean', default: false }, data: { type: 'string' } },
});
if (values.help) say(HELP[command] ?? '');
else
  try {
    process.exitCode = run(command, positionals, values.data);
  } catch (e) {
    process.stderr.write(`${e instanceof ArchiveRefused ? e.message : sayTrouble(e)}\n`);
    process.exitCode = 1;
  }
