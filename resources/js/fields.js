// Typing as it is said: Enter goes on, arrows nudge, Esc gives the old value back, Ctrl+Z undoes.
import { change } from './changes.js';

const form = () => document.querySelector('#bench, #kit, #card, #marks');
const inputs = () => [...document.querySelectorAll('.set input[type=text], .set select')];

export function startFields(htmx) {
  let nudges = 0;
  let waiting = null;

  document.addEventListener('keydown', (event) => {
    const field = event.target;
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !isBeingTyped(field)) {
      event.preventDefault();
      document.querySelector(event.shiftKey ? '#redo' : '#undo')?.click();
    } else if (!field.matches?.('.set input[type=text], .set select')) {
      return;
    } else if (event.key === 'Enter') {
      const all = inputs();
      const next = all[all.indexOf(field) + 1] ?? field;
      event.preventDefault();
      // The last one is left and come back to, so that it is sent too.
      field.blur();
      next.focus();
      next.select?.();
    } else if (field.matches('select')) {
      return;
    } else if (event.key === 'Escape') {
      field.value = field.defaultValue;
      field.select();
    } else if ((event.key === 'ArrowUp' || event.key === 'ArrowDown') && field.hasAttribute('data-nudges') && !isBeingTyped(field)) {
      event.preventDefault();
      nudges += event.key === 'ArrowUp' ? 1 : -1;
      clearTimeout(waiting);
      waiting = setTimeout(() => { sendNudge(htmx, field, nudges); nudges = 0; }, 90);
    }
  });

  document.addEventListener('click', (event) => {
    const link = event.target.closest('a[data-goto]');
    const field = link && document.getElementById(link.hash.slice(1));
    if (field) {
      event.preventDefault();
      field.focus();
      field.select?.();
    }
  });

  // What is to be measured next has the focus; on a phone that would raise its keys over the page.
  const next = document.querySelector('.next-up') && !matchMedia('(pointer: coarse)').matches && document.querySelector('.means a[data-goto]');
  document.getElementById((location.hash || next?.hash || '').slice(1))?.focus();
}

// Typed or chosen, and not yet answered.
export function isBeingTyped(field) {
  const usual = field?.matches?.('select') && [...field.options].find((option) => option.defaultSelected);
  return usual ? !usual.selected : field?.matches?.('input[type=text], input[type=search]') && field.value !== field.defaultValue;
}

function sendNudge(htmx, field, steps) {
  if (steps === 0) return;
  change(htmx, field, { nudge: steps }, form());
}
