/**
 * The setting nearest to one that is wanted, by factors, as heat is felt: a knob in the hand moves before the server is
 * asked. The same as core's Knob; tests/data/shared/knob.json holds both to it.
 *
 * @param {number[]} settings per cent of full
 * @param {number} wanted
 */
export const nearest = (settings, wanted) => {
    const off = (one) => Math.abs(Math.log(one / Math.max(1, wanted)));
    return settings.reduce((best, one) => (off(one) < off(best) ? one : best));
};
