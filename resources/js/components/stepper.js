// One more or one fewer, for wet fingers.
export default () => ({
    less() {
        this.step(-1);
    },

    more() {
        this.step(1);
    },

    step(by) {
        const count = this.$refs.count;
        count.value = Math.min(Number(count.max || 99), Math.max(Number(count.min || 0), Number(count.value || 0) + by));
        count.dispatchEvent(new Event('input', { bubbles: true }));
    },
});
