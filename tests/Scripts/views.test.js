import assert from 'node:assert/strict';
import test, { beforeEach, mock } from 'node:test';
import { all, asked, at, click, drawn, key, lies, load, page, point, settled, tell } from './page.js';

const numbers = (text) => text.split(' ').map((one) => Math.round(Number(one) * 1000) / 1000);
const box = () => numbers(at('.scene-elevation').getAttribute('viewBox'));

const STAGE = `<form id="bench"><input id="base" value="3"></form><div class="stage" data-changes="/wall/changes">
  <div data-view="elevation"><svg class="scene scene-elevation" viewBox="0 -2000 4000 2000"><rect class="wall"></rect>
    <g data-slides="1"><rect class="leaf"></rect></g>
    <g class="thing" data-place="survey.obstacles[#a]" tabindex="0"><rect></rect></g>
    <g class="thing" data-place="brief.rules.rail_left" tabindex="0"><rect></rect></g></svg></div>
  <div data-view="section"><button data-enlarge="section"></button></div></div>
  <button data-zoom="in"></button><button data-zoom="out"></button><button data-zoom="fit"></button><input id="typed">
  <b data-step="5"></b>`;

let htmx;
const come = async (script, start) => {
  page(STAGE);
  htmx = asked();
  (await load(script))[start](htmx);
};

test.describe('how near one looks', () => {
  beforeEach(() => come('views', 'startViews'));

  test('nearer keeps the middle where it is, and the shape', () => {
    click('[data-zoom=in]');
    assert.deepEqual(box(), [600, -1700, 2800, 1400]);
  });

  test('farther than all of it one cannot look', () => {
    click('[data-zoom=in]');
    click('[data-zoom=out]');
    click('[data-zoom=out]');
    assert.deepEqual(box(), [0, -2000, 4000, 2000]);
  });

  test('nearer than a thirtieth one cannot look', () => {
    for (let i = 0; i < 30; i += 1) click('[data-zoom=in]');
    assert.deepEqual(box().slice(2).map(Math.round), [133, 67]);
  });

  test('all of it is shown again at once', () => {
    click('[data-zoom=in]');
    click('[data-zoom=in]');
    click('[data-zoom=fit]');
    assert.deepEqual(box(), [0, -2000, 4000, 2000]);
  });

  for (const [name, wide] of [
    ['+', 2800],
    ['=', 2800],
    ['-', 4000],
    ['0', 4000],
    ['x', 4000],
  ]) {
    test(`the key ${name} makes it ${wide} wide`, () => {
      key(document.body, name);
      assert.equal(box()[2], wide);
    });
  }

  test('keys that are typed into a field, or pressed with Ctrl, are no looking', () => {
    key(at('#typed'), '+');
    key(document.body, '+', { ctrlKey: true });
    assert.equal(box()[2], 4000);
  });

  test('how near one looks outlives a redraw of the same drawing', () => {
    click('[data-zoom=in]');
    at('.scene-elevation').setAttribute('viewBox', '0 -2000 4000 2000');
    tell('htmx:afterSwap');
    assert.equal(box()[2], 2800);
  });

  test('a drawing of another size is shown whole', () => {
    click('[data-zoom=in]');
    at('.scene-elevation').setAttribute('viewBox', '0 -2000 5000 2000');
    tell('htmx:afterSwap');
    assert.deepEqual(box(), [0, -2000, 5000, 2000]);
  });

  test('near it is moved by hand, and the whole is not', () => {
    drawn(at('.scene-elevation'), 10);
    const pull = () => {
      point('pointerdown', at('.wall'), [100, 100]);
      point('pointermove', document.body, [90, 105]);
      point('pointerup', document.body);
    };
    pull();
    const whole = box();
    click('[data-zoom=in]');
    pull();
    assert.deepEqual(
      [whole, box()],
      [
        [0, -2000, 4000, 2000],
        [700, -1750, 2800, 1400],
      ],
    );
  });

  test('where a leaf is, the leaf is moved and not the view', () => {
    drawn(at('.scene-elevation'), 10);
    click('[data-zoom=in]');
    point('pointerdown', at('.leaf'), [100, 100]);
    point('pointermove', document.body, [50, 100]);
    assert.deepEqual(box(), [600, -1700, 2800, 1400]);
  });

  test('another view is made the large one, and the wall again by the same button', () => {
    const large = () => at('.stage').dataset.main;
    const before = large();
    click('[data-enlarge]');
    const enlarged = large();
    click('[data-enlarge]');
    assert.deepEqual([before, enlarged, large()], ['elevation', 'section', 'elevation']);
  });

  test('a station without that view shows its wall large', () => {
    click('[data-enlarge]');
    at('[data-view=section]').remove();
    tell('htmx:afterSwap');
    assert.equal(at('.stage').dataset.main, 'elevation');
  });
});

