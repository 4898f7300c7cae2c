import assert from 'node:assert/strict';
import test, { beforeEach, mock } from 'node:test';
import { all, asked, at, click, load, page, settled, tell } from './page.js';

// What scripts say is read once, as a page has it once.
const words = {
  'no-reading': 'Nothing was read',
  'no-scanner': 'No scanner',
  sweeping: 'At :height',
  many: ':count of :all',
  'no-ways': 'No <ways> came',
};

let htmx;
let fetched;

/** What the server says, by address; an address that it does not know is not answered. */
const answers = (by) => {
  fetched = [];
  globalThis.fetch = (url, how = {}) => {
    fetched.push([url, how]);
    const says = by[String(url).split('?')[0]];

    return says === undefined ? Promise.reject(new TypeError('no connection')) : Promise.resolve(says);
  };
};
const ok = (text) => ({ ok: true, status: 200, text: async () => text, json: async () => JSON.parse(text) });
const come = async (html, script, start) => {
  page(html, { words });
  htmx = asked();
  const module = await load(script);
  module[start](htmx);
  await settled();
};
const finding = (code, link = true) =>
  `<li class="finding" data-code="${code}">${link ? `<a href="#">${code}</a>` : code}</li>`;
const list = (...codes) => `<ul class="findings">${codes.map((code) => finding(code)).join('')}</ul>`;

test.describe('cures', () => {
  const asking = 'findings" data-cures="/rail/findings"';
  const stage = (codes) =>
    `<div class="verdict"><h2 tabindex="-1">To settle</h2></div>${list(...codes).replace('findings"', asking)}`;

  test('come after the page, in place of the findings without them', async () => {
    answers({ '/rail/findings': ok(`<div>${list('a', 'b', 'c')}</div>`) });
    await come(stage(['a']), 'cures', 'startCures');
    assert.equal(all('.finding').length, 3);
  });

  for (const [says, by] of [
    ['no answer', {}],
    ['an answer that is a fault', { '/rail/findings': { ok: false } }],
    ['an answer without findings', { '/rail/findings': ok('<p>sign in</p>') }],
  ]) {
    test(`${says} leaves the findings as they are`, async () => {
      answers(by);
      await come(stage(['a']), 'cures', 'startCures');
      assert.equal(all('.finding').length, 1);
    });
  }

  test('a page whose cures are there asks for none', async () => {
    answers({});
    await come(list('a'), 'cures', 'startCures');
    assert.deepEqual(fetched, []);
  });

  test('a change drops what was asked for before it', async () => {
    answers({ '/rail/findings': new Promise(() => {}) });
    await come(stage(['a']), 'cures', 'startCures');
    tell('htmx:afterSwap');
    assert.deepEqual(
      fetched.map(([, { signal }]) => signal.aborted),
      [true, false],
    );
  });

  test('what comes for a page that is gone by then is dropped', async () => {
    let say;
    answers({
      '/rail/findings': new Promise((done) => {
        say = done;
      }),
    });
    await come(stage(['a']), 'cures', 'startCures');
    at('.findings').remove();
    say(ok(list('a', 'b')));
    await settled();
    assert.deepEqual(all('.finding'), []);
  });

  const takenAt = async (code, after) => {
    answers({});
    await come(
      `<div class="verdict"><h2 tabindex="-1">To settle</h2></div>${list('a', 'b', 'c')}`,
      'cures',
      'startCures',
    );
    const link = at(`[data-code=${code}] a`);
    link.focus();
    tell('focusin', link);
    at('.findings').innerHTML = after.map((one) => finding(one)).join('');
    document.activeElement.blur?.();
    tell('htmx:afterSettle');

    return document.activeElement.textContent;
  };

  test('a cure that is taken leaves the keyboard at its finding while that stands', async () => {
    assert.equal(await takenAt('b', ['x', 'a', 'b']), 'b');
  });

  test('once its finding is gone the keyboard is at the one that stands there', async () => {
    assert.equal(await takenAt('b', ['a', 'c']), 'c');
  });

  test('after the last one it is at the one before', async () => assert.equal(await takenAt('c', ['a', 'b']), 'b'));

  test('where none is left it is at the verdict', async () => assert.equal(await takenAt('a', []), 'To settle'));
});

