import assert from 'node:assert/strict';
import test from 'node:test';
import { laid, matrix3d, times } from '../../resources/js/planes.js';

const SAME = [1, 0, 0, 0, 1, 0, 0, 0, 1];

// Where a matrix3d() takes a point, as a browser works it: columns of four, then divided.
function taken(css, x, y) {
  const m = css.slice('matrix3d('.length, -1).split(',').map(Number);
  const w = m[3] * x + m[7] * y + m[15];
  return [(m[0] * x + m[4] * y + m[12]) / w, (m[1] * x + m[5] * y + m[13]) / w].map((one) => Math.round(one * 1e6) / 1e6);
}

test('a map times the one that changes nothing is itself, from either side', () => {
  const map = [1, 2, 3, 4, 5, 6, 7, 8, 10];
  assert.deepEqual([times(map, SAME), times(SAME, map)], [map, map]);
});

test('of two maps the right one is taken first', () => {
  const [move, double] = [[1, 0, 5, 0, 1, 0, 0, 0, 1], [2, 0, 0, 0, 2, 0, 0, 0, 1]];
  assert.deepEqual(taken(matrix3d(times(move, double)), 10, 0), [25, 0]);
  assert.deepEqual(taken(matrix3d(times(double, move)), 10, 0), [30, 0]);
});

test('a map with a vanishing point divides', () => {
  assert.deepEqual(taken(matrix3d([1, 0, 0, 0, 1, 0, 0.01, 0, 1]), 100, 50), [50, 25]);
});

test('a photograph lies where its wall is drawn, heights upwards', () => {
  // The drawing shows 4 mm to a pixel, 30 px right and 500 down of a room that begins at 10, 20.
  const css = laid([1000, 0, 0, 0, -1000, 0, 0, 0, 1], { a: 0.25, d: 0.25, e: 40, f: 520 }, { left: 10, top: 20 }, 200);
  assert.deepEqual(taken(css, 0, 0), [30, 500]);
  // Its whole width is 1000 mm, 250 px; as far down in the picture is as far down in the drawing.
  assert.deepEqual(taken(css, 200, 100), [280, 625]);
});
