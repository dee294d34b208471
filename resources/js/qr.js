import QRCode from 'qrcode';
import { tell } from './words.js';

// An address as a picture that a phone's camera reads; dark on light in the dark as well, else cameras do not.
document.querySelectorAll('[data-qr]').forEach(async (place) => {
    place.innerHTML = await QRCode.toString(place.dataset.qr, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' });
    const picture = place.querySelector('svg');
    picture.setAttribute('role', 'img');
    picture.setAttribute('aria-label', tell('address-as-a-picture', { address: place.dataset.qr }));
});