test.describe('a page that is seen again', () => {
  const html = `<p id="outdated" hidden><button>Up to date</button></p>
    <input id="base" value="7"><input type="text" id="name" value="Kiln">`;
  let loads;
  const seen = async () => {
    tell('visibilitychange', document);
    await settled();
    await settled();
  };
  const again = async (state, by) => {
    answers(by);
    page(html);
    loads = 0;
    globalThis.location = {
      reload: () => {
        loads += 1;
      },
    };
    document.head.innerHTML = `<meta name="state" content="${state}"><meta name="state-of" content="doorway-1">`;
    Object.defineProperty(at('#name'), 'offsetParent', { value: document.body });
    (await load('again')).startAgain();
  };

  test('stays where nothing has changed', async () => {
    await again('7.3', { '/state/doorway-1': ok('7.3') });
    await seen();
    assert.deepEqual([loads, at('#outdated').hidden, fetched.length], [0, true, 1]);
  });

  test('is brought up to date where something has', async () => {
    await again('7.3', { '/state/doorway-1': ok('8.3') });
    await seen();
    assert.equal(loads, 1);
  });

  test('tells of it, and keeps what is being typed', async () => {
    await again('7.3', { '/state/doorway-1': ok('8.3') });
    at('#name').value = 'Kiln room';
    await seen();
    const told = [loads, at('#outdated').hidden];
    click('#outdated button');
    assert.deepEqual([told, loads], [[0, false], 1]);
  });

  test('counts what was changed on the page itself', async () => {
    await again('6.3', { '/state/doorway-1': ok('7.3') });
    await seen();
    assert.equal(loads, 0);
  });

  for (const [says, by] of [
    ['no connection', {}],
    ['a fault', { '/state/doorway-1': { ok: false } }],
  ]) {
    test(`${says} leaves it as it is, and it asks the next time`, async () => {
      await again('7.3', by);
      await seen();
      await seen();
      assert.deepEqual([loads, at('#outdated').hidden, fetched.length], [0, true, 2]);
    });
  }

  test('does not ask while it is hidden, nor twice at once', async () => {
    await again('7.3', { '/state/doorway-1': new Promise(() => {}) });
    Object.defineProperty(document, 'hidden', { value: true, configurable: true });
    await seen();
    const hidden = fetched.length;
    Object.defineProperty(document, 'hidden', { value: false, configurable: true });
    await seen();
    await seen();
    assert.deepEqual([hidden, fetched.length], [0, 1]);
  });

  test('asks for nothing where it is of nothing that changes', async () => {
    await again('7.3', {});
    document.head.innerHTML = '';
    await seen();
    assert.deepEqual(fetched, []);
  });
});

test.describe('a line says that an answer is under way', () => {
  const isBusy = () => document.documentElement.classList.contains('is-busy');

  beforeEach(async () => {
    mock.timers.reset();
    mock.timers.enable({ apis: ['setTimeout'] });
    await load('busy').then((busy) => {
      page('<form></form>');
      busy.startBusy();
    });
  });

  test('until the last of several has come', () => {
    const seen = ['beforeRequest', 'beforeRequest', 'afterRequest', 'afterRequest'].map((name) => {
      tell(`htmx:${name}`);
      return isBusy();
    });
    assert.deepEqual(seen, [true, true, true, false]);
  });

  test('and an answer that nobody asked for leaves it in order', () => {
    ['afterRequest', 'beforeRequest'].forEach((name) => tell(`htmx:${name}`));
    assert.equal(isBusy(), true);
  });

  test('after a form is sent, for twenty seconds where it was a file that came', () => {
    tell('submit', at('form'));
    const sent = isBusy();
    mock.timers.tick(19_999);
    const late = isBusy();
    mock.timers.tick(1);
    assert.deepEqual([sent, late, isBusy()], [true, true, false]);
  });

  test('but not where a form is sent by a script', () => {
    at('form').addEventListener('submit', (event) => event.preventDefault());
    at('form').dispatchEvent(new Event('submit', { bubbles: true, cancelable: true }));
    assert.equal(isBusy(), false);
  });
});

test.describe('all numbers', () => {
  const html = `<details class="all-numbers" data-numbers="/numbers">
    <summary></summary><div class="numbers"></div></details>
    <p id="else"></p>`;
  const opened = (holds = '') => {
    at('.numbers').innerHTML = holds;
    at('details').open = true;
  };

  beforeEach(() => come(html, 'numbers', 'startNumbers'));

  test('are fetched when they are opened', () => {
    opened();
    assert.deepEqual(
      htmx.calls.map(({ url }) => url),
      ['/numbers'],
    );
  });

  test('are not fetched again while they are there', () => {
    opened('<table></table>');
    assert.deepEqual(htmx.calls, []);
  });

  test('are fetched anew after a change, while they are open', () => {
    tell('htmx:afterSwap', at('#else'));
    const shut = htmx.calls.length;
    opened('<table></table>');
    at('.numbers').innerHTML = '';
    tell('htmx:afterSwap', at('#else'));
    assert.deepEqual([shut, htmx.calls.length], [0, 1]);
  });

  test('do not ask for themselves when they come', () => {
    opened('<table></table>');
    at('.numbers').innerHTML = '';
    tell('htmx:afterSwap', at('.numbers'));
    assert.deepEqual(htmx.calls, []);
  });
});

