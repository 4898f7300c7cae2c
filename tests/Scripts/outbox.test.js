import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import test from 'node:test';

globalThis.document = { querySelector: () => null };
const { batchOf } = await import('../../resources/js/outbox.js');
const entry = (bytes) => ({ data: 'x'.repeat(bytes) });

test('as many go in one answer as are small together, in their order', () => {
  const entries = [entry(40_000), entry(40_000), entry(40_000), entry(10)];
  assert.deepEqual(batchOf(entries), entries.slice(0, 3));
});

test('one that is large goes by itself', () => {
  const entries = [entry(300_000), entry(10)];
  assert.deepEqual(batchOf(entries), [entries[0]]);
});

test('of nothing nothing is sent', () => assert.deepEqual(batchOf([]), []));
