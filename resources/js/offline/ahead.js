// The steps that may still come up, as the server drew them, and which of them is next.
export const ulid = () => {
    const letters = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
    let time = Date.now();
    let head = '';
    for (let i = 0; i < 10; i += 1) {
        head = letters[time % 32] + head;
        time = Math.floor(time / 32);
    }

    return head + [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => letters[byte % 32]).join('');
};

const holds = (sets, answers) => Object.entries(sets).every(([name, values]) => values.includes(answers[name]));

const FRESH = 10 * 60000;

// The steps change little from one to the next, so they are fetched again only now and then, and read only when
// the network is gone.
export const fetchAhead = async (url, script) => {
    const [kept, since] = (sessionStorage.getItem('ahead of') ?? '').split(' ').slice(0, 2);
    if (kept === `${url}@${script}` && Date.now() - Number(since) < FRESH) {
        return;
    }
    try {
        const answer = await fetch(url, { headers: { Accept: 'text/html' } });
        if (answer.ok && !answer.redirected) {
            sessionStorage.setItem('ahead', await answer.text());
            sessionStorage.setItem('ahead of', `${url}@${script} ${Date.now()}`);
        }
    } catch {
        // What was fetched before still serves.
    }
};

export class Ahead {
    // Null when nothing was fetched for this round.
    static kept(url) {
        if (!(sessionStorage.getItem('ahead of') ?? '').startsWith(`${url}@`)) {
            return null;
        }
        const page = new DOMParser().parseFromString(sessionStorage.getItem('ahead') ?? '', 'text/html');

        return new Ahead([...page.querySelectorAll('template[data-step]')]);
    }

    constructor(templates) {
        this.steps = templates;
    }

    find(id) {
        return this.steps.find((step) => step.dataset.step === id);
    }

    // What ticks that were kept make of how far the server last said the round was.
    after(known, ticks) {
        const state = { done: new Set(known.done), answers: { ...known.answers }, tray: [...known.tray], timers: [], failed: null, leftOn: new Set() };
        ticks.forEach((tick) => this.apply(state, tick));
        state.next = this.steps.find((step) => holds(JSON.parse(step.dataset.if), state.answers) && !state.done.has(step.dataset.step) && !state.leftOn.has(step.dataset.back));

        return state;
    }

    apply(state, { step: id, how, answer, overruled, at }) {
        const step = this.find(id)?.dataset;
        if (!step || how === 'counting') {
            return;
        }
        const skipped = how === 'skipped';
        const passes = skipped || overruled || !step.pass || answer === step.pass;
        state.failed = passes ? null : { step: id, answer };
        if (step.capture && answer && !skipped) {
            state.answers[step.capture] = answer;
        }
        if (!passes) {
            return;
        }
        state.done.add(id);
        if (step.off && skipped) {
            state.leftOn.add(step.off);
        } else if (step.off) {
            state.tray.push([step.off, step.name]);
        }
        if (step.back && !skipped) {
            state.tray = state.tray.filter(([part]) => part !== step.back);
        }
        if (step.timer && !skipped) {
            const { label, by, minutes } = JSON.parse(step.timer);
            state.timers.push({ step: id, label, endsAt: at + (minutes[state.answers[by] ?? ''] ?? minutes['']) * 60000 });
        }
        state.timers = state.timers.filter((timer) => timer.step !== step.waits);
    }
}
