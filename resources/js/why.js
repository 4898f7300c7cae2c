// Where a number comes from, one tap away.
export function startWhy(htmx) {
  const dialog = document.querySelector('#why');
  document.addEventListener('click', async (event) => {
    const number = event.target.closest('[data-why], #bench [data-sum]');
    if (number) {
      await htmx.ajax('GET', number.dataset.why ?? document.querySelector('.stage').dataset.whyOf + number.dataset.sum, { target: '#why', swap: 'innerHTML' });
      dialog.showModal();
    } else if (event.target === dialog) {
      dialog.close();
    }
  });
}