test.describe('where a number comes from', () => {
  const html = `<dialog id="why"></dialog><div class="stage" data-why-of="/why/"></div>
    <form id="bench"><b data-sum="leaf.width">900</b></form><i data-why="/why/other"><em>12</em></i><p>nothing</p>`;
  let shown;

  beforeEach(async () => {
    await come(html, 'why', 'startWhy');
    shown = [];
    Object.assign(at('#why'), { showModal: () => shown.push('open'), close: () => shown.push('shut') });
  });

  for (const [css, url] of [
    ['[data-sum]', '/why/leaf.width'],
    ['[data-why] em', '/why/other'],
  ]) {
    test(`${css} asks for ${url}, and shows it once it is there`, async () => {
      click(css);
      const early = [...shown];
      await settled();
      assert.deepEqual([early, htmx.calls.map((call) => call.url), shown], [[], [url], ['open']]);
    });
  }

  test('is shut by a press beside it, and a press elsewhere asks for nothing', () => {
    click('#why');
    click('p');
    assert.deepEqual([shown, htmx.calls], [['shut'], []]);
  });
});

test.describe('a word of the trade', () => {
  const html = '<dialog id="term"></dialog><a data-term="/words/jamb" href="http://yoke.test/words#jamb">jamb</a>';
  let shown;
  const press = (more = {}) => {
    const event = new MouseEvent('click', { bubbles: true, cancelable: true, ...more });
    at('a').dispatchEvent(event);
    return event.defaultPrevented;
  };
  const term = async (by) => {
    answers(by);
    await come(html, 'terms', 'startTerms');
    globalThis.location = { href: '' };
    shown = [];
    Object.assign(at('#term'), { showModal: () => shown.push('open'), close: () => shown.push('shut') });
  };

  test('is told over the page', async () => {
    await term({ '/words/jamb': ok('<p>The side of an opening</p>') });
    press();
    await settled();
    assert.deepEqual([at('#term').textContent, shown], ['The side of an opening', ['open']]);
  });

  for (const [says, by] of [
    ['with no connection', {}],
    ['where its page has gone', { '/words/jamb': { ok: false } }],
  ]) {
    test(`${says} its link is followed`, async () => {
      await term(by);
      press();
      await settled();
      assert.deepEqual([location.href, shown], ['http://yoke.test/words#jamb', []]);
    });
  }

  test('that is opened beside is left to the browser', async () => {
    await term({});
    assert.deepEqual([press({ ctrlKey: true }), press({ metaKey: true }), fetched], [false, false, []]);
  });

  test('is shut by a press beside it', async () => {
    await term({});
    click('#term');
    assert.deepEqual(shown, ['shut']);
  });
});

test.describe('ways', () => {
  const html = '<form id="weigh" data-list="/ways/list"><input name="cost" value="3"></form><div id="ways-list"></div>';
  const stream = (...parts) => ({
    ok: true,
    body: new ReadableStream({
      start: (to) => {
        parts.forEach((part) => to.enqueue(new TextEncoder().encode(part)));
        to.close();
      },
    }),
  });
  const NEXT = '\n<!-- next -->\n';
  const come0 = async (answer) => {
    mock.timers.reset();
    mock.timers.enable({ apis: ['setTimeout'] });
    answers({ '/ways/list': answer });
    await come(html, 'ways', 'startWays');
    for (let i = 0; i < 10; i += 1) await settled();
  };

  test('are shown as they come, each state whole', async () => {
    await come0(stream(`<p>one</p>${NEXT}<p>tw`, `o</p>${NEXT}`, '<p>half'));
    assert.deepEqual([at('#ways-list').innerHTML, at('#ways-list').getAttribute('aria-busy')], ['<p>two</p>', 'false']);
  });

  test('a fault is told in their place', async () => {
    await come0({ ok: false, status: 500 });
    assert.deepEqual(
      [at('#ways-list').textContent, at('#ways-list').getAttribute('aria-busy')],
      ['No <ways> came', 'false'],
    );
  });

  test('what weighs is sent along, and several changes ask once', async () => {
    await come0(stream(NEXT));
    at('[name=cost]').value = '5';
    ['input', 'input'].forEach((name) => tell(name, at('form')));
    mock.timers.tick(200);
    assert.deepEqual(
      fetched.map(([url]) => url),
      ['/ways/list?cost=3&most=0', '/ways/list?cost=5&most=0'],
    );
  });

  test('more of them are asked for by their button', async () => {
    await come0(stream(`<button data-most="40">more</button>${NEXT}`));
    click('#ways-list button');
    assert.equal(fetched.at(-1)[0], '/ways/list?cost=3&most=40');
  });

  test('a press on what is no button asks for nothing', async () => {
    await come0(stream(`<p>one</p>${NEXT}`));
    click('#ways-list p');
    assert.equal(fetched.length, 1);
  });
});

