// Steps of a plan moved along their lane: dragged, or by key. The plan is made anew around them by the form beside it.
const STEP = 5;
const NEAR = 2;

const clock = (from, minutes) => {
    const [hours, past] = from.split(':').map(Number);
    const at = (((hours * 60 + past + Math.round(minutes)) % 1440) + 1440) % 1440;

    return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
};

export default () => ({
    held: null,
    from: 0,
    moved: 0,

    field(name, block) {
        return [...document.querySelectorAll('[form=plan]')].find((each) => each.name === `${name}[${block}]`);
    },

    // Units of the drawing for a place on the screen.
    units(event) {
        return (event.clientX * this.$root.viewBox.baseVal.width) / this.$root.getBoundingClientRect().width;
    },

    grab(event) {
        this.held = event.currentTarget;
        this.held.setPointerCapture(event.pointerId);
        this.from = this.units(event);
        this.moved = 0;
    },

    drag(event) {
        if (this.held !== event.currentTarget) {
            return;
        }
        this.moved = this.units(event) - this.from;
        this.held.setAttribute('transform', `translate(${this.moved} 0)`);
    },

    drop(event) {
        if (this.held !== event.currentTarget) {
            return;
        }
        const block = this.held;
        this.held = null;
        if (Math.abs(this.moved) < NEAR) {
            block.removeAttribute('transform');
        } else {
            this.set(block, this.moved * Number(this.$root.dataset.minutes));
        }
    },

    key(event) {
        const block = event.currentTarget;
        const by = { ArrowLeft: -STEP, ArrowRight: STEP }[event.key];
        if (by !== undefined) {
            event.preventDefault();
            this.set(block, by);
        } else if (event.key === 'Delete' || event.key === 'Backspace') {
            event.preventDefault();
            this.write('set', block, '');
        } else if (event.key === 'p' || event.key === 'P') {
            this.write('by', block, block.dataset.hand === '0' ? '1' : '0');
        }
    },

    set(block, minutes) {
        this.write('set', block, clock(block.dataset.from, minutes));
    },

    write(name, block, value) {
        const field = this.field(name, block.dataset.block);
        if (field) {
            field.value = value;
            field.form.requestSubmit();
        }
    },
});
