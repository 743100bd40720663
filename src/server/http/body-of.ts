import { parsedJson } from '@/core/base/parsed-json';

/** The body of a request, as long as it stays within `most` bytes; undefined when it does not: the rest is not read. */
export async function bodyOf(request: Request, most: number): Promise<Uint8Array | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > most) return undefined;
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of (request.body ?? []) as AsyncIterable<Uint8Array>) {
    size += chunk.byteLength;
    if (size > most) return undefined;
    chunks.push(chunk);
  }
  const all = new Uint8Array(size);
  let at = 0;
  for (const chunk of chunks) {
    all.set(chunk, at);
    at += chunk.byteLength;
  }
  return all;
}

/** The body of a request as JSON; undefined when it is none, or longer than `most` bytes. */
export async function jsonOf(request: Request, most: number): Promise<unknown> {
  const body = await bodyOf(request, most);
  return body && parsedJson(new TextDecoder().decode(body));
}

/** The token of what was looked at before, as a page sends it: `{ "token": … }`. */
export async function tokenOf(request: Request): Promise<string | undefined> {
  const asked = (await jsonOf(request, 1000)) as { token?: unknown } | null | undefined;
  return typeof asked?.token === 'string' ? asked.token : undefined;
}
