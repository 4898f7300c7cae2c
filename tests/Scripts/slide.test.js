import assert from 'node:assert/strict';
import test, { beforeEach } from 'node:test';
import { all, at, click, drawn, load, page, point, tell } from './page.js';

const frames = (travel) => [
  { by: 0, passage: 0, covered: 900, gapLeading: 0, gapTrailing: 0, catch: 'shut' },
  { by: travel, passage: travel, covered: 0, gapLeading: 10, gapTrailing: 20, catch: 'open' },
];
const texts = Array.from({ length: 1001 }, (_, i) => String(i));
const says = { step: 1, from: 0, texts };
const leaf = (travel, hasCatch = true) => ({ travel, hasCatch, frames: frames(travel) });
const words = {
  passage: 'Passage :passage',
  'catch-none': 'none',
  'catch-free': 'free',
  'catch-shut': 'shut',
  'catch-open': 'open',
};

const html = (leaves) => `
  <script id="slide-data" type="application/json">${JSON.stringify({ leaves, says })}</script>
  <button id="play">▶</button><input type="range" id="slide" min="0" max="1">
  ${Object.keys(leaves)
    .map(
      (name, i) => `<button data-leaf-to-slide="${name}"></button>
    <svg class="scene"><g data-slides="${i === 0 ? 1 : -1}" data-leaf="${name}"><rect></rect></g></svg>`,
    )
    .join('')}
  <b data-slide="passage"></b><b data-slide="catch"></b>`;

let window;
const come = async (leaves) => {
  window = page(html(leaves), { words });
  (await load('slide')).startSlide();
};
const shows = (name) => at(`[data-slide=${name}]`).textContent;
const stands = () => all('[data-slides]').map((group) => group.getAttribute('transform'));
const slideTo = (mm) => {
  at('#slide').value = mm;
  tell('input', at('#slide'));
};

beforeEach(() => come({ only: leaf(800) }));

test('a leaf stands shut when its page comes', () => {
  assert.deepEqual([stands(), shows('passage'), shows('catch')], [['translate(0 0)'], '0', 'shut']);
});

test('the slider goes as far as the leaf does', () => assert.equal(at('#slide').max, '800'));

test('slid by the slider, it shows the numbers of where it stands', () => {
  slideTo(400);
  assert.deepEqual([stands(), shows('passage'), shows('catch')], [['translate(400 0)'], '400', 'shut']);
  assert.equal(at('#slide').getAttribute('aria-valuetext'), 'Passage 400');
});

test('who draws along with it is told how far it stands', () => {
  const told = [];
  document.addEventListener('yoke:slid', ({ detail }) => told.push(detail));
  slideTo(250);
  assert.deepEqual(told, [{ leaf: 'only', by: 250 }]);
});

test('it is dragged by hand as far as the drawing is scaled', () => {
  drawn(at('svg.scene'), 4);
  point('pointerdown', at('rect'), [100, 0]);
  point('pointermove', at('body'), [150, 0]);
  assert.deepEqual(stands(), ['translate(200 0)']);
});

test('it is not dragged past its ends', () => {
  drawn(at('svg.scene'), 4);
  point('pointerdown', at('rect'), [100, 0]);
  point('pointermove', at('body'), [1000, 0]);
  const far = stands();
  point('pointermove', at('body'), [-1000, 0]);
  assert.deepEqual([far, stands()], [['translate(800 0)'], ['translate(0 0)']]);
});

test('let go, it stays where it is', () => {
  drawn(at('svg.scene'), 4);
  point('pointerdown', at('rect'), [100, 0]);
  point('pointermove', at('body'), [150, 0]);
  point('pointerup', at('body'), [150, 0]);
  point('pointermove', at('body'), [190, 0]);
  assert.deepEqual(stands(), ['translate(200 0)']);
});

test('where it stands outlives an answer of the server', () => {
  slideTo(300);
  tell('htmx:afterSwap');
  assert.deepEqual([stands(), shows('passage')], [['translate(300 0)'], '300']);
});

test('after an answer that lets it go less far, it stands at that end', () => {
  slideTo(700);
  at('#slide-data').textContent = JSON.stringify({ leaves: { only: leaf(500) }, says });
  tell('htmx:afterSwap');
  assert.deepEqual([stands(), at('#slide').max], [['translate(500 0)'], '500']);
});

test('a leaf that nothing catches says so wherever it stands', async () => {
  await come({ only: leaf(800, false) });
  slideTo(800);
  assert.equal(shows('catch'), 'none');
});

test('between its catches it says that it is free', async () => {
  const free = { ...leaf(800), frames: frames(800).map((frame, i) => ({ ...frame, catch: i === 0 ? null : 'open' })) };
  await come({ only: free });
  slideTo(300);
  const between = shows('catch');
  slideTo(800);
  assert.deepEqual([between, shows('catch')], ['free', 'open']);
});

test('of two leaves the chosen one is slid, to its own side, and the other stays', async () => {
  await come({ left: leaf(800), right: leaf(600) });
  slideTo(100);
  click('[data-leaf-to-slide=right]');
  const max = at('#slide').max;
  slideTo(250);
  assert.deepEqual([max, stands()], ['600', ['translate(100 0)', 'translate(-250 0)']]);
  assert.deepEqual(
    all('[data-leaf-to-slide]').map((one) => one.getAttribute('aria-pressed')),
    ['false', 'true'],
  );
});

test('the one that is taken by hand is the chosen one', async () => {
  await come({ left: leaf(800), right: leaf(600) });
  drawn(all('svg.scene')[1], 1);
  point('pointerdown', all('rect')[1], [0, 0]);
  assert.deepEqual(
    all('[data-leaf-to-slide]').map((one) => one.getAttribute('aria-pressed')),
    ['false', 'true'],
  );
});

test('played, it opens, shuts and stops', () => {
  click('#play');
  const began = performance.now();
  const seen = [];
  for (let ms = 0; window.waits() > 0 && ms < 10_000; ms += 100) {
    window.frame(began + ms);
    seen.push(Number(shows('passage')));
  }
  assert.deepEqual([Math.max(...seen), seen.at(-1), window.waits(), at('#play').textContent], [800, 0, 0, '▶']);
});

test('while it plays its button stops it', () => {
  click('#play');
  const shown = at('#play').textContent;
  window.frame(performance.now() + 500);
  click('#play');
  assert.deepEqual([shown, at('#play').textContent, window.waits()], ['❚❚', '▶', 0]);
});

test('who wants nothing to move sees both ends, one after the other', () => {
  globalThis.matchMedia = () => ({ matches: true });
  const seen = [0, 1, 2].map(() => {
    click('#play');
    return shows('passage');
  });
  assert.deepEqual([seen, window.waits()], [['800', '0', '800'], 0]);
});

test('a page without numbers to slide by is left alone', async () => {
  page('<button id="play"></button><svg><g data-slides="1" data-leaf="only"><rect></rect></g></svg>');
  (await load('slide')).startSlide();
  point('pointerdown', at('rect'));
  click('#play');
  globalThis.matchMedia = () => ({ matches: true });
  click('#play');
  assert.equal(at('g').getAttribute('transform'), null);
});
