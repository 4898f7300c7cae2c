import assert from 'node:assert/strict';
import test, { beforeEach, mock } from 'node:test';
import { all, asked, at, click, key, lies, load, page, tell } from './page.js';

const field = (id, value, more = '') =>
  `<div class="row-of"><input type="text" id="${id}" value="${value}" aria-label="${id}" ${more}></div>`;
const nudged = (id) => `data-nudges data-change='{"place":"${id}"}'`;
const html = `<form id="bench"><input type="hidden" id="base" value="7"></form>
  <button id="undo"></button><button id="redo"></button>
  <div class="set" data-changes="/wall/changes">
    ${field('f-opening-width', '900', nudged('opening.width'))}${field('f-gap', '12', nudged('gap'))}
    <select id="f-opens"><option value="left" selected>left</option><option value="right">right</option></select>
    ${field('f-name', 'Kiln')}</div>
  <a data-goto href="#f-gap"><b>Gap</b></a><a data-goto href="#gone">Gone</a>`;

let htmx;
const pressed = [];
const come = async (content = html, how = {}) => {
  page(content, how);
  pressed.length = 0;
  ['undo', 'redo'].forEach((id) => at(`#${id}`)?.addEventListener('click', () => pressed.push(id)));
  htmx = asked();
  (await load('fields')).startFields(htmx);
};
const focus = (css) => {
  at(css).focus();
  return at(css);
};

beforeEach(async () => {
  mock.timers.reset();
  mock.timers.enable({ apis: ['setTimeout'] });
  await come();
});

test('Enter goes on to the next field', () => {
  key(focus('#f-opening-width'), 'Enter');
  assert.equal(document.activeElement.id, 'f-gap');
});

test('Enter in the last field stays there, and what was typed goes', () => {
  let left = 0;
  at('#f-name').addEventListener('blur', () => {
    left += 1;
  });
  key(focus('#f-name'), 'Enter');
  assert.deepEqual([document.activeElement.id, left], ['f-name', 1]);
});

test('Esc gives the old value back', () => {
  focus('#f-gap').value = '99';
  key(at('#f-gap'), 'Escape');
  assert.equal(at('#f-gap').value, '12');
});

test('arrows that are pressed in a row go as one nudge', () => {
  ['ArrowUp', 'ArrowUp', 'ArrowUp', 'ArrowDown'].forEach((name) => key(focus('#f-gap'), name));
  mock.timers.tick(100);
  assert.deepEqual(
    htmx.calls.map(({ url, values }) => [url, values]),
    [['/wall/changes', { place: 'gap', nudge: 2 }]],
  );
});

test('a nudge and one back is none', () => {
  ['ArrowUp', 'ArrowDown'].forEach((name) => key(focus('#f-gap'), name));
  mock.timers.tick(100);
  assert.deepEqual(htmx.calls, []);
});

test('the next nudge begins from nothing', () => {
  key(focus('#f-gap'), 'ArrowUp');
  mock.timers.tick(100);
  key(focus('#f-gap'), 'ArrowUp');
  mock.timers.tick(100);
  assert.deepEqual(
    htmx.calls.map(({ values }) => values.nudge),
    [1, 1],
  );
});

test('what is being typed is not nudged away', () => {
  focus('#f-gap').value = '1';
  const event = key(at('#f-gap'), 'ArrowUp');
  mock.timers.tick(100);
  assert.deepEqual([event.defaultPrevented, htmx.calls], [false, []]);
});

test('a field of words has no nudges, and a list keeps its own arrows', () => {
  const events = ['#f-name', '#f-opens'].map((css) => key(focus(css), 'ArrowDown'));
  mock.timers.tick(100);
  assert.deepEqual([events.map((event) => event.defaultPrevented), htmx.calls], [[false, false], []]);
});

for (const [says, more, does] of [
  ['Ctrl+Z', { ctrlKey: true }, ['undo']],
  ['Ctrl+Shift+Z', { ctrlKey: true, shiftKey: true }, ['redo']],
  ['Cmd+Z', { metaKey: true }, ['undo']],
  ['Z', {}, []],
]) {
  test(`${says} presses ${does.join() || 'nothing'}`, () => {
    key(document.body, 'z', more);
    assert.deepEqual(pressed, does);
  });
}

test('while one types Ctrl+Z is the field’s own', () => {
  focus('#f-gap').value = '13';
  key(at('#f-gap'), 'z', { ctrlKey: true });
  assert.deepEqual(pressed, []);
});

test('a link to a field goes into it, and one to a field that is gone is a link', () => {
  click('a[data-goto] b');
  const there = document.activeElement.id;
  const event = new MouseEvent('click', { bubbles: true, cancelable: true });
  all('a[data-goto]')[1].dispatchEvent(event);
  assert.deepEqual([there, event.defaultPrevented], ['f-gap', false]);
});

