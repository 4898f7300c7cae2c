// What a page wants kept for when there is no connection, it names in `data-offline`.
export function startKeeping() {
  const pages = [...document.querySelectorAll('[data-offline]')].flatMap((node) => { try { return JSON.parse(node.dataset.offline); } catch { return []; } }).filter((url) => typeof url === 'string');
  if (pages.length === 0) return;
  navigator.serviceWorker?.register('/site-worker.js').then(() => navigator.serviceWorker.ready).then((worker) => {
    const drawnWith = document.querySelectorAll('link[rel=stylesheet], link[rel=modulepreload], script[src]');
    const files = [...drawnWith].map((node) => node.href || node.src);
    worker.active.postMessage({ keep: [...pages, ...files, '/icon-192.png'] });
  });
}

// Whoever signs out leaves no page behind for the next one; what they entered and was not sent stays theirs.
export function startForgetting() {
  document.querySelectorAll('form[data-forgets]').forEach((form) => form.addEventListener('submit', async (event) => {
    if (!globalThis.caches) return;
    event.preventDefault();
    for (const name of await caches.keys()) await caches.delete(name);
    form.submit();
  }));
}
