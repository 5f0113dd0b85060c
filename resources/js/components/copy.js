// Copies the text beside it; where the clipboard is closed to us it is selected for the person to copy.
import { words } from '../words.js';

export default () => ({
    label: '',

    init() {
        this.label = this.$root.querySelector('button').textContent;
    },

    async copy() {
        this.$refs.text.select();
        try {
            await navigator.clipboard.writeText(this.$refs.text.value);
            this.label = words('copied');
        } catch {
            this.label = words('selected');
        }
    },
});
