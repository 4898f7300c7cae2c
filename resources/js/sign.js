// A signature on glass: strokes in the box's own measure.
export function startSign() {
  const box = document.querySelector('#signature');
  const path = box.querySelector('path');
  const kept = document.querySelector('#sign [name=strokes]');
  const at = (event) => { const frame = box.getBoundingClientRect(); return `${((event.clientX - frame.left) / frame.width * 400).toFixed(1)} ${((event.clientY - frame.top) / frame.height * 140).toFixed(1)}`; };
  const draw = (stroke) => { kept.value += stroke; path.setAttribute('d', kept.value); };
  box.addEventListener('pointerdown', (event) => { box.setPointerCapture(event.pointerId); draw(`M${at(event)}`); });
  box.addEventListener('pointermove', (event) => { if (event.buttons) draw(`L${at(event)}`); });
  document.querySelector('#sign-again').addEventListener('click', () => { kept.value = ''; path.setAttribute('d', ''); });
}
