// The leaf under your finger. The server sends the numbers where they can turn; between two of them they are straight.
import { frameAt, written } from './frames.js';
import { word } from './words.js';

const at = {}; // how far each leaf stands open
let data = null;
let leaf = null; // the one that the slider moves
let playing = 0;
let parts = { groups: [], numbers: {}, range: null };

export function startSlide() {
  read();
  document.body.addEventListener('htmx:afterSwap', read);
  document.addEventListener('input', (event) => event.target.id === 'slide' && moveTo(Number(event.target.value)));
  document.addEventListener('click', (event) => {
    if (event.target.closest('#play')) playing ? stop() : play();
    const chosen = event.target.closest('[data-leaf-to-slide]');
    if (chosen) choose(chosen.dataset.leafToSlide);
  });
  document.addEventListener('pointerdown', drag);
}

function read() {
  const script = document.querySelector('#slide-data');
  data = script ? JSON.parse(script.textContent) : null;
  parts = {
    groups: [...document.querySelectorAll('[data-slides]')].map((group) => [group, group.dataset.leaf, Number(group.dataset.slides)]),
    numbers: Object.fromEntries([...document.querySelectorAll('[data-slide]')].map((node) => [node.dataset.slide, node])),
    range: document.querySelector('#slide'),
  };
  if (!data) return;
  const moved = leaf;
  for (const name of Object.keys(data.leaves)) { leaf = name; moveTo(at[name] ?? 0); }
  choose(data.leaves[moved] ? moved : Object.keys(data.leaves)[0]);
}

function choose(name) {
  leaf = name;
  for (const button of document.querySelectorAll('[data-leaf-to-slide]')) button.setAttribute('aria-pressed', button.dataset.leafToSlide === name);
  if (parts.range) parts.range.max = data.leaves[name].travel;
  moveTo(at[name] ?? 0);
}

function moveTo(mm) {
  if (!data) return;
  at[leaf] = Math.min(Math.max(mm, 0), data.leaves[leaf].travel);
  const frame = frameAt(data.leaves[leaf].frames, at[leaf]);
  for (const [group, name, direction] of parts.groups) if (name === leaf) group.setAttribute('transform', `translate(${at[leaf] * direction} 0)`);
  for (const [name, node] of Object.entries(parts.numbers)) {
    const says = name === 'catch' ? catchSays(frame.catch) : written(data.says, frame[name]);
    if (node.textContent !== says) node.textContent = says;
  }
  if (parts.range && document.activeElement !== parts.range) parts.range.value = at[leaf];
  document.dispatchEvent(new CustomEvent('yoke:slid', { detail: { leaf, by: at[leaf] } }));
  parts.range?.setAttribute('aria-valuetext', word('passage', { passage: written(data.says, frame.passage) }));
}

function catchSays(end) {
  if (!data.leaves[leaf].hasCatch) return word('catch-none');
  return word(`catch-${end || 'free'}`);
}

function drag(event) {
  const group = event.target.closest?.('[data-slides]');
  if (!group || !data) return;
  stop();
  choose(group.dataset.leaf);
  event.preventDefault();
  const svg = group.ownerSVGElement;
  const from = { x: event.clientX, at: at[leaf], mm: svg.getScreenCTM().inverse().a * Number(group.dataset.slides) };
  const move = (now) => moveTo(from.at + (now.clientX - from.x) * from.mm);
  const end = () => { removeEventListener('pointermove', move); removeEventListener('pointerup', end); removeEventListener('pointercancel', end); };
  addEventListener('pointermove', move);
  addEventListener('pointerup', end);
  addEventListener('pointercancel', end);
}

function play() {
  if (!data) return;
  // Who wants nothing to move sees both ends, one after the other.
  if (matchMedia('(prefers-reduced-motion: reduce)').matches) { moveTo(at[leaf] > 0 ? 0 : data.leaves[leaf].travel); return; }
  const travel = data.leaves[leaf].travel;
  let direction = at[leaf] >= travel ? -1 : 1;
  let last = performance.now();
  const step = (now) => {
    moveTo(at[leaf] + (now - last) * travel / 2200 * direction);
    last = now;
    if (at[leaf] >= travel) direction = -1;
    if (at[leaf] <= 0 && direction < 0) return stop();
    playing = requestAnimationFrame(step);
  };
  playing = requestAnimationFrame(step);
  show(true);
}

function stop() {
  cancelAnimationFrame(playing);
  playing = 0;
  show(false);
}

function show(isPlaying) {
  const button = document.querySelector('#play');
  if (button) button.textContent = isPlaying ? '❚❚' : '▶';
}
