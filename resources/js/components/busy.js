// Says that a form is being worked on: years of readings take a few seconds.
export default () => ({
    idle: true,
    start() {
        this.idle = false;
    },
    init() {
        window.addEventListener('pageshow', () => (this.idle = true)); // back from the next page
    },
});
