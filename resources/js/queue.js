// What is entered on site waits here until it is sent, in its order; nothing is lost when the page is closed.
import { openDB } from 'idb';

const opened = openDB('yoke-line', 1, {
  upgrade: (db) => db.createObjectStore('entries', { keyPath: 'number', autoIncrement: true }).createIndex('doorway', 'doorway'),
});

export async function put(doorway, entry) {
  await (await opened).add('entries', { doorway, ...entry, uid: crypto.randomUUID?.() ?? `${Date.now()}-${Math.random().toString(36).slice(2)}`, at: new Date().toISOString() });
}

export const waiting = async (doorway) => (await opened).getAllFromIndex('entries', 'doorway', doorway);

export async function drop(uids) {
  const store = (await opened).transaction('entries', 'readwrite').store;
  for (let at = await store.openCursor(); at; at = await at.continue()) {
    if (uids.includes(at.value.uid)) await at.delete();
  }
}
