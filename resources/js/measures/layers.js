// Earlier drawings laid over each other: a slider brings one to the front, the one before it shines through.
export default () => ({
    init() {
        this.maps = [...this.$refs.layers.children].reverse(); // the oldest first, as the slider goes
        if (this.$refs.slider) {
            this.$refs.layers.classList.add('layers--stacked');
            this.slide();
        }
    },

    slide() {
        const at = Number(this.$refs.slider.value);
        this.maps.forEach((map, i) => {
            map.classList.toggle('layers__map--front', i === at);
            map.classList.toggle('layers__map--through', i === at - 1);
        });
        this.$refs.which.textContent = this.maps[at].dataset.name;
        this.$refs.slider.setAttribute('aria-valuetext', this.maps[at].dataset.name);
    },
});
