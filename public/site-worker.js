// Keeps what was opened for when there is no connection: the jobs, measuring, the steps, the sheet, the log with its
// photographs, and what they are drawn with.
const KEPT = 'yoke-line-site-5';
const PAGES = /^\/($|words$|jobs\/\d+(\/measure)?$|doorways\/\d+\/(wall\/(walk|photos)|site\/steps|papers\/sheet|marks\/door|record\/log)$)/;
// What never changes under its address: a photograph is named anew when it is another.
const FILES = /^\/(build\/assets\/|mark\.svg|icon-\d+\.png|doorways\/\d+\/photos\/)/;

self.addEventListener('install', () => self.skipWaiting());

self.addEventListener('activate', (event) => event.waitUntil((async () => {
  for (const name of await caches.keys()) if (name !== KEPT) await caches.delete(name);
  await self.clients.claim();
})()));

async function keep(url) {
  const cache = await caches.open(KEPT);
  const answer = await fetch(url, { credentials: 'same-origin' });
  if (answer.ok && !answer.redirected) await cache.put(url, answer.clone());
  // The log brings its photographs.
  if (answer.ok && url.endsWith('/record/log')) {
    const photographs = [...(await answer.clone().text()).matchAll(/<img[^>]+src="([^"]+\/photos\/[^"]+)"/g)].map((found) => new URL(found[1], url).href);
    await Promise.all(photographs.map(async (photograph) => (await cache.match(photograph)) ?? keep(photograph)));
  }
  // Styles bring their fonts.
  if (answer.ok && url.endsWith('.css')) {
    const fonts = [...(await answer.text()).matchAll(/url\(([^)]+\.woff2)\)/g)].map((found) => new URL(found[1].replace(/["']/g, ''), url).href);
    await Promise.all(fonts.map(async (font) => (await cache.match(font)) ?? keep(font)));
  }
}

self.addEventListener('message', (event) => {
  if (Array.isArray(event.data?.keep)) event.waitUntil(Promise.allSettled(event.data.keep.map((url) => keep(new URL(url, self.location.origin).href))));
});

self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  if (event.request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (FILES.test(url.pathname)) {
    event.respondWith((async () => (await caches.match(event.request)) ?? fetch(event.request))());
  } else if (PAGES.test(url.pathname)) {
    event.respondWith((async () => {
      try {
        const answer = await fetch(event.request);
        if (answer.ok && !answer.redirected) {
          const copy = answer.clone();
          // A worker that is put to sleep when it has answered would lose what it still writes.
          event.waitUntil(caches.open(KEPT).then((cache) => cache.put(url.href, copy)));
        }
        return answer;
      } catch (offline) {
        const kept = await caches.match(url.href, { ignoreSearch: true });
        if (kept) return kept;
        throw offline;
      }
    })());
  }
});
