import { closeDatabase, database } from './database';
import { FolderInUse, sayTrouble } from './folder/trouble';

/** How long closing may take before the process ends anyway: what was shown as saved is in the journal. */
const CLOSING_MS = 20_000;

const stop = (signal: NodeJS.Signals) => {
  const code = signal === 'SIGINT' ? 130 : 0;
  setTimeout(() => process.exit(code), CLOSING_MS).unref();
  closeDatabase()
    .catch((e: unknown) => console.error('the database was not closed', e))
    .finally(() => process.exit(code));
};

/** Said on standard output once the data folder is claimed and open: who started the server waits for it. */
export const OPENED = 'elm-swatch: data folder open';

/** Opens the data folder; a second start on the same folder says so and stops, changing nothing. */
export async function start(): Promise<void> {
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
  try {
    await database();
    process.stdout.write(`${OPENED}\n`);
  } catch (e) {
    const told = sayTrouble(e);
    if (told.includes('above')) console.error(e);
    process.stderr.write(`\n${told}\n`);
    process.exit(e instanceof FolderInUse ? 3 : 1);
  }
}
