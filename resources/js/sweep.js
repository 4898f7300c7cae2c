// The scanner's rows come as it is swept along the wall; all of them go back to be read.
import { word } from './words.js';

export function startSweep() {
  const canvas = document.querySelector('#sweep-live');
  const kept = document.querySelector('#sweep-rows');
  if (kept) { const ink = frame(canvas, JSON.parse(kept.textContent).flat()); for (const rows of JSON.parse(kept.textContent)) ink(rows, rows.length); }
  document.querySelector('#sweep')?.addEventListener('click', async (event) => {
    event.target.disabled = true;
    canvas.hidden = false;
    const lines = ['position_mm,density,ac_mv,height_mm,sweep'];
    let number = 0;
    const bar = document.querySelector('[data-sweep]').dataset;
    const passes = JSON.parse(bar.heights).flatMap((height) => [[height, 'there'], [height, 'back']]);
    for (const [height, way] of passes) {
      const answer = await fetch(`${bar.sweep}?height=${height}&way=${way}`);
      if (!answer.ok) { document.querySelector('#sweep-says').textContent = word('no-scanner'); event.target.disabled = false; return; }
      const { rows } = await answer.json();
      number += 1;
      document.querySelector('#sweep-says').textContent = word('sweeping', { height });
      await sweep(canvas, rows);
      for (const [x, density, ac] of rows) lines.push([x, density, ac, height, number].join(','));
    }
    const form = document.querySelector('#sweep-read');
    form.elements.csv.value = lines.join('\n');
    form.submit();
  });
}

function frame(canvas, rows) {
  const pen = canvas.getContext('2d');
  const xs = rows.map((row) => row[0]);
  const [from, to] = [Math.min(...xs), Math.max(...xs)];
  const most = Math.max(60, ...rows.map((row) => row[1]));
  pen.clearRect(0, 0, canvas.width, canvas.height);
  return (some, count) => {
    for (const [column, colour, scale] of [[1, '#1a272c', 150 / most], [2, '#c9341a', 0.8]]) {
      pen.strokeStyle = colour;
      pen.lineWidth = column === 1 ? 1.2 : 0.8;
      pen.beginPath();
      let before = null;
      for (const row of some.slice(0, count)) {
        const [px, py] = [(row[0] - from) / (to - from) * canvas.width, canvas.height - 12 - row[column] * scale];
        if (before === null || Math.abs(row[0] - before) > 25) pen.moveTo(px, py); else pen.lineTo(px, py);
        before = row[0];
      }
      pen.stroke();
    }
  };
}

function sweep(canvas, rows) {
  return new Promise((done) => {
    const ink = frame(canvas, rows);
    let count = 0;
    const step = () => {
      count += Math.ceil(rows.length / 24);
      canvas.getContext('2d').clearRect(0, 0, canvas.width, canvas.height);
      ink(rows, count);
      count >= rows.length ? done() : requestAnimationFrame(step);
    };
    requestAnimationFrame(step);
  });
}
