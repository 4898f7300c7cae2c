import assert from 'node:assert/strict';
import test, { beforeEach } from 'node:test';
import { asked, at, click, load, page, tell } from './page.js';

const html = `<main id="bench">
  <div data-changes="/wall/changes"><fieldset>
    <input id="gap" name="value" data-change='{"place":"gap"}'><input id="note"><input type="checkbox" id="made">
    <select id="opens" data-change='{"place":"opens"}'><option>left</option></select>
    <button id="left" data-change='{"place":"hang","value":"left"}'><b>Left</b></button>
    <button id="print">Print</button>
  </fieldset></div>
  <section data-changes="/leaf/changes"><button id="cure" data-change='{"changes":"{}"}'>Cure</button></section>
</main>`;

let htmx;
let change;
beforeEach(async () => {
  page(html);
  htmx = asked();
  ({ change } = await load('changes'));
  (await load('changes')).startChanges(htmx);
});
const sent = () => htmx.calls.map(({ url, values, source }) => [url, values, source?.id]);

test('a field that was changed goes where what it stands in is kept', () => {
  ['#gap', '#opens'].forEach((css) => tell('change', at(css)));
  assert.deepEqual(sent(), [
    ['/wall/changes', { place: 'gap' }, 'gap'],
    ['/wall/changes', { place: 'opens' }, 'opens'],
  ]);
});

test('what is pressed goes with its value, wherever on it one presses', () => {
  ['#left b', '#cure'].forEach(click);
  assert.deepEqual(sent(), [
    ['/wall/changes', { place: 'hang', value: 'left' }, 'left'],
    ['/leaf/changes', { changes: '{}' }, 'cure'],
  ]);
});

test('a field is not sent as one goes into it, nor a button when it is left', () => {
  ['#gap', '#opens'].forEach(click);
  tell('change', at('#left'));
  assert.deepEqual(sent(), []);
});

test('what changes nothing of the document is not sent', () => {
  ['#note', '#made'].forEach((css) => tell('change', at(css)));
  click('#print');
  assert.deepEqual(sent(), []);
});

test('a button that may not be pressed sends nothing', () => {
  at('#left').disabled = true;
  click('#left b');
  assert.deepEqual(sent(), []);
});

test('what is said besides goes with it, of whom it is said to be', () => {
  change(htmx, at('#gap'), { nudge: 2 }, at('#bench'));
  assert.deepEqual(sent(), [['/wall/changes', { place: 'gap', nudge: 2 }, 'bench']]);
});

test('that no answer came is told elsewhere', async () => {
  htmx.ajax = () => Promise.reject(new Error('no connection'));
  await assert.doesNotReject(change(htmx, at('#gap')));
});
