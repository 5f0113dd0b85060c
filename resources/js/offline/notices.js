// Whether this device notifies of what falls due; the browser is asked when its person presses the button.
import { ask } from './notify.js';
import { isWanted, want, watchDue } from './due.js';
import { words } from '../words.js';

export default () => ({
    label: '',
    line: '',

    init() {
        this.line = this.$root.querySelector('p').textContent;
        this.show();
    },

    show() {
        this.label = isWanted() ? words('notices_stop') : words('notices_start');
    },

    async change() {
        if (isWanted()) {
            want(false);
        } else if (await ask()) {
            want(true);
            this.line = words('notices_on');
            watchDue();
        } else {
            this.line = words('notices_refused');
        }
        this.show();
    },
});
