// What a round draws by itself while there is no network: its next step, what is off the machine, its waits.
import { ulid } from '../offline/ahead.js';
import { words } from '../words.js';

export const drawing = {
    showStep(state, ahead) {
        const next = ahead.find(state.current);
        const tile = this.$refs.tile;
        this.$refs.reveals?.remove();
        const body = tile.querySelector('.step__body');
        if (!next) {
            this.$refs.ask.textContent = words('all_done');
            body.replaceChildren(
                Object.assign(document.createElement('p'), {
                    className: 'step__instruction',
                    textContent: words('finish_later'),
                }),
            );
            this.$refs.done.hidden = true;
            this.$refs.ask.focus();

            return;
        }
        const drawn = next.content.cloneNode(true);
        drawn.querySelector('[name=id]').value = ulid();
        drawn.querySelector('[name=photo_id]').value = ulid();
        if (state.failed === state.current) {
            drawn.querySelectorAll('[data-remedy], [data-overrule]').forEach((node) => {
                node.hidden = false;
                node.querySelectorAll('input').forEach((input) => {
                    input.disabled = false;
                });
            });
        }
        body.replaceWith(drawn);
        this.$refs.ask.textContent = next.dataset.title;
        this.$refs.where.textContent = next.dataset.short;
        this.$refs.trouble.hidden = true;
        document.title = document.title.replace(/^[^:]+/, next.dataset.title.replace(/\.$/, ''));
        this.$refs.ask.focus();
    },

    showTray(state, ahead) {
        const names = state.off.map((part) => ahead.nameOf(part));
        const said = document.createElement('p');
        said.dataset.tray = '';
        said.textContent = names.length === 0 ? words('nothing_off') : words('tray', { parts: names.join(', ') });
        const left = [...new Set(state.leftOn)].map((part) => ahead.nameOf(part).toLowerCase());
        this.$refs.tray.replaceChildren(
            said,
            ...(left.length === 0
                ? []
                : [
                      Object.assign(document.createElement('p'), {
                          className: 'muted small mb-0',
                          textContent: words('left_on', { parts: left.join(', ') }),
                      }),
                  ]),
        );
        this.$refs.timers.replaceChildren(...state.timers.map((timer) => this.drawTimer(timer)));
    },

    drawTimer(timer) {
        const make = (tag, has) => Object.assign(document.createElement(tag), has);
        const tile = make('section', { className: 'tile tile--timer' });
        const inner = document.createElement('div');
        inner.setAttribute('x-data', 'timer');
        inner.dataset.left = String(timer.startedAt + timer.seconds - Math.round(Date.now() / 1000));
        inner.dataset.label = timer.label;
        const clock = make('p', { className: 'clock' });
        clock.setAttribute('x-ref', 'clock');
        clock.setAttribute('role', 'timer');
        const word = make('p', { className: 'muted small' });
        word.setAttribute('x-ref', 'word');
        inner.append(make('h2', { textContent: timer.label }), clock, word);
        tile.append(inner);

        return tile;
    },
};
