/* Opens Elm Swatch while its server is away or being started again: pages as they were read last, what they are made of, decks and pictures.
   What is written meanwhile is kept by the page itself and sent when the server is back. */
const CACHE = 'elm-swatch-1';
/** Pages and pictures kept at most; the oldest go first. */
const MOST = 400;

const KEPT_FOR_GOOD = /^\/(_next\/static\/|icon|apple-icon|favicon)/;
const KEPT_AS_LAST_READ = /^\/api\/(deck(\/curves)?$|deck\?|pictures\/)/;

const AWAY = `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>Elm Swatch</title><meta http-equiv="refresh" content="3"><body style="margin:0;display:grid;place-items:center;height:100vh;background:#e2e2e2;color:#1a1a1a;font:18px sans-serif">
<main style="max-width:28rem;padding:1rem"><h1 style="font-size:1.4rem">Elm Swatch is not running just now</h1>
<p>Nothing is lost: what you said is kept in this browser. This page opens by itself as soon as it runs again.</p></main></body></html>`;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => {
  const old = async () => {
    for (const name of await caches.keys()) if (name !== CACHE) await caches.delete(name);
    await self.clients.claim();
  };
  event.waitUntil(old());
});

async function keep(request, response) {
  if (!response.ok || response.redirected) return;
  const cache = await caches.open(CACHE);
  await cache.put(request, response);
  const keys = await cache.keys();
  for (const key of keys.slice(0, Math.max(0, keys.length - MOST))) await cache.delete(key);
}

async function keptFirst(request) {
  const kept = await caches.match(request);
  if (kept) return kept;
  const response = await fetch(request);
  await keep(request, response.clone());
  return response;
}

async function newestFirst(event, otherwise) {
  try {
    const response = await fetch(event.request);
    event.waitUntil(keep(event.request, response.clone()));
    return response;
  } catch (error) {
    const kept = await caches.match(event.request);
    if (kept) return kept;
    return otherwise(error);
  }
}

/** Another page of the same visit that was read before, or word that nothing is there. */
async function instead(request) {
  const [, visits, id] = new URL(request.url).pathname.split('/');
  const keys = await (await caches.open(CACHE)).keys();
  const other = keys.findLast((key) => new URL(key.url).pathname.startsWith(`/${visits}/${id}`) && visits === 'visits' && id);
  if (other) return Response.redirect(other.url, 302);
  return new Response(AWAY, { status: 503, headers: { 'content-type': 'text/html; charset=utf-8' } });
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (KEPT_FOR_GOOD.test(url.pathname)) event.respondWith(keptFirst(request));
  else if (request.mode === 'navigate') event.respondWith(newestFirst(event, () => instead(request)));
  else if (KEPT_AS_LAST_READ.test(url.pathname))
    event.respondWith(
      newestFirst(event, (error) => {
        throw error;
      }),
    );
});
