import QRCode from 'qrcode';

// An address as a picture that a phone's camera reads; dark on light in the dark as well, else cameras do not.
document.querySelectorAll('[data-qr]').forEach(async (place) => {
    place.innerHTML = await QRCode.toString(place.dataset.qr, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' });
    const picture = place.querySelector('svg');
    picture.setAttribute('role', 'img');
    picture.setAttribute('aria-label', `The address ${place.dataset.qr} as a picture for a camera`);
});
