// A practice wall and a drill: what is typed is kept here until it has arrived; a press on the drawing places a number.

import { typed } from './readings.js';
import { unsealed } from './sealed.js';
import { wallSketch } from './sketch.js';

const RESEND_MS = 10000;
const keyOf = (round) => `practice-${round}`;

// What was typed stands again, whatever happened to the page.
function keep(form, round) {
  const fields = [...form.querySelectorAll('input:not([type=hidden]), select')];
  const told = JSON.parse(localStorage.getItem(keyOf(round)) ?? '[]');
  fields.forEach((field, i) => { if (field.value === '' && told[i]) field.value = told[i]; });
  const now = () => JSON.stringify(fields.map((field) => field.value));
  form.addEventListener('input', () => localStorage.setItem(keyOf(round), now()));
}

// Sent as a form is; where nobody answers it waits, and goes as soon as somebody does. What was pressed last is sent.
let pressed = null;
function send(form, meanwhile = () => {}) {
  const waits = form.querySelector('[data-waits]');
  const isThere = () => fetch(location.href, { method: 'HEAD', cache: 'no-store' })
    .then((answer) => answer.ok, () => false);
  let timer = null;
  const go = async () => {
    clearTimeout(timer);
    const is = navigator.onLine && await isThere();
    waits.hidden = is || pressed !== form;
    if (pressed !== form) return;
    if (is) { pressed = null; form.submit(); return; }
    meanwhile();
    timer = setTimeout(go, RESEND_MS);
  };
  form.addEventListener('submit', (event) => {
    event.preventDefault();
    pressed = form;
    go();
  });
  window.addEventListener('online', () => { if (pressed === form) go(); });
}

const SVG = 'http://www.w3.org/2000/svg';
const made = (kind, attributes) => {
  const node = document.createElementNS(SVG, kind);
  Object.entries(attributes).forEach(([name, is]) => node.setAttribute(name, is));
  return node;
};

// The wall as far as it is read by now, as the server would draw it.
function drawAgain(svg, { sketch, once, mm }, things, sweep) {
  const { parts } = wallSketch(sketch, mm);
  const drawn = parts();
  svg.querySelectorAll(['.obstacle', '.swept', ...drawn.map(({ layer }) => `.${layer}`)].join()).forEach((old) => old.remove());
  const wall = drawn.filter(({ layer }) => !once[layer] || mm[once[layer]] !== undefined)
    .map(({ layer, corners }) => made('polygon', { class: layer, points: corners.map((corner) => corner.join(',')).join(' ') }));
  const [x, y] = [0, 1].map((of) => drawn[0].corners.map((corner) => corner[of]));
  const [wide, high] = [Math.max(...x), -Math.min(...y)];
  const seen = things.flatMap(([low, top], i) => {
    const [from, to] = [0, 1].map((end) => mm[`survey.obstacles[${i}].x[${end}]`]);
    return from === undefined || to === undefined ? [] : [made('rect', { class: 'obstacle', x: from, y: -top, width: to - from, height: top - low })];
  });
  svg.prepend(...wall, ...seen);
  let above = 0;
  if (sweep) {
    const felt = made('g', { class: 'swept', transform: `translate(0 ${-high})` });
    felt.innerHTML = sweep;
    const scene = felt.firstElementChild;
    above = scene.viewBox.baseVal.height;
    felt.replaceChildren(...scene.children);
    svg.append(felt);
  }
  const px = wide / 672;
  svg.setAttribute('viewBox', `${-34 * px} ${-high - above - 14 * px} ${wide + 68 * px} ${high + above + 64 * px}`);
}

