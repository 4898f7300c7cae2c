// Which view is large, and how near one looks at the wall. Both outlive a redraw.
let main = 'elevation';
let look = null; // [x, y, width, height] of the wall's drawing, null for all of it
let all = null;

const svg = () => document.querySelector('.scene-elevation');

export function startViews() {
  fresh();
  document.body.addEventListener('htmx:afterSwap', fresh);
  document.addEventListener('click', (event) => {
    const enlarge = event.target.closest('[data-enlarge]');
    const zoom = event.target.closest('[data-zoom]');
    if (enlarge) { main = main === enlarge.dataset.enlarge ? 'elevation' : enlarge.dataset.enlarge; apply(); }
    if (zoom) zoomBy({ in: 0.7, out: 1 / 0.7, fit: null }[zoom.dataset.zoom]);
  });
  document.addEventListener('keydown', (event) => {
    if (event.target.matches('input, select, textarea') || event.ctrlKey || event.metaKey) return;
    const by = { '+': 0.7, '=': 0.7, '-': 1 / 0.7, 0: null }[event.key];
    if (by !== undefined) zoomBy(by);
  });
  document.addEventListener('wheel', (event) => {
    if (main !== 'elevation' || !event.target.closest('.scene-elevation')) return;
    event.preventDefault();
    zoomBy(event.deltaY < 0 ? 0.85 : 1 / 0.85, place(event));
  }, { passive: false });
  document.addEventListener('pointerdown', pan);
}

function fresh() {
  const box = svg()?.getAttribute('viewBox').split(' ').map(Number);
  // A redraw brings the drawing's own box; a drawing of another size is shown whole.
  if (box && all && box.some((n, i) => Math.abs(n - all[i]) > 0.5)) look = null;
  if (box) all = box;
  apply();
}

function apply() {
  const stage = document.querySelector('.stage');
  if (stage) stage.dataset.main = document.querySelector(`[data-view="${main}"]`) ? main : 'elevation';
  if (all) svg()?.setAttribute('viewBox', (look ?? all).join(' '));
  document.dispatchEvent(new Event('yoke:looked'));
}

function zoomBy(by, centre = null) {
  if (by === null || !all) { look = null; return apply(); }
  const [x, y, width, height] = look ?? all;
  const wide = Math.min(Math.max(width * by, all[2] / 30), all[2]);
  const scale = wide / width;
  const [cx, cy] = centre ?? [x + width / 2, y + height / 2];
  look = wide >= all[2] ? null : [cx - (cx - x) * scale, cy - (cy - y) * scale, wide, height * scale];
  apply();
}

function place(event) {
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg().getScreenCTM().inverse());
  return [point.x, point.y];
}

function pan(event) {
  if (!look || !event.target.closest('.scene-elevation') || event.target.closest('[data-slides]')) return;
  const scale = svg().getScreenCTM().inverse().a;
  const from = { x: event.clientX, y: event.clientY, look: [...look] };
  const move = (now) => {
    look = [from.look[0] - (now.clientX - from.x) * scale, from.look[1] - (now.clientY - from.y) * scale, from.look[2], from.look[3]];
    apply();
  };
  const end = () => { removeEventListener('pointermove', move); removeEventListener('pointerup', end); };
  addEventListener('pointermove', move);
  addEventListener('pointerup', end);
}
