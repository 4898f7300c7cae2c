// Where a number comes from, one tap away.
export function startWhy(htmx) {
  const dialog = document.querySelector('#why');
  document.addEventListener('click', async (event) => {
    const number = event.target.closest('[data-why]');
    if (number) {
      await htmx.ajax('GET', number.dataset.why, { target: '#why', swap: 'innerHTML' });
      dialog.showModal();
    } else if (event.target === dialog) {
      dialog.close();
    }
  });
}
