// Counts a wait down from what the server says is left, so a reload or another device shows the same. With
// several waits the page's title tells of the one that ends first.
import { words } from '../words.js';
import { ask, canAsk, notify } from '../offline/notify.js';

const twoDigits = (number) => String(number).padStart(2, '0');
const shownFor = (left) => `${Math.floor(Math.abs(left) / 60)}:${twoDigits(Math.abs(left) % 60)}`;
const running = new Set();
const title = document.title;

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
        navigator.vibrate?.([200, 100, 200]);
    } catch {
        // No sound on this device; the page and its title say it too.
    }
}

function tellInTitle() {
    const [first] = [...running].sort((a, b) => a.endsAt - b.endsAt);
    const left = first ? Math.round((first.endsAt - Date.now()) / 1000) : 0;
    if (first) {
        document.title = left > 0 ? `${shownFor(left)} ${first.label} · ${title}` : `${words('is_over', { what: first.label })} · ${title}`;
    }
}

export default () => ({
    init() {
        this.label = this.$el.dataset.label;
        this.endsAt = Date.now() + Number(this.$el.dataset.left) * 1000;
        this.over = this.endsAt <= Date.now();
        running.add(this);
        this.ticker = setInterval(() => this.tick(), 500);
        this.tick();
        if (this.$refs.tell) {
            this.$refs.tell.hidden = this.over || ! canAsk();
        }
    },

    async tell() {
        this.$refs.tell.hidden = true;
        this.$refs.word.textContent = (await ask()) ? this.$root.dataset.yes : this.$root.dataset.no;
    },

    destroy() {
        clearInterval(this.ticker);
        running.delete(this);
    },

    tick() {
        const left = Math.round((this.endsAt - Date.now()) / 1000);
        this.$refs.clock.textContent = left < 0 ? `+${shownFor(left)}` : shownFor(left);
        tellInTitle();
        if (left <= 0 && !this.over) {
            this.over = true;
            this.$refs.clock.classList.add('clock--over');
            this.$refs.word.textContent = words('over');
            ring();
            notify(words('is_over', { what: this.label }), document.querySelector('h1')?.textContent.trim() ?? '');
        }
    },
});
