// A dimension in the drawing is its field in the list: it is typed into where it stands, and both light up together.
const dims = () => [...document.querySelectorAll('.dim[data-dim]')];
const idOf = (place) => `f-${place.replace(/[^a-z0-9]+/gi, '-').replace(/^-|-$/g, '')}`;
const fieldAt = (place) => document.getElementById(idOf(place));
const fieldOf = (dim) => fieldAt(dim.dataset.dim);
const dimOf = (field) => dims().find((dim) => fieldOf(dim) === field);

export function startDims() {
  const light = (node, on) => {
    const dim = node?.closest?.('.dim[data-dim]') ?? dimOf(node);
    if (!dim) return;
    dim.classList.toggle('is-lit', on);
    fieldOf(dim)?.closest('.row-of')?.classList.toggle('is-lit', on);
  };
  for (const [event, on] of [['focusin', true], ['focusout', false], ['pointerover', true], ['pointerout', false]]) {
    document.addEventListener(event, ({ target }) => light(target, on || target === document.activeElement));
  }
  light(document.activeElement, true);
  document.addEventListener('htmx:afterSwap', () => light(document.activeElement, true));
  document.addEventListener('click', ({ target }) => { const dim = target.closest?.('.dim[data-dim]'); if (dim) open(dim); });
  document.addEventListener('keydown', (event) => {
    const dim = event.target.closest?.('.dim[data-dim]');
    if (dim && (event.key === 'Enter' || event.key === ' ')) { event.preventDefault(); open(dim); }
  });
}

// A field over the number: Enter keeps it and goes on to the next one, Esc leaves it as it was.
function open(dim) {
  // An answer may make another dimension of this node: what is typed belongs to its place.
  const place = dim.dataset.dim;
  const field = fieldAt(place);
  if (!field) return;
  const text = dim.querySelector('text').getBoundingClientRect();
  const input = Object.assign(document.createElement('input'), { type: 'text', className: 'dim-input form-control', value: field.value, autocomplete: 'off' });
  input.dataset.of = place;
  input.setAttribute('aria-label', field.getAttribute('aria-label'));
  input.style.left = `${Math.max(4, Math.min(innerWidth - 114, text.left + text.width / 2 - 55)) + scrollX}px`;
  input.style.top = `${text.top + text.height / 2 - 16 + scrollY}px`;
  // Not in the drawing, which comes anew with each answer.
  document.body.append(input);
  input.focus();
  input.select();
  const before = input.value;
  let isDone = false;
  const close = (keep) => {
    if (isDone) return;
    isDone = true;
    const value = input.value;
    input.remove();
    const now = fieldAt(place);
    if (keep && now && value !== before) { now.value = value; now.dispatchEvent(new Event('change', { bubbles: true })); }
  };
  input.addEventListener('blur', () => close(true));
  input.addEventListener('keydown', (event) => {
    if (!['Enter', 'Escape'].includes(event.key)) return;
    event.preventDefault();
    const all = dims();
    const next = all[all.findIndex((one) => one.dataset.dim === place) + 1]?.dataset.dim;
    close(event.key === 'Enter');
    const there = dims().find((one) => one.dataset.dim === (event.key === 'Enter' ? next : place));
    if (event.key === 'Enter' && there) open(there); else there?.focus();
  });
}
