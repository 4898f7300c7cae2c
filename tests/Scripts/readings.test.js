import assert from 'node:assert/strict';
import test from 'node:test';
import { number, typed } from '../../resources/js/readings.js';

for (const [text, is] of [
  ['2053.5', 2053.5], ['2053,5', 2053.5], [' 79 3/16 ', 79.1875], ['3/4', 0.75], ['15/16', 0.9375], ['2 11/16', 2.6875], ["6'3/4", 72.75], ["6' 7", 79], ["6'7 1/2", 79.5], ["6'", 72],
  ['-12', -12], ['-1/2', -0.5], ['0', 0],
]) {
  test(`“${text}” is read as ${is}`, () => assert.equal(number(text), is));
}

for (const text of ['', '-', 'wide', '12 mm', '1/0', '3//4', '1 2', "'", '1e3']) {
  test(`“${text}” is read as no number`, () => assert.equal(number(text), null));
}

for (const [mm, units, is] of [
  [1234.4, 'mm', '1234'], [1234.5, 'mm', '1235'], [-5.6, 'mm', '-6'], [25.4, 'in', '1'], [0, 'in', '0'], [12.7, 'in', '1/2'],
  [38.1, 'in', '1 1/2'], [1.5875, 'in', '1/16'], [25.4 * 31.9999, 'in', '32'], [-38.1, 'in', '-1 1/2'], [-0.2, 'in', '0'],
]) {
  test(`${mm} mm is typed in ${units} as “${is}”`, () => assert.equal(typed(mm, units), is));
}

test('what is typed in inches is read as the same to a thirty-second', () => {
  for (let mm = -900; mm < 4000; mm += 7.3) {
    assert.ok(Math.abs(number(typed(mm, 'in')) * 25.4 - mm) <= 25.4 / 32 + 1e-9, `${mm}`);
  }
});
