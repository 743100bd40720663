import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { test as base, type Browser, type BrowserContext, type BrowserContextOptions } from '@playwright/test';

const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => resolve(port));
    });
  });

export const newFolder = () => path.join(mkdtempSync(path.join(tmpdir(), 'elm-e2e-')), 'data');

export type Server = {
  readonly url: string;
  readonly folder: string;
  /** Everything it has said so far. */
  readonly output: () => string;
  /** Ends it with a signal and waits until it is gone; answers its exit code. */
  readonly end: (signal: 'SIGTERM' | 'SIGKILL') => Promise<number | null>;
  /** Exit code, when it ends by itself. */
  readonly ended: Promise<number | null>;
};

type Options = {
  readonly folder: string;
  readonly demo?: boolean;
  readonly port?: number;
  /** Address it serves on; this machine alone when left out. */
  readonly host?: string;
};

/** Starts the built application on a folder, as bin/start does; resolves when it is ready or has stopped. */
export async function startServer({ folder, demo = false, port, host = '127.0.0.1' }: Options): Promise<Server> {
  const at = port ?? (await freePort());
  const child: ChildProcess = spawn(process.execPath, ['scripts/server.mjs', host, String(at)], {
    env: {
      ...process.env,
      NODE_ENV: 'production',
      NEXT_TELEMETRY_DISABLED: '1',
      NEXT_MANUAL_SIG_HANDLE: 'true',
      ELM_SWATCH_DATA: folder,
      ELM_SWATCH_HOST: host,
      ELM_SWATCH_PORT: String(at),
      ELM_SWATCH_DEMO: demo ? '1' : '0',
      ELM_SWATCH_FRESH: '0',
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  const ended = new Promise<number | null>((resolve) => child.on('exit', (code) => resolve(code)));
  const ready = new Promise<void>((resolve) => {
    for (const stream of [child.stdout!, child.stderr!])
      stream.on('data', (chunk) => {
        said += String(chunk);
        if (said.includes('elm-swatch: data folder open')) resolve();
      });
  });
  await Promise.race([ready, ended]);
  const url = `http://127.0.0.1:${at}`;
  return {
    url,
    folder,
    output: () => said,
    ended,
    end: async (signal) => {
      child.kill(signal);
      return ended;
    },
  };
}

/** Folders that were filled once, for every spec file to begin with a copy of: see `global-setup`. */
export const FILLED = { demo: path.resolve('var/test/filled/demo'), own: path.resolve('var/test/filled/own') } as const;

/** A folder of its own that begins with what was filled. */
export function filledFolder(kind: keyof typeof FILLED): string {
  const folder = newFolder();
  cpSync(FILLED[kind], folder, { recursive: true });
  return folder;
}

/** One server, started anew for each spec file on a folder of its own: what one file's tests change never meets another's. */
function serverPerFile(kind: keyof typeof FILLED) {
  let running: { readonly file: string; readonly server: Server } | undefined;
  const end = async () => {
    if (!running) return;
    await running.server.end('SIGTERM');
    rmSync(path.dirname(running.server.folder), { recursive: true, force: true });
    running = undefined;
  };
  const of = async (file: string) => {
    if (running?.file !== file) {
      await end();
      running = { file, server: await startServer({ demo: kind === 'demo', folder: filledFolder(kind) }) };
    }
    return running.server;
  };
  return { of, end };
}

type PerFile = ReturnType<typeof serverPerFile>;

/** Every page stands at noon of the demo's own day, whatever the hour on the machine: what is light and what is dark is then known. */
export const NOON = new Date('2026-09-23T12:05:00Z');

/** The bench goes on to the next pair by → only: tests that are not about its going on say one thing at a time. */
const benchByHand = (context: BrowserContext) =>
  context.addInitScript(() => {
    const key = 'elm-swatch.bench.pace';
    if (sessionStorage.getItem(key) === null) sessionStorage.setItem(key, 'by-hand');
  });

/** A context at an hour, noon where none is given. */
export async function contextAt(browser: Browser, at: Date = NOON, options: BrowserContextOptions = {}): Promise<BrowserContext> {
  const context = await browser.newContext({ serviceWorkers: 'block', ...options });
  await context.clock.setFixedTime(at);
  await benchByHand(context);
  return context;
}

/** `demo`: a server with the made-up visit, one per spec file; `own`: an empty one. */
export const test = base.extend<{ demo: Server; own: Server }, { demoServers: PerFile; ownServers: PerFile }>({
  demoServers: [
    async ({}, use) => {
      const servers = serverPerFile('demo');
      await use(servers);
      await servers.end();
    },
    { scope: 'worker' },
  ],
  ownServers: [
    async ({}, use) => {
      const servers = serverPerFile('own');
      await use(servers);
      await servers.end();
    },
    { scope: 'worker' },
  ],
  context: async ({ context }, run) => {
    await context.clock.setFixedTime(NOON);
    await benchByHand(context);
    await run(context);
  },
  demo: async ({ demoServers }, run, { file }) => run(await demoServers.of(file)),
  own: async ({ ownServers }, run, { file }) => run(await ownServers.of(file)),
});
export { expect, type Page, type Locator } from '@playwright/test';
