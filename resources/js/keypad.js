// What a field says once a key of the pad was pressed. A fraction, or the half of a millimetre, stays at the end
// whatever is pressed after it.

const END = /^(.*?)\s*(\d+\/\d+|\.5)?$/;

const joined = (whole, end = '') => whole + (/^\d/.test(end) && whole !== '' && !/[-']$/.test(whole) ? ' ' : '') + end;

export function pressed(value, { key, fraction }) {
  const [, whole, end] = value.match(END);
  if (fraction) return joined(whole, fraction);
  if (key === '.5') return end === '.5' ? whole : joined(whole, '.5');
  if (key === '-') return value.startsWith('-') ? value.slice(1) : `-${value}`;
  if (key === 'back') return end === undefined ? whole.slice(0, -1) : whole;
  return joined(`${whole}${key}`, end);
}
