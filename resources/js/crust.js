/** A photograph of a crust: where it is touched, the crust first and then something white. */
export default () => ({
    crust: { across: '', down: '' },
    white: { across: '', down: '' },
    next: 'crust',

    aim(what) { this.next = what; },

    touch(event) {
        const box = this.$refs.picture.getBoundingClientRect();
        const share = (at, from, size) => Math.round(1000 * Math.min(1, Math.max(0, (at - from) / size))) / 10;
        this[this.next] = { across: share(event.clientX, box.left, box.width), down: share(event.clientY, box.top, box.height) };
        this.next = this.next === 'crust' ? 'white' : 'crust';
    },

    spot(what) {
        const { across, down } = this[what];
        return across === '' || down === '' ? { display: 'none' } : { display: '', left: `${across}%`, top: `${down}%` };
    },
});
