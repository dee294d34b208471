import { token } from './body.js';

/** A list whose ticks are kept: each is sent as it is made, and taken back where it could not be. */
export default ({ url }) => ({
    message: '',

    async tick(event) {
        const box = event.target.closest('input[type=checkbox]');
        if (!box) return;
        try {
            const answer = await fetch(url, {
                method: 'POST',
                headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': token() },
                body: JSON.stringify({ entry: box.value, done: box.checked }),
            });
            if (!answer.ok) throw new Error(String(answer.status));
            this.message = '';
        } catch {
            box.checked = !box.checked;
            this.message = 'The tick was not kept: the server does not answer. Try again when it is back.';
        }
    },
});
