// What every fixing takes at the moment, and which holes would hold while the rail is slid: both are looked up in numbers that were sent.
import { around } from './frames.js';

let data = null;

export function startAnchors() {
  const read = () => { const script = document.querySelector('#slide-data'); data = script ? JSON.parse(script.textContent) : null; };
  read();
  document.body.addEventListener('htmx:afterSwap', read);
  document.addEventListener('yoke:slid', (event) => loads(event.detail.leaf, event.detail.by));
  document.addEventListener('yoke:moving', (event) => { if (event.detail.place === 'brief.rules.rail_left') holes(event.detail.right); });
}

function loads(leaf, by) {
  const along = data?.loads?.[leaf];
  if (!along) return;
  const [a, b, part] = around(along, by);
  document.querySelectorAll('[data-load]').forEach((group, i) => {
    const taken = a.taken[i] + (b.taken[i] - a.taken[i]) * part;
    const high = Math.abs(taken) * Number(group.dataset.scale);
    const bar = group.firstElementChild;
    bar.setAttribute('height', high);
    bar.setAttribute('y', taken >= 0 ? -high : 0);
  });
}

function holes(right) {
  data?.holes?.forEach((grips, i) => {
    const held = grips.some(([low, high]) => right >= low && right <= high);
    const hole = document.querySelector(`[data-hole="${i}"]`);
    hole?.classList.toggle('is-held', held);
    hole?.classList.toggle('is-missed', !held);
  });
}
