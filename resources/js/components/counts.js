// What is counted picks the mesh that comes nearest; the server computes with the count itself.
import { words } from '../words.js';

export default () => ({
    // What is marked on the drawing fills the counts.
    fill(event) {
        const counts = {};
        event.detail.arms.forEach((arm) =>
            arm.jets.forEach((jet) => {
                const row = (counts[arm.sides[jet.side]?.count] ??= { shut: 0, all: 0 });
                row.shut += jet.blocked;
                row.all += 1;
            }),
        );
        Object.entries(counts).forEach(([reading, { shut, all }]) => {
            const field = (name) => this.$root.querySelector(`[name="r[${reading}][${name}]"]`);
            if (field('shut')) {
                field('shut').value = shut;
                field('all').value = all;
            }
        });
        this.judge();
    },

    judge() {
        const sum = (kind) =>
            [...this.$root.querySelectorAll(`[data-${kind}]`)].reduce(
                (total, field) => total + (this.isFilled(field) ? Number(field.value || 0) : 0),
                0,
            );
        const all = sum('all');
        if (all === 0) {
            return;
        }
        const share = Math.min(1, sum('shut') / all);
        const meshes = [...this.$root.closest('form').querySelectorAll('[data-fraction]')];
        // One blocked jet is not a clean arm.
        const nearest = meshes.filter((mesh) => share === 0 || Number(mesh.dataset.fraction) > 0).reduce((best, mesh) =>
            Math.abs(mesh.dataset.fraction - share) < Math.abs(best.dataset.fraction - share) ? mesh : best,
        );
        nearest.click();
        this.$refs.said.textContent = words('shut', { count: sum('shut'), all, percent: Math.round(share * 100) });
    },

    // A row counts once somebody has said how many are shut.
    isFilled(field) {
        return field.closest('.stepper').querySelector('[data-shut]').value !== '';
    },
});
