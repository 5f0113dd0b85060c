// Looks the handbook up while one types: the server searches, and what it found takes the place of the list.
const PAUSE = 200; // ms without a key

export default () => ({
    timer: null,
    asked: 0,

    later() {
        clearTimeout(this.timer);
        this.timer = setTimeout(() => this.search(), PAUSE);
    },

    async search() {
        const asked = ++this.asked;
        const url = new URL(location.href);
        url.searchParams.set('q', this.$refs.query.value);
        try {
            const page = new DOMParser().parseFromString(await (await fetch(url)).text(), 'text/html');
            const found = page.querySelector('[data-found]');
            if (found !== null && asked === this.asked) {
                this.$refs.found.replaceChildren(...found.childNodes);
                history.replaceState(null, '', url);
            }
        } catch {
            // Cut off: the list stays as it is.
        }
    },
});
