// Entries that are sent as soon as somebody answers: words in their order, photographs after them, piece by piece. What
// is refused is set aside with its reason and holds nothing up.
import { aside, discard, drop, put, setAside, tryAgain, waiting } from './queue.js';
import { word } from './words.js';

const RESEND_MS = 15000;
const BATCH_BYTES = 100000;
const PIECE_BYTES = 200000;

// What waited in an older page waits as text.
const blobOf = (image) => {
  if (image instanceof Blob) return image;
  const bytes = atob(image.slice(image.indexOf(',') + 1));
  return new Blob([Uint8Array.from(bytes, (letter) => letter.charCodeAt(0))], { type: 'image/jpeg' });
};

// As many as go in one answer, by their bytes.
export function batchOf(entries) {
  const batch = [];
  for (let bytes = 0, i = 0; i < entries.length && (bytes === 0 || bytes < BATCH_BYTES); i += 1) {
    batch.push(entries[i]);
    bytes += JSON.stringify(entries[i]).length;
  }
  return batch;
}

async function token() {
  const page = new DOMParser().parseFromString(await (await fetch(location.href, { cache: 'no-store' })).text(), 'text/html');
  document.querySelector('meta[name=csrf-token]').content = page.querySelector('meta[name=csrf-token]').content;
}

const post = (url, body, type) => fetch(url, {
  method: 'POST',
  headers: { 'Content-Type': type, Accept: 'application/json', 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content },
  body,
});

// Whoever was signed out meanwhile signs in again; till then all of it waits.
let isSignedOut = false;

// An answer, with a new token where the old one has run out; what the server cannot answer now is thrown, what it never will is told.
export async function answered(url, body, type = 'application/json') {
  let answer = await post(url, body, type);
  if (answer.status === 419) { await token(); answer = await post(url, body, type); }
  isSignedOut = answer.status === 401;
  if (answer.status >= 400 && answer.status < 500 && ![401, 408, 419, 429].includes(answer.status)) return { never: word('refused-with', { status: answer.status }) };
  if (!answer.ok) throw new Error(String(answer.status));
  return answer.json();
}

export function tell(says) {
  const note = document.createElement('p');
  note.className = 'notice';
  note.append(`${says} `);
  const close = document.createElement('button');
  close.textContent = word('seen');
  close.onclick = () => note.remove();
  note.append(close);
  document.querySelector('#site-notices').append(note);
}

/**
 * @param {object} of
 *   about: () => whose entries these are
 *   ready: () => what must be true before any is sent, such as that its doorway has arrived
 *   entries, photos: () => where they go
 *   more: () => what is sent with a batch
 *   arrived: (answer, batch) => shows what came of it
 *   changed: () => shows what waits
 */
