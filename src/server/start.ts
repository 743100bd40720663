import { closeDatabase, database, FolderInUse } from './database';

const stop = (signal: NodeJS.Signals) => {
  void closeDatabase().finally(() => process.exit(signal === 'SIGINT' ? 130 : 0));
};

/** Said on standard output once the data folder is claimed and open: who started the server waits for it. */
export const OPENED = 'elm-swatch: data folder open';

/** Opens the data folder; a second start on the same folder says so and stops, changing nothing. */
export async function start(): Promise<void> {
  try {
    await database();
    process.stdout.write(`${OPENED}\n`);
  } catch (e) {
    process.stderr.write(e instanceof FolderInUse ? `\n${e.message}\n` : `\nThe data folder could not be opened: ${String(e)}\n`);
    process.exit(e instanceof FolderInUse ? 3 : 1);
  }
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
}
