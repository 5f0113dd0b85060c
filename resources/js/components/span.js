// Two taps on days of a calendar are the first and the last of a span.
export default () => ({
    first: null,

    pick(event) {
        const day = event.currentTarget.dataset.day;
        const from = this.$root.querySelector('[name=from]');
        const to = this.$root.querySelector('[name=to]');
        if (this.first !== null && day >= this.first) {
            to.value = day;
            this.first = null;
            this.$root.querySelector('[name=uses]').focus();
        } else {
            this.first = day;
            from.value = to.value = day;
        }
        this.$root
            .querySelectorAll('[data-day]')
            .forEach((each) => each.setAttribute('aria-pressed', String(each.dataset.day >= from.value && each.dataset.day <= to.value)));
    },
});
