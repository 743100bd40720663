// bin/demo and bin/start: prepares the checkout and serves the application on this machine only.
import { spawn } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { homedir } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { build, install, ROOT } from './prepare.mjs';

const HELP = {
  demo: `bin/demo [--keep] [--port N] [--host ADDRESS] [--data FOLDER]
Serves a made-up visit from the demo's own folder, made fresh each time; --keep keeps what is in it.`,
  start: `bin/start [--port N] [--host ADDRESS] [--data FOLDER]
Serves your own visits. They are kept in ${'$'}ELM_SWATCH_DATA, else in .local/share/elm-swatch in your home folder. No command ever empties it.`,
};

const [mode, ...rest] = process.argv.slice(2);
const { values } = parseArgs({
  args: rest,
  options: {
    help: { type: 'boolean', default: false },
    keep: { type: 'boolean', default: false },
    port: { type: 'string' },
    host: { type: 'string', default: '127.0.0.1' },
    data: { type: 'string' },
  },
});
if (values.help) {
  process.stdout.write(`${HELP[mode]}\n`);
  process.exit(0);
}
if (values.keep && mode !== 'demo') {
  process.stderr.write('--keep belongs to bin/demo; bin/start always keeps everything.\n');
  process.exit(2);
}

const freePort = () =>
  new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, values.host, () => {
      const { port } = probe.address();
      probe.close(() => resolve(String(port)));
    });
  });

/** Why a port cannot be served on, as the system calls it; undefined when it can. */
const against = (port) =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', (error) => resolve(error.code ?? 'unknown'));
    probe.listen(port, values.host, () => probe.close(() => resolve(undefined)));
  });
/** The same words as server/folder/trouble. */
const SAYS = {
  EADDRINUSE: 'This port is in use. Name another with --port, or none to have a free one found.',
  EADDRNOTAVAIL: 'This machine does not have that address. Name one it has with --host.',
  ENOTFOUND: 'This machine does not have that address. Name one it has with --host.',
  EACCES: 'This port is kept for the system. Name one above 1023 with --port.',
};
const isPort = (text) => /^\d{1,5}$/.test(text) && Number(text) > 0 && Number(text) < 65536;
if (values.port !== undefined && !isPort(values.port)) {
  process.stderr.write('A port is a whole number from 1 to 65535.\n');
  process.exit(2);
}
const wrong = await against(values.port === undefined ? 0 : Number(values.port));
if (wrong) {
  process.stderr.write(`${SAYS[wrong] ?? `This address cannot be served on (${wrong}).`}\n`);
  process.exit(4);
}

const ownFolder = () =>
  process.env.ELM_SWATCH_DATA ?? path.join(process.env.XDG_DATA_HOME ?? path.join(homedir(), '.local', 'share'), 'elm-swatch');
const folder = path.resolve(values.data ?? (mode === 'demo' ? path.join(ROOT, 'var', 'demo') : ownFolder()));

install();
build();
/** The port of last time: what waits in a browser is kept for its address, and would not be found under another. */
const remembered = path.join(folder, 'port');
const remembers = mode === 'start' || values.keep;
const last = remembers && existsSync(remembered) ? readFileSync(remembered, 'utf8').trim() : '';
const port = values.port ?? (isPort(last) && !(await against(Number(last))) ? last : await freePort());
if (isPort(last) && port !== last)
  process.stderr.write(
    `${values.port ? 'Another port than last time' : `Port ${last}, that of last time, is in use`}: what waits unsaved in a browser at port ${last} is sent when Elm Swatch is there again (--port ${last}).\n`,
  );
const server = spawn(process.execPath, ['scripts/server.mjs', values.host, port], {
  cwd: ROOT,
  stdio: ['ignore', 'pipe', 'inherit'],
  env: {
    ...process.env,
    NODE_ENV: 'production',
    NEXT_TELEMETRY_DISABLED: '1',
    NEXT_MANUAL_SIG_HANDLE: 'true',
    ELM_SWATCH_DATA: folder,
    ELM_SWATCH_HOST: values.host,
    ELM_SWATCH_PORT: port,
    ELM_SWATCH_DEMO: mode === 'demo' ? '1' : '0',
    ELM_SWATCH_FRESH: mode === 'demo' && !values.keep ? '1' : '0',
  },
});

const address = `http://${values.host.includes(':') ? `[${values.host}]` : values.host}:${port}`;
let announced = false;
server.stdout.on('data', (chunk) => {
  // the server listens first and opens the folder then: only this line says that both are done
  if (announced || !String(chunk).includes('elm-swatch: data folder open')) return;
  announced = true;
  if (remembers) writeFileSync(remembered, port);
  process.stdout.write(
    `\nElm Swatch ${mode === 'demo' ? 'demo' : ''} is at ${address}\nData folder: ${folder}\nStop it with Ctrl+C.\n`,
  );
});
// whoever sits at this machine lets a device in: Enter shows a new code, where others can reach the server
if (process.stdin.isTTY) process.stdin.on('data', () => announced && server.kill('SIGUSR2')).unref();
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code, signal) => process.exit(code ?? (signal === 'SIGINT' ? 130 : 1)));
