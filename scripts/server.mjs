// The server bin/start and bin/demo run: what may come in at all is decided here, before the framework reads a byte of it.
//   node scripts/server.mjs HOST PORT
import { createServer } from 'node:http';
import path from 'node:path';
import next from 'next';
import sirv from 'sirv';
import { ROOT } from './prepare.mjs';

const [host = '127.0.0.1', port = '3000'] = process.argv.slice(2);

/** Largest bodies, bytes: of one that is not let in, of a request, and of a visit's file with its photographs. */
const MOST = { stranger: 64 * 1024, usual: 33 * 1024 * 1024, visit: 513 * 1024 * 1024 };
/** Bodies larger than usual that are taken in at a time. */
const MOST_LARGE = 1;
const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']);
/** What the framework's own pages send with a write, or with the state of a page. */
const ACTION = /^[0-9a-f]{40,64}$/i;
const WORDS = { 'content-type': 'text/plain; charset=utf-8', 'x-content-type-options': 'nosniff', 'cache-control': 'no-store' };

let large = 0;
const LET_IN = Symbol.for('elm-swatch.let-in');
const ASKED = Symbol.for('elm-swatch.asked');

/** Whether its sender may send more than a few lines; nobody, as long as the product has not started. */
function isLetIn({ method, headers }) {
  const asked = globalThis[LET_IN];
  return asked?.({ method, headers: { get: (name) => headers[name] ?? null } }) ?? false;
}

const isJson = (text) => {
  try {
    return JSON.parse(decodeURIComponent(text)) !== undefined;
  } catch {
    return false;
  }
};

/** Why a request is not taken, as a status and words; undefined when it is. */
function against({ method, headers, url }) {
  if (!METHODS.has(method)) return [405, 'This is not asked for in that way here.'];
  // a length that was said can be held to; a browser always says it
  if (headers['transfer-encoding'] !== undefined) return [411, 'A request says how long it is.'];
  const length = Number(headers['content-length'] ?? 0);
  if (!Number.isInteger(length) || length < 0) return [400, 'A request says how long it is.'];
  const ofVisit = url?.split('?')[0] === '/api/keeping/visit';
  const most = length <= MOST.stranger || isLetIn({ method, headers }) ? (ofVisit ? MOST.visit : MOST.usual) : MOST.stranger;
  if (length > most) return [413, most === MOST.stranger ? 'Nothing so long is taken from here.' : 'The file is too large.'];
  if (length > MOST.usual && large >= MOST_LARGE) return [503, 'Another large file is being read. Try again in a moment.'];
  return oddFor(headers, method);
}

/** What only the framework's own pages send, and sent otherwise makes it stumble. */
function oddFor(headers, method) {
  const action = headers['next-action'];
  if (action !== undefined && (Array.isArray(action) || !ACTION.test(action)))
    return [400, 'This is asked by none of our pages.'];
  const state = headers['next-router-state-tree'];
  if (state !== undefined && !isJson(state)) return [400, 'This is asked by none of our pages.'];
  const type = headers['content-type'] ?? '';
  if (action === undefined && method !== 'GET' && /^multipart\//i.test(type))
    return [415, 'A form of that kind is not taken here.'];
  return undefined;
}

const app = next({ dev: false, dir: ROOT, hostname: host, port: Number(port) });
await app.prepare();
const handle = app.getRequestHandler();

/**
 * What pages are made of: their scripts, styles and typefaces, named by what they hold. A page asks for ninety of them, and the framework
 * takes a second for that. Where others can reach the server they go through it, packed.
 */
const BUILT = '/_next/static/';
const HEADERS_OF_BUILT = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  // for the scripts among them that run apart from a page
  'content-security-policy': `default-src 'none'; script-src 'self'; connect-src 'self'; worker-src 'self' blob:`,
};
const sendBuilt = sirv(path.join(ROOT, '.next', 'static'), {
  immutable: true,
  maxAge: 365 * 24 * 60 * 60,
  extensions: [],
  setHeaders: (response) => {
    for (const [name, value] of Object.entries(HEADERS_OF_BUILT)) response.setHeader(name, value);
  },
});
const isThisMachine = host === '127.0.0.1' || host === 'localhost';
const isBuilt = (request) =>
  isThisMachine && request.method === 'GET' && request.url.startsWith(BUILT) && request.headers.range === undefined;

const server = createServer((request, response) => {
  globalThis[ASKED] = true;
  // where it comes from is said here and by nobody else
  request.headers['x-elm-address'] = request.socket.remoteAddress ?? '';
  const [status, words] = against(request) ?? [];
  if (status !== undefined) {
    // what follows is not read
    response.writeHead(status, { ...WORDS, connection: 'close', ...(status === 405 ? { allow: [...METHODS].join(', ') } : {}) });
    response.end(words, () => request.destroy());
    return;
  }
  if (Number(request.headers['content-length'] ?? 0) > MOST.usual) {
    large += 1;
    response.on('close', () => (large -= 1));
  }
  const byFramework = () =>
    handle(request, response).catch((error) => {
      console.error(error);
      if (!response.headersSent) response.writeHead(500, WORDS);
      response.end();
    });
  if (!isBuilt(request) || !isLetIn(request)) {
    byFramework();
    return;
  }
  // a file that is gone since, or no more files that can be opened: that answer ends, and nothing else
  response.once('pipe', (source) =>
    source.once('error', (error) => {
      console.error(error);
      response.destroy();
    }),
  );
  const { url } = request;
  request.url = url.slice(BUILT.length - 1);
  sendBuilt(request, response, () => {
    request.url = url;
    byFramework();
  });
});
const closing = (status, words) =>
  `HTTP/1.1 ${status}\r\ncontent-type: text/plain; charset=utf-8\r\ncontent-length: ${Buffer.byteLength(words)}\r\nconnection: close\r\n\r\n${words}`;
// nothing here is anything but requests and answers
server.on('upgrade', (_, socket) => {
  socket.on('error', () => undefined);
  socket.end(closing('400 Bad Request', 'Nothing else is spoken here.'));
});
server.on('clientError', (_, socket) => {
  if (socket.writable) socket.end(closing('400 Bad Request', 'This cannot be read.'));
  else socket.destroy();
});
server.on('error', (error) => {
  console.error(error.code === 'EADDRINUSE' ? 'This port is in use.' : error);
  process.exit(4);
});
server.listen(Number(port), host);
