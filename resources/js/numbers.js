// The table of every number is fetched when it is opened, and again after a change while it is open.
export function startNumbers(htmx) {
  const load = (details) => htmx.ajax('GET', details.dataset.numbers, { target: details.querySelector('.numbers'), swap: 'innerHTML' });
  document.addEventListener('toggle', (event) => { if (event.target.matches?.('.all-numbers') && event.target.open && !event.target.querySelector('table')) load(event.target); }, true);
  document.body.addEventListener('htmx:afterSwap', (event) => {
    const open = document.querySelector('.all-numbers[open]');
    if (open && !open.querySelector('table') && !open.contains(event.target)) load(open);
  });
}
