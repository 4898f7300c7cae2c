import assert from 'node:assert/strict';
import test, { beforeEach } from 'node:test';
import { all, load, page, tell } from './page.js';

const data = {
  loads: {
    only: [
      { by: 0, taken: [0, 40] },
      { by: 100, taken: [20, -40] },
    ],
  },
  holes: [
    [
      [-10, 5],
      [20, 30],
    ],
    [],
  ],
};
const slid = (by, leaf = 'only') => document.dispatchEvent(new CustomEvent('yoke:slid', { detail: { leaf, by } }));
const moved = (right, place = 'brief.rules.rail_left') =>
  document.dispatchEvent(new CustomEvent('yoke:moving', { detail: { place, right } }));
const bars = () =>
  all('[data-load] rect').map((bar) => [bar.getAttribute('height'), bar.getAttribute('y')].map(Number));
const held = () => all('[data-hole]').map((hole) => hole.getAttribute('class') ?? '');

beforeEach(async () => {
  page(`<script id="slide-data" type="application/json">${JSON.stringify(data)}</script>
    <svg><g data-load data-scale="2"><rect></rect></g><g data-load data-scale="0.5"><rect></rect></g>
    <circle data-hole="0"></circle><circle data-hole="1"></circle></svg>`);
  (await load('anchors')).startAnchors();
});

test('a fixing takes what was sent for where the leaf stands', () => {
  slid(0);
  assert.deepEqual(
    bars().map(([high]) => high),
    [0, 20],
  );
});

test('between two places that were sent it takes what lies straight between', () => {
  slid(50);
  assert.deepEqual(
    bars().map(([high]) => high),
    [20, 0],
  );
});

test('what presses is drawn up from the line, what pulls down from it', () => {
  slid(100);
  assert.deepEqual(bars(), [
    [40, -40],
    [20, 0],
  ]);
});

test('a leaf that no load is told of changes none', () => {
  slid(100);
  const before = bars();
  slid(0, 'other');
  assert.deepEqual(bars(), before);
});

for (const [right, first] of [
  [-10, 'is-held'],
  [5, 'is-held'],
  [5.1, 'is-missed'],
  [20, 'is-held'],
  [31, 'is-missed'],
]) {
  test(`a rail that is moved ${right} mm has its first hole ${first}`, () => {
    moved(right);
    assert.deepEqual(held(), [first, 'is-missed']);
  });
}

test('what else is moved tells nothing of holes', () => {
  moved(0, 'survey.obstacles[0]');
  assert.deepEqual(held(), ['', '']);
});

test('an answer brings numbers of its own', () => {
  document.querySelector('#slide-data').textContent = JSON.stringify({ loads: { only: [{ by: 0, taken: [3, 3] }] } });
  tell('htmx:afterSwap');
  slid(70);
  assert.deepEqual(
    bars().map(([high]) => high),
    [6, 1.5],
  );
});

test('a page without numbers has none to show', () => {
  document.querySelector('#slide-data').remove();
  tell('htmx:afterSwap');
  slid(50);
  moved(0);
  assert.deepEqual(held(), ['', '']);
});
