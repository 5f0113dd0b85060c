// A spray arm whose jets are tapped open, half, blocked: rack, strip and sentence follow at once. What is sent is the whole
// drawing as text in one field; the counts of a round's step are filled from it.
import { jetRadius, stateOf, turned, wetPath } from '../flow/rack.js';
import { jetName, openWords, sentences } from '../flow/sentences.js';
import { flow, openness } from '../flow/spray.js';
import { setup } from './jet-setup.js';
import { drawn, restore } from './jet-text.js';

const SVG = 'http://www.w3.org/2000/svg';
const NEXT = { 0: 0.5, 0.5: 1, 1: 0 };
const TOUCH = 48;
// Left as it is by Alpine, which would watch every jet of it: nothing on the page is bound to them.
const plain = (thing) => Object.assign(thing, { __v_skip: true });
const EDGE = 26;

export default () => ({
    ...setup,

    init() {
        const given = JSON.parse(this.$root.dataset.map);
        [this.model, this.words, this.arms] = [given.model, given.words, given.arms].map(plain);
        restore(this.arms, this.$root.dataset.typed);
        [this.at, this.half, this.picked] = [0, 1, null];
        this.touched = Boolean(this.$root.dataset.typed) || this.$root.dataset.always === '1';
        this.$root.classList.add('arms--live');
        this.names = [...this.$refs.which.querySelectorAll('[data-arm] small')];
        this.counts = [...this.$refs.strips.querySelectorAll('[data-side]')].map((whole) => [
            whole.dataset.side,
            whole.querySelector('[data-count]'),
        ]);
        // What is sent is the drawing as it is then, not as it was a moment before.
        this.$root.closest('form').addEventListener('formdata', (event) => event.formData.set('map', this.touched ? drawn(this.arms) : ''));
        this.fitting = new ResizeObserver(() => this.paintStrips());
        this.fitting.observe(this.$refs.strips);
        this.paint();
    },

    destroy() {
        this.fitting.disconnect();
    },

    get arm() {
        return this.arms[this.at];
    },

    pickArm(event) {
        this.at = Number(event.currentTarget.dataset.arm);
        this.picked = null;
        this.paint();
    },

    turn() {
        this.half = -this.half;
        this.picked = null;
        this.paint();
    },

    tap(jet) {
        if (this.isSettingUp()) {
            this.pickJet(jet);
        } else {
            jet.blocked = NEXT[jet.blocked];
            this.touched = true;
            this.paintTap(jet);
        }
    },

    // An arrow goes to the next jet; while the arm is set up it moves the jet itself.
    stripKey(event) {
        const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
        if (!step || !event.target.matches('.jet')) {
            return;
        }
        event.preventDefault();
        event.stopPropagation();
        if (this.isSettingUp()) {
            this.move(step * 0.01);
        } else {
            const jets = [...event.currentTarget.querySelectorAll('.jet')];
            jets[jets.indexOf(event.target) + step]?.focus();
        }
    },

    chooseMotion(event) {
        this.arm.motion = event.target.value;
        this.arm.hitsAt = this.arm.motion === 'hits' ? Number(this.$refs.hour.value) : null;
        this.touched = true;
        this.paint();
    },

    chooseHour() {
        this.arm.motion = 'hits';
        this.arm.hitsAt = Number(this.$refs.hour.value);
        this.touched = true;
        this.paint();
    },

    // After a tap only what it changes is drawn anew, so that the rack follows the finger on any phone.
    paintTap(jet) {
        const n = this.arm.jets.indexOf(jet);
        const button = this.$refs.strips.querySelector(`[data-key="${jet.side}-${n}"]`);
        if (button) {
            button.className = `jet jet--${stateOf(jet)}`;
            button.setAttribute('aria-label', jetName(jet, Number(button.dataset.n), this.words));
        }
        this.dots.get(jet)?.setAttribute('href', `#jet-${stateOf(jet)}`);
        this.paintFigures();
        clearTimeout(this.writing);
        this.writing = setTimeout(() => this.write(), 100);
    },

    // Rack and words of the arm, from its jets.
    paintFigures() {
        const painted = flow(this.arm, this.model);
        this.$refs.wet.setAttribute('d', wetPath(this.arm, painted, this.model));
        const [lead, ...more] = sentences(this.arm, painted, this);
        this.$refs.said.textContent = lead ?? '';
        this.$refs.more.textContent = more.join(' ');
        this.paintOpenness(this.at, painted);
        for (const [side, count] of this.counts) {
            const jets = this.arm.jets.filter((jet) => jet.side === side);
            count.textContent = openWords({ openness: openness(jets) }, this.words);
        }
    },

    paintOpenness(i, painted) {
        this.names[i].textContent = painted.openness < 1 ? openWords(painted, this.words) : '';
    },

    paint() {
        this.$refs.bar.setAttribute('transform', `rotate(${turned(this.arm) + (this.half < 0 ? 180 : 0)})`);
        this.paintRings();
        this.paintDots();
        this.$refs.which.querySelectorAll('[data-arm]').forEach((button, i) => {
            button.setAttribute('aria-pressed', i === this.at);
            this.paintOpenness(i, flow(this.arms[i], this.model));
        });
        this.$refs.motions.querySelectorAll('[name=motion-shown]').forEach((radio) => {
            radio.checked = radio.value === this.arm.motion;
        });
        this.$refs.hourField.hidden = this.arm.motion !== 'hits';
        this.$refs.hour.value = this.arm.hitsAt ?? 4;
        this.paintStrips();
        this.paintFigures();
        this.paintSetup();
        this.write();
    },

    paintRings() {
        this.$refs.rings.replaceChildren(
            ...this.arm.rings.map(({ to }) => {
                const ring = document.createElementNS(SVG, 'circle');
                ring.setAttribute('r', to * 100);
                return ring;
            }),
        );
    },

    paintDots() {
        this.dots = plain(new Map());
        this.$refs.dots.replaceChildren(
            ...this.arm.jets
                .filter(({ side }) => side === 'top')
                .map((jet) => {
                    const dot = document.createElementNS(SVG, 'use');
                    const size = jetRadius(jet) * 2;
                    dot.setAttribute('href', `#jet-${stateOf(jet)}`);
                    dot.setAttribute('width', size);
                    dot.setAttribute('height', size);
                    dot.setAttribute('x', jet.place * 100 - size / 2);
                    dot.setAttribute('y', -size / 2);
                    dot.addEventListener('click', () => this.tap(jet));
                    dot.addEventListener('pointerdown', (event) => this.drag(jet, dot, event));
                    this.dots.set(jet, dot);
                    return dot;
                }),
        );
    },

    // The half under the thumb, wide enough for one: jets in their order, never nearer to each other than a finger.
    paintStrips() {
        const focused = document.activeElement?.dataset?.key;
        this.$refs.strips.querySelectorAll('[data-strip]').forEach((strip) => {
            const side = strip.dataset.strip;
            const all = this.arm.jets.filter((jet) => jet.side === side);
            const whole = strip.closest('[data-side]');
            whole.hidden = !this.arm.sides[side] && all.length === 0;
            whole.querySelector('h2').textContent = this.arm.sides[side]?.name ?? side;
            const jets = all.filter((jet) => (jet.place < 0 ? -1 : 1) === this.half).sort((a, b) => Math.abs(a.place) - Math.abs(b.place));
            const room = strip.clientWidth - 2 * EDGE;
            let left = -Infinity;
            const buttons = jets.map((jet, i) => {
                left = Math.max(left + TOUCH, EDGE + Math.abs(jet.place) * Math.max(room, 0));
                return this.button(jet, i + 1, left, side);
            });
            strip.querySelector('.jets__bar').style.width = `${Math.max(strip.clientWidth, left + EDGE)}px`;
            strip.querySelector('.jets__bar').replaceChildren(...buttons);
        });
        if (focused) {
            this.$refs.strips.querySelector(`[data-key="${focused}"]`)?.focus({ preventScroll: true });
        }
    },

    button(jet, n, left, side) {
        const button = document.createElement('button');
        button.type = 'button';
        button.className = `jet jet--${stateOf(jet)}`;
        button.classList.toggle('jet--picked', jet === this.picked);
        button.dataset.n = n;
        button.dataset.key = `${side}-${this.arm.jets.indexOf(jet)}`;
        button.style.left = `${left}px`;
        button.setAttribute('aria-label', jetName(jet, n, this.words));
        button.addEventListener('click', () => this.tap(jet));
        return button;
    },

    write() {
        this.$refs.map.value = this.touched ? drawn(this.arms) : '';
        if (this.touched) {
            this.$dispatch('mapped', { arms: this.arms });
        }
    },
});