export function outbox(of) {
  let sending = false;
  let again = false;

  async function showState() {
    const count = (await waiting(of.about())).length;
    const state = document.querySelector('#link-state');
    state.textContent = count > 0 ? word('waiting', { count }) : (navigator.onLine ? '' : word('no-connection'));
    if (count > 0 && isSignedOut) state.append(' ', Object.assign(document.createElement('a'), { href: '/sign-in', textContent: word('sign-in-again') }));
  }

  // Entries in batches; one that keeps a batch from being answered is found by sending each by itself.
  async function sendEntries(batch) {
    const sent = batch.map(({ uid, kind, about, data, at, change }) => ({ uid, kind, about, data, at, change }));
    let answer;
    try {
      answer = await answered(of.entries(), JSON.stringify({ entries: sent, ...of.more?.() }));
    } catch (error) {
      if (batch.length === 1 || !navigator.onLine || error instanceof TypeError) throw error;
      answer = { never: error.message };
    }
    if (answer.never && batch.length > 1) {
      let isStuck = false;
      for (const entry of batch) await sendEntries([entry]).catch(() => { isStuck = true; });
      if (isStuck) throw new Error('Some wait.');
      return;
    }
    if (answer.never) { await setAside(batch[0], answer.never); return; }
    const { kept, refused, notices } = answer;
    await drop(kept);
    for (const entry of batch.filter((one) => !kept.includes(one.uid))) await setAside(entry, refused[entry.uid] ?? word('refused'));
    of.arrived(answer, batch);
    notices.forEach(tell);
  }

  // A photograph piece by piece, from where the server has it.
  async function sendPhoto(entry) {
    const image = blobOf(entry.data.image);
    const asked = new URLSearchParams({ about: entry.about, says: entry.data.says ?? '', at: entry.at, of: image.size });
    for (let from = 0, turns = 0; turns < 3 + 2 * Math.ceil(image.size / PIECE_BYTES); turns += 1) {
      asked.set('from', from);
      const { kept, have, refused, never } = await answered(`${of.photos()}/${entry.uid}?${asked}`, image.slice(from, from + PIECE_BYTES), 'application/octet-stream');
      if (kept) { await drop([entry.uid]); return; }
      if (refused || never) { await setAside(entry, refused ?? never); return; }
      from = have;
    }
    throw new Error('It did not arrive.');
  }

  async function sendWords() {
    const words = async () => (await waiting(of.about())).filter((entry) => entry.kind !== 'photo');
    for (let entries = await words(); entries.length > 0; entries = await words()) await sendEntries(batchOf(entries));
  }

  async function sendAll() {
    try {
      await of.ready?.();
      await sendWords();
    } catch {
      // No answer: it waits, and is sent again.
    }
    try {
      await of.ready?.();
      for (const entry of (await waiting(of.about())).filter((one) => one.kind === 'photo')) {
        await sendPhoto(entry);
        await showState();
        // What was entered while a photograph went up does not wait for the others.
        if (again) { again = false; await sendWords(); }
      }
    } catch {
      // No answer: it waits, and goes on from the piece that is there.
    }
  }

  async function send() {
    again = sending;
    if (sending) return;
    sending = true;
    try {
      do {
        again = false;
        await sendAll();
      } while (again);
    } finally {
      sending = false;
      await of.changed();
      await showState();
      await showAside();
    }
  }

  // What was refused stays, with its reason, until one tries it again or throws it away.
  async function showAside() {
    const list = document.querySelector('#site-aside');
    const entries = await aside(of.about());
    list.hidden = entries.length === 0;
    list.replaceChildren(...entries.map((entry) => {
      const row = document.createElement('p');
      row.className = 'notice';
      const what = entry.kind === 'photo' ? word('a-photograph') : `“${entry.data.typed ?? entry.data.says ?? entry.data.reason ?? entry.data.state ?? entry.kind}”`;
      row.append(`${word('not-saved', { what, at: new Date(entry.at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }), why: entry.why })} `);
      for (const [says, does] of [[word('try-again'), tryAgain], [word('discard'), discard]]) {
        const button = document.createElement('button');
        button.textContent = says;
        button.onclick = async () => { await does(entry.uid); await showAside(); await send(); };
        row.append(button, ' ');
      }
      return row;
    }));
  }

  async function enter(kind, about, data, change) {
    // Entered anew, what was refused of the same before is settled.
    for (const old of await aside(of.about())) if (kind !== 'photo' && kind !== 'note' && old.kind === kind && old.about === about) await discard(old.uid);
    await put(of.about(), { kind, about, data, change });
    await of.changed();
    await showState();
    await send();
  }

  // Made small before it waits, and drawn anew: nothing of where it was taken goes along.
  async function photograph(file, about, says = '') {
    const picture = await createImageBitmap(file).catch(() => null);
    if (!picture) { tell(word('photo-unreadable')); return; }
    const shrink = Math.min(1, 1600 / Math.max(picture.width, picture.height));
    const canvas = Object.assign(document.createElement('canvas'), { width: Math.round(picture.width * shrink), height: Math.round(picture.height * shrink) });
    canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
    const image = await new Promise((done) => { canvas.toBlob(done, 'image/jpeg', 0.82); });
    await enter('photo', about, { image, says, step: about });
    tell(word('photo-saved'));
  }

  window.addEventListener('online', send);
  window.addEventListener('offline', showState);
  setInterval(send, RESEND_MS);
  Promise.resolve(of.changed()).then(showAside).then(send);

  return { enter, photograph, send };
}
