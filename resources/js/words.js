// What scripts say, in the language of the page: it is sent with the page, so that it is there with no connection too.
let book = null;

export function word(key, values = {}) {
  book ??= JSON.parse(document.querySelector('#words').textContent);
  return book[key].replace(/:(\w+)/g, (name, of) => values[of] ?? name);
}
