import assert from 'node:assert/strict';
import test from 'node:test';
import { frameAt, written } from '../../resources/js/frames.js';

const frame = (by, passage, catches = null) => ({ by, passage, covered: 900 - passage, gapLeading: by, gapTrailing: -by, catch: catches });
const frames = [frame(0, 0, 'shut'), frame(100, 0), frame(900, 800), frame(1000, 800, 'open')];

test('at a place that was sent its very numbers are shown', () => {
  assert.deepEqual(frameAt(frames, 900), { catch: null, passage: 800, covered: 100, gapLeading: 900, gapTrailing: -900 });
});

test('between two places the numbers are straight', () => {
  assert.deepEqual([300, 500, 700].map((mm) => frameAt(frames, mm).passage), [200, 400, 600]);
});

test('a catch holds until the next place begins', () => {
  assert.deepEqual([0, 50, 99, 100, 950, 1000].map((mm) => frameAt(frames, mm).catch), ['shut', 'shut', 'shut', null, null, 'open']);
});

test('a leaf that cannot move has the numbers of its one place', () => {
  assert.equal(frameAt([frame(0, 7)], 0).passage, 7);
});

test('past the last place its numbers go on straight, and are nothing that is not a number', () => {
  assert.ok(Object.values(frameAt(frames, 1010)).filter((one) => one !== null && one !== 'open').every(Number.isFinite));
});

const says = { step: 5, from: -2, texts: ['−10', '−5', '0', '5', '10'] };
for (const [mm, is] of [[0, '0'], [2.4, '0'], [2.5, '5'], [-2.5, '0'], [-2.6, '−5'], [7, '5'], [99, '10'], [-99, '−10']]) {
  test(`${mm} is written as the nearest that was sent, ${is}`, () => assert.equal(written(says, mm), is));
}
