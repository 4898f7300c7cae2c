import qrcode from 'qrcode-generator';

// A link as a square that a phone's camera reads, and chosen whole by a touch; a password that is shown, and measured.
export function startPeople() {
  document.querySelectorAll('[data-qr]').forEach((place) => {
    const code = qrcode(0, 'M');
    code.addData(place.dataset.qr);
    code.make();
    place.innerHTML = code.createSvgTag({ scalable: true, margin: 4 });
  });
  document.querySelectorAll('[data-selects]').forEach((field) => field.addEventListener('focus', () => field.select()));
  const named = (node, name) => node.closest('form').elements.namedItem(name);
  document.querySelectorAll('[data-shows]').forEach((box) => box.addEventListener('change', () => { named(box, box.dataset.shows).type = box.checked ? 'text' : 'password'; }));
  document.querySelectorAll('[data-measures]').forEach((meter) => {
    const field = named(meter, meter.dataset.measures);
    field.addEventListener('input', () => { meter.value = field.value.length; });
  });
}
