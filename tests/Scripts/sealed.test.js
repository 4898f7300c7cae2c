import assert from 'node:assert/strict';
import test from 'node:test';
import { unsealed } from '../../resources/js/sealed.js';

const sealed = (what, key) => Buffer.from([...Buffer.from(JSON.stringify(what))].map((byte, i) => byte ^ key.charCodeAt(i % key.length))).toString('base64');

test('what was sealed is read again, whatever its letters', () => {
  const tape = { read: { 'survey.wall.to': { says: '10\' 4 1/2″ · größer', mm: 3162.3 } }, sweep: '<svg/>' };
  assert.deepEqual(unsealed(sealed(tape, 'practice-17'), 'practice-17'), tape);
});

test('it is not read with the key of another round', () => {
  assert.throws(() => unsealed(sealed({ read: {} }, 'practice-17'), 'practice-18'));
});
