// What stands on the wall is moved by hand or by arrow keys; the server is told how far, in millimetres.
import { change } from './changes.js';

const FAR = 10;

let waiting = null;
let moved = [0, 0];

export function startThings(htmx) {
  document.addEventListener('pointerdown', (event) => {
    const thing = event.target.closest?.('.thing[data-place]');
    if (!thing) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    thing.focus();
    const scale = thing.ownerSVGElement.getScreenCTM().inverse().a;
    const by = (now) => [(now.clientX - event.clientX) * scale, (event.clientY - now.clientY) * scale];
    const isRail = thing.dataset.place === 'brief.rules.rail_left';
    const move = (now) => {
      const [right, up] = by(now);
      thing.setAttribute('transform', `translate(${right} ${isRail ? 0 : -up})`);
      document.dispatchEvent(new CustomEvent('yoke:moving', { detail: { place: thing.dataset.place, right } }));
    };
    const end = (now) => {
      removeEventListener('pointermove', move);
      removeEventListener('pointerup', end);
      const [right, up] = by(now);
      if (Math.abs(right) + Math.abs(up) > scale * 2) send(htmx, thing, right, up); else thing.removeAttribute('transform');
    };
    addEventListener('pointermove', move);
    addEventListener('pointerup', end);
  }, true);

  document.addEventListener('keydown', (event) => {
    const thing = event.target.closest?.('.thing[data-place]');
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!thing || !way) return;
    event.preventDefault();
    const step = (document.querySelector('[data-step]')?.dataset.step ?? 1) * (event.shiftKey ? FAR : 1);
    // Several presses are one move.
    moved = [moved[0] + way[0] * step, moved[1] + way[1] * step];
    clearTimeout(waiting);
    waiting = setTimeout(() => { send(htmx, thing, ...moved); moved = [0, 0]; }, 120);
  });
}

async function send(htmx, thing, right, up) {
  const place = thing.dataset.place;
  await change(htmx, thing, { place, right, up }, document.querySelector('#bench'));
  document.querySelector(`.thing[data-place="${place}"]`)?.focus();
}