test.describe('what stands on the wall', () => {
  const things = () => all('.thing');
  const pull = (thing, by) => {
    point('pointerdown', thing.querySelector('rect'), [100, 100]);
    point('pointermove', document.body, [100 + by[0], 100 + by[1]]);
    const seen = thing.getAttribute('transform');
    point('pointerup', document.body, [100 + by[0], 100 + by[1]]);

    return seen;
  };

  beforeEach(async () => {
    mock.timers.reset();
    mock.timers.enable({ apis: ['setTimeout'] });
    await come('things', 'startThings');
    drawn(at('.scene-elevation'), 4);
    things().forEach((thing) =>
      Object.defineProperty(thing, 'ownerSVGElement', { value: at('.scene-elevation'), configurable: true }),
    );
  });

  test('it follows the hand, and the server is told how far in millimetres, heights upwards', () => {
    const seen = pull(things()[0], [10, -20]);
    assert.deepEqual(
      [seen, htmx.calls.map(({ url, values }) => [url, values])],
      ['translate(40 -80)', [['/wall/changes', { place: 'survey.obstacles[#a]', right: 40, up: 80 }]]],
    );
  });

  test('a touch that hardly moves it moves nothing', () => {
    pull(things()[0], [1, 1]);
    assert.deepEqual([htmx.calls, things()[0].getAttribute('transform')], [[], null]);
  });

  test('the rail goes along only, and who draws holes is told on the way', () => {
    const told = [];
    document.addEventListener('yoke:moving', ({ detail }) => told.push(detail));
    assert.deepEqual(
      [pull(things()[1], [10, 50]), told],
      ['translate(40 0)', [{ place: 'brief.rules.rail_left', right: 40 }]],
    );
  });

  test('arrows that are pressed in a row are one move', () => {
    ['ArrowRight', 'ArrowRight', 'ArrowUp'].forEach((name) => key(things()[0], name));
    mock.timers.tick(200);
    assert.deepEqual(
      htmx.calls.map(({ values: { right, up } }) => [right, up]),
      [[10, 5]],
    );
  });

  test('with Shift an arrow goes ten steps', () => {
    key(things()[0], 'ArrowLeft', { shiftKey: true });
    mock.timers.tick(200);
    assert.deepEqual(
      htmx.calls.map(({ values: { right, up } }) => [right, up]),
      [[-50, 0]],
    );
  });

  test('once it is moved it has the focus again', async () => {
    key(things()[0], 'ArrowDown');
    document.activeElement.blur();
    mock.timers.tick(200);
    await settled();
    assert.equal(document.activeElement, things()[0]);
  });

  test('a move begins from nothing once the one before was sent', () => {
    [1, 2].forEach(() => {
      key(things()[0], 'ArrowRight');
      mock.timers.tick(200);
    });
    assert.deepEqual(
      htmx.calls.map(({ values: { right, up } }) => [right, up]),
      [
        [5, 0],
        [5, 0],
      ],
    );
  });

  test('the page does not scroll under what is moved', () => {
    const pressed = point('pointerdown', things()[0].querySelector('rect'), [100, 100]);
    assert.deepEqual([pressed.defaultPrevented, key(things()[0], 'ArrowUp').defaultPrevented], [true, true]);
  });

  test('other keys are the page’s own', () => assert.equal(key(things()[0], 'Enter').defaultPrevented, false));
});

