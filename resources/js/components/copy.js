// Copies the text beside it; where the clipboard is closed to us it is selected for the person to copy.
export default () => ({
    label: 'Copy it',

    async copy() {
        this.$refs.text.select();
        try {
            await navigator.clipboard.writeText(this.$refs.text.value);
            this.label = 'Copied';
        } catch {
            this.label = 'Selected: copy it now';
        }
    },
});