test('the field that the address names has the focus', async () => {
  await come(html, { path: '/doorways/1/wall#f-gap' });
  assert.equal(document.activeElement.id, 'f-gap');
});

test('what is to be measured next has the focus, but where keys would rise over the page', async () => {
  const asks = `<p class="next-up"></p>
    <ul class="means"><li><a data-goto href="#f-opening-width">Width</a></li></ul>${html}`;
  await come(asks);
  const byMouse = document.activeElement.id;
  page(asks);
  globalThis.matchMedia = () => ({ matches: true });
  (await load('fields')).startFields(htmx);
  assert.deepEqual([byMouse, document.activeElement], ['f-opening-width', document.body]);
});

const DRAWN = `<svg><g class="dim" data-dim="opening.width" tabindex="0"><text>900</text></g>
  <g class="dim" data-dim="gap" tabindex="0"><text>12</text></g>
  <g class="dim" data-dim="nowhere"><text>1</text></g></svg>`;

const drawn = async () => {
  page(html + DRAWN);
  all('text').forEach((text) => lies(text, { left: 600, top: 300, width: 40, height: 16 }));
  (await load('dims')).startDims();
};
const typedOver = () => at('.dim-input');
const press = (css) => at(css).dispatchEvent(new MouseEvent('click', { bubbles: true }));

test('a dimension in the drawing is typed into where it stands', async () => {
  await drawn();
  press('[data-dim="opening.width"] text');
  assert.deepEqual(
    [typedOver().value, typedOver().style.left, typedOver().style.top, document.activeElement],
    ['900', '565px', '292px', typedOver()],
  );
});

test('Enter keeps what was typed there and goes on to the next dimension', async () => {
  await drawn();
  const changed = [];
  document.addEventListener('change', ({ target }) => changed.push([target.id, target.value]));
  press('[data-dim="opening.width"] text');
  typedOver().value = '910';
  key(typedOver(), 'Enter');
  assert.deepEqual([changed, all('.dim-input').map((one) => one.value)], [[['f-opening-width', '910']], ['12']]);
});

test('Esc leaves it as it was, and the focus at its dimension', async () => {
  await drawn();
  press('[data-dim="gap"] text');
  typedOver().value = '99';
  key(typedOver(), 'Escape');
  assert.deepEqual([at('#f-gap').value, typedOver(), document.activeElement.dataset.dim], ['12', null, 'gap']);
});

test('left by a press elsewhere it is kept', async () => {
  await drawn();
  press('[data-dim="gap"] text');
  typedOver().value = '14';
  typedOver().blur();
  assert.deepEqual([at('#f-gap').value, typedOver()], ['14', null]);
});

test('what was not changed is not sent', async () => {
  await drawn();
  let changes = 0;
  document.addEventListener('change', () => {
    changes += 1;
  });
  press('[data-dim="gap"] text');
  typedOver().blur();
  assert.equal(changes, 0);
});

test('at the edge of the page the field stays on it', async () => {
  await drawn();
  lies(all('text')[0], { left: 0, top: 300, width: 10, height: 16 });
  lies(all('text')[1], { left: 1275, top: 300, width: 10, height: 16 });
  const left = ['opening.width', 'gap'].map((place) => {
    press(`[data-dim="${place}"] text`);
    const is = typedOver().style.left;
    key(typedOver(), 'Escape');
    return is;
  });
  assert.deepEqual(left, ['4px', '1166px']);
});

test('by keys it opens with Enter and with the blank', async () => {
  await drawn();
  const open = ['Enter', ' ', 'x'].map((name) => {
    key(at('[data-dim="gap"]'), name);
    const is = Boolean(typedOver());
    typedOver()?.remove();
    return is;
  });
  assert.deepEqual(open, [true, true, false]);
});

test('a dimension that no field is of does not open', async () => {
  await drawn();
  press('[data-dim=nowhere] text');
  assert.equal(typedOver(), null);
});

test('a dimension and its field light up together', async () => {
  await drawn();
  const lit = () => [
    at('[data-dim="gap"]').classList.contains('is-lit'),
    at('#f-gap').closest('.row-of').classList.contains('is-lit'),
  ];
  tell('pointerover', at('#f-gap'));
  const over = lit();
  tell('pointerout', at('#f-gap'));
  assert.deepEqual(
    [over, lit()],
    [
      [true, true],
      [false, false],
    ],
  );
});

test('what has the focus stays lit when the pointer leaves it', async () => {
  await drawn();
  at('#f-gap').focus();
  tell('pointerout', at('#f-gap'));
  assert.equal(at('[data-dim="gap"]').classList.contains('is-lit'), true);
});