test.describe('a reading of the meter', () => {
  const field = (id, value) =>
    `<input id="${id}" data-nudges value="${value}" aria-label="${id}" data-change='{"place":"${id}"}'>`;
  const meter = (reading) => {
    answers({ '/meter/next': ok(JSON.stringify({ reading })) });

    return come(
      `<form id="bench"><input id="base" value="4"></form>
        <div class="set" data-changes="/wall/changes">${field('a', '10')}${field('b', '')}${field('c', '')}</div>
        <button id="meter"></button><p id="meter-says"></p>`,
      'meter',
      'startMeter',
    );
  };
  const read = async () => {
    click('#meter');
    await settled();
  };
  const landed = () => htmx.calls.map(({ values: { place, value } }) => [place, value]);

  test('lands in the first field that is empty, and is sent with its value', async () => {
    await meter('912.5');
    await read();
    assert.deepEqual(
      [at('#b').value, landed(), at('#meter-says').textContent],
      ['912.5', [['b', '912.5']], '912.5 → b'],
    );
  });

  test('the next one lands in the next field, which is shown to wait', async () => {
    await meter('912');
    await read();
    const waits = all('.is-waiting').map((one) => one.id);
    await read();
    assert.deepEqual([waits, landed().map(([place]) => place)], [['c'], ['b', 'c']]);
  });

  test('lands in the field that had the focus last', async () => {
    await meter('912');
    tell('focusin', at('#a'));
    await read();
    assert.deepEqual(
      landed().map(([place]) => place),
      ['a'],
    );
  });

  test('that did not come changes nothing', async () => {
    await meter(null);
    await read();
    assert.deepEqual([landed(), at('#meter-says').textContent, at('#b').value], [[], 'Nothing was read', '']);
  });
});

test.describe('a scanner', () => {
  const html = `<canvas id="sweep-live" hidden></canvas><button id="sweep"></button><p id="sweep-says"></p>
    <div data-sweep="/scanner" data-heights="[1000]"></div>
    <form id="sweep-read"><textarea name="csv"></textarea></form>`;
  const swept = async (answer) => {
    answers({ '/scanner': answer });
    const window = page(html, { words });
    const pen = new Proxy({}, { get: () => () => {}, set: () => true });
    at('canvas').getContext = () => pen;
    at('form').submit = () => {
      at('form').dataset.sent = 'yes';
    };
    (await load('sweep')).startSweep();
    click('#sweep');
    for (let i = 0; i < 200; i += 1) {
      await settled();
      window.frame(i);
    }
  };

  test('sweeps there and back, and all its rows go to be read', async () => {
    await swept(ok('{"rows": [[0, 20, 1], [10, 80, 2]]}'));
    assert.deepEqual(at('textarea').value.split('\n'), [
      'position_mm,density,ac_mv,height_mm,sweep',
      '0,20,1,1000,1',
      '10,80,2,1000,1',
      '0,20,1,1000,2',
      '10,80,2,1000,2',
    ]);
    assert.deepEqual(
      [at('form').dataset.sent, fetched.map(([url]) => url)],
      ['yes', ['/scanner?height=1000&way=there', '/scanner?height=1000&way=back']],
    );
  });

  test('is shown as it was read: as high as it is dense, broken where nothing was read', async () => {
    const rows = [
      [
        [0, 0, 10],
        [20, 60, 0],
        [40, 30, 0],
        [100, 30, 0],
      ],
    ];
    page(
      `<canvas id="sweep-live"></canvas>
        <script id="sweep-rows" type="application/json">${JSON.stringify(rows)}</script>`,
    );
    Object.assign(at('canvas'), { width: 100, height: 200 });
    const drawn = [];
    const note =
      (name) =>
      (...where) =>
        drawn.push([name, ...where]);
    const pen = { moveTo: note('from'), lineTo: note('to'), clearRect: note('clear'), beginPath() {}, stroke() {} };
    at('canvas').getContext = () => pen;
    (await load('sweep')).startSweep();
    const density = [
      ['from', 0, 188],
      ['to', 20, 38],
      ['to', 40, 113],
      ['from', 100, 113],
    ];
    const current = [
      ['from', 0, 180],
      ['to', 20, 188],
      ['to', 40, 188],
      ['from', 100, 188],
    ];
    assert.deepEqual(drawn, [['clear', 0, 0, 100, 200], ...density, ...current]);
  });

  test('that reads more than usual is drawn as high as there is room', async () => {
    page(
      `<canvas id="sweep-live"></canvas>
        <script id="sweep-rows" type="application/json">[[[0, 0, 0], [10, 300, 0]]]</script>`,
    );
    Object.assign(at('canvas'), { width: 100, height: 200 });
    const heights = [];
    const keep = (x, y) => heights.push(y);
    at('canvas').getContext = () => ({ moveTo: keep, lineTo: keep, clearRect() {}, beginPath() {}, stroke() {} });
    (await load('sweep')).startSweep();
    assert.deepEqual(heights.slice(0, 2), [188, 38]);
  });

  test('that sweeps is shown, and is not begun twice', async () => {
    answers({ '/scanner': new Promise(() => {}) });
    page(html, { words });
    (await load('sweep')).startSweep();
    click('#sweep');
    assert.deepEqual([at('canvas').hidden, at('#sweep').disabled], [false, true]);
  });

  test('that is not there is told of, and can be tried again', async () => {
    await swept({ ok: false });
    assert.deepEqual(
      [at('#sweep-says').textContent, at('#sweep').disabled, at('form').dataset.sent, fetched.length],
      ['No scanner', false, undefined, 1],
    );
  });
});

