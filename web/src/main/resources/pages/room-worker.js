// Keeps a room that was opened once, so that it can be loaded again while the server is away. It answers for the room alone.
const KEPT = 'gurukram-room';
const ROOM = /^\/room\/[0-9a-f-]{36}$/;
const STAYS = /^\/(assets\/|vendor\/|poses\/[^/]+\/figure\.svg)/;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

async function keep(request, answer) {
  // an answer from elsewhere, such as the page to sign in, is not the room
  if (answer.ok && !answer.redirected) (await caches.open(KEPT)).put(request, answer.clone());
  return answer;
}

/** As the server has it now; as it was, while the server is away. */
async function fresh(request) {
  try {
    const answer = await fetch(request);
    if (answer.status < 500) return keep(request, answer);
    return (await caches.match(request)) ?? answer;
  } catch (error) {
    const kept = await caches.match(request);
    if (kept) return kept;
    throw error;
  }
}

/** Its address changes when it does. */
async function once(request) {
  return (await caches.match(request)) ?? keep(request, await fetch(request));
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  if (request.method !== 'GET') return;
  const { pathname } = new URL(request.url);
  if (ROOM.test(pathname)) event.respondWith(fresh(request));
  else if (STAYS.test(pathname)) event.respondWith(once(request));
});

/** What a page needs that was there before this was. */
self.addEventListener('message', (event) => {
  event.waitUntil(
    Promise.all(event.data.keep.map((address) => {
      const request = new Request(address);
      return (ROOM.test(address) ? fresh(request) : once(request)).catch(() => undefined);
    })),
  );
});
