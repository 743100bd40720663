import { showCode } from './border/show-code';
import { isGuarded } from './border/gate';
import { tellServer } from './border/let-in';
import { closeDatabase, copyToday, database, openedFolder } from './database';
import { makeFirstPages } from './first-pages';
import { sayFinding } from './folder/say-finding';
import { sayTrouble, NO_WORDS } from './folder/trouble';

/** How long closing may take before the process ends anyway: what was shown as saved is in the journal. */
const CLOSING_MS = 20_000;
/** How often it is looked whether a day without a copy has begun. */
const COPY_EVERY_MS = 60 * 60_000;

let stopping = false;
const stop = (signal: NodeJS.Signals) => {
  const code = signal === 'SIGINT' ? 130 : 0;
  // asked a second time, it does not wait
  if (stopping) process.exit(code);
  stopping = true;
  setTimeout(() => process.exit(code), CLOSING_MS).unref();
  closeDatabase()
    .catch((e: unknown) => console.error('the database was not closed', e))
    .finally(() => process.exit(code));
};

/** Said on standard output once the data folder is claimed and open: who started the server waits for it. */
export const OPENED = 'elm-swatch: data folder open';

/** Opens the data folder; a second start on the same folder says so and stops, changing nothing. */
export async function start(): Promise<void> {
  process.on('SIGTERM', stop);
  process.on('SIGINT', stop);
  // a new code for whoever sits at this machine: Enter where it was started; unheard, the signal would end the server
  process.on('SIGUSR2', () => {
    if (isGuarded()) void showCode();
  });
  try {
    await database();
    for (const finding of (await openedFolder()).findings) process.stderr.write(`${sayFinding(finding)}\n`);
    process.stdout.write(`${OPENED}\n`);
  } catch (e) {
    const told = sayTrouble(e);
    if (told === NO_WORDS) console.error(e);
    process.stderr.write(`\n${told}\n`);
    process.exit(e instanceof Error && e.name === 'FolderInUse' ? 3 : 1);
  }
  tellServer();
  // whatever hinders it will be met, and told, by who asks
  makeFirstPages().catch(() => undefined);
  setInterval(() => void copyToday(), COPY_EVERY_MS).unref();
  if (isGuarded()) await showCode();
}
