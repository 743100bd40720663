import { access, type Entered } from './access';
import { isLocal } from './hosts';
import { showCode } from './show-code';

const COOKIE = 'elm-swatch-device';
/** How long a browser keeps what lets it in: a working week. The server forgets it when it is started anew. */
const COOKIE_S = 7 * 24 * 60 * 60;

/** Whether other machines can reach this server, so that each device has to be let in. */
export const isGuarded = (): boolean => !isLocal(process.env['ELM_SWATCH_HOST'] ?? '127.0.0.1');

const WRONG: Readonly<Record<Exclude<Entered, { ok: true }>['reason'], string>> = {
  wrong: 'That is not the code.',
  wait: 'Too many wrong codes from here. Wait a little, then try again.',
  'no-code':
    'There is no code now, or it was used or is too old. Make a new one on a device that is in, or press Enter where Elm Swatch was started.',
  'too-many': 'Too many devices are in. Turn one away first.',
};

const escaped = (text: string) => text.replaceAll(/[^\w .,:'-]/g, (c) => `&#${c.codePointAt(0)};`);

/** The whole of what a device that is not in gets to see. */
function enterPage(status: number, says = '', code = ''): Response {
  const body = `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>Enter</title><style>body{font:1.1rem/1.5 system-ui,sans-serif;max-width:26rem;margin:12vh auto;padding:0 1.2rem;color:#222;background:#f2f2f2}
input,button{font:inherit;padding:.6rem .8rem;width:100%;box-sizing:border-box;border:1px solid #777;background:#fff}
input{letter-spacing:.2em;text-transform:uppercase}button{margin-top:.8rem;background:#222;color:#fff}</style>
<h1>Elm Swatch</h1><p>Enter the code that is shown on a device already in, or where Elm Swatch was started.</p>
${says === '' ? '' : `<p role="alert"><b>${escaped(says)}</b></p>`}
<form method="post" action="/enter"><label>Code <input name="code" value="${escaped(code)}" autocomplete="off" autocapitalize="characters" required maxlength="20"></label>
<button>Let this device in</button></form></html>`;
  // a form of a page without a referrer is sent as from nowhere, and refused
  const headers = { 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store', 'referrer-policy': 'same-origin' };
  return new Response(body, { status, headers });
}

/** What kind of device asks, for the person to know it by; more of what a browser says of itself nobody needs. */
const nameOf = (agent: string): string => (/mobi|tablet/i.test(agent) ? 'A phone or tablet' : 'A computer');

/** Longest body of the form, bytes. */
const MOST = 200;
async function enter(request: Request): Promise<Response> {
  if (Number(request.headers.get('content-length') ?? MOST + 1) > MOST) return enterPage(413, WRONG.wrong);
  const code = new URLSearchParams(await request.text()).get('code') ?? '';
  const entered = access().enter(code.slice(0, 40), {
    name: nameOf(request.headers.get('user-agent') ?? ''),
    from: request.headers.get(ADDRESS_HEADER) ?? '',
  });
  if (!entered.ok) return enterPage(403, WRONG[entered.reason]);
  return new Response(null, {
    status: 303,
    headers: {
      // whole: the framework takes no other
      location: `http://${request.headers.get('host')}/`,
      'set-cookie': `${COOKIE}=${entered.secret}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${COOKIE_S}`,
      'cache-control': 'no-store',
    },
  });
}

/**
 * A new code, where the server was started, when the last is too old and nobody is in who could make one; not more often than once a
 * minute.
 */
const PAUSE_MS = 60_000;
let shownAt = -Infinity;
async function showAgain(): Promise<void> {
  if (Date.now() - shownAt < PAUSE_MS) return;
  shownAt = Date.now();
  await showCode();
}

const secretOf = (headers: Pick<Headers, 'get'>): string =>
  new RegExp(`(?:^|; )${COOKIE}=([\\w-]{43})(?:;|$)`).exec(headers.get('cookie') ?? '')?.[1] ?? '';

/** The device that asks: null on a server that only this machine reaches; undefined of one that was not let in. */
export const deviceIn = (headers: Pick<Headers, 'get'>): string | null | undefined =>
  isGuarded() ? access().deviceOf(secretOf(headers))?.id : null;

/** Where a request comes from, as the server that takes it says; of no use where nobody else can reach it. */
export const ADDRESS_HEADER = 'x-elm-address';

/** Lets in who may be, on a server that others can reach; answers everyone else itself, with nothing of the product. */
export async function gate(request: Request): Promise<{ readonly answer?: Response; readonly device?: string }> {
  const device = deviceIn(request.headers);
  if (device === null) return {};
  if (device !== undefined) return { device };
  const url = new URL(request.url);
  if (!access().hasCode() && access().devices().length === 0) await showAgain();
  if (url.pathname === '/enter' && request.method === 'POST') return { answer: await enter(request) };
  if (request.method !== 'GET' && request.method !== 'HEAD') return { answer: enterPage(401) };
  return { answer: enterPage(url.pathname === '/enter' ? 200 : 401, '', url.searchParams.get('code')?.slice(0, 20) ?? '') };
}
