// The round under wet hands: keys, a screen that stays awake, and a tick that survives a lost network.
// Without this script the form posts by itself; with it a failed send keeps the answer and tries again.
const isTyping = (target) => target.matches('textarea, input:not([type=radio]):not([type=checkbox]), select');

export default () => ({
    init() {
        this.sending = false;
        this.retry = () => this.$refs.form?.requestSubmit();
        this.stayAwake();
        document.addEventListener('visibilitychange', () => this.stayAwake());
    },

    async stayAwake() {
        try {
            if (document.visibilityState === 'visible') {
                await navigator.wakeLock?.request('screen');
            }
        } catch {
            // The device decides; the round works all the same.
        }
    },

    async send(event) {
        event.preventDefault();
        if (this.sending) {
            return;
        }
        this.wait(true);
        try {
            const form = this.$refs.form;
            const answer = await fetch(form.action, { method: 'POST', body: new FormData(form), headers: { Accept: 'application/json' }, redirect: 'error' });
            const said = await answer.json().catch(() => ({}));
            if (!answer.ok) {
                this.trouble(said.message ?? 'That did not go through. Reload this page and try again; nothing you ticked is lost.');
            } else if (said.message) {
                this.trouble(said.message);
                this.$refs.done.textContent = 'Go on';
                this.$refs.done.type = 'button';
                this.$refs.done.addEventListener('click', () => location.assign(said.next), { once: true });
                this.wait(false);
            } else {
                location.assign(said.next);
            }
        } catch {
            this.trouble('The network dropped. Your answer is kept here and is sent when it is back, or when you press Done.');
            window.addEventListener('online', this.retry, { once: true });
        }
    },

    trouble(message) {
        this.$refs.trouble.textContent = message;
        this.$refs.trouble.hidden = false;
        this.wait(false);
    },

    wait(waiting) {
        this.sending = waiting;
        this.$refs.done.disabled = waiting;
    },

    keys() {
        this.$refs.keys.showModal();
    },

    key(event) {
        if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey || this.$refs.keys.open) {
            return;
        }
        const action = {
            ' ': () => (event.target.matches('button, a, summary') ? null : this.$refs.done.click()),
            ArrowLeft: () => (event.target.matches('input') ? null : this.$refs.back?.click()),
            n: () => this.note(),
            t: () => document.getElementById('timers')?.focus(),
            '?': () => this.keys(),
        }[event.key.length === 1 ? event.key.toLowerCase() : event.key] ?? this.pick(event.key);
        if (action && action() !== null) {
            event.preventDefault();
        }
    },

    pick(key) {
        const answer = this.$refs.form?.querySelectorAll('input[name=answer]')[Number(key) - 1];

        return answer ? () => { answer.click(); answer.focus(); } : null;
    },

    note() {
        const note = this.$refs.note;
        if (note) {
            note.closest('details').open = true;
            note.focus();
        }
    },
});
