import assert from 'node:assert/strict';
import test from 'node:test';
import { wallSketch } from '../../resources/js/sketch.js';

const sketch = {
  usual: { wide: [900, {}], high: [100, { wide: 2 }] },
  outline: [['wall', [[[0, {}], [0, {}]], [[10, { wide: 1 }], [0, { high: 1 }]]]], ['crown', [[[0, { 'crown.drop': 1 }], [0, {}]]]]],
};

test('what is not read stands as usual, and what hangs on it follows', () => {
  assert.deepEqual(wallSketch(sketch, {}).parts()[0].corners[1], [910, -1900]);
});

test('what is read stands as read, and what is usual beside it follows', () => {
  assert.deepEqual(wallSketch(sketch, { wide: 1000 }).parts()[0].corners[1], [1010, -2100]);
  assert.deepEqual(wallSketch(sketch, { wide: 1000, high: 50 }).parts()[0].corners[1], [1010, -50]);
});

test('a part is read once all that it is made of is', () => {
  const isRead = (mm) => wallSketch(sketch, mm).parts()[0].isRead;
  assert.deepEqual([isRead({}), isRead({ wide: 1 }), isRead({ wide: 1, high: 0 })], [false, false, true]);
});

test('a reading that comes later moves what is drawn next', () => {
  const mm = {};
  const { parts, value } = wallSketch(sketch, mm);
  mm.wide = 5;
  assert.equal(value([1, { wide: 2 }]), 11);
  assert.equal(parts()[0].corners[1][0], 15);
});

test('what has no usual size is nothing until it is read', () => {
  assert.equal(wallSketch(sketch, {}).parts()[1].corners[0][0], 0);
});
