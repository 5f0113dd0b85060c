// The round under wet hands: keys, a screen that stays awake, and ticks that survive a lost network.
// Without this script the form posts by itself. With it a tick that cannot be sent is kept in the browser, the
// next step is shown from what was fetched ahead, and everything is sent when the network is back.
import { Ahead, fetchAhead, ulid } from '../offline/ahead.js';
import { flush, keep, waiting } from '../offline/outbox.js';
import { stayAwake } from '../offline/awake.js';

const isTyping = (target) => target.matches('textarea, input:not([type=radio]):not([type=checkbox]), select');
const ASK_EVERY = 4000;

export default () => ({
    init() {
        this.place = this.$root.dataset;
        this.sending = false;
        this.touched = false;
        this.known = { done: JSON.parse(this.place.done), answers: JSON.parse(this.place.answers), tray: JSON.parse(this.place.inTray) };
        stayAwake();
        this.guardBack();
        fetchAhead(this.place.ahead, this.place.script);
        this.$root.addEventListener('input', (event) => {
            this.touched ||= event.target.form?.id === 'tick';
        });
        window.addEventListener('online', () => this.sendKept());
        this.asking = setInterval(() => this.lookRound(), ASK_EVERY);
        this.sendKept();
    },

    destroy() {
        clearInterval(this.asking);
    },

    // A swipe back must not lose the round: it asks first.
    guardBack() {
        const guard = () => history.pushState({ inRound: true }, '');
        this.$root.addEventListener('pointerdown', guard, { once: true });
        this.$root.addEventListener('keydown', guard, { once: true });
        window.addEventListener('popstate', () => {
            this.$refs.leave.showModal();
            guard();
        });
    },

    async send(event) {
        event.preventDefault();
        if (this.sending) {
            return;
        }
        const form = new FormData(this.$refs.form, event.submitter?.name ? event.submitter : undefined);
        this.wait(true);
        if ((await this.mine()).length > 0) {
            await this.keepTick(form); // one after the other, in the order they were done
            this.sendKept();

            return;
        }
        try {
            const answer = await fetch(this.$refs.form.action, { method: 'POST', body: form, headers: { Accept: 'application/json' }, redirect: 'error' });
            const said = await answer.json().catch(() => ({}));
            if (!answer.ok) {
                this.trouble(said.message ?? 'That did not go through. Reload this page and try again; nothing you ticked is lost.');
            } else if (said.message || said.warning) {
                this.sayAndGoOn([said.warning, said.message].filter(Boolean).join(' '), said.next);
            } else {
                location.replace(said.next);
            }
        } catch {
            await this.keepTick(form);
        }
    },

    sayAndGoOn(message, next) {
        this.trouble(message);
        this.$refs.done.textContent = 'Go on';
        this.$refs.done.type = 'button';
        this.$refs.done.removeAttribute('form');
        this.$refs.done.addEventListener('click', () => location.replace(next), { once: true });
    },

    async mine() {
        return (await waiting()).filter((item) => item.url.includes(this.place.round));
    },

    async keepTick(form) {
        try {
            await keep(this.$refs.form.action, form);
        } catch {
            this.trouble('The network dropped, and this browser keeps nothing. Your answer is still here: press Done again when it is back.');

            return;
        }
        await this.goOnAlone();
    },

    // Shows the step that follows from what was kept, drawn from what was fetched ahead.
    async goOnAlone() {
        const ahead = Ahead.kept(this.place.ahead);
        const kept = await this.mine();
        this.$refs.offline.hidden = false;
        this.$refs.offline.textContent = `No network. ${kept.length} ${kept.length === 1 ? 'step waits' : 'steps wait'} here and ${kept.length === 1 ? 'is' : 'are'} sent when it is back; just go on.`;
        if (ahead === null) {
            this.trouble('This device has not fetched the steps ahead. Your answer is kept and is sent when the network is back.');

            return;
        }
        const field = (item, name) => item.fields.find(([key]) => key === name)?.[1];
        const state = ahead.after(this.known, kept.map((item) => ({ step: field(item, 'step'), how: field(item, 'how'), answer: field(item, 'answer'), overruled: field(item, 'overruled'), at: item.at })));
        this.showStep(state);
        this.showTray(state);
        this.wait(false);
    },

    // What is seen of the machine is sent by itself; the step is drawn anew unless something is filled in already.
    async reveal(event) {
        event.preventDefault();
        const form = event.target;
        try {
            const answer = await fetch(form.action, { method: 'POST', body: new FormData(form, event.submitter), headers: { Accept: 'application/json' }, redirect: 'error' });
            const said = await answer.json().catch(() => ({}));
            if (!answer.ok) {
                this.trouble(said.message ?? 'That did not go through. Go on; you are asked the next time.');
            } else if (this.touched) {
                form.replaceChildren(Object.assign(document.createElement('p'), { textContent: said.message }));
            } else {
                location.replace(this.place.here);
            }
        } catch {
            this.trouble('No network: this can wait. Go on; you are asked the next time.');
        }
    },

    showStep(state) {
        const tile = this.$refs.tile;
        this.$refs.reveals?.remove();
        const body = tile.querySelector('.step__body');
        if (!state.next) {
            this.$refs.ask.textContent = 'All steps are done here.';
            body.replaceChildren(Object.assign(document.createElement('p'), { className: 'step__say', textContent: 'Finish the round when the network is back; everything is kept until then.' }));
            this.$refs.done.hidden = true;

            return;
        }
        const drawn = state.next.content.cloneNode(true);
        drawn.querySelector('[name=id]').value = ulid();
        drawn.querySelector('[name=photo_id]').value = ulid();
        if (state.failed?.step === state.next.dataset.step) {
            drawn.querySelectorAll('[data-remedy], [data-overrule]').forEach((node) => {
                node.hidden = false;
                node.querySelectorAll('input').forEach((input) => {
                    input.disabled = false;
                });
            });
        }
        body.replaceWith(drawn);
        this.$refs.ask.textContent = state.next.dataset.title;
        this.$refs.where.textContent = state.next.dataset.short;
        this.$refs.trouble.hidden = true;
        this.$refs.ask.scrollIntoView({ block: 'nearest' });
    },

    showTray(state) {
        const names = state.tray.map(([, name]) => name);
        const said = document.createElement('p');
        said.dataset.tray = '';
        said.textContent = names.length === 0 ? 'Nothing is off.' : `${names.join(', ')}. Goes back the other way round.`;
        this.$refs.tray.replaceChildren(said);
        this.$refs.timers.replaceChildren(...state.timers.map((timer) => {
            const tile = document.createElement('section');
            const over = new Date(timer.endsAt);
            tile.className = 'tile';
            tile.append(Object.assign(document.createElement('h2'), { textContent: timer.label }), Object.assign(document.createElement('p'), { textContent: `Until ${over.getHours()}:${String(over.getMinutes()).padStart(2, '0')}` }));

            return tile;
        }));
    },

    async sendKept() {
        if ((await this.mine()).length === 0) {
            return;
        }
        const { sent, said, left } = await flush();
        if (left > 0) {
            if (sent === 0) {
                await this.goOnAlone();
            }
        } else if (said.length > 0) {
            this.$refs.offline.hidden = false;
            this.$refs.offline.textContent = 'Sent.';
            this.sayAndGoOn(said.join(' '), this.place.here);
        } else {
            location.replace(this.place.here);
        }
    },

    // Another phone on the same round may have gone on.
    async lookRound() {
        if (document.visibilityState !== 'visible' || this.sending) {
            return;
        }
        if ((await this.mine()).length > 0) {
            await this.sendKept();

            return;
        }
        try {
            const answer = await fetch(this.place.state, { headers: { Accept: 'application/json' }, redirect: 'error' });
            const state = await answer.json();
            if (!answer.ok || this.sending || (state.last === this.place.last && !state.ended)) {
                return;
            }
            if (this.touched || !this.place.current) {
                this.$refs.offline.hidden = false;
                this.$refs.offline.textContent = 'Somebody has gone on with this round on another device. What you send now still counts.';
                this.place.last = state.last;
            } else {
                location.replace(this.place.here);
            }
        } catch {
            // Cut off; the next tick says so.
        }
    },

    trouble(message) {
        this.$refs.trouble.textContent = message;
        this.$refs.trouble.hidden = false;
        this.$refs.trouble.scrollIntoView({ block: 'nearest' });
        this.wait(false);
    },

    wait(waits) {
        this.sending = waits;
        this.$refs.done.disabled = waits;
    },

    keys() {
        this.$refs.keys.showModal();
    },

    key(event) {
        if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey || this.$refs.keys.open || this.$refs.leave.open) {
            return;
        }
        const action = {
            ' ': () => (event.target.matches('button, a, summary') ? null : this.$refs.done.click()),
            ArrowLeft: () => (event.target.matches('input') ? null : this.$refs.back?.click()),
            '+': () => this.$root.querySelector('.push--tally')?.click() ?? null,
            a: () => this.$root.querySelector('[data-all-here]')?.click() ?? null,
            n: () => this.note(),
            t: () => document.getElementById('timers')?.focus(),
            '?': () => this.keys(),
        }[event.key.length === 1 ? event.key.toLowerCase() : event.key] ?? this.pick(event.key);
        if (action && action() !== null) {
            event.preventDefault();
        }
    },

    pick(key) {
        const answer = this.$refs.form?.querySelectorAll('input[type=radio][name=answer]')[Number(key) - 1];

        return answer ? () => { answer.click(); answer.focus(); } : null;
    },

    note() {
        const note = this.$root.querySelector('#note');
        if (note) {
            note.closest('details').open = true;
            note.focus();
        }
    },
});
