import qrcode from 'qrcode-generator';

// A link as a square that a phone's camera reads; and the link itself, chosen whole by a touch.
export function startQr() {
  document.querySelectorAll('[data-qr]').forEach((place) => {
    const code = qrcode(0, 'M');
    code.addData(place.dataset.qr);
    code.make();
    place.innerHTML = code.createSvgTag({ scalable: true, margin: 4 });
  });
  document.querySelectorAll('[data-selects]').forEach((field) => field.addEventListener('focus', () => field.select()));
}
