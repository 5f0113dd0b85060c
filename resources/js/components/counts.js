// What is counted picks the mesh that comes nearest; the server computes with the count itself.
export default () => ({
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
        const nearest = meshes.reduce((best, mesh) =>
            Math.abs(mesh.dataset.fraction - share) < Math.abs(best.dataset.fraction - share) ? mesh : best,
        );
        nearest.click();
        this.$refs.said.textContent = `${sum('shut')} of ${all} shut: ${Math.round(share * 100)} %.`;
    },

    // A row counts once somebody has said how many are shut.
    isFilled(field) {
        return field.closest('.stepper').querySelector('[data-shut]').value !== '';
    },
});
