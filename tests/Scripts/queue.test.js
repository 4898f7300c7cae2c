import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import test, { afterEach } from 'node:test';

// A telephone that goes from hand to hand: whose page it is.
let who = '';
globalThis.document = { querySelector: () => (who ? { content: who } : null) };
const { aside, discard, drop, put, rename, setAside, tryAgain, waiting } = await import('../../resources/js/queue.js');

const about = async (doorway) => (await waiting(doorway)).map((entry) => entry.about);

afterEach(async () => {
  for (const name of ['', 'ana', 'ben']) {
    who = name;
    for (const doorway of ['1', '2', 'begun']) {
      await drop((await waiting(doorway)).map(({ uid }) => uid));
      for (const { uid } of await aside(doorway)) await discard(uid);
    }
  }
  who = '';
});

test('what is entered waits in its order, each under a name of its own', async () => {
  for (const one of ['a', 'b', 'c']) await put('1', { kind: 'step', about: one });
  const entries = await waiting('1');
  assert.deepEqual(entries.map((entry) => entry.about), ['a', 'b', 'c']);
  assert.equal(new Set(entries.map(({ uid }) => uid)).size, 3);
  assert.ok(entries.every(({ at }) => !Number.isNaN(Date.parse(at))));
});

test('each doorway has what was entered there', async () => {
  await put('1', { about: 'here' });
  await put('2', { about: 'there' });
  assert.deepEqual([await about('1'), await about('2')], [['here'], ['there']]);
});

test('what was sent is dropped, and what was entered meanwhile stays', async () => {
  await put('1', { about: 'sent' });
  const sent = (await waiting('1')).map(({ uid }) => uid);
  await put('1', { about: 'meanwhile' });
  await drop(sent);
  assert.deepEqual(await about('1'), ['meanwhile']);
});

test('what is refused is set aside with its reason, and holds nothing up', async () => {
  await put('1', { about: 'refused' });
  await put('1', { about: 'next' });
  await setAside((await waiting('1'))[0], 'It is no length.');
  assert.deepEqual(await about('1'), ['next']);
  assert.deepEqual((await aside('1')).map((entry) => [entry.about, entry.why]), [['refused', 'It is no length.']]);
});

test('what is tried again waits where it stood, without its reason', async () => {
  await put('1', { about: 'first' });
  await put('1', { about: 'second' });
  const [first] = await waiting('1');
  await setAside(first, 'no');
  await tryAgain(first.uid);
  assert.deepEqual(await about('1'), ['first', 'second']);
  assert.equal((await waiting('1'))[0].why, undefined);
  assert.deepEqual(await aside('1'), []);
});

test('what is discarded is gone', async () => {
  await put('1', { about: 'wrong' });
  const [entry] = await waiting('1');
  await setAside(entry, 'no');
  await discard(entry.uid);
  assert.deepEqual([await about('1'), await aside('1')], [[], []]);
});

test('what was entered for a doorway that is begun is its own once it has arrived', async () => {
  await put('begun', { about: 'a' });
  await put('2', { about: 'of another' });
  await put('begun', { about: 'b' });
  await rename('begun', '1');
  assert.deepEqual([await about('begun'), await about('1'), await about('2')], [[], ['a', 'b'], ['of another']]);
});

test('what one entered is not sent by the next who holds the telephone', async () => {
  who = 'ana';
  await put('1', { about: 'of ana' });
  who = 'ben';
  await put('1', { about: 'of ben' });
  assert.deepEqual(await about('1'), ['of ben']);
  who = 'ana';
  assert.deepEqual(await about('1'), ['of ana']);
});
