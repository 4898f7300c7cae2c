// On site: one step at a time. The page holds every step, so it works with no connection; what is entered waits and is sent later.
import { outbox, tell } from './outbox.js';
import { waiting } from './queue.js';
import { word } from './words.js';

export function startSite() {
  const site = document.querySelector('#site');
  const doorway = site.dataset.doorway;
  const place = `yoke-line-site-${doorway}`;

  const steps = () => [...site.querySelectorAll('.site-step')];
  const here = () => steps().find((step) => !step.hidden) ?? steps()[0];
  const show = (id, focus = false) => {
    const found = steps().find((step) => step.dataset.step === id) ?? steps()[0];
    steps().forEach((step) => { step.hidden = step !== found; });
    localStorage.setItem(place, found.dataset.step);
    if (focus) { found.querySelector('h2').focus({ preventScroll: true }); window.scrollTo(0, 0); }
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

  const box = outbox({
    about: () => doorway,
    entries: () => site.dataset.entries,
    photos: () => site.dataset.photos,
    changed: overlay,
    arrived: ({ refused, html }, batch) => {
      draw(html, here().dataset.step, batch);
      for (const entry of batch.filter((one) => refused[one.uid])) {
        const field = site.querySelector(`[data-ask="${CSS.escape(entry.about)}"]`);
        if (field && entry.data.typed) {
          field.value = entry.data.typed;
          field.setAttribute('aria-invalid', 'true');
          field.nextElementSibling.textContent = refused[entry.uid];
        }
      }
    },
  });
  const enter = (kind, about, data) => box.enter(kind, about, data, Number(site.querySelector('#site-state').dataset.change));

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
      const { step } = field.closest('.site-step').dataset;
      await box.photograph(field.files[0], step, site.querySelector(`[data-step="${CSS.escape(step)}"] [data-note]`)?.value ?? '');
    }
  });

  document.querySelector('#site-all').addEventListener('click', (event) => {
    const list = document.querySelector('#site-list');
    list.hidden = !list.hidden;
    event.target.setAttribute('aria-expanded', String(!list.hidden));
    window.scrollTo(0, 0);
  });

  show(localStorage.getItem(place) ?? here().dataset.step);
}
