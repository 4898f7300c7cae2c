import assert from 'node:assert/strict';
import test, { beforeEach } from 'node:test';
import { all, asked, at, click, drawn, key, lies, load, page, point, tell } from './page.js';

const NAMES = ['head-left', 'head-right', 'foot-left', 'foot-right', 'ceiling'];

let htmx;
const come = async (points = {}) => {
  page(`<main id="photo-page">
    <figure id="photo-mark" tabindex="0" data-post="/photos/p/points" data-points='${JSON.stringify(points)}'>
      <img src="/p.jpg"><i class="cross"></i><i class="loupe" hidden></i></figure>
    <div class="photo-points"><ul>${NAMES.map(
      (name) => `<li><button type="button" data-point="${name}"><b>${name}</b></button>
      ${points[name] ? `<button type="button" data-unpoint="${name}">×</button>` : ''}</li>`,
    ).join('')}</ul>
      <form id="photo-own"><input name="x"><input name="y"><button>Add</button></form></div>
    <button data-thing="socket">Socket</button><button data-thing="switch">Switch</button>
    <figure id="photo-wall" data-post="/photos/p/things"><svg class="scene"><rect></rect></svg></figure></main>`);
  const image = at('#photo-mark img');
  Object.defineProperty(image, 'clientWidth', { value: 400 });
  lies(image, { left: 100, top: 50, width: 400, height: 300 });
  htmx = asked();
  (await load('photo')).startMarking(htmx);
};
// Pressed and let go, at so much of the picture's width.
const mark = (across, down) => {
  const where = [100 + across * 400, 50 + down * 400];
  point('pointerdown', at('#photo-mark img'), where);
  point('pointerup', document.body, where);
};
const chosen = () => all('[data-point][aria-pressed=true]').map((button) => button.dataset.point);
const pins = () => all('.pin').map((pin) => [pin.textContent, pin.style.left, pin.style.top]);
const sent = () => JSON.parse(htmx.calls.at(-1).values.points);

beforeEach(() => come());

test('the first point that is not shown yet is asked for', async () => {
  const first = chosen();
  await come({ 'head-left': [0.1, 0.2] });
  assert.deepEqual([first, chosen()], [['head-left'], ['head-right']]);
});

test('a point that is shown has a pin of its number, and the next one is asked for', () => {
  mark(0.25, 0.5);
  assert.deepEqual([pins(), chosen()], [[['1', '100px', '200px']], ['head-right']]);
});

test('three tell nothing yet, the fourth is sent with them', () => {
  [
    [0.1, 0.1],
    [0.9, 0.1],
    [0.1, 0.7],
  ].forEach((one) => mark(...one));
  const before = htmx.calls.length;
  mark(0.9, 0.7);
  assert.deepEqual([before, htmx.calls.length, htmx.calls[0].url], [0, 1, '/photos/p/points']);
  assert.deepEqual(sent()['foot-right'], { across: 0.9, down: 0.7 });
  assert.deepEqual(Object.keys(sent()), NAMES.slice(0, 4));
});

test('under a finger the place is shown beside it, three times as large', () => {
  point('pointerdown', at('#photo-mark img'), [300, 150]);
  const loupe = at('.loupe');
  assert.deepEqual(
    [loupe.hidden, loupe.style.left, loupe.style.top, loupe.style.backgroundSize, loupe.style.backgroundPosition],
    [false, '230px', '40px', '1200px auto', '-540px -240px'],
  );
  point('pointerup', document.body, [300, 150]);
  assert.equal(loupe.hidden, true);
});

test('on the right half it is shown to the left of the finger', () => {
  point('pointerdown', at('#photo-mark img'), [420, 150]);
  assert.equal(at('.loupe').style.left, '170px');
});

test('a point is where the finger is let go, not where it was put down', () => {
  point('pointerdown', at('#photo-mark img'), [100, 50]);
  point('pointermove', document.body, [300, 250]);
  point('pointerup', document.body, [340, 250]);
  assert.deepEqual(pins(), [['1', '240px', '200px']]);
});

test('by keys the cross goes in small steps, with Shift in large ones, and Enter shows the point', () => {
  ['ArrowRight', 'ArrowDown'].forEach((name) => key(at('#photo-mark'), name));
  ['ArrowLeft', 'ArrowUp'].forEach((name) => key(at('#photo-mark'), name, { shiftKey: true }));
  key(at('#photo-mark'), 'Enter');
  const [[, left, top]] = pins();
  assert.deepEqual(
    [left, top].map((px) => Math.round(parseFloat(px) * 10) / 10),
    [192.8, 132.8],
  );
});

test('keys that are pressed elsewhere move nothing', () => {
  const event = key(at('[data-point]'), 'Enter');
  assert.deepEqual([event.defaultPrevented, pins()], [false, []]);
});

test('a point is chosen by its button, and shown anew where it is put', () => {
  mark(0.1, 0.1);
  click('[data-point=head-left]');
  const again = chosen();
  mark(0.2, 0.2);
  assert.deepEqual([again, pins()], [['head-left'], [['1', '80px', '80px']]]);
});

test('a point that is taken out is sent without', async () => {
  await come(Object.fromEntries(NAMES.map((name, i) => [name, [i / 10, 0.5]])));
  click('[data-unpoint=ceiling]');
  assert.deepEqual(Object.keys(sent()), NAMES.slice(0, 4));
});

