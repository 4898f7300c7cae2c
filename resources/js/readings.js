// Readings as they are typed, for drawing and asking here; what is kept is read by the server.

// `79 3/16`, `6' 7`, `2053.5`; null where it is something else.
export function number(text) {
  const found = text.trim().replace(',', '.').match(/^(-)?(?:(\d+)')?\s*(?:(\d+(?:\.\d+)?)(?=\s|$))?(?:\s*(\d+)\/(\d+))?$/);
  if (!found || (found[2] ?? found[3] ?? found[4]) === undefined || Number(found[5] ?? 1) === 0) return null;
  const [, minus, feet = 0, whole = 0, up = 0, down = 1] = found;
  return (minus ? -1 : 1) * (Number(feet) * 12 + Number(whole) + Number(up) / Number(down));
}

// Millimetres of a drawing as the wall's unit is typed: whole, or to a sixteenth.
export function typed(mm, units) {
  if (units === 'mm') return String(Math.round(mm));
  const sixteenths = Math.round(Math.abs(mm) / 25.4 * 16);
  const [whole, rest] = [Math.floor(sixteenths / 16), sixteenths % 16];
  const by = rest & -rest;
  const minus = mm < 0 && sixteenths > 0 ? '-' : '';
  return minus + (rest === 0 ? String(whole) : `${whole ? `${whole} ` : ''}${rest / by}/${16 / by}`);
}
