import { mkdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { FILLED, startServer } from './server';

/** Fills a folder with the made-up visit, and one with the decks alone: once, not for every spec file. */
async function fill() {
  await Promise.all(
    Object.entries(FILLED).map(async ([kind, folder]) => {
      rmSync(folder, { recursive: true, force: true });
      mkdirSync(path.dirname(folder), { recursive: true });
      const server = await startServer({ folder, demo: kind === 'demo' });
      const code = await server.end('SIGTERM');
      if (code !== 0) throw new Error(`the ${kind} folder could not be filled:\n${server.output()}`);
    }),
  );
}
export default fill;
