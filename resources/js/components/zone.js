// Starts a new household in the device's own time zone.
export default () => ({
    init() {
        const select = this.$refs.zone;
        const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
        if (select.dataset.guess && [...select.options].some((option) => option.value === here)) {
            select.value = here;
        }
    },
});
