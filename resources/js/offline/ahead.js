// The steps that may still come up, as the server drew them.
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

    nameOf(part) {
        return this.steps.find((step) => step.dataset.off === part)?.dataset.name || part;
    }
}
