/** The first minutes: an answer is kept and drawn as it is given. */
export default () => ({
    asked: 0,
    isLeft: false,

    init() {
        // Come back to by the back button it goes on.
        window.addEventListener('pageshow', () => { this.isLeft = false; });
    },

    // What is given later is never written over by what was on its way.
    stamp() {
        this.$refs.form.elements.said_at.value = String(Date.now());
    },

    leave() {
        this.stamp();
        this.isLeft = true;
    },

    async look() {
        if (this.isLeft) return;
        const asked = ++this.asked;
        this.stamp();
        try {
            const answer = await fetch(this.$root.dataset.look, {
                method: 'POST', body: new FormData(this.$refs.form), headers: { Accept: 'text/html' }, signal: AbortSignal.timeout(8000),
            });
            const html = await answer.text();
            // An older drawing never comes over a newer one.
            if (answer.ok && asked === this.asked) document.getElementById('drawn').innerHTML = html;
        } catch {
            // The server is gone: what was typed stays in the page and goes with the next answer.
        }
    },
});
