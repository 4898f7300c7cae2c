// Photographs of a wall: shown where the wall's points are in one, it lies behind the drawing, true to scale. The server
// finds the map; the browser is sent its nine numbers.
import { laid } from './planes.js';

// Each photograph lies under the drawing beside it, wherever that looks.
export function layPhotos() {
  for (const image of document.querySelectorAll('img[data-map]')) {
    const svg = image.parentElement.querySelector('svg.scene');
    const map = svg?.getScreenCTM();
    if (!map || !image.naturalWidth) continue;
    const room = image.parentElement.getBoundingClientRect();
    image.style.width = `${image.naturalWidth}px`;
    image.style.transform = laid(JSON.parse(image.dataset.map), map, room, image.naturalWidth);
  }
}

export function startPhotos() {
  layPhotos();
  document.querySelectorAll('img[data-map]').forEach((image) => image.addEventListener('load', layPhotos));
  addEventListener('resize', layPhotos);
  document.addEventListener('yoke:looked', layPhotos);
  document.addEventListener('htmx:afterSwap', () => { layPhotos(); document.querySelectorAll('img[data-map]').forEach((image) => { image.onload = layPhotos; }); });
  // A leaf is slid over its photograph.
  document.addEventListener('input', ({ target }) => {
    if (!target.matches('[data-slides-picture]')) return;
    target.closest('figure').querySelectorAll('[data-far]').forEach((leaf) => leaf.setAttribute('transform', `translate(${leaf.dataset.far * target.value} 0)`));
  });
  document.addEventListener('click', ({ target }) => {
    const toggle = target.closest('[data-toggles-photo]');
    if (!toggle) return;
    const isOn = toggle.getAttribute('aria-pressed') !== 'true';
    localStorage.setItem('yoke-line-photo', isOn ? 'on' : '');
    showBehind();
  });
  document.addEventListener('htmx:afterSwap', showBehind);
  showBehind();
}

// Behind the drawing on the bench, while one wants it there.
function showBehind() {
  const behind = document.querySelector('#behind')?.content.firstElementChild;
  const [toggle, view] = [document.querySelector('[data-toggles-photo]'), document.querySelector('.view[data-view="elevation"]')];
  if (!behind || !toggle || !view) return;
  if (!view.querySelector('img[data-map]')) {
    const image = behind.cloneNode(true);
    image.onload = layPhotos;
    view.prepend(image);
  }
  const isOn = localStorage.getItem('yoke-line-photo') === 'on';
  toggle.hidden = false;
  toggle.setAttribute('aria-pressed', String(isOn));
  document.querySelector('.stage')?.classList.toggle('has-photo', isOn);
  layPhotos();
}

