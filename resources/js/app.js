import htmx from 'htmx.org/dist/htmx.esm.js';
import { Idiomorph } from 'idiomorph/dist/idiomorph.esm.js';
import { isBeingTyped, startFields } from './fields.js';
import { startSlide } from './slide.js';
import { startViews } from './views.js';
import { startWhy } from './why.js';

window.htmx = htmx;
htmx.config.includeIndicatorStyles = false;
htmx.config.allowEval = false;

// The morphing that htmx is given: what is typed at the moment stays, everything else becomes what the server says.
htmx.defineExtension('morph', {
  isInlineSwap: (style) => style.startsWith('morph'),
  handleSwap: (style, target, fragment) => style.startsWith('morph')
    && Idiomorph.morph(target, fragment.childNodes, { morphStyle: 'innerHTML', ignoreActiveValue: isBeingTyped(document.activeElement) }),
});

document.querySelector('#print')?.addEventListener('click', () => window.print());

if (document.querySelector('#bench')) {
  startFields(htmx);
  startSlide();
  startViews();
  startWhy(htmx);
}
