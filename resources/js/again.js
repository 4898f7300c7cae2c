// A page that is seen again, by Back or by coming to its tab, asks whether what it shows still stands, and brings itself up to date.
import { isBeingTyped } from './fields.js';

const meta = (name) => document.querySelector(`meta[name=${name}]`)?.content;

// What was changed on the page itself has moved it on.
function shown() {
  const parts = (meta('state') ?? '').split('.');
  const base = document.querySelector('#base')?.value;
  return [base ?? parts[0], ...parts.slice(1)].join('.');
}

const isTypedIn = () => isBeingTyped(document.activeElement)
  || [...document.querySelectorAll('input[type=text], input:not([type]), textarea')].some((field) => field.offsetParent !== null && field.value !== field.defaultValue);

let asking = false;
async function lookAgain() {
  if (asking || document.hidden || !meta('state-of')) return;
  asking = true;
  try {
    const answer = await fetch(`/state/${meta('state-of')}`, { cache: 'no-store' });
    if (!answer.ok || (await answer.text()) === shown()) return;
    if (isTypedIn()) document.querySelector('#outdated').hidden = false;
    else location.reload();
  } catch {
    // No connection: it is asked when it is seen the next time.
  } finally {
    asking = false;
  }
}

export function startAgain() {
  window.addEventListener('pageshow', (event) => { if (event.persisted) lookAgain(); });
  if (performance.getEntriesByType('navigation')[0]?.type === 'back_forward') lookAgain();
  document.addEventListener('visibilitychange', lookAgain);
  document.querySelector('#outdated button')?.addEventListener('click', () => location.reload());
}
