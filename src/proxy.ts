import { NextResponse, type NextRequest } from 'next/server';
import { gate } from './server/border/gate';
import { refusal } from './server/border/refusal';

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

/** The headers of every answer, refusals too. */
function withHeaders(response: Response, policy: string): Response {
  response.headers.set('Content-Security-Policy', policy);
  response.headers.set('X-Content-Type-Options', 'nosniff');
  if (!response.headers.has('Referrer-Policy')) response.headers.set('Referrer-Policy', 'no-referrer');
  response.headers.set('Permissions-Policy', 'geolocation=(), microphone=(), camera=(self)');
  return response;
}

/** Largest request taken, in bytes: a deck file of 32 MB and what is around it; of a visit's file more, with its photographs. */
const MOST_BYTES = 33 * 1024 * 1024;
const MOST_OF_A_VISIT = 513 * 1024 * 1024;
const isTooLarge = ({ headers, nextUrl }: NextRequest): boolean =>
  Number(headers.get('content-length') ?? 0) > (nextUrl.pathname === '/api/keeping/visit' ? MOST_OF_A_VISIT : MOST_BYTES);
const refuse = (status: number, says: string) =>
  new Response(says, { status, headers: { 'content-type': 'text/plain; charset=utf-8' } });

/** A path that is not what its percent signs say is none of ours. */
function isReadable(path: string): boolean {
  try {
    return !decodeURIComponent(path).includes('\0');
  } catch {
    return false;
  }
}

export async function proxy(request: NextRequest): Promise<Response> {
  const nonce = btoa(crypto.randomUUID());
  const policy = contentSecurityPolicy(nonce);
  if (isTooLarge(request)) return withHeaders(Response.json({ error: 'The file is too large.' }, { status: 413 }), policy);
  const refused = refusal(request);
  if (refused) return withHeaders(refuse(403, refused), policy);
  if (!isReadable(request.nextUrl.pathname)) return withHeaders(refuse(400, 'Nothing is kept at this address.'), policy);
  const { answer, device } = await gate(request);
  if (answer) return withHeaders(answer, policy);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('Content-Security-Policy', policy);
  headers.delete('x-elm-device');
  if (device !== undefined) headers.set('x-elm-device', device);
  return withHeaders(NextResponse.next({ request: { headers } }), policy);
}

/** Every path: what is served as a file too is served to nobody by a foreign name. */
export const config = { matcher: '/:path*' };
