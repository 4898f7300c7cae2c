// On site: one step at a time. The page holds every step, so it works with no connection; what is entered waits and is sent later.
import { drop, put, waiting } from './queue.js';

const RESEND_MS = 15000;

export function startSite() {
  const site = document.querySelector('#site');
  const doorway = site.dataset.doorway;
  const place = `yoke-line-site-${doorway}`;
  let sending = false;

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
    close.textContent = 'Seen';
    close.onclick = () => note.remove();
    note.append(close);
    document.querySelector('#site-notices').append(note);
  };

  const linkState = async () => {
    const count = (await waiting(doorway)).length;
    document.querySelector('#link-state').textContent = count > 0 ? `${count} waiting to be sent` : (navigator.onLine ? '' : 'no connection');
  };

  // What waits is shown as if it had arrived.
  const overlay = async () => {
    for (const entry of await waiting(doorway)) {
      if (entry.kind === 'step') {
        site.querySelectorAll(`[data-step="${CSS.escape(entry.about)}"], [data-to="${CSS.escape(entry.about)}"]`).forEach((node) => { node.dataset.state = entry.data.state; });
        const said = site.querySelector(`[data-step="${CSS.escape(entry.about)}"] .site-said`);
        if (said) said.textContent = entry.data.state === 'open' ? '' : `${entry.data.state === 'done' ? 'Done' : `Skipped: ${entry.data.reason}`}, waiting to be sent.`;
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

  const post = (entries) => fetch(site.dataset.entries, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content },
    body: JSON.stringify({ entries }),
  });

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

  async function send() {
    if (sending) return;
    sending = true;
    try {
      for (let entries = await waiting(doorway); entries.length > 0; entries = await waiting(doorway)) {
        // Photographs are large: few go at a time.
        const batch = entries.slice(0, 20).map(({ uid, kind, about, data, at, change }) => ({ uid, kind, about, data, at, change }));
        let answer = await post(batch);
        if (answer.status === 419) { await token(); answer = await post(batch); }
        if (!answer.ok) throw new Error(String(answer.status));
        const { kept, refused, notices, html } = await answer.json();
        const now = here().dataset.step;
        await drop([...kept, ...Object.keys(refused)]);
        draw(html, now, batch);
        for (const entry of batch.filter((one) => refused[one.uid])) {
          const field = site.querySelector(`[data-ask="${CSS.escape(entry.about)}"]`);
          if (field && entry.data.typed) {
            field.value = entry.data.typed;
            field.setAttribute('aria-invalid', 'true');
            field.nextElementSibling.textContent = refused[entry.uid];
          } else {
            tell(`${refused[entry.uid]}${entry.data.says ? ` (“${entry.data.says}”)` : ''}`);
          }
        }
        notices.forEach(tell);
        if (kept.length + Object.keys(refused).length === 0) break;
      }
    } catch {
      // No answer: it waits, and is sent again.
    } finally {
      sending = false;
      await overlay();
      await linkState();
    }
  }

  async function enter(kind, about, data) {
    const change = Number(site.querySelector('#site-state').dataset.change);
    await put(doorway, { kind, about, data, change });
    await overlay();
    await linkState();
    await send();
  }

  // Made small before it waits, and drawn anew: nothing of where it was taken goes along.
  async function photograph(file, step) {
    const picture = await createImageBitmap(file);
    const shrink = Math.min(1, 1600 / Math.max(picture.width, picture.height));
    const canvas = Object.assign(document.createElement('canvas'), { width: Math.round(picture.width * shrink), height: Math.round(picture.height * shrink) });
    canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
    await enter('photo', step, { image: canvas.toDataURL('image/jpeg', 0.82), says: site.querySelector(`[data-step="${CSS.escape(step)}"] [data-note]`)?.value ?? '', step });
    tell('The photograph is kept.');
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
      if (say.dataset.say === 'skipped' && reason === '') { step.querySelector('[data-reason]').focus(); tell('Say why it is skipped.'); return; }
      const all = steps();
      const after = all[all.indexOf(step) + 1];
      if (say.dataset.say !== 'open' && after) show(after.dataset.step, true);
      await enter('step', step.dataset.step, { state: say.dataset.say, reason: say.dataset.say === 'skipped' ? reason : '' });
    } else if (event.target.closest('[data-keep-note]')) {
      const note = step.querySelector('[data-note]');
      if (note.value.trim() === '') { note.focus(); return; }
      await enter('note', step.dataset.step, { says: note.value.trim(), step: step.dataset.step });
      tell('The note is kept.');
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
  overlay().then(send);

  navigator.serviceWorker?.register('/site-worker.js').then(() => navigator.serviceWorker.ready).then((worker) => {
    const files = [...document.querySelectorAll('link[rel=stylesheet], script[src]')].map((node) => node.href || node.src);
    worker.active.postMessage({ keep: [...JSON.parse(site.dataset.keep), ...files, '/mark.svg'] });
  });
}
