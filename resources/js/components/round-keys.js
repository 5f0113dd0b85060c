// Single keys for hands that are wet: done, back, an answer, one more, a note. A person can choose them or switch them off.
const isTyping = (target) => target.matches('textarea, input:not([type=radio]):not([type=checkbox]), select');

export const keys = {
    keys() {
        this.$refs.keys.showModal();
    },

    key(event) {
        const asked = this.$refs.keys.open || this.$refs.leave.open;
        if (! this.own || isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey || asked) {
            return;
        }
        const action =
            {
                // Space ticks a box and picks an answer that has the focus; anywhere else it means done.
                ' ': () =>
                    event.target.matches('button, a, summary, input[type=checkbox], input[type=radio]:not(:checked)')
                        ? null
                        : this.$refs.done.click(),
                ArrowLeft: () => (event.target.matches('input') ? null : this.$refs.back?.click()),
                [this.own.more]: () => this.$root.querySelector('.push--tally')?.click() ?? null,
                [this.own.all]: () => this.$root.querySelector('[data-all-here]')?.click() ?? null,
                [this.own.note]: () => this.note(),
                [this.own.timer]: () => document.getElementById('timers')?.focus(),
                [this.own.keys]: () => this.keys(),
            }[event.key.length === 1 ? event.key.toLowerCase() : event.key] ?? this.pick(event.key);
        if (action && action() !== null) {
            event.preventDefault();
        }
    },

    pick(key) {
        const answer = this.$refs.form?.querySelectorAll('input[type=radio][name=answer]')[Number(key) - 1];

        return answer
            ? () => {
                  answer.click();
                  answer.focus();
              }
            : null;
    },

    note() {
        const note = this.$root.querySelector('#note');
        if (note) {
            note.closest('details').open = true;
            note.focus();
        }
    },
};
