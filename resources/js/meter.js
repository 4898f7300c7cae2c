// A reading lands in the field that is waiting, and the next one waits.
import { change } from './changes.js';
import { word } from './words.js';

let waiting = null;

export function startMeter(htmx) {
  document.addEventListener('focusin', (event) => { if (event.target.matches('.set input[data-nudges]')) waiting = event.target.id; });
  document.addEventListener('click', async (event) => {
    if (!event.target.closest('#meter')) return;
    const fields = [...document.querySelectorAll('.set input[data-nudges]')];
    const field = fields.find((one) => one.id === waiting) ?? fields.find((one) => one.value === '') ?? fields[0];
    const answer = await fetch('/meter/next', { headers: { Accept: 'application/json' } });
    const { reading } = await answer.json();
    const says = document.querySelector('#meter-says');
    if (!reading || !field) { says.textContent = word('no-reading'); return; }
    field.value = field.defaultValue = reading;
    says.textContent = `${reading} → ${field.getAttribute('aria-label')}`;
    // Sent with its value at once: a redraw on its way must not empty the field before it goes.
    change(htmx, field, { value: reading }, document.querySelector('#bench'));
    waiting = fields[fields.indexOf(field) + 1]?.id ?? field.id;
    document.querySelector('.is-waiting')?.classList.remove('is-waiting');
    document.getElementById(waiting)?.classList.add('is-waiting');
  });
}
