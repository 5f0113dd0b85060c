// Counts a wait down from what the server says is left, so a reload or another device shows the same.
const twoDigits = (number) => String(number).padStart(2, '0');

function ring() {
    try {
        const audio = new AudioContext();
        [0, 0.35, 0.7].forEach((start) => {
            const tone = audio.createOscillator();
            const loudness = audio.createGain();
            tone.frequency.value = 880;
            loudness.gain.setValueAtTime(0.2, audio.currentTime + start);
            loudness.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + start + 0.3);
            tone.connect(loudness).connect(audio.destination);
            tone.start(audio.currentTime + start);
            tone.stop(audio.currentTime + start + 0.3);
        });
    } catch {
        // No sound on this device; the page and its title say it too.
    }
}

export default () => ({
    init() {
        this.label = this.$el.dataset.label;
        this.endsAt = Date.now() + Number(this.$el.dataset.left) * 1000;
        this.over = this.endsAt <= Date.now();
        this.title = document.title;
        this.ticker = setInterval(() => this.tick(), 500);
        this.tick();
    },

    destroy() {
        clearInterval(this.ticker);
    },

    tick() {
        const left = Math.round((this.endsAt - Date.now()) / 1000);
        const shown = `${Math.floor(Math.abs(left) / 60)}:${twoDigits(Math.abs(left) % 60)}`;
        this.$refs.clock.textContent = left < 0 ? `+${shown}` : shown;
        document.title = left > 0 ? `${shown} ${this.label} · ${this.title}` : `${this.label} is over · ${this.title}`;
        if (left <= 0 && !this.over) {
            this.over = true;
            this.$refs.clock.classList.add('clock--over');
            this.$refs.word.textContent = 'It is over: take it out when you are ready.';
            ring();
        }
    },
});
