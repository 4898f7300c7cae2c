// Where an answer takes longer than one notices, a line at the top says that it is under way.
export function startBusy() {
  const { classList } = document.documentElement;
  let open = 0;
  const show = (by) => { open = Math.max(0, open + by); classList.toggle('is-busy', open > 0); };
  document.addEventListener('htmx:beforeRequest', () => show(1));
  document.addEventListener('htmx:afterRequest', () => show(-1));
  // A page that is left for another one; where it was a file that came, the page stays.
  document.addEventListener('submit', (event) => { if (!event.defaultPrevented) { classList.add('is-busy'); setTimeout(() => show(0), 20000); } });
  window.addEventListener('pageshow', () => show(0));
}
