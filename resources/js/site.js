// On site: one step at a time. The page holds every step, so it works with no connection; what is entered waits and is sent later.
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
function batchOf(entries) {
  const batch = [];
  for (let bytes = 0, i = 0; i < entries.length && (bytes === 0 || bytes < BATCH_BYTES); i += 1) {
    batch.push(entries[i]);
    bytes += JSON.stringify(entries[i]).length;
  }
  return batch;
}

export function startSite() {
  const site = document.querySelector('#site');
  const doorway = site.dataset.doorway;
  const place = `yoke-line-site-${doorway}`;
  let sending = false;
  let again = false;

  const steps = () => [...site.querySelectorAll('.site-step')];
  const here = () => steps().find((step) => !step.hidden) ?? steps()[0];
  const show = (id, focus = false) => {
    const found = steps().find((step) => step.dataset.step === id) ?? steps()[0];
    steps().forEach((step) => { step.hidden = step !== found; });
    localStorage.setItem(place, found.dataset.step);
    if (focus) { found.querySelector('h2').focus({ preventScroll: true }); window.scrollTo(0, 0); }
  };

  const tell = (says) => {
    const note = document.createElement('p');
    note.className = 'notice';
    note.append(`${says} `);
    const close = document.createElement('button');
    close.textContent = word('seen');
    close.onclick = () => note.remove();
    note.append(close);
    document.querySelector('#site-notices').append(note);
  };

  const linkState = async () => {
    const count = (await waiting(doorway)).length;
    document.querySelector('#link-state').textContent = count > 0 ? word('waiting', { count }) : (navigator.onLine ? '' : word('no-connection'));
  };

  // What waits is shown as if it had arrived.
  const overlay = async () => {
    for (const entry of await waiting(doorway)) {
      if (entry.kind === 'step') {
        site.querySelectorAll(`[data-step="${CSS.escape(entry.about)}"], [data-to="${CSS.escape(entry.about)}"]`).forEach((node) => { node.dataset.state = entry.data.state; });
        const said = site.querySelector(`[data-step="${CSS.escape(entry.about)}"] .site-said`);
        if (said) said.textContent = entry.data.state === 'open' ? '' : word(`${entry.data.state}-waiting`, { why: entry.data.reason });
      } else if (entry.kind === 'measured') {
        const field = site.querySelector(`[data-ask="${CSS.escape(entry.about)}"]`);
        if (field) field.value = entry.data.typed;
      }
    }
  };

  const token = async () => {
    const page = new DOMParser().parseFromString(await (await fetch(location.href, { cache: 'no-store' })).text(), 'text/html');
    document.querySelector('meta[name=csrf-token]').content = page.querySelector('meta[name=csrf-token]').content;
  };

  const post = (url, body, type) => fetch(url, {
    method: 'POST',
    headers: { 'Content-Type': type, Accept: 'application/json', 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content },
    body,
  });

  // An answer, with a new token where the old one has run out; what the server cannot answer now is thrown, what it never will is told.
  async function answered(url, body, type = 'application/json') {
    let answer = await post(url, body, type);
    if (answer.status === 419) { await token(); answer = await post(url, body, type); }
    if (answer.status >= 400 && answer.status < 500 && ![401, 408, 419, 429].includes(answer.status)) return { never: word('refused-with', { status: answer.status }) };
    if (!answer.ok) throw new Error(String(answer.status));
    return answer.json();
  }

  // What is being typed while an answer comes stays, and so does the place in it.
  const FIELDS = '[data-ask], [data-note], [data-reason]';
  const at = (node) => {
    const kind = Object.keys(node.dataset).find((key) => ['ask', 'note', 'reason'].includes(key));
    const which = kind ? `[data-${kind}="${CSS.escape(node.dataset[kind])}"]` : `details:nth-of-type(${[...node.parentNode.querySelectorAll(':scope > details')].indexOf(node) + 1})`;
    return `[data-step="${CSS.escape(node.closest('.site-step').dataset.step)}"] ${which}`;
  };
  const isSent = (field, batch) => batch.some(({ about, data }) => (about === field.dataset.ask && data.typed === field.value.trim())
    || (about === field.closest('.site-step').dataset.step && [data.says, data.reason].includes(field.value.trim())));

  function draw(html, step, batch) {
    const typed = [...site.querySelectorAll(FIELDS)].filter((field) => field.value !== field.defaultValue && !isSent(field, batch)).map((field) => [at(field), field.value]);
    const open = [...site.querySelectorAll('.site-step details[open]')].map(at);
    const active = document.activeElement?.matches(FIELDS) ? [at(document.activeElement), document.activeElement.selectionStart] : null;
    site.innerHTML = html;
    open.forEach((details) => site.querySelector(details)?.setAttribute('open', ''));
    typed.forEach(([field, value]) => { const there = site.querySelector(field); if (there) there.value = value; });
    show(step);
    const field = active && site.querySelector(active[0]);
    field?.focus({ preventScroll: true });
    field?.setSelectionRange(active[1], active[1]);
  }

  // Entries in batches; one that keeps a batch from being answered is found by sending each by itself.
  async function sendEntries(batch) {
    const sent = batch.map(({ uid, kind, about, data, at, change }) => ({ uid, kind, about, data, at, change }));
    let answer;
    try {
      answer = await answered(site.dataset.entries, JSON.stringify({ entries: sent }));
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
    const { kept, refused, notices, html } = answer;
    const now = here().dataset.step;
    await drop(kept);
    for (const entry of batch.filter((one) => !kept.includes(one.uid))) await setAside(entry, refused[entry.uid] ?? word('refused'));
    draw(html, now, batch);
    for (const entry of batch.filter((one) => refused[one.uid])) {
      const field = site.querySelector(`[data-ask="${CSS.escape(entry.about)}"]`);
      if (field && entry.data.typed) {
        field.value = entry.data.typed;
        field.setAttribute('aria-invalid', 'true');
        field.nextElementSibling.textContent = refused[entry.uid];
      }
    }
    notices.forEach(tell);
  }

  // A photograph piece by piece, from where the server has it.
  async function sendPhoto(entry) {
    const image = blobOf(entry.data.image);
    const asked = new URLSearchParams({ about: entry.about, says: entry.data.says ?? '', at: entry.at, of: image.size });
    for (let from = 0, turns = 0; turns < 3 + 2 * Math.ceil(image.size / PIECE_BYTES); turns += 1) {
      asked.set('from', from);
      const { kept, have, refused, never } = await answered(`${site.dataset.photos}/${entry.uid}?${asked}`, image.slice(from, from + PIECE_BYTES), 'application/octet-stream');
      if (kept) { await drop([entry.uid]); return; }
      if (refused || never) { await setAside(entry, refused ?? never); return; }
      from = have;
    }
    throw new Error('It did not arrive.');
  }

  async function sendWords() {
    const words = async () => (await waiting(doorway)).filter((entry) => entry.kind !== 'photo');
    for (let entries = await words(); entries.length > 0; entries = await words()) await sendEntries(batchOf(entries));
  }

  async function sendAll() {
    try {
      await sendWords();
    } catch {
      // No answer: it waits, and is sent again.
    }
    try {
      for (const entry of (await waiting(doorway)).filter((one) => one.kind === 'photo')) {
        await sendPhoto(entry);
        await linkState();
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
      await overlay();
      await linkState();
      await showAside();
    }
  }

  // What was refused stays, with its reason, until one tries it again or throws it away.
  async function showAside() {
    const list = document.querySelector('#site-aside');
    const entries = await aside(doorway);
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

  async function enter(kind, about, data) {
    const change = Number(site.querySelector('#site-state').dataset.change);
    // Entered anew, what was refused of the same before is settled.
    for (const old of await aside(doorway)) if (kind !== 'photo' && kind !== 'note' && old.kind === kind && old.about === about) await discard(old.uid);
    await put(doorway, { kind, about, data, change });
    await overlay();
    await linkState();
    await send();
  }

  // Made small before it waits, and drawn anew: nothing of where it was taken goes along.
  async function photograph(file, step) {
    const picture = await createImageBitmap(file).catch(() => null);
    if (!picture) { tell(word('photo-unreadable')); return; }
    const shrink = Math.min(1, 1600 / Math.max(picture.width, picture.height));
    const canvas = Object.assign(document.createElement('canvas'), { width: Math.round(picture.width * shrink), height: Math.round(picture.height * shrink) });
    canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
    const image = await new Promise((done) => { canvas.toBlob(done, 'image/jpeg', 0.82); });
    await enter('photo', step, { image, says: site.querySelector(`[data-step="${CSS.escape(step)}"] [data-note]`)?.value ?? '', step });
    tell(word('photo-saved'));
  }

  site.addEventListener('click', async (event) => {
    const step = event.target.closest('.site-step');
    const to = event.target.closest('[data-to]');
    const go = event.target.closest('[data-go]');
    const say = event.target.closest('[data-say]');
    if (to) {
      document.querySelector('#site-list').hidden = true;
      document.querySelector('#site-all').setAttribute('aria-expanded', 'false');
      show(to.dataset.to, true);
    } else if (go) {
      const all = steps();
      show(all[Math.min(all.length - 1, Math.max(0, all.indexOf(step) + Number(go.dataset.go)))].dataset.step, true);
    } else if (say) {
      const reason = step.querySelector('[data-reason]').value.trim();
      if (say.dataset.say === 'skipped' && reason === '') { step.querySelector('[data-reason]').focus(); tell(word('say-why')); return; }
      const all = steps();
      const after = all[all.indexOf(step) + 1];
      if (say.dataset.say !== 'open' && after) show(after.dataset.step, true);
      await enter('step', step.dataset.step, { state: say.dataset.say, reason: say.dataset.say === 'skipped' ? reason : '' });
    } else if (event.target.closest('[data-keep-note]')) {
      const note = step.querySelector('[data-note]');
      if (note.value.trim() === '') { note.focus(); return; }
      await enter('note', step.dataset.step, { says: note.value.trim(), step: step.dataset.step });
      tell(word('note-saved'));
    }
  });

  site.addEventListener('change', async (event) => {
    const field = event.target;
    if (field.dataset.ask !== undefined && field.value.trim() !== '') {
      await enter('measured', field.dataset.ask, { typed: field.value.trim(), units: site.dataset.units });
    } else if (field.dataset.photo !== undefined && field.files[0]) {
      await photograph(field.files[0], field.closest('.site-step').dataset.step);
    }
  });

  document.querySelector('#site-all').addEventListener('click', (event) => {
    const list = document.querySelector('#site-list');
    list.hidden = !list.hidden;
    event.target.setAttribute('aria-expanded', String(!list.hidden));
    window.scrollTo(0, 0);
  });

  window.addEventListener('online', send);
  window.addEventListener('offline', linkState);
  setInterval(send, RESEND_MS);

  show(localStorage.getItem(place) ?? here().dataset.step);
  overlay().then(showAside).then(send);

  navigator.serviceWorker?.register('/site-worker.js').then(() => navigator.serviceWorker.ready).then((worker) => {
    const files = [...document.querySelectorAll('link[rel=stylesheet], script[src]')].map((node) => node.href || node.src);
    worker.active.postMessage({ keep: [...JSON.parse(site.dataset.keep), ...files, '/mark.svg'] });
  });
}
