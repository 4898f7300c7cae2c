// A practice wall and a drill: what is typed is kept here until it has arrived; a press on the drawing places a number.

const RESEND_MS = 10000;
const keyOf = (round) => `practice-${round}`;

// What was typed stands again, whatever happened to the page.
function keep(form, round) {
  const fields = [...form.querySelectorAll('input:not([type=hidden]), select')];
  const told = JSON.parse(localStorage.getItem(keyOf(round)) ?? '[]');
  fields.forEach((field, i) => { if (field.value === '' && told[i]) field.value = told[i]; });
  const now = () => JSON.stringify(fields.map((field) => field.value));
  form.addEventListener('input', () => localStorage.setItem(keyOf(round), now()));
}

// Sent as a form is; where nobody answers it waits, and goes as soon as somebody does.
function send(form) {
  let isWaiting = false;
  const waits = form.querySelector('[data-waits]');
  const isThere = () => fetch(location.href, { method: 'HEAD', cache: 'no-store' })
    .then((answer) => answer.ok, () => false);
  const go = async () => {
    if (!isWaiting) return;
    if (navigator.onLine && await isThere()) { isWaiting = false; form.submit(); return; }
    waits.hidden = false;
    setTimeout(go, RESEND_MS);
  };
  form.addEventListener('submit', (event) => {
    event.preventDefault();
    if (isWaiting) return;
    isWaiting = true;
    go();
  });
  window.addEventListener('online', go);
}

// Millimetres of the drawing as the wall's unit is typed.
const typed = (mm, units) => {
  if (units === 'mm') return String(Math.round(mm));
  const sixteenths = Math.round(mm / 25.4 * 16);
  const [whole, rest] = [Math.floor(sixteenths / 16), sixteenths % 16];
  const by = rest === 0 ? 16 : (rest & -rest);
  return rest === 0 ? String(whole) : `${whole ? `${whole} ` : ''}${rest / by}/${16 / by}`;
};

function place(drawing, form) {
  let last = null;
  form.addEventListener('focusin', ({ target }) => { last = target.dataset.places ? target : last; });
  drawing?.addEventListener('click', (event) => {
    const scene = drawing.querySelector('svg');
    if (!last || !scene) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(scene.getScreenCTM().inverse());
    last.value = typed(last.dataset.places === 'along' ? at.x : -at.y, drawing.dataset.units);
    last.dispatchEvent(new Event('input', { bubbles: true }));
    last.focus();
  });
}

function drill(form) {
  const [begin, left] = [document.querySelector('#drill-begin'), document.querySelector('#drill-left')];
  const questions = [...form.querySelectorAll('fieldset')];
  let at = 0;
  const show = () => {
    questions.forEach((question, i) => { question.hidden = i !== at; });
    questions[at].querySelector('input').focus();
  };
  begin.onclick = () => {
    const until = Date.now() + left.dataset.seconds * 1000;
    [begin.hidden, left.hidden, form.hidden] = [true, false, false];
    show();
    let ticking = null;
    const tick = () => {
      const seconds = Math.max(0, Math.ceil((until - Date.now()) / 1000));
      left.textContent = left.dataset.says.replace(':count', seconds);
      if (seconds === 0) { clearInterval(ticking); form.dataset.isOver = 'yes'; form.requestSubmit(); }
    };
    tick();
    ticking = setInterval(tick, 250);
  };
  // Before the time is over what is sent is only the next question.
  form.addEventListener('submit', (event) => {
    if (form.dataset.isOver || at >= questions.length - 1) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    at += 1;
    show();
  }, { capture: true });
}

export function startPractice() {
  const done = document.querySelector('[data-practised]');
  if (done) localStorage.removeItem(keyOf(done.dataset.practised));
  const [page, form] = [document.querySelector('#practice'), document.querySelector('[data-practice]')];
  document.querySelectorAll('.practice-measure').forEach(send);
  if (!form) return;
  keep(form, page.dataset.round);
  if (form.id === 'drill') drill(form); else place(page.querySelector('.practice-drawing'), form);
  send(form);
}
