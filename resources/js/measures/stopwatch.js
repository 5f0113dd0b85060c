// How long a pot takes: started and stopped by the same button, then written into the fields.
export default () => ({
    init() {
        this.$refs.go.hidden = false;
    },

    destroy() {
        clearInterval(this.ticker);
    },

    go() {
        if (this.began) {
            this.stop();
        } else {
            this.began = Date.now();
            this.$refs.clock.hidden = false;
            this.$refs.go.textContent = this.$refs.go.dataset.stop;
            this.ticker = setInterval(() => this.show(), 500);
        }
    },

    stop() {
        this.show();
        clearInterval(this.ticker);
        this.began = null;
        this.$refs.go.textContent = this.$refs.go.dataset.start;
    },

    show() {
        const seconds = Math.round((Date.now() - this.began) / 1000);
        [this.$refs.minutes.value, this.$refs.seconds.value] = [Math.floor(seconds / 60), seconds % 60];
        this.$refs.clock.textContent = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
    },
});
