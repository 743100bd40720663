import { NextResponse, type NextRequest } from 'next/server';

const LOCAL = ['127.0.0.1', 'localhost', '[::1]'];

/** Hosts this server answers to: this machine, and the one it was told to serve on. */
const allowedHosts = () => [...LOCAL, ...(process.env['ELM_SWATCH_HOST'] ? [process.env['ELM_SWATCH_HOST']] : [])];

const withoutPort = (host: string) => host.replace(/:\d+$/, '');

/** Refuses requests made under a foreign name (DNS rebinding) or from a foreign page. */
function refusal(request: NextRequest): string | undefined {
  const host = request.headers.get('host') ?? '';
  if (!allowedHosts().includes(withoutPort(host))) return 'This address is not served here.';
  const origin = request.headers.get('origin');
  if (origin !== null && origin !== `http://${host}` && origin !== `https://${host}`)
    return 'Requests from other pages are refused.';
  return undefined;
}

function contentSecurityPolicy(nonce: string): string {
  const dev = process.env.NODE_ENV === 'development';
  return [
    `default-src 'self'`,
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ''}`,
    `worker-src 'self' blob:`,
    `style-src 'self' 'unsafe-inline'`,
    `img-src 'self' blob: data:`,
    `font-src 'self'`,
    `connect-src 'self'${dev ? ' ws:' : ''}`,
    `object-src 'none'`,
    `base-uri 'self'`,
    `form-action 'self'`,
    `frame-ancestors 'none'`,
  ].join('; ');
}

/** Largest request taken, in bytes: a deck file of 32 MB and what is around it. */
const MOST_BYTES = 33 * 1024 * 1024;

export function proxy(request: NextRequest) {
  if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES)
    return NextResponse.json({ error: 'The file is larger than 32 MB.' }, { status: 413 });
  const refused = refusal(request);
  if (refused) return new NextResponse(refused, { status: 403, headers: { 'content-type': 'text/plain; charset=utf-8' } });
  const nonce = btoa(crypto.randomUUID());
  const policy = contentSecurityPolicy(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('Content-Security-Policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('Content-Security-Policy', policy);
  response.headers.set('X-Content-Type-Options', 'nosniff');
  response.headers.set('Referrer-Policy', 'no-referrer');
  response.headers.set('Permissions-Policy', 'geolocation=(), microphone=(), camera=(self)');
  return response;
}

export const config = { matcher: ['/((?!_next/static|favicon.ico$).*)'] };
