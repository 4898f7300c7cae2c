// What a menu holds comes into the page when it is first opened: for dozens of forms that nobody sees a slow phone
// would take long.
const fill = (menu) => {
  const held = menu.querySelector(':scope > template');
  held?.replaceWith(held.content);
};

export function startMenus() {
  document.querySelectorAll('details[open]').forEach(fill);
  document.addEventListener('toggle', ({ target }) => { if (target.open) fill(target); }, true);
}
