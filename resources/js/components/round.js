// The round under wet hands: keys, a screen that stays awake, and ticks that survive a lost network.
// Without this script the form posts by itself. With it a tick that cannot be sent is kept in the browser, the
// next step is shown from what was fetched ahead, and everything is sent when the network is back.
import { Ahead, fetchAhead } from '../offline/ahead.js';
import { project } from '../offline/projector.js';
import { flush, keep, waiting } from '../offline/outbox.js';
import { stayAwake } from '../offline/awake.js';
import { words } from '../words.js';
import { drawing } from './round-drawing.js';
import { keys } from './round-keys.js';

const ASK_EVERY = 4000;

export default () => ({
    ...drawing,
    ...keys,

    init() {
        this.place = this.$root.dataset;
        this.own = JSON.parse(this.place.keys); // null where single keys are switched off
        this.sending = false;
        this.touched = false;
        this.known = { outline: JSON.parse(this.place.outline), ticks: JSON.parse(this.place.ticks) };
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
            const answer = await fetch(this.$refs.form.action, {
                method: 'POST',
                body: form,
                headers: { Accept: 'application/json' },
                redirect: 'error',
            });
            const said = await answer.json().catch(() => ({}));
            if (!answer.ok) {
                this.trouble(said.message ?? words('failed'));
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
        this.$refs.done.textContent = words('go_on');
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
            this.trouble(words('not_kept'));

            return;
        }
        await this.goOnAlone();
    },

    // Shows the step that follows from what was kept, drawn from what was fetched ahead.
    async goOnAlone() {
        const ahead = Ahead.kept(this.place.ahead);
        const kept = await this.mine();
        this.$refs.offline.hidden = false;
        this.$refs.offline.textContent = words('steps_wait', { count: kept.length });
        if (ahead === null) {
            this.trouble(words('not_fetched'));

            return;
        }
        const field = (item, name) => item.fields.find(([key]) => key === name)?.[1] || undefined;
        const ticks = kept.map((item) => ({
            step: field(item, 'step'),
            how: field(item, 'how') ?? 'done',
            answer: field(item, 'answer'),
            also: field(item, 'also'),
            overruled: field(item, 'overruled') === '1',
            wait: this.minutes(field(item, 'wait')),
            at: Math.round(item.at / 1000),
        }));
        const state = project(this.known.outline, [...this.known.ticks, ...ticks]);
        this.showStep(state, ahead);
        this.showTray(state, ahead);
        this.wait(false);
    },

    // A picked length in minutes; undefined for as long as the handbook says.
    minutes(picked) {
        if (picked === 'morning') {
            const morning = new Date();
            morning.setDate(morning.getDate() + 1);
            morning.setHours(8, 0, 0, 0);

            return (morning.getTime() - Date.now()) / 60000;
        }

        return { rest: 0 }[picked] ?? (picked === undefined ? undefined : Number(picked));
    },

    // What is seen of the machine is sent by itself; the step is drawn anew unless something is filled in already.
    async reveal(event) {
        event.preventDefault();
        const form = event.target;
        try {
            const answer = await fetch(form.action, {
                method: 'POST',
                body: new FormData(form, event.submitter),
                headers: { Accept: 'application/json' },
                redirect: 'error',
            });
            const said = await answer.json().catch(() => ({}));
            if (!answer.ok) {
                this.trouble(said.message ?? words('reveal_failed'));
            } else if (this.touched) {
                form.replaceChildren(Object.assign(document.createElement('p'), { textContent: said.message }));
            } else {
                location.replace(this.place.here);
            }
        } catch {
            this.trouble(words('reveal_offline'));
        }
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
            this.$refs.offline.textContent = words('sent');
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
                this.$refs.offline.textContent = words('elsewhere');
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
});
