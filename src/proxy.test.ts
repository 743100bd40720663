/** @jest-environment node */
import { NextRequest } from 'next/server';
import { pageToken } from './server/border/refusal';
import { config, proxy } from './proxy';
import { access } from './server/border/access';
import { realAddresses } from './server/border/hosts';

type Asked = { readonly path?: string; readonly method?: string };
const ask = (headers: Record<string, string>, { path = '/visits', method = 'GET' }: Asked = {}) =>
  proxy(new NextRequest(`http://127.0.0.1:4000${path}`, { headers, method }));
const OWN = { host: '127.0.0.1:4000' };
const statusOf = async (...asked: Parameters<typeof ask>) => (await ask(...asked)).status;

describe('who is answered', () => {
  test.each(['127.0.0.1:4000', 'localhost:4000', '[::1]:4000'])('%s, with a policy that differs each time', async (host) => {
    const [first, second] = [await ask({ host }), await ask({ host })];
    expect(first.status).toBe(200);
    const policy = first.headers.get('content-security-policy')!;
    expect(policy).toMatch(/script-src 'self' 'nonce-[\w+/=]+' 'strict-dynamic'/);
    expect(policy).toContain("object-src 'none'");
    expect(second.headers.get('content-security-policy')).not.toBe(policy);
  });

  test.each([
    [{ host: 'evil.example' }],
    [{ host: '127.0.0.1.evil.example' }],
    [{ host: '' }],
    [{ ...OWN, origin: 'http://evil.example' }],
    [{ ...OWN, origin: 'null' }],
    [{ ...OWN, origin: 'http://127.0.0.1:5000' }],
  ])('%j is refused, with the headers every answer has', async (headers) => {
    const answer = await ask(headers as Record<string, string>);
    expect(answer.status).toBe(403);
    expect(answer.headers.get('x-content-type-options')).toBe('nosniff');
    expect(answer.headers.get('content-security-policy')).toContain("frame-ancestors 'none'");
  });

  test.each(['cross-site', 'same-site'])(
    'a browser that says a page elsewhere (%s) writes is refused, without an origin too',
    async (site) => {
      expect(await statusOf({ ...OWN, 'sec-fetch-site': site }, { method: 'POST' })).toBe(403);
      expect(await statusOf({ ...OWN, 'sec-fetch-site': site })).toBe(200);
    },
  );
  test.each(['same-origin', 'none'])('its own pages and the person (%s) may write', async (site) => {
    expect(await statusOf({ ...OWN, 'sec-fetch-site': site }, { method: 'POST' })).toBe(200);
  });

  test('a write that comes from no page is refused, unless it carries what the pages carry', async () => {
    expect(await statusOf(OWN, { method: 'POST' })).toBe(403);
    expect(await statusOf({ ...OWN, 'x-elm-page': 'made up' }, { method: 'DELETE' })).toBe(403);
    expect(await statusOf({ ...OWN, 'x-elm-page': pageToken() }, { method: 'POST' })).toBe(200);
    expect(await statusOf(OWN)).toBe(200);
  });

  test('an address of this machine that it was told to serve on is one of its names', async () => {
    process.env['ELM_SWATCH_HOST'] = '127.0.0.2';
    expect(await statusOf({ host: '127.0.0.2:4000' })).toBe(200);
    expect(await statusOf({ host: '127.0.0.3:4000' })).toBe(403);
    delete process.env['ELM_SWATCH_HOST'];
    expect(await statusOf({ host: '127.0.0.2:4000' })).toBe(403);
  });

  test('every path is asked about, those of files too', () => {
    expect(config.matcher).toBe('/:path*');
  });

  test.each(['/visits/%00', '/api/deck/%E0%A4', '/api/deck/%', '/%ff'])('%s is no address of ours', async (path) => {
    expect(await statusOf(OWN, { path })).toBe(400);
  });

  test('its own pages may ask, and too large a request is not taken', async () => {
    expect(await statusOf({ ...OWN, origin: 'http://127.0.0.1:4000' })).toBe(200);
    expect(await statusOf({ ...OWN, 'content-length': String(200 * 1024 * 1024) })).toBe(413);
  });
});

describe('a server that other machines can reach', () => {
  beforeEach(() => {
    process.env['ELM_SWATCH_HOST'] = '0.0.0.0';
    // the code that is shown where the server was started
    jest.spyOn(process.stderr, 'write').mockReturnValue(true);
  });
  afterEach(() => {
    jest.restoreAllMocks();
    delete process.env['ELM_SWATCH_HOST'];
    for (const { id } of access().devices()) access().revoke(id);
  });
  const enter = (code: string) =>
    proxy(
      new NextRequest('http://127.0.0.1:4000/enter', {
        method: 'POST',
        headers: {
          ...OWN,
          origin: 'http://127.0.0.1:4000',
          'content-length': '20',
          'content-type': 'application/x-www-form-urlencoded',
        },
        body: `code=${code}`,
      }),
    );

  test('answers its own addresses, and no other name', async () => {
    for (const address of realAddresses()) expect(await statusOf({ host: `${address}:4000` })).toBe(401);
    expect(await statusOf({ host: 'evil.example' })).toBe(403);
    expect(await statusOf({ host: '0.0.0.0:4000' })).toBe(403);
  });

  test('gives a device that is not in nothing but the page to enter the code', async () => {
    for (const [path, method] of [
      ['/visits', 'GET'],
      ['/api/deck', 'GET'],
      ['/_next/static/x.js', 'GET'],
      ['/api/operations', 'POST'],
    ] as const) {
      const origin = 'http://127.0.0.1:4000';
      const answer = await ask({ ...OWN, origin, cookie: `elm-swatch-device=${'a'.repeat(43)}` }, { path, method });
      expect([answer.status, answer.headers.get('x-middleware-next')]).toEqual([401, null]);
      expect(await answer.text()).toContain('Enter the code');
    }
  });

  test('lets a device in that enters the code, by a cookie no script reads, until it is turned away', async () => {
    const entered = await enter(access().newCode().code);
    expect([entered.status, entered.headers.get('location')]).toEqual([303, 'http://127.0.0.1:4000/']);
    const cookie = entered.headers.get('set-cookie')!;
    expect(cookie).toMatch(/^elm-swatch-device=[\w-]{43}; Path=\/; HttpOnly; SameSite=Strict; Max-Age=\d+$/);
    const own = { ...OWN, cookie: cookie.split(';')[0]!, 'x-elm-device': 'made up' };
    const inside = await ask(own);
    expect(inside.status).toBe(200);
    const [device] = access().devices();
    expect(inside.headers.get('x-middleware-request-x-elm-device')).toBe(device!.id);
    access().revoke(device!.id);
    expect(await statusOf(own)).toBe(401);
  });

  test('says what is wrong with a code, and shows nothing a page could run', async () => {
    access().newCode();
    const answer = await enter('%3Cscript%3E');
    expect(answer.status).toBe(403);
    expect(await answer.text()).toContain('That is not the code.');
    const page = await (await ask(OWN, { path: '/enter?code=%3Cscript%3Ealert(1)' })).text();
    expect(page).not.toContain('<script');
  });
});
