// What has to be put right, at the top of the page: it takes the focus, and each line of it leads to its field.
export default () => ({
    init() {
        this.$nextTick(() => this.$root.focus());
    },

    go(event) {
        const message = document.getElementById(event.target.closest('a')?.hash.slice(1) ?? '');
        if (! message) {
            return;
        }
        const field = document.querySelector(`[aria-describedby~="${message.id}"]`)
            ?? message.closest('fieldset, .field, form, section')?.querySelector('input:not([type=hidden]), select, textarea');
        for (let around = message.closest('details'); around; around = around.parentElement.closest('details')) {
            around.open = true;
        }
        if (field) {
            event.preventDefault();
            field.focus();
        }
    },
});
