// A step is dragged along its day, or moved by the arrow keys; the rest is planned round it.
export function startDays(htmx) {
  let dragged = null;
  const move = (task, minutes) => {
    const bars = task.closest('.day-bars');
    // The one that was moved keeps the focus, so that it can be moved on.
    return htmx.ajax('POST', bars.dataset.set, { source: bars, target: '#days', swap: 'innerHTML', values: { task: task.dataset.task, start: Number(task.dataset.start) + minutes, _token: document.querySelector('meta[name=csrf-token]').content } }).then(() => [...document.querySelectorAll('.task')].find((one) => one.dataset.task === task.dataset.task)?.focus());
  };
  document.addEventListener('pointerdown', (event) => {
    const task = event.target.closest('.task');
    if (task) { dragged = { task, from: event.clientX }; task.setPointerCapture(event.pointerId); }
  });
  document.addEventListener('pointermove', (event) => { if (dragged) dragged.task.style.transform = `translateX(${event.clientX - dragged.from}px)`; });
  document.addEventListener('pointerup', (event) => {
    if (!dragged) return;
    const bars = dragged.task.closest('.day-bars');
    const svg = bars.querySelector('svg');
    const width = svg.getBoundingClientRect().width * Number(bars.dataset.share);
    const minutes = Math.round((event.clientX - dragged.from) / width * Number(bars.dataset.minutes) / 5) * 5;
    dragged.task.style.transform = '';
    if (minutes !== 0) move(dragged.task, minutes);
    dragged = null;
  });
  document.addEventListener('keydown', (event) => {
    const step = { ArrowLeft: -5, ArrowRight: 5 }[event.key];
    if (step && event.target.matches?.('.task')) { event.preventDefault(); move(event.target, step); }
  });
}
