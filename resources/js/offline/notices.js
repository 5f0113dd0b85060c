// Whether this device notifies of what falls due; the browser is asked when its person presses the button.
import { ask, canAsk } from './notify.js';
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
        } else {
            want(true);
            if (canAsk()) {
                await ask();
            }
            this.line = isWanted() ? words('notices_on') : words('notices_refused');
            if (isWanted()) {
                watchDue();
            } else {
                want(false);
            }
        }
        this.show();
    },
});
