// Asks only what the answers so far make worth asking; without this script everything is asked.
export default () => ({
    init() {
        this.form = this.$root.closest('form');
        this.form.addEventListener('change', () => this.fit());
        this.fit();
    },

    fit() {
        this.$root.querySelectorAll('[data-when]').forEach((field) => {
            const wanted = Object.entries(JSON.parse(field.dataset.when));
            field.hidden = !wanted.every(([trait, values]) => !this.answer(trait) || values.includes(this.answer(trait)));
        });
    },

    answer(trait) {
        return this.form.querySelector(`input[name="traits[${trait}]"]:checked`)?.value;
    },
});
