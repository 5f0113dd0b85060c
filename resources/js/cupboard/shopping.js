// The shopping list in the shop: what is ticked is sent at once or kept until there is a network, and what others tick shows.
import { flush, keep, waiting } from '../offline/outbox.js';

const EVERY = 5000;
const isTick = (item) => item.url.endsWith('/ticks') && item.url.includes('/cupboard/');

export default () => ({
    init() {
        this.$root.addEventListener('submit', (event) => {
            if (event.target.matches('[data-ticks]')) {
                event.preventDefault();
                this.tick(event.target);
            }
        });
        this.$root.querySelector('[data-print]').hidden = false;
        this.$root.addEventListener('click', (event) => {
            if (event.target.closest('[data-print]')) {
                window.print();
            }
        });
        window.addEventListener('online', () => this.send());
        window.addEventListener('offline', () => this.say(true));
        this.say(!navigator.onLine);
        this.markKept().then(() => this.send());
        setInterval(() => this.look(), EVERY);
    },

    say(isOff) {
        this.$root.querySelector('[data-offline]').hidden = !isOff;
    },

    mark(line) {
        line.classList.add('basket__line--done');
        line.querySelector('[data-ticked]').hidden = false;
        line.querySelector('.basket__got').disabled = true;
    },

    // What was ticked without a network and the page read anew.
    async markKept() {
        for (const item of (await waiting()).filter(isTick)) {
            const id = item.fields.find(([name]) => name === 'id')?.[1];
            const line = this.$root.querySelector(`[data-tick="${id}"]`);
            if (line) {
                this.mark(line);
            }
        }
    },

    async tick(form) {
        const line = form.closest('[data-tick]');
        const data = new FormData(form);
        this.mark(line);
        try {
            const answer = await fetch(form.action, {
                method: 'POST',
                body: data,
                headers: { Accept: 'application/json' },
                redirect: 'error',
            });
            if (answer.status === 422) {
                form.submit(); // the page says what is wrong, with what was typed
            } else if (!answer.ok) {
                throw new Error('later');
            } else {
                this.look();
            }
        } catch {
            this.say(true);
            keep(form.action, data).catch(() => null);
        }
    },

    async send() {
        if ((await waiting()).some(isTick)) {
            await flush();
        }
        this.look();
    },

    // Fetches the list anew when it has changed, unless somebody is typing in it.
    async look() {
        if (document.visibilityState !== 'visible' || !navigator.onLine) {
            return;
        }
        try {
            const state = await (await fetch(this.$root.dataset.state, { headers: { Accept: 'application/json' } })).json();
            this.say(false);
            if (state.stamp === this.$root.dataset.stamp || this.$root.querySelector('details[open]')) {
                return;
            }
            if ((await waiting()).some(isTick)) {
                await flush();
            }
            const typing = this.$root.querySelector('#add-name')?.value;
            if (!typing) {
                const page = new DOMParser().parseFromString(await (await fetch(location.pathname)).text(), 'text/html');
                const fresh = page.querySelector('.basket');
                if (fresh) {
                    const focused = document.activeElement?.closest('[data-tick]')?.dataset.tick;
                    this.$root.dataset.stamp = fresh.dataset.stamp;
                    this.$root.replaceChildren(...fresh.childNodes);
                    this.$root.querySelector('[data-print]').hidden = false;
                    this.$root.querySelector(`[data-tick="${focused}"] button`)?.focus();
                }
            }
        } catch {
            this.say(true);
        }
    },
});
