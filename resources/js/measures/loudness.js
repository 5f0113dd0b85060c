// Roughly how loud it is beside the phone, while a person listens; nothing is recorded or sent.
const FLOOR = -70; // decibels below full scale that count as silence

export default () => ({
    init() {
        this.$refs.listen.hidden = !navigator.mediaDevices?.getUserMedia;
    },

    destroy() {
        this.stop();
    },

    async toggle() {
        if (this.stream) {
            this.stop();
            return;
        }
        try {
            this.stream = await navigator.mediaDevices.getUserMedia({ audio: { autoGainControl: false, noiseSuppression: false } });
        } catch {
            this.$refs.level.textContent = this.$root.dataset.refused;
            return;
        }
        this.audio = new AudioContext();
        this.analyser = this.audio.createAnalyser();
        this.audio.createMediaStreamSource(this.stream).connect(this.analyser);
        this.samples = new Float32Array(this.analyser.fftSize);
        this.$refs.meter.hidden = false;
        this.ticker = setInterval(() => this.show(), 200);
    },

    show() {
        this.analyser.getFloatTimeDomainData(this.samples);
        const power = this.samples.reduce((sum, sample) => sum + sample * sample, 0) / this.samples.length;
        const level = Math.max(0, Math.min(100, Math.round(((10 * Math.log10(power + 1e-12) - FLOOR) / -FLOOR) * 100)));
        this.smooth = Math.round(0.8 * (this.smooth ?? level) + 0.2 * level);
        this.$refs.meter.value = this.smooth;
        this.$refs.level.textContent = this.$root.dataset.text.replace(':level', this.smooth);
    },

    stop() {
        clearInterval(this.ticker);
        this.stream?.getTracks().forEach((track) => track.stop());
        this.audio?.close();
        this.stream = null;
    },
});
