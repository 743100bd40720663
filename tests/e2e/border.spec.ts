import { request as ask, type IncomingHttpHeaders } from 'node:http';
import { connect } from 'node:net';
import { expect, filledFolder, startServer, test } from './server';

type Asked = {
  readonly method?: string;
  readonly path?: string;
  readonly headers?: Record<string, string>;
  readonly bytes?: number;
};
type Answer = { readonly status: number; readonly body: string; readonly headers: IncomingHttpHeaders; readonly sent: number };

/** Asks as a program that sends as long as it is let: how much it could send before it was answered or cut off. */
function asked(url: string, { method = 'GET', path = '/visits', headers = {}, bytes }: Asked): Promise<Answer> {
  return new Promise((resolve) => {
    let sent = 0;
    const request = ask(`${url}${path}`, {
      method,
      headers: { ...headers, ...(bytes === undefined ? {} : { 'content-length': String(bytes) }) },
    });
    request.on('response', (response) => {
      let body = '';
      response.on('data', (chunk) => (body += String(chunk)));
      response.on('close', () => resolve({ status: response.statusCode!, body, headers: response.headers, sent }));
    });
    request.on('error', () => resolve({ status: 0, body: '', headers: {}, sent }));
    const piece = Buffer.alloc(256 * 1024, 'a');
    const send = () => {
      while (bytes !== undefined && sent < bytes && !request.destroyed) {
        sent += piece.length;
        if (!request.write(piece)) return void request.once('drain', send);
      }
      request.end();
    };
    send();
  });
}
/** What a server says to raw bytes. */
const raw = (url: string, text: string): Promise<string> =>
  new Promise((resolve) => {
    const { hostname, port } = new URL(url);
    const socket = connect(Number(port), hostname, () => socket.write(text.replaceAll('\n', '\r\n')));
    let said = '';
    socket.on('data', (chunk) => (said += String(chunk)));
    socket.on('error', () => resolve(said));
    socket.on('close', () => resolve(said));
    socket.setTimeout(5000, () => socket.destroy());
  });
const MB = 1024 * 1024;

test('a stranger sends no more than a few lines: what is longer ends at once, and nothing of it is kept in memory', async () => {
  const server = await startServer({ folder: filledFolder('demo'), demo: true, host: '0.0.0.0' });
  for (const path of ['/api/keeping/visit', '/api/operations', '/enter', '/nowhere']) {
    const { status, sent } = await asked(server.url, { method: 'POST', path, bytes: 200 * MB, headers: { origin: server.url } });
    expect([path, status === 413 || status === 0]).toEqual([path, true]);
    expect(sent).toBeLessThan(20 * MB);
  }
  const few = await asked(server.url, { method: 'POST', path: '/api/operations', bytes: 0, headers: { origin: server.url } });
  expect([few.status, few.body.includes('Enter the code')]).toEqual([401, true]);
  await server.end('SIGTERM');
});

test('under a foreign name, from a foreign page or from nowhere nothing long is taken either', async ({ demo }) => {
  const foreign = [{ host: 'evil.example' }, { origin: 'http://evil.example' }, {}] as Record<string, string>[];
  for (const headers of foreign) {
    const { status, sent } = await asked(demo.url, { method: 'PUT', path: '/api/keeping/visit', bytes: 100 * MB, headers });
    expect(status === 413 || status === 0).toBe(true);
    expect(sent).toBeLessThan(20 * MB);
  }
  const tooLarge = await asked(demo.url, {
    method: 'PUT',
    path: '/api/operations',
    bytes: 40 * MB,
    headers: { origin: demo.url },
  });
  expect(tooLarge.status === 413 || tooLarge.status === 0).toBe(true);
  expect((await asked(demo.url, { method: 'POST', path: '/api/operations', bytes: 0 })).status).toBe(403);
});

test('another protocol is answered and closed, and what cannot be read is a plain 4xx', async ({ demo }) => {
  const host = demo.url.replace('http://', '');
  const upgrade =
    'Connection: Upgrade\nUpgrade: websocket\nSec-WebSocket-Version: 13\nSec-WebSocket-Key: AAAAAAAAAAAAAAAAAAAAAA==\n\n';
  for (const name of [host, 'evil.example'])
    expect(await raw(demo.url, `GET /_next/webpack-hmr HTTP/1.1\nHost: ${name}\n${upgrade}`)).toMatch(/^HTTP\/1\.1 400 /);
  expect(await raw(demo.url, 'nonsense\n\n')).toMatch(/^HTTP\/1\.1 400 /);
  expect(await raw(demo.url, `BREW /visits HTTP/1.1\nHost: ${host}\n\n`)).toMatch(/^HTTP\/1\.1 4\d\d /);
  expect(
    await raw(demo.url, `POST /visits HTTP/1.1\nHost: ${host}\nOrigin: ${demo.url}\nTransfer-Encoding: chunked\n\n`),
  ).toMatch(/^HTTP\/1\.1 411 /);
});

test('odd methods, headers and forms are refused in words, never as an error of the server', async ({ demo }) => {
  const own = { origin: demo.url };
  const odd: readonly Asked[] = [
    { method: 'TRACE' },
    { method: 'PROPFIND' },
    { method: 'POST', headers: { ...own, 'next-action': 'x' }, bytes: 0 },
    { method: 'POST', headers: { ...own, 'next-action': 'a'.repeat(42) }, bytes: 0 },
    { method: 'POST', headers: { ...own, 'content-type': 'multipart/form-data' }, bytes: 0 },
    { method: 'POST', headers: { ...own, 'content-type': 'multipart/form-data; boundary=x' }, bytes: 256 * 1024 },
    {
      method: 'POST',
      headers: { ...own, 'content-type': 'multipart/form-data; boundary=x', 'next-action': 'a'.repeat(42) },
      bytes: 0,
    },
    { headers: { rsc: '1', 'next-router-state-tree': '%' } },
    { headers: { rsc: '1', 'next-router-state-tree': '{"a":1}' } },
    { headers: { rsc: '1', 'next-router-prefetch': '1', 'next-url': '//evil.example/%' } },
    { headers: { 'x-middleware-subrequest': 'src/proxy:src/proxy:src/proxy' } },
    { headers: { 'x-matched-path': '/../../x', 'x-now-route-matches': '%' } },
    { headers: { cookie: '%'.repeat(3000) } },
    { headers: { accept: 'x', 'accept-language': '\u00e9'.repeat(200), 'if-none-match': '"' } },
    { method: 'PUT', path: '/visits', headers: own, bytes: 0 },
    { method: 'DELETE', path: '/api/deck', headers: own },
    { path: '/_next/image?url=http://evil.example/x.png&w=64&q=75' },
    { path: '/_next/data/x/visits.json' },
    { path: '/visits/..%2f..%2fetc%2fpasswd' },
    { path: `/visits?${'a='.repeat(3000)}` },
  ];
  for (const one of odd) {
    const { status } = await asked(demo.url, one);
    const called = [one.method ?? 'GET', one.path ?? '', JSON.stringify(one.headers ?? {}).slice(0, 90)];
    expect([...called, status >= 200 && status < 500]).toEqual([...called, true]);
  }
});

test('it serves on another address of this machine when it is told to', async () => {
  const server = await startServer({ folder: filledFolder('demo'), demo: true, host: '127.0.0.2' });
  const url = server.url.replace('127.0.0.1', '127.0.0.2');
  expect((await asked(url, {})).status).toBe(200);
  expect((await asked(url, { headers: { host: 'evil.example' } })).status).toBe(403);
  await server.end('SIGTERM');
});
