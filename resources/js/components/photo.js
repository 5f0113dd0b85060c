// Shows that a picture was chosen.
import { words } from '../words.js';

export default () => ({
    label: '',

    init() {
        this.label = this.none = this.$root.querySelector('label span').textContent;
    },

    chosen(event) {
        const [file] = event.target.files;
        this.label = file ? words('chosen', { file: file.name }) : this.none;
    },
});
