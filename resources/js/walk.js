// The walk along a wall: one measurement a screen. The page holds every question and the numbers that the picture and
// the agreements are made of, so it works with no connection; what is told waits and is sent later. What is read here
// from a number draws the picture and asks; what is kept is read by the server.
import { pressed } from './keypad.js';
import { answered, outbox, tell } from './outbox.js';
import { rename, waiting } from './queue.js';
import { number } from './readings.js';
import { wallSketch } from './sketch.js';

const SVG = 'http://www.w3.org/2000/svg';
const id = (name) => document.getElementById(`walk-${name}`);

const data = () => JSON.parse(id('data').textContent);

export function startWalk() {
  const walk = document.querySelector('#walk');
  const { screens, sketch, agreements, units, unitMm, job, begin, ...page } = data();
  const words = JSON.parse(id('words').textContent);
  const mm = { ...page.mm };
  const told = Object.fromEntries(screens.map(({ place, value }) => [place, value]));
  const added = {};
  let { doorway, base } = page;
  let at = 0;
  let part = -1;
  let item = {};
  let shown = '';

  // A doorway that is begun here has a name of its own until it has arrived.
  const newKey = `yoke-line-new-${job}`;
  let begun = doorway ? null : JSON.parse(localStorage.getItem(newKey) ?? 'null');
  const key = () => String(doorway ?? `new-${begun?.uid}`);
  const url = (name) => walk.dataset[name].replace(':id', doorway);

  const box = outbox({
    about: key,
    entries: () => url('entries'),
    photos: () => url('photos'),
    more: () => ({ base }),
    ready: arrive,
    changed: overlay,
    arrived: ({ refused, base: now }, batch) => {
      base = now;
      for (const { uid, about } of batch) if (refused[uid]) { delete mm[about]; told[about] = ''; }
      if (at >= screens.length) show();
    },
  });

  async function arrive() {
    if (doorway) return;
    if (!begun?.name) throw new Error('Nothing is begun.');
    const { doorway: there, base: first, never } = await answered(begin, JSON.stringify({ ...begun, units }));
    if (!there) {
      // Its name was refused: it is asked for again, and what was measured waits with it.
      tell(never);
      begun = { uid: begun.uid };
      localStorage.setItem(newKey, JSON.stringify(begun));
      show();
      throw new Error(never);
    }
    await rename(key(), String(there));
    [doorway, base] = [there, first];
    localStorage.removeItem(newKey);
    history.replaceState(null, '', url('entries'));
  }

  // What waits is shown as if it had arrived.
  async function overlay() {
    for (const { uid, kind, about, data: { typed, item: whole } } of await waiting(key())) {
      if (kind !== 'told') continue;
      if (whole) (added[about] ??= new Set()).add(uid);
      else keep(about, typed);
    }
  }

  function keep(place, typed) {
    told[place] = typed;
    const is = number(typed);
    if (is === null) delete mm[place]; else mm[place] = is * unitMm;
  }

  const { value, parts } = wallSketch(sketch, mm);

  // Asked unless it hangs on what is not there, or on what is not told yet.
  const isAsked = ({ unless, after }) => (unless.length === 0 || unless.some((place) => (mm[place] ?? 0) !== 0)) && (!after || told[after] !== '');
  const isOpen = (screen) => screen.kind !== 'list' && told[screen.place] === '' && isAsked(screen);

  const disagreements = () => agreements.filter(({ more: plus, less, least, absent }) => {
    if ([...plus, ...less].some((place) => mm[place] === undefined && !absent.includes(place))) return false;
    const sum = (places) => places.reduce((all, place) => all + (mm[place] ?? 0), 0);
    return sum(plus) - sum(less) < least - 0.01;
  });
  const accepted = new Set();
  const asks = (place) => disagreements().filter((one) => [...one.more, ...one.less].includes(place) && !accepted.has(one.says));

  const question = () => (part < 0 ? screens[at] : screens[at].parts[part]);

  function draw(asked) {
    const svg = id('picture');
    const drawn = parts();
    const wall = drawn[0].corners;
    const [left, right] = [Math.min(0, ...wall.map(([x]) => x)), Math.max(...wall.map(([x]) => x))];
    const top = Math.min(...wall.map(([, y]) => y));
    const px = Math.max((right - left) / 340, -top / 200);
    svg.setAttribute('viewBox', `${left - 20 * px} ${top - 14 * px} ${right - left + 40 * px} ${-top + 34 * px}`);
    const add = (kind, layer, attributes, text) => {
      const node = document.createElementNS(SVG, kind);
      node.setAttribute('class', layer);
      Object.entries(attributes).forEach(([name, is]) => node.setAttribute(name, is));
      if (text !== undefined) node.textContent = text;
      svg.append(node);
    };
    svg.replaceChildren();
    for (const { layer, isRead, corners } of drawn) {
      add('polygon', isRead ? layer : `${layer} usual`, { points: corners.map((corner) => corner.join(',')).join(' ') });
    }
    add('rect', 'floor', { x: left, y: 0, width: right - left, height: 8 * px });
    if (asked.dimension) {
      const [[x1, y1], [x2, y2]] = asked.dimension.map(([x, y]) => [value(x), -value(y)]);
      add('line', 'tape-line', { x1, y1, x2, y2 });
      const isUp = Math.abs(x2 - x1) < Math.abs(y2 - y1);
      // The hook is a bar across the end of the tape, the reading an arrow at it.
      add('line', 'hook', isUp ? { x1: x1 - 9 * px, y1, x2: x1 + 9 * px, y2: y1 } : { x1, y1: y1 - 9 * px, x2: x1, y2: y1 + 9 * px });
      const [ux, uy] = isUp ? [0, y2 <= y1 ? -1 : 1] : [x2 >= x1 ? 1 : -1, 0];
      add('polygon', 'read-here', { points: [[0, 0], [-13, 8], [-13, -8]].map(([a, b]) => `${x2 + (a * ux - b * uy) * px},${y2 + (a * uy + b * ux) * px}`).join(' ') });
      const typed = id('typed').value;
      if (typed) add('text', 'reading', { x: (x1 + x2) / 2 + (isUp ? 8 * px : 0), y: (y1 + y2) / 2 - 7 * px, 'font-size': 17 * px, 'text-anchor': isUp ? 'start' : 'middle' }, typed);
    } else {
      const [x, y] = asked.spot;
      add('circle', 'look-here', { cx: value(x), cy: -value(y), r: 13 * px });
    }
  }

  function show(focus = false) {
    if (id('begin')) id('begin').hidden = Boolean(doorway || begun?.name);
    if (!doorway && !begun?.name) { id('screen').hidden = true; return; }
    const isEnd = at >= screens.length;
    id('screen').hidden = isEnd;
    id('finish').hidden = !isEnd;
    id('far').value = Math.min(1, at / screens.length);
    id('of').textContent = isEnd ? '' : words.of.replace(':n', at + 1).replace(':count', screens.length);
    id('stretch').textContent = isEnd ? '' : screens[at].stretch;
    if (isEnd) { finish(); return; }
    const asked = question();
    id('label').textContent = part < 0 ? asked.label : `${screens[at].label} · ${asked.label.replace(/ ?:n,?/, '')}`;
    id('how').innerHTML = asked.how;
    id('answer').hidden = asked.kind !== 'length';
    id('keys').hidden = asked.kind !== 'length';
    id('minus').hidden = !asked.signed;
    id('absent').hidden = !asked.absent || part >= 0;
    id('later').hidden = part >= 0 || asked.kind === 'list';
    id('options').replaceChildren();
    if (asked.kind === 'choice') {
      for (const [option, says] of Object.entries(asked.options)) choice(says, () => answer(option), option === held());
    } else if (asked.kind === 'list') {
      const count = asked.count + (added[asked.place]?.size ?? 0);
      if (count > 0) id('how').append(` (${count})`);
      choice(words.add, () => { part = 0; item = {}; show(true); });
    }
    id('next').textContent = asked.kind === 'list' ? words['none-more'] : words.next;
    // What is being typed while an answer comes stays.
    if (shown !== asked.place + at) id('typed').value = held();
    shown = asked.place + at;
    showAsks(asked);
    draw(asked);
    if (focus) { (asked.kind === 'length' && !matchMedia('(pointer: coarse)').matches ? id('typed') : id('label')).focus({ preventScroll: true }); window.scrollTo(0, 0); }
  }

  const held = () => (part < 0 ? told[screens[at].place] : item[question().place]) ?? '';

  function choice(says, does, isSet = false) {
    const button = Object.assign(document.createElement('button'), { type: 'button', textContent: says, onclick: does });
    button.setAttribute('aria-pressed', String(isSet));
    id('options').append(button);
  }

  function showAsks(asked) {
    const asking = part < 0 ? asks(asked.place) : [];
    id('asks').replaceChildren(...asking.flatMap((one) => {
      const button = Object.assign(document.createElement('button'), { type: 'button', textContent: words['it-is-right'], onclick: () => { accepted.add(one.says); next(); } });
      return [`${one.says} `, button, ' '];
    }));
    return asking.length > 0;
  }

  function step(by) {
    shown = '';
    for (at += by; at > 0 && at < screens.length && !isAsked(screens[at]); at += by);
    at = Math.max(0, Math.min(screens.length, at));
    part = -1;
    show(true);
  }

  // Once all is told, one goes on to what is still open, then to the end.
  const next = () => step(1);

  async function answer(typed) {
    const asked = question();
    if (part >= 0) {
      item[asked.place] = typed;
      if (part + 1 < screens[at].parts.length) { part += 1; show(true); return; }
      const list = screens[at].place;
      part = -1;
      show(true);
      await box.enter('told', list, { item, units });
      if (part < 0 && screens[at]?.place === list) show();
      return;
    }
    const isNew = told[asked.place] !== typed;
    keep(asked.place, typed);
    id('read').textContent = `${asked.label}: ${asked.options?.[typed] ?? `${typed} ${asked.kind === 'length' ? units : ''}`}`;
    const sent = isNew ? box.enter('told', asked.place, { typed, units }) : null;
    if (showAsks(asked)) draw(asked); else next();
    await sent;
  }

  function finish() {
    const checks = disagreements();
    const link = (screen) => {
      const button = Object.assign(document.createElement('button'), { type: 'button', textContent: screen.label, onclick: () => { at = screens.indexOf(screen); part = -1; show(true); } });
      const row = document.createElement('li');
      row.append(button);
      return row;
    };
    const part2 = (node, title, rows) => {
      const [head, list] = [document.createElement('h3'), document.createElement('ul')];
      head.textContent = title;
      list.append(...rows);
      node.replaceChildren(...rows.length ? [head, list] : []);
    };
    part2(id('check'), words.check, checks.map((one) => {
      const row = document.createElement('li');
      row.append(`${one.says} `, ...[...one.more, ...one.less].map((place) => screens.find((screen) => screen.place === place)).filter(Boolean).slice(0, 2).map((screen) => link(screen).firstChild));
      return row;
    }));
    const open = screens.filter(isOpen);
    part2(id('open'), words.open, open.map(link));
    if (open.length === 0) id('open').textContent = words['all-measured'];
    verdict();
  }

  async function verdict() {
    const node = id('verdict');
    try {
      if (!doorway || (await waiting(key())).some(({ kind }) => kind === 'told')) throw new Error('It waits.');
      const answer = await fetch(url('verdict'), { cache: 'no-store' });
      if (!answer.ok) throw new Error(String(answer.status));
      node.innerHTML = await answer.text();
      const chip = node.querySelector('template').content.firstElementChild;
      document.querySelector('.verdict-chip')?.replaceWith(chip.cloneNode(true));
    } catch {
      node.textContent = words.wait;
    }
  }

  id('keys').addEventListener('click', ({ target }) => {
    const field = id('typed');
    const button = target.closest('button');
    if (!button) return;
    field.value = pressed(field.value, button.dataset);
    draw(question());
  });
  id('typed').addEventListener('input', () => draw(question()));
  id('typed').addEventListener('keydown', (event) => { if (event.key === 'Enter') { event.preventDefault(); id('next').click(); } });
  id('next').addEventListener('click', () => {
    const typed = id('typed').value.trim();
    if (question().kind === 'length' && typed !== '') answer(typed); else if (part < 0) next();
  });
  id('back').addEventListener('click', () => { if (part > 0) { part -= 1; show(true); } else if (part === 0) { part = -1; show(true); } else step(-1); });
  id('absent').addEventListener('click', () => answer('0'));
  id('later').addEventListener('click', next);
  id('end').addEventListener('click', () => { at = screens.length; part = -1; show(true); });
  id('photo').addEventListener('change', ({ target }) => { if (target.files[0]) box.photograph(target.files[0], screens[at].place); });
  id('verdict').addEventListener('click', async ({ target }) => {
    const so = target.closest('[data-so]');
    if (!so) return;
    for (const [place, typed] of Object.entries(JSON.parse(so.dataset.so))) { keep(place, typed); await box.enter('told', place, { typed, units }); }
    show();
  });
  id('begin')?.addEventListener('submit', async (event) => {
    event.preventDefault();
    begun = { uid: begun?.uid ?? crypto.randomUUID?.() ?? `${Date.now()}-${Math.random().toString(36).slice(2)}`, name: event.target.elements.name.value.trim() };
    localStorage.setItem(newKey, JSON.stringify(begun));
    show(true);
    await box.send();
  });

  const openFirst = () => {
    at = Math.max(0, screens.findIndex(isOpen));
    if (doorway && !screens.some(isOpen)) at = screens.length;
    show();
  };
  openFirst();
  overlay().then(openFirst);
}
