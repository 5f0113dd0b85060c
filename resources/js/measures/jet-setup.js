// Making the drawing fit the arm: jets added, moved, widened, taken away, copied to the other half or from another arm.
const near = (number) => Math.round(number * 1000) / 1000;
const APART = 0.01;

export const setup = {
    isSettingUp() {
        return this.$refs.setup?.open ?? false;
    },

    settingUp() {
        this.picked = null;
        this.paint();
    },

    pickJet(jet) {
        this.picked = jet;
        this.paint();
    },

    isFree(jet, place, side) {
        return this.arm.jets.every((other) => other === jet || other.side !== side || Math.abs(other.place - place) >= APART - 1e-9);
    },

    move(by) {
        if (!this.picked) {
            return;
        }
        const sign = this.picked.place < 0 ? -1 : 1;
        this.place(this.picked, sign * Math.min(1, Math.max(0.01, near(Math.abs(this.picked.place) + by))));
    },

    // While the arm is set up its jets follow the pointer, along the arm as it lies.
    drag(jet, dot, event) {
        if (!this.isSettingUp()) {
            return;
        }
        event.preventDefault();
        const lies = this.$refs.bar.getScreenCTM().inverse();
        dot.setPointerCapture(event.pointerId);
        dot.onpointermove = ({ clientX, clientY }) => {
            const place = near(Math.min(1, Math.max(-1, new DOMPoint(clientX, clientY).matrixTransform(lies).x / 100)));
            if (this.isFree(jet, place, jet.side)) {
                jet.place = place;
                dot.setAttribute('x', place * 100 - Number(dot.getAttribute('width')) / 2);
            }
        };
        dot.onpointerup = () => {
            dot.onpointermove = null;
            this.picked = jet;
            this.changed();
        };
    },

    // The nearest free place in that direction, or none.
    place(jet, place, side = jet.side) {
        if (!this.isFree(jet, place, side)) {
            this.tell(this.$refs.setup.dataset.taken);
            return;
        }
        [jet.place, jet.side] = [place, side];
        this.changed();
    },

    changed() {
        this.touched = true;
        this.tell('');
        this.paint();
    },

    further() {
        this.move(0.01);
    },

    nearer() {
        this.move(-0.01);
    },

    typePlace() {
        const typed = Number(this.$refs.place.value) / 100;
        if (this.picked && typed >= 0 && typed <= 1) {
            this.place(this.picked, near((this.picked.place < 0 ? -1 : 1) * typed));
        } else {
            this.tell(this.$refs.setup.dataset.off);
        }
    },

    typeBore() {
        const bore = Number(this.$refs.bore.value);
        if (this.picked && bore >= this.model.bores.least && bore <= this.model.bores.most) {
            this.picked.bore = bore;
            this.changed();
        } else {
            this.tell(this.$refs.setup.dataset.wide);
        }
    },

    flip() {
        if (this.picked) {
            this.place(this.picked, this.picked.place, this.picked.side === 'top' ? 'under' : 'top');
        }
    },

    remove() {
        this.arm.jets = this.arm.jets.filter((jet) => jet !== this.picked);
        this.picked = null;
        this.changed();
    },

    // Where there is most room on this half.
    add() {
        const taken = this.arm.jets
            .filter(({ side, place }) => side === 'top' && (place < 0 ? -1 : 1) === this.half)
            .map(({ place }) => Math.abs(place))
            .sort((a, b) => a - b);
        const stops = [0.08, ...taken, 1];
        const widest = stops.slice(1).reduce((best, stop, i) => (stop - stops[i] > stops[best + 1] - stops[best] ? i : best), 0);
        const jet = { place: near((this.half * (stops[widest] + stops[widest + 1])) / 2), side: 'top', bore: this.model.bore, blocked: 0 };
        this.arm.jets = [...this.arm.jets, jet];
        this.picked = jet;
        this.changed();
    },

    // Both halves alike: the other one becomes this one.
    mirror() {
        const mine = this.arm.jets.filter(({ place }) => (place < 0 ? -1 : 1) === this.half);
        this.arm.jets = [...mine, ...mine.map((jet) => ({ ...jet, place: -jet.place }))];
        this.picked = null;
        this.changed();
    },

    copyFrom() {
        const from = this.arms[Number(this.$refs.from.value)];
        if (from && from !== this.arm) {
            this.arm.jets = from.jets.filter(({ side }) => this.arm.sides[side]).map((jet) => ({ ...jet, blocked: 0 }));
            this.picked = null;
            this.changed();
        }
    },

    typeHolds(event) {
        const ring = this.arm.rings[Number(event.target.dataset.ring)];
        if (ring && event.target.value.trim() !== '') {
            ring.holds = event.target.value.trim();
            this.changed();
        }
    },

    tell(message) {
        if (this.$refs.told) {
            this.$refs.told.textContent = message;
            this.$refs.told.hidden = !message;
        }
    },

    paintSetup() {
        if (!this.$refs.setup) {
            return;
        }
        this.$refs.jetFields.disabled = !this.picked;
        if (document.activeElement !== this.$refs.place) {
            this.$refs.place.value = this.picked ? Math.round(Math.abs(this.picked.place) * 100) : '';
        }
        if (document.activeElement !== this.$refs.bore) {
            this.$refs.bore.value = this.picked?.bore ?? '';
        }
        this.$refs.holds.querySelectorAll('[data-ring]').forEach((field, i) => {
            field.closest('.field').hidden = !this.arm.rings[i];
            if (this.arm.rings[i] && document.activeElement !== field) {
                field.value = this.arm.rings[i].holds;
                field.previousElementSibling.textContent = this.arm.rings[i].name;
            }
        });
    },
};
