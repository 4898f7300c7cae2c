// The numbers of a leaf on its way: the server sends them where they can turn; between two of them they are straight.

// The two places that it stands between, and how far it has come from the one to the other.
export function around(places, mm) {
  const next = places.findIndex((place) => place.by >= mm);
  const b = places[next < 0 ? places.length - 1 : next];
  const a = places[Math.max(0, (next < 0 ? places.length : next) - 1)];
  return [a, b, b.by === a.by ? 0 : (mm - a.by) / (b.by - a.by)];
}

export function frameAt(frames, mm) {
  const [a, b, part] = around(frames, mm);
  const frame = { catch: part < 1 ? a.catch : b.catch };
  for (const name of ['passage', 'covered', 'gapLeading', 'gapTrailing']) frame[name] = a[name] + (b[name] - a[name]) * part;
  return frame;
}

// The server wrote every reading that can be shown; here the nearest one is looked up.
export function written({ step, from, texts }, mm) {
  return texts[Math.min(Math.max(Math.floor(mm / step + 0.5) - from, 0), texts.length - 1)];
}
