// Narrows the handbook to what is typed: every word must be somewhere in a line.
export default () => ({
    init() {
        if (this.$refs.query.value) {
            this.narrow();
        }
    },

    narrow() {
        const words = this.$refs.query.value.toLowerCase().split(/\s+/).filter(Boolean);
        let found = 0;
        this.$root.querySelectorAll('[data-group]').forEach((group) => {
            let here = 0;
            group.querySelectorAll('[data-find]').forEach((line) => {
                line.hidden = !words.every((word) => line.dataset.find.includes(word));
                here += line.hidden ? 0 : 1;
            });
            group.hidden = here === 0 || ('also' in group.dataset && words.length === 0);
            found += group.hidden ? 0 : here;
        });
        this.$refs.count.hidden = words.length === 0;
        this.$refs.count.textContent = found === 0 ? 'Nothing holds all of these words. Try fewer, or all kinds of machines.' : `${found} found.`;
    },
});
