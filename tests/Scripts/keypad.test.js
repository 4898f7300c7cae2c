import assert from 'node:assert/strict';
import test from 'node:test';
import { pressed } from '../../resources/js/keypad.js';
import { number } from '../../resources/js/readings.js';

// Keys as they are pressed: a fraction has a stroke in it.
const after = (keys, value = '') => keys.reduce((is, key) => pressed(is, key.includes('/') ? { fraction: key } : { key }), value);

for (const [keys, says] of [
  [['7', '9'], '79'],
  [['7', '9', '3/16'], '79 3/16'],
  [['3/16'], '3/16'],
  [['6', "'", '7', '1/2'], "6'7 1/2"],
  [['6', "'", '1/2'], "6'1/2"],
  [['7', '9', '3/16', '5/8'], '79 5/8'],
  [['7', '3/16', '9'], '79 3/16'],
  [['3/16', '7', '9'], '79 3/16'],
  [['7', '9', '3/16', 'back'], '79'],
  [['7', '9', 'back'], '7'],
  [['7', 'back', 'back'], ''],
  [['1', '2', '.5'], '12.5'],
  [['1', '2', '.5', '.5'], '12'],
  [['1', '2', '.5', 'back'], '12'],
  [['1', '.5', '2'], '12.5'],
  [['.5'], '.5'],
  [['-', '3/16'], '-3/16'],
  [['8', '-'], '-8'],
  [['8', '-', '-'], '8'],
  [['8', '3/16', '-'], '-8 3/16'],
]) {
  test(`${keys.join(' , ')} says “${says}”`, () => assert.equal(after(keys), says));
}

test('what is typed by other means is gone on from', () => assert.equal(after(['1/2'], '2053 3/4'), '2053 1/2'));

test('whatever is pressed, in whatever order, a number of digits and a fraction is read as that number', () => {
  const fractions = Array.from({ length: 15 }, (_, n) => `${n + 1}/16`);
  for (const fraction of fractions) {
    for (const at of [0, 1, 2]) {
      const keys = ['7', '9'];
      keys.splice(at, 0, fraction);
      assert.equal(number(after(keys)), 79 + Number(fraction.split('/')[0]) / 16, keys.join(' '));
    }
  }
});
