// What changes the document says what it changes (`data-change`), and what it stands in says where that is kept
// (`data-changes`). One listener hears them all: a page has a hundred, and to make each ready held a slow phone up.
export function startChanges(htmx) {
  document.addEventListener('change', ({ target }) => {
    if (target.matches('input[data-change], select[data-change]')) change(htmx, target);
  });
  document.addEventListener('click', ({ target }) => {
    const pressed = target.closest?.('button[data-change]:not(:disabled)');
    if (pressed) change(htmx, pressed);
  });
}

// `of`: what the request is of. What is of its own field has that field's answer laid into it.
export function change(htmx, said, values = {}, of = said) {
  const all = { ...JSON.parse(said.dataset.change ?? '{}'), ...values };
  // What goes wrong is told where everything is heard that goes wrong.
  return htmx.ajax('POST', said.closest('[data-changes]').dataset.changes, { source: of, values: all }).catch(() => {});
}
