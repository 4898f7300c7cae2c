// The numbers of a leaf on its way: the server sends them where they can turn; between two of them they are straight.
export function frameAt(frames, mm) {
  const next = frames.findIndex((frame) => frame.by >= mm);
  const b = frames[next < 0 ? frames.length - 1 : next];
  const a = frames[Math.max(0, (next < 0 ? frames.length : next) - 1)];
  const part = b.by === a.by ? 0 : (mm - a.by) / (b.by - a.by);
  const frame = { catch: part < 1 ? a.catch : b.catch };
  for (const name of ['passage', 'covered', 'gapLeading', 'gapTrailing']) frame[name] = a[name] + (b[name] - a[name]) * part;
  return frame;
}

// The server wrote every reading that can be shown; here the nearest one is looked up.
export function written({ step, from, texts }, mm) {
  return texts[Math.min(Math.max(Math.floor(mm / step + 0.5) - from, 0), texts.length - 1)];
}
