// Two pictures of one thing, one over the other: a slider uncovers the later one.
export default () => ({
    init() {
        this.slide();
    },

    slide() {
        this.$refs.after.style.clipPath = `inset(0 0 0 ${100 - Number(this.$refs.slider.value)}%)`;
    },
});
