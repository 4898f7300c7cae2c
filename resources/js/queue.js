// What is entered on site waits here until it is sent, in its order; nothing is lost when the page is closed. What is refused is set aside with
// its reason, and holds nothing else up.
import { openDB } from 'idb';

// Of a telephone that goes from hand to hand: what one entered is sent by that one.
const who = () => document.querySelector('meta[name=who]')?.content ?? '';
const isMine = (entry) => (entry.who ?? '') === who();

const opened = openDB('yoke-line', 2, {
  upgrade: (db, from) => {
    if (from < 1) db.createObjectStore('entries', { keyPath: 'number', autoIncrement: true }).createIndex('doorway', 'doorway');
    if (from < 2) db.createObjectStore('aside', { keyPath: 'uid' }).createIndex('doorway', 'doorway');
  },
});

export async function put(doorway, entry) {
  await (await opened).add('entries', { doorway, ...entry, who: who(), uid: crypto.randomUUID?.() ?? `${Date.now()}-${Math.random().toString(36).slice(2)}`, at: new Date().toISOString() });
}

export const waiting = async (doorway) => (await (await opened).getAllFromIndex('entries', 'doorway', doorway)).filter(isMine);

export const aside = async (doorway) => (await (await opened).getAllFromIndex('aside', 'doorway', doorway)).filter(isMine);

export async function drop(uids) {
  const store = (await opened).transaction('entries', 'readwrite').store;
  for (let at = await store.openCursor(); at; at = await at.continue()) {
    if (uids.includes(at.value.uid)) await at.delete();
  }
}

export async function setAside(entry, why) {
  const both = (await opened).transaction(['entries', 'aside'], 'readwrite');
  await Promise.all([both.objectStore('aside').put({ ...entry, why }), both.objectStore('entries').delete(entry.number), both.done]);
}

export async function discard(uid) {
  await (await opened).delete('aside', uid);
}

export async function tryAgain(uid) {
  const both = (await opened).transaction(['entries', 'aside'], 'readwrite');
  const { why, ...entry } = await both.objectStore('aside').get(uid);
  await Promise.all([both.objectStore('entries').put(entry), both.objectStore('aside').delete(uid), both.done]);
}

// What was entered for a doorway that had not arrived yet is that doorway's once it has.
export async function rename(from, to) {
  const store = (await opened).transaction('entries', 'readwrite').store;
  for (let at = await store.index('doorway').openCursor(from); at; at = await at.continue()) await at.update({ ...at.value, doorway: to });
}
