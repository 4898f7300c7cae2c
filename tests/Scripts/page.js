// A page that nothing is drawn of: what a script is tried on. Frames come when a test says so.
import { Window } from 'happy-dom';

const NAMES = [
  'CustomEvent',
  'DOMPoint',
  'Event',
  'FormData',
  'KeyboardEvent',
  'MouseEvent',
  'PointerEvent',
  'document',
  'history',
  'location',
  'localStorage',
];

let imports = 0;

/** @returns the window, with what a test needs to lead it */
export function page(html, { words = {}, path = '/' } = {}) {
  const window = new Window({ url: `http://yoke.test${path}`, width: 1280, height: 800 });
  const frames = [];
  const put = (name, value) => Object.defineProperty(globalThis, name, { value, configurable: true, writable: true });
  NAMES.forEach((name) => put(name, window[name]));
  put('window', window);
  put('addEventListener', window.addEventListener.bind(window));
  put('removeEventListener', window.removeEventListener.bind(window));
  put('requestAnimationFrame', (step) => frames.push(step));
  put('cancelAnimationFrame', (frame) => {
    frames.length = Math.min(frames.length, Math.max(0, frame - 1));
  });
  put('matchMedia', () => ({ matches: false }));
  ['innerWidth', 'scrollX', 'scrollY'].forEach((name) => put(name, window[name]));
  window.document.body.innerHTML = html;
  const said = Object.assign(window.document.createElement('script'), { id: 'words', type: 'application/json' });
  said.textContent = JSON.stringify(words);
  window.document.body.append(said);

  return Object.assign(window, {
    frame: (now) => frames.splice(0).forEach((step) => step(now)),
    waits: () => frames.length,
  });
}

/** A script as it comes to a fresh page: nothing is left of what it held before. */
export const load = (name) => import(`../../resources/js/${name}.js?${(imports += 1)}`);

export const at = (css) => document.querySelector(css);

export const all = (css) => [...document.querySelectorAll(css)];

export const click = (css) => at(css).click();

/** What a finger or a mouse does, where it is said, at so many pixels. */
export function point(kind, target, [clientX, clientY] = [0, 0], more = {}) {
  const event = new MouseEvent(kind, { bubbles: true, cancelable: true, clientX, clientY, ...more });
  Object.assign(event, { pointerId: 1 });
  target.dispatchEvent(event);

  return event;
}

export function key(target, name, more = {}) {
  const event = new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true, ...more });
  target.dispatchEvent(event);

  return event;
}

export const tell = (name, target = document.body) => target.dispatchEvent(new Event(name, { bubbles: true }));

/** Where an element lies, as if it were laid out. */
export const lies = (element, box) => {
  element.getBoundingClientRect = () => ({ right: box.left + box.width, bottom: box.top + box.height, ...box });
};

/** A drawing whose pixel is so many of its own measure. */
export const drawn = (svg, scale) => {
  svg.getScreenCTM = () => ({
    a: 1 / scale,
    d: 1 / scale,
    e: 0,
    f: 0,
    inverse: () => ({ a: scale, d: scale, e: 0, f: 0 }),
  });
};

/** What brings parts of a page; it keeps what it was asked for. */
export function asked() {
  const calls = [];
  const ajax = (method, url, how) => {
    calls.push({ method, url, ...how });
    return Promise.resolve();
  };

  return { ajax, calls };
}

/** Once everything that waits on an answer went on. */
export const settled = () =>
  new Promise((done) => {
    setImmediate(done);
  });
