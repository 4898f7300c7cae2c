// What a word of the trade is, one tap away.
export function startTerms() {
  const dialog = document.querySelector('#term');
  if (!dialog) return;
  document.addEventListener('click', async (event) => {
    const term = event.target.closest('a[data-term]');
    if (term && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      const answer = await fetch(term.dataset.term).catch(() => null);
      if (!answer?.ok) { location.href = term.href; return; }
      dialog.innerHTML = await answer.text();
      dialog.showModal();
    } else if (event.target === dialog) {
      dialog.close();
    }
  });
}
