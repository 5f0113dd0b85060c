// Reads a device's stream again every few seconds while its simulator runs.
const EVERY = 2000;
const TIMES = 12;

export default () => ({
    init() {
        if (this.$el.dataset.running) {
            this.look(TIMES);
        }
    },

    look(left) {
        setTimeout(async () => {
            const answer = await fetch(this.$el.dataset.from, { headers: { Accept: 'text/html' } }).catch(() => null);
            if (answer?.ok) {
                this.$refs.list.innerHTML = await answer.text();
            }
            if (left > 1) {
                this.look(left - 1);
            }
        }, EVERY);
    },
});
