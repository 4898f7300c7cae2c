import htmx from 'htmx.org/dist/htmx.esm.js';
import { Idiomorph } from 'idiomorph/dist/idiomorph.esm.js';
import { startAgain } from './again.js';
import { startAnchors } from './anchors.js';
import { startBusy } from './busy.js';
import { startChanges } from './changes.js';
import { startCures } from './cures.js';
import { startDays } from './days.js';
import { startDims } from './dims.js';
import { isBeingTyped, startFields } from './fields.js';
import { startForgetting, startKeeping } from './keep.js';
import { startMenus } from './menus.js';
import { startMeter } from './meter.js';
import { startNumbers } from './numbers.js';
import { startPeople } from './people.js';
import { startMarking, startPhotos } from './photo.js';
import { startPractice } from './practice.js';
import { startSign } from './sign.js';
import { startSite } from './site.js';
import { startSlide } from './slide.js';
import { startSweep } from './sweep.js';
import { startTerms } from './terms.js';
import { startThings } from './things.js';
import { startViews } from './views.js';
import { startWalk } from './walk.js';
import { startWays } from './ways.js';
import { startWhy } from './why.js';
import { word } from './words.js';

window.htmx = htmx;
htmx.config.includeIndicatorStyles = false;
htmx.config.allowEval = false;

// The field whose answer is being laid in: of all others, what was typed and waits to be sent stays.
let answered = null;
document.addEventListener('htmx:beforeSwap', (event) => { answered = event.detail.requestConfig.elt; });

// The morphing that htmx is given: what is typed at the moment stays, everything else becomes what the server says.
htmx.defineExtension('morph', {
  isInlineSwap: (style) => style.startsWith('morph'),
  handleSwap: (style, target, fragment) => style.startsWith('morph')
    && Idiomorph.morph(target, fragment.childNodes, { morphStyle: 'innerHTML', ignoreActiveValue: isBeingTyped(document.activeElement), callbacks: { beforeAttributeUpdated: (name) => name !== 'open', beforeNodeMorphed: (node) => !node.dataset?.keep && (node === answered || !isBeingTyped(node)) } }),
});

// Nothing typed is lost when no answer comes: it stays in its field, and one is told.
for (const event of ['htmx:sendError', 'htmx:responseError', 'htmx:timeout']) {
  document.addEventListener(event, ({ detail }) => {
    const told = document.querySelector('#unanswered');
    if (!told) return;
    told.dataset.usual ??= told.innerHTML;
    told.innerHTML = told.dataset.usual;
    if (detail.xhr?.status === 403) told.textContent = word('may-not');
    told.hidden = false;
  });
}
document.addEventListener('htmx:afterSwap', ({ target }) => {
  document.querySelector('#unanswered')?.setAttribute('hidden', '');
  target.removeAttribute?.('aria-busy');
});

// A field or a file that is sent as soon as it is chosen.
document.addEventListener('change', (event) => event.target.closest?.('[data-submits]')?.form.requestSubmit());

// Back to what was typed: the browser still has it.
document.querySelector('[data-back]')?.addEventListener('click', (event) => { if (history.length > 1) { event.preventDefault(); history.back(); } });

document.querySelector('#print')?.addEventListener('click', () => window.print());

// In several short tasks: what is pressed meanwhile is answered between them.
const pause = () => new Promise((go) => { setTimeout(go); });

await pause();
startAgain();
startBusy();
startMenus();
startKeeping();
startForgetting();
startPeople();
startPhotos();
startPractice();
startTerms();
if (document.querySelector('#days')) startDays(htmx);
if (document.querySelector('#site')) startSite();
if (document.querySelector('#signature')) startSign();
if (document.querySelector('.sweep')) startSweep();
if (document.querySelector('#photo-page')) startMarking(htmx);
if (document.querySelector('#walk')) startWalk();
if (document.querySelector('#weigh')) startWays();
if (document.querySelector('[data-changes]')) startChanges(htmx);
if (document.querySelector('.set')) startFields(htmx);
if (document.querySelector('#bench')) {
  await pause();
  startAnchors();
  startCures();
  startDims();
  startMeter(htmx);
  startNumbers(htmx);
  startThings(htmx);
  startSlide();
  startViews();
  startWhy(htmx);
}

// It answers from now on.
document.documentElement.dataset.answers = performance.now();
