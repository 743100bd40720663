import { onePerProcess } from '../one-per-process';
import { allowedHosts, withoutPort } from './hosts';

/** What of a request says where it comes from. */
export type From = { readonly method: string; readonly headers: Pick<Headers, 'get'> };

/** What the pages of this server carry, so that a program that is no browser can show that it read one; another with every start. */
export const PAGE_HEADER = 'x-elm-page';
export const pageToken = (): string => onePerProcess('page-token', () => ({ token: crypto.randomUUID() })).token;

/** Why a request is refused, that was made under a foreign name (DNS rebinding), from a foreign page, or from nowhere. */
export function refusal({ method, headers }: From): string | undefined {
  const host = headers.get('host') ?? '';
  if (!allowedHosts(process.env['ELM_SWATCH_HOST']).includes(withoutPort(host))) return 'This address is not served here.';
  const origin = headers.get('origin');
  const foreign = origin !== null && origin !== `http://${host}` && origin !== `https://${host}`;
  // a browser says here what page asks, also where it sends no origin; only our own may write
  const site = headers.get('sec-fetch-site');
  const writes = method !== 'GET' && method !== 'HEAD';
  if (foreign || (writes && site !== null && site !== 'same-origin' && site !== 'none'))
    return 'Requests from other pages are refused.';
  if (writes && origin === null && site === null && headers.get(PAGE_HEADER) !== pageToken())
    return 'A write says from which page it comes.';
  return undefined;
}
