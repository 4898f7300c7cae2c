// Cures are proved while the page stands already: they are fetched for what is shown, and dropped when something else is shown by then.
let going = null;

export function startCures(htmx) {
  const load = async () => {
    const list = document.querySelector('.findings[data-cures]');
    going?.abort();
    if (!list) return;
    going = new AbortController();
    try {
      const answer = await fetch(list.dataset.cures, { signal: going.signal, headers: { 'HX-Request': 'true' } });
      if (!answer.ok || !list.isConnected) return;
      const found = document.createElement('div');
      found.innerHTML = await answer.text();
      const fresh = found.querySelector('.findings');
      if (!fresh || !list.isConnected) return;
      list.replaceWith(fresh);
      htmx.process(fresh);
    } catch { /* Another change came first, or no answer did: the findings stand as they are. */ }
  };
  load();
  document.body.addEventListener('htmx:afterSwap', load);
}