export function startMarking(htmx) {
  const page = document.querySelector('#photo-page');
  let points = {};
  let chosen = null;
  let cross = [0.5, 0.35];
  let thing = null;
  let corner = null;
  let own = {};

  const mark = () => document.querySelector('#photo-mark');
  const buttons = () => [...page.querySelectorAll('[data-point]')];
  const post = (url, values) => htmx.ajax('POST', url, { source: page, target: page, swap: 'innerHTML', values });

  function draw() {
    const figure = mark();
    if (!figure) return;
    const wide = figure.querySelector('img').clientWidth;
    figure.querySelectorAll('.pin').forEach((node) => node.remove());
    const put = (node, [across, down]) => { node.style.left = `${across * wide}px`; node.style.top = `${down * wide}px`; };
    put(figure.querySelector('.cross'), cross);
    buttons().forEach((button, i) => {
      button.setAttribute('aria-pressed', String(button.dataset.point === chosen));
      const at = points[button.dataset.point];
      if (!at) return;
      button.parentElement.classList.add('is-set');
      const node = Object.assign(document.createElement('i'), { className: 'pin', textContent: i + 1 });
      figure.append(node);
      put(node, at);
    });
  }

  function fresh() {
    points = JSON.parse(mark()?.dataset.points ?? '{}');
    chosen = buttons().find((button) => !points[button.dataset.point])?.dataset.point ?? null;
    [thing, corner] = [null, null];
    draw();
  }

  const send = () => post(mark().dataset.post, { points: JSON.stringify(Object.fromEntries(Object.entries(points).map(([key, [across, down]]) => [key, { across, down, ...(own[key] && { x: own[key][0], y: own[key][1] }) }]))) });

  function set(at) {
    if (!chosen) return;
    points[chosen] = at;
    // Three tell nothing yet: they are kept with the fourth.
    if (Object.keys(points).length >= 4) send();
    else { chosen = buttons().find((button) => !points[button.dataset.point])?.dataset.point ?? null; draw(); }
  }

  const placeOf = (event) => {
    const box = mark().querySelector('img').getBoundingClientRect();
    return [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.width];
  };

  // Under the finger nothing is seen: what is there is shown beside it, larger.
  function loupe(event) {
    const [node, image] = [mark().querySelector('.loupe'), mark().querySelector('img')];
    const [across, down] = placeOf(event);
    node.hidden = false;
    node.style.left = `${across * image.clientWidth + (across > 0.5 ? -150 : 30)}px`;
    node.style.top = `${down * image.clientWidth - 60}px`;
    node.style.backgroundImage = `url("${image.src}")`;
    node.style.backgroundSize = `${image.clientWidth * 3}px auto`;
    node.style.backgroundPosition = `${60 - across * image.clientWidth * 3}px ${60 - down * image.clientWidth * 3}px`;
  }

  page.addEventListener('pointerdown', (event) => {
    if (!event.target.closest('#photo-mark') || !chosen) return;
    event.preventDefault();
    loupe(event);
    const move = (now) => { cross = placeOf(now); loupe(now); draw(); };
    const end = (now) => {
      removeEventListener('pointermove', move);
      removeEventListener('pointerup', end);
      mark().querySelector('.loupe').hidden = true;
      cross = placeOf(now);
      set(cross);
    };
    addEventListener('pointermove', move);
    addEventListener('pointerup', end);
  });

  page.addEventListener('keydown', (event) => {
    if (event.target !== mark()) return;
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    const far = event.shiftKey ? 0.02 : 0.002;
    if (way) { event.preventDefault(); cross = [cross[0] + way[0] * far, cross[1] + way[1] * far]; draw(); }
    if (event.key === 'Enter') { event.preventDefault(); set(cross); }
  });

  page.addEventListener('click', (event) => {
    const [point, out, kind, wall] = ['[data-point]', '[data-unpoint]', '[data-thing]', '#photo-wall'].map((css) => event.target.closest(css));
    if (point) { chosen = point.dataset.point; cross = points[chosen] ?? cross; draw(); mark().focus({ preventScroll: true }); }
    if (out) { delete points[out.dataset.unpoint]; send(); }
    if (kind) {
      thing = kind.dataset.thing;
      corner = null;
      page.querySelectorAll('[data-thing]').forEach((button) => button.setAttribute('aria-pressed', String(button === kind)));
    } else if (wall && thing) {
      const to = wall.querySelector('svg').getScreenCTM().inverse();
      const at = [to.a * event.clientX + to.e, -(to.d * event.clientY + to.f)];
      if (!corner) { corner = at; return; }
      post(wall.dataset.post, { kind: thing, 'one-x': corner[0], 'one-y': corner[1], 'other-x': at[0], 'other-y': at[1] });
    }
  });

  page.addEventListener('submit', (event) => {
    if (event.target.id !== 'photo-own') return;
    event.preventDefault();
    const { x, y } = event.target.elements;
    if (x.value.trim() === '' || y.value.trim() === '') { (x.value.trim() === '' ? x : y).focus(); return; }
    const key = `own-${Object.keys(own).length + 1}-${Date.now() % 100000}`;
    own = { ...own, [key]: [x.value, y.value] };
    chosen = key;
    const row = document.createElement('li');
    const button = Object.assign(document.createElement('button'), { type: 'button', textContent: `${x.value} · ${y.value}` });
    button.dataset.point = key;
    row.append(button);
    page.querySelector('.photo-points ul').append(row);
    draw();
    mark().focus({ preventScroll: true });
  });

  document.addEventListener('htmx:afterSwap', fresh);
  page.querySelector('#photo-mark img')?.addEventListener('load', draw);
  addEventListener('resize', draw);
  fresh();
}