test.describe('a step of the day', () => {
  const days = `<div id="days">
    <div class="day-bars" data-set="/jobs/1/schedule/set" data-share="0.5" data-minutes="480"><svg>
    <g class="task" data-task="1/rail-up" data-start="600" tabindex="0"><rect></rect></g></svg></div></div>`;
  const task = () => at('.task');
  const told = () => htmx.calls.map(({ url, values: { task: of, start } }) => [url, of, start]);

  beforeEach(async () => {
    page(days);
    document.head.innerHTML = '<meta name="csrf-token" content="t">';
    lies(at('svg'), { left: 0, top: 0, width: 960, height: 100 });
    task().setPointerCapture = () => {};
    htmx = asked();
    (await load('days')).startDays(htmx);
  });

  test('is dragged along it, in steps of five minutes', () => {
    point('pointerdown', at('rect'), [100, 0]);
    point('pointermove', document.body, [133, 0]);
    const seen = task().style.transform;
    point('pointerup', document.body, [133, 0]);
    assert.deepEqual(
      [seen, task().style.transform, told()],
      ['translateX(33px)', '', [['/jobs/1/schedule/set', '1/rail-up', 635]]],
    );
  });

  test('that is put back where it was is not set', () => {
    point('pointerdown', at('rect'), [100, 0]);
    point('pointerup', document.body, [101, 0]);
    assert.deepEqual(htmx.calls, []);
  });

  test('goes by arrow keys, and keeps the focus', async () => {
    key(task(), 'ArrowLeft');
    await settled();
    key(task(), 'ArrowRight');
    assert.deepEqual([told().map(([, , start]) => start), document.activeElement], [[595, 605], task()]);
  });

  test('is not dragged by who drags elsewhere', () => {
    point('pointerdown', document.body, [100, 0]);
    point('pointerup', document.body, [300, 0]);
    assert.deepEqual(htmx.calls, []);
  });
});

test.describe('a signature', () => {
  beforeEach(async () => {
    page(
      `<form id="sign"><input name="strokes"></form><svg id="signature"><path></path></svg>
        <button id="sign-again"></button>`,
    );
    lies(at('#signature'), { left: 100, top: 50, width: 800, height: 280 });
    at('#signature').setPointerCapture = () => {};
    (await load('sign')).startSign();
  });
  const strokes = () => at('[name=strokes]').value;

  test('is kept in the box’s own measure, however large it is shown', () => {
    point('pointerdown', at('#signature'), [300, 150]);
    point('pointermove', at('#signature'), [500, 190], { buttons: 1 });
    assert.deepEqual([strokes(), at('path').getAttribute('d')], ['M100.0 50.0L200.0 70.0', 'M100.0 50.0L200.0 70.0']);
  });

  test('has no stroke where nothing is pressed', () => {
    point('pointermove', at('#signature'), [500, 190], { buttons: 0 });
    assert.equal(strokes(), '');
  });

  test('is begun again', () => {
    point('pointerdown', at('#signature'), [300, 150]);
    click('#sign-again');
    assert.deepEqual([strokes(), at('path').getAttribute('d')], ['', '']);
  });
});

test.describe('a menu', () => {
  const menu = (is) =>
    `<details class="more" ${is}><summary>More</summary><template><form>one</form></template></details>`;
  const come0 = async (is = '') => {
    page(menu(is));
    (await load('menus')).startMenus();
  };
  const open = () => {
    at('details').open = true;
    tell('toggle', at('details'));
  };

  test('holds nothing while it is shut', async () => {
    await come0();
    assert.deepEqual(all('form'), []);
  });

  test('has what it holds once it is opened, and keeps it', async () => {
    await come0();
    open();
    at('details').open = false;
    open();
    assert.deepEqual([all('form').length, all('template').length], [1, 0]);
  });

  test('that was opened before the page listened has it as well', async () => {
    await come0('open');
    assert.equal(all('form').length, 1);
  });

  test('that holds another one fills only itself', async () => {
    page(`<details id="outer"><summary></summary>${menu('')}</details>`);
    (await load('menus')).startMenus();
    at('#outer').open = true;
    assert.deepEqual(all('form'), []);
  });
});
