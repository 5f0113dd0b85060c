// Shut cells of a mesh, counted while they are tapped.
import { fill } from '../words.js';

export default () => ({
    init() {
        this.count();
    },

    count() {
        const round = this.$root.querySelector('[name=mask]:checked').value === 'round';
        const cells = [...this.$refs.cells.querySelectorAll('input')];
        cells.forEach((cell) => {
            cell.closest('label').classList.toggle('cell--off', round && cell.dataset.off === '1');
        });
        const inside = cells.filter((cell) => !round || cell.dataset.off !== '1');
        const shut = inside.filter((cell) => cell.checked).length;
        this.$refs.said.textContent = fill(this.$refs.said.dataset.text, {
            shut, all: inside.length, percent: Math.round((100 * shut) / inside.length),
        });
    },
});
