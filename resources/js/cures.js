// Cures are proved while the page stands already: they are fetched for what is shown, and dropped when something else is shown by then.
let going = null;

// At which finding the keyboard is: a cure that is taken goes with its finding, and the next one stands there.
let at = null;

function returnTo() {
  if (!at || document.activeElement !== document.body) return;
  const findings = [...document.querySelectorAll('.findings > .finding')];
  const there = findings.find((one) => one.dataset.code === at.code) ?? findings[Math.min(at.index, findings.length - 1)];
  (there?.querySelector('a, button') ?? document.querySelector('.verdict h2'))?.focus({ preventScroll: true });
}

export function startCures() {
  document.addEventListener('focusin', ({ target }) => {
    const finding = target.closest('.finding');
    at = finding && { code: finding.dataset.code, index: [...finding.parentElement.children].indexOf(finding) };
  });
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
      returnTo();
    } catch { /* Another change came first, or no answer did: the findings stand as they are. */ }
  };
  load();
  document.body.addEventListener('htmx:afterSwap', load);
  document.body.addEventListener('htmx:afterSettle', returnTo);
}
