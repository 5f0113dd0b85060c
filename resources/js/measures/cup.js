// A cup in the rack: the clock starts at the first spray, says when to open, and each look goes into a line of the table.
import { fill } from '../words.js';
import { filled, heightOf, judge } from '../flow/cup.js';

const [TOP, BOTTOM, MIDDLE, WIDE] = [10, 140, 60, 36];

const shownFor = (seconds) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

export default () => ({
    init() {
        this.given = JSON.parse(this.$root.dataset.given);
        this.$refs.start.hidden = false;
        this.redraw();
        this.judge();
    },

    destroy() {
        clearInterval(this.ticker);
    },

    get rows() {
        return [...this.$refs.looks.tBodies[0].rows].map((row) => [...row.querySelectorAll('input')]);
    },

    start() {
        this.began = Date.now();
        this.$refs.start.hidden = true;
        this.$refs.look.hidden = false;
        this.$refs.clock.hidden = false;
        const [[minute, level]] = this.rows;
        [minute.value, level.value] = ['0', '0'];
        this.ticker = setInterval(() => this.tick(), 500);
        this.tell(this.given.words.first);
        this.next = 60;
    },

    tick() {
        const seconds = (Date.now() - this.began) / 1000;
        this.$refs.clock.textContent = shownFor(seconds);
        if (seconds >= this.next) {
            this.tell(this.given.words.open);
            navigator.vibrate?.(200);
            this.next = Infinity;
        }
    },

    // The level that the drawing stands at, at the minute it is.
    look() {
        const row = this.rows.find(([minute]) => minute.value === '') ?? this.rows.at(-1);
        row[0].value = Math.round((Date.now() - this.began) / 6000) / 10;
        row[1].value = Math.round(this.amount() * 10) / 10;
        const said = this.judge();
        const minute = Number(row[0].value);
        this.next = said?.verdict === 'keep-checking' ? Math.max(minute + 1, minute < 2 ? 2 : this.given.flow.span) * 60 : Infinity;
    },

    amount() {
        return filled(Number(this.$refs.level.value) / 100, this.flare()) * Number(this.$refs.size.value || 0);
    },

    flare() {
        return this.given.shapes[this.$refs.shape.value] ?? 1;
    },

    slide() {
        this.draw(Number(this.$refs.level.value) / 100);
        this.$refs.level.setAttribute('aria-valuetext', `${Math.round(this.amount())} ${this.given.unit}`);
    },

    redraw() {
        const flare = this.flare();
        const floor = WIDE / Math.max(1, flare);
        this.$refs.glass.setAttribute(
            'd',
            `M${MIDDLE - WIDE} ${TOP} L${MIDDLE - floor} ${BOTTOM} H${MIDDLE + floor} L${MIDDLE + WIDE} ${TOP}`,
        );
        this.slide();
    },

    draw(height) {
        const floor = WIDE / Math.max(1, this.flare());
        const width = floor + (WIDE - floor) * height;
        const y = BOTTOM - (BOTTOM - TOP) * height;
        this.$refs.water.setAttribute(
            'd',
            `M${MIDDLE - width} ${y} L${MIDDLE - floor} ${BOTTOM} H${MIDDLE + floor} L${MIDDLE + width} ${y}Z`,
        );
    },

    judge() {
        const cup = Number(this.$refs.size.value);
        const looks = this.rows
            .filter(([minute, level]) => minute.value !== '' && level.value !== '')
            .map(([minute, level]) => [Number(minute.value), Number(level.value) * this.given.size, Number(level.value) >= cup]);
        const said = judge(looks, this.given.baseline, this.given.flow);
        const last = looks.at(-1);
        if (last && cup > 0) {
            const height = heightOf(Math.min(1, last[1] / this.given.size / cup), this.flare());
            this.$refs.level.value = height * 100;
            this.slide();
        }
        if (said) {
            const rate = Math.round((said.rate / this.given.size) * 10) / 10;
            this.tell(fill(this.given.words[said.verdict], { rate: `${rate} ${this.given.unit}`, minute: this.given.flow.span }));
        }
        return said;
    },

    tell(text) {
        this.$refs.said.textContent = text;
    },
});
