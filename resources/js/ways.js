// Ways come as they are worked: each state of the list is whole, the last one that came is shown.
import { word } from './words.js';

const NEXT = '\n<!-- next -->\n';

export function startWays() {
  const form = document.querySelector('#weigh');
  const list = document.querySelector('#ways-list');
  let going = null;
  let waiting = null;
  let most = 0;

  async function load() {
    going?.abort();
    going = new AbortController();
    list.setAttribute('aria-busy', 'true');
    try {
      const answer = await fetch(`${form.dataset.list}?${new URLSearchParams(new FormData(form))}&most=${most}`, { signal: going.signal });
      if (!answer.ok) throw new Error(String(answer.status));
      const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
      let come = '';
      for (let part = await reader.read(); !part.done; part = await reader.read()) {
        come += part.value;
        const states = come.split(NEXT);
        come = states.pop();
        if (states.length) list.innerHTML = states.pop();
      }
      list.setAttribute('aria-busy', 'false');
    } catch (problem) {
      if (problem.name === 'AbortError') return;
      const says = Object.assign(document.createElement('p'), { className: 'refused', textContent: word('no-ways') });
      list.replaceChildren(says);
      list.setAttribute('aria-busy', 'false');
    }
  }

  form.addEventListener('input', () => { clearTimeout(waiting); waiting = setTimeout(load, 120); });
  list.addEventListener('click', (event) => {
    if (!event.target.dataset.most) return;
    most = event.target.dataset.most;
    load();
  });
  form.addEventListener('submit', (event) => event.preventDefault());
  load();
}