// With no connection one measures on: what a tape reads here came with the page, sealed.
function measure(page, form, answers) {
  const round = keyOf(page.dataset.round);
  const tape = unsealed(page.querySelector('#practice-tape').textContent, round);
  const known = JSON.parse(page.querySelector('#practice-numbers').textContent);
  const boxes = [...form.querySelectorAll('.to-measure input')];
  let isSwept = false;
  const read = (box) => {
    const { says, mm } = tape.read[box.value] ?? {};
    if (says === undefined) {
      isSwept = true;
      page.querySelector('figcaption').hidden = false;
    } else {
      known.mm[box.value] = mm;
      const row = document.createElement('div');
      const [label, number] = ['dt', 'dd'].map((kind) => row.appendChild(document.createElement(kind)));
      label.textContent = box.dataset.label;
      number.textContent = says;
      number.className = 'number';
      page.querySelector('.practice-read dl').append(row);
    }
    known.minutes += Number(box.dataset.minutes);
    box.closest('li').hidden = true;
    answers.append(Object.assign(document.createElement('input'), { type: 'hidden', name: 'places[]', value: box.value }));
  };
  const go = () => {
    const chosen = boxes.filter((box) => box.checked && !box.closest('li').hidden);
    chosen.forEach(read);
    localStorage.setItem(`${round}-read`, JSON.stringify(boxes.filter((box) => box.checked).map((box) => box.value)));
    if (chosen.length === 0) return;
    page.querySelectorAll('.practice-read, .practice-given, .practice-answers').forEach((part) => { part.hidden = false; });
    const [one, more] = known.taken;
    page.querySelector('.practice-read small').textContent = known.minutes === 1 ? one : more.replace(':count', known.minutes);
    drawAgain(page.querySelector('.practice-drawing svg'), known, tape.things, isSwept && tape.sweep);
  };
  send(form, go);
  // What was read before the page was closed and has not arrived.
  const before = JSON.parse(localStorage.getItem(`${round}-read`) ?? '[]');
  boxes.forEach((box) => { box.checked = before.includes(box.value); });
  if (boxes.some((box) => box.checked)) form.requestSubmit(); else localStorage.removeItem(`${round}-read`);
}

function place(drawing, form) {
  let last = null;
  form.addEventListener('focusin', ({ target }) => { last = target.dataset.places ? target : last; });
  drawing?.addEventListener('click', (event) => {
    const scene = drawing.querySelector('svg');
    if (!last || !scene) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(scene.getScreenCTM().inverse());
    last.value = typed(last.dataset.places === 'along' ? at.x : -at.y, drawing.dataset.units);
    last.dispatchEvent(new Event('input', { bubbles: true }));
    last.focus();
  });
}

function drill(form) {
  const [begin, left] = [document.querySelector('#drill-begin'), document.querySelector('#drill-left')];
  const questions = [...form.querySelectorAll('fieldset')];
  let at = 0;
  const show = () => {
    questions.forEach((question, i) => { question.hidden = i !== at; });
    questions[at].querySelector('input').focus();
  };
  begin.onclick = () => {
    const until = Date.now() + left.dataset.seconds * 1000;
    [begin.hidden, left.hidden, form.hidden] = [true, false, false];
    show();
    let ticking = null;
    const tick = () => {
      const seconds = Math.max(0, Math.ceil((until - Date.now()) / 1000));
      left.textContent = left.dataset.says.replace(':count', seconds);
      if (seconds === 0) { clearInterval(ticking); form.dataset.isOver = 'yes'; form.requestSubmit(); }
    };
    tick();
    ticking = setInterval(tick, 250);
  };
  // Before the time is over what is sent is only the next question.
  form.addEventListener('submit', (event) => {
    if (form.dataset.isOver || at >= questions.length - 1) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    at += 1;
    show();
  }, { capture: true });
}

export function startPractice() {
  const done = document.querySelector('[data-practised]');
  if (done) localStorage.removeItem(keyOf(done.dataset.practised));
  const [page, form] = [document.querySelector('#practice'), document.querySelector('[data-practice]')];
  if (!form) return;
  keep(form, page.dataset.round);
  if (form.id === 'drill') drill(form); else place(page.querySelector('.practice-drawing'), form);
  send(form);
  const toMeasure = page.querySelector('.practice-measure');
  if (toMeasure) measure(page, toMeasure, form);
}