test.describe('what is kept for when there is no connection', () => {
  const come1 = async (html) => {
    page(html);
    const told = [];
    const worker = { active: { postMessage: (what) => told.push(what) } };
    Object.defineProperty(globalThis, 'navigator', {
      configurable: true,
      value: { serviceWorker: { register: async () => {}, ready: Promise.resolve(worker) } },
    });
    (await load('keep')).startKeeping();
    for (let i = 0; i < 5; i += 1) await settled();

    return told;
  };

  test('is every page that is named, and what it is drawn with', async () => {
    document.head.innerHTML = '';
    const told = await come1(
      `<link rel="stylesheet" href="http://yoke.test/a.css"><p data-offline='["/site", "/wall"]'></p>
        <p data-offline='["/found"]'></p>`,
    );
    assert.deepEqual(told, [{ keep: ['/site', '/wall', '/found', 'http://yoke.test/a.css', '/icon-192.png'] }]);
  });

  test('is nothing where no page is named, or where what names it is none', async () => {
    assert.deepEqual(
      [
        await come1('<p></p>'),
        await come1('<p data-offline="no list"></p>'),
        await come1('<p data-offline="[1]"></p>'),
      ],
      [[], [], []],
    );
  });

  test('is gone once somebody signs out', async () => {
    page('<form data-forgets></form>');
    const gone = [];
    globalThis.caches = { keys: async () => ['pages-1', 'pages-2'], delete: async (name) => gone.push(name) };
    let sent = 0;
    at('form').submit = () => {
      sent += gone.length;
    };
    (await load('keep')).startForgetting();
    at('form').dispatchEvent(new Event('submit', { bubbles: true, cancelable: true }));
    await settled();
    assert.deepEqual([gone, sent], [['pages-1', 'pages-2'], 2]);
  });
});

test.describe('who comes to the firm', () => {
  const html = `<b data-qr="http://yoke.test/invitations/x"></b><form><input data-selects value="http://yoke.test/x">
    <input name="password" type="password"><input type="checkbox" data-shows="password">
    <meter data-measures="password" max="20"></meter></form>`;

  beforeEach(() => come(html, 'people', 'startPeople'));

  test('has their link as a square to be read by a camera', () => assert.match(at('[data-qr]').innerHTML, /^<svg/));

  test('sees their password while they want to', () => {
    const box = at('[data-shows]');
    const types = [true, false].map((is) => {
      box.checked = is;
      tell('change', box);
      return at('[name=password]').type;
    });
    assert.deepEqual(types, ['text', 'password']);
  });

  test('sees how long it is', () => {
    Object.defineProperty(at('meter'), 'value', { value: 0, writable: true });
    at('[name=password]').value = 'a long one';
    tell('input', at('[name=password]'));
    assert.equal(at('meter').value, 10);
  });
});

test('a word of a script is told with its values, and one that it was not given stays to be seen', async () => {
  page('', { words });
  const { word } = await load('words');
  assert.equal(word('many', { count: 3 }), '3 of :all');
});
