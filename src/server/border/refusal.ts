import { onePerProcess } from '../one-per-process';
import { allowedHosts, withoutPort } from './hosts';

/** What of a request says where it comes from. */
export type From = { readonly method: string; readonly headers: Pick<Headers, 'get'> };

/** What the pages of this server carry, so that a program that is no browser can show that it read one; another with every start. */
export const PAGE_HEADER = 'x-elm-page';
export const pageToken = (): string => onePerProcess('page-token', () => ({ token: crypto.randomUUID() })).token;

/** Whether what a browser says of the page that asks is of another place. */
function isForeign({ headers }: From, writes: boolean): boolean {
  const host = headers.get('host') ?? '';
  const origin = headers.get('origin');
  if (origin !== null && origin !== `http://${host}` && origin !== `https://${host}`) return true;
  // a browser says here what page asks, also where it sends no origin; only our own may write
  const site = headers.get('sec-fetch-site');
  return writes && site !== null && site !== 'same-origin' && site !== 'none';
}

/** Whether a write says nothing of a page: no browser sends such a one. */
const isFromNowhere = ({ headers }: From): boolean =>
  headers.get('origin') === null && headers.get('sec-fetch-site') === null && headers.get(PAGE_HEADER) !== pageToken();

/** Why a request is refused, that was made under a foreign name (DNS rebinding), from a foreign page, or from nowhere. */
export function refusal(from: From): string | undefined {
  const host = from.headers.get('host') ?? '';
  if (!allowedHosts(process.env['ELM_SWATCH_HOST']).includes(withoutPort(host))) return 'This address is not served here.';
  const writes = from.method !== 'GET' && from.method !== 'HEAD';
  if (isForeign(from, writes)) return 'Requests from other pages are refused.';
  if (writes && isFromNowhere(from)) return 'A write says from which page it comes.';
  return undefined;
}