test('where all are shown a press shows none', async () => {
  await come(Object.fromEntries(NAMES.map((name, i) => [name, [i / 10, 0.5]])));
  mark(0.3, 0.3);
  assert.deepEqual([chosen(), htmx.calls], [[], []]);
});

test('what stands on the wall is sent with two corners in the wall’s own measure, heights upwards', () => {
  drawn(at('#photo-wall svg'), 5);
  click('[data-thing=socket]');
  point('click', at('#photo-wall rect'), [10, 200]);
  const first = htmx.calls.length;
  point('click', at('#photo-wall rect'), [30, 180]);
  assert.deepEqual([first, htmx.calls[0].url], [0, '/photos/p/things']);
  assert.deepEqual(htmx.calls[0].values, {
    kind: 'socket',
    'one-x': 50,
    'one-y': -1000,
    'other-x': 150,
    'other-y': -900,
  });
});

test('a wall that is pressed with nothing chosen sends nothing', () => {
  drawn(at('#photo-wall svg'), 5);
  [
    [10, 200],
    [30, 180],
  ].forEach((where) => point('click', at('#photo-wall rect'), where));
  assert.deepEqual(htmx.calls, []);
});

test('another thing that is chosen begins with its first corner', () => {
  drawn(at('#photo-wall svg'), 5);
  click('[data-thing=socket]');
  point('click', at('#photo-wall rect'), [10, 200]);
  click('[data-thing=switch]');
  point('click', at('#photo-wall rect'), [30, 180]);
  assert.deepEqual(htmx.calls, []);
  assert.deepEqual(
    all('[data-thing]').map((one) => one.getAttribute('aria-pressed')),
    ['false', 'true'],
  );
});

test('a place of one’s own is asked for with its measures, and sent with them', () => {
  [
    [0.1, 0.1],
    [0.9, 0.1],
    [0.1, 0.7],
  ].forEach((one) => mark(...one));
  const { x, y } = at('#photo-own').elements;
  [x.value, y.value] = ['1200', '900'];
  at('#photo-own').dispatchEvent(new Event('submit', { bubbles: true, cancelable: true }));
  const [own] = chosen();
  mark(0.5, 0.5);
  assert.match(own, /^own-1-/);
  assert.deepEqual(sent()[own], { across: 0.5, down: 0.5, x: '1200', y: '900' });
});

test('half a place of one’s own is not taken, and what is missing has the focus', () => {
  at('#photo-own').elements.x.value = '1200';
  at('#photo-own').dispatchEvent(new Event('submit', { bubbles: true, cancelable: true }));
  assert.deepEqual([document.activeElement, all('[data-point]').length], [at('#photo-own').elements.y, NAMES.length]);
});

test('a photograph lies where its wall is drawn, as large as it is', async () => {
  page(`<figure><img data-map="[1000,0,0,0,-1000,0,0,0,1]"><svg class="scene"></svg></figure>`);
  Object.defineProperty(at('img'), 'naturalWidth', { value: 200 });
  at('svg').getScreenCTM = () => ({ a: 0.25, d: 0.25, e: 40, f: 520 });
  lies(at('figure'), { left: 10, top: 20, width: 300, height: 600 });
  (await load('photo')).layPhotos();
  assert.deepEqual([at('img').style.width, at('img').style.transform.slice(0, 14)], ['200px', 'matrix3d(1.25,']);
});

test('one that has not come yet is left where it is', async () => {
  page('<figure><img data-map="[1,0,0,0,1,0,0,0,1]"><svg class="scene"></svg></figure>');
  Object.defineProperty(at('img'), 'naturalWidth', { value: 0 });
  (await load('photo')).layPhotos();
  assert.equal(at('img').style.transform, '');
});

const bench = `<div class="stage"><div class="view" data-view="elevation"><svg class="scene"></svg></div></div>
  <button data-toggles-photo hidden aria-pressed="false"></button>
  <template id="behind"><img data-map="[1,0,0,0,1,0,0,0,1]"></template>`;

test('the photograph behind the drawing is shown while one wants it, and once', async () => {
  page(bench);
  (await load('photo')).startPhotos();
  const seen = () => [
    at('.stage').classList.contains('has-photo'),
    at('[data-toggles-photo]').getAttribute('aria-pressed'),
    all('.view img').length,
  ];
  const before = seen();
  click('[data-toggles-photo]');
  const on = seen();
  tell('htmx:afterSwap');
  const drawnAnew = seen();
  click('[data-toggles-photo]');
  assert.deepEqual(
    [before, on, drawnAnew, seen()],
    [
      [false, 'false', 1],
      [true, 'true', 1],
      [true, 'true', 1],
      [false, 'false', 1],
    ],
  );
});

test('where no photograph is true to scale no button offers it', async () => {
  page(bench.replace(/<template.*<\/template>/, ''));
  (await load('photo')).startPhotos();
  assert.equal(at('[data-toggles-photo]').hidden, true);
});

test('a leaf is slid over its photograph', async () => {
  page(
    `<figure><svg><g data-far="900"></g><g data-far="-900"></g></svg>
      <input type="range" data-slides-picture min="0" max="1" step="0.1"></figure>`,
  );
  (await load('photo')).startPhotos();
  at('input').value = '0.5';
  tell('input', at('input'));
  assert.deepEqual(
    all('g').map((leaf) => leaf.getAttribute('transform')),
    ['translate(450 0)', 'translate(-450 0)'],
  );
});
