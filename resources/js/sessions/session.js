// A session on a phone that lies beside the sink: what is next is asked again every now and then, and when one comes back to it.
export default () => ({
    init() {
        const look = () => document.visibilityState === 'visible' && location.reload();
        this.asking = setInterval(look, Number(this.$root.dataset.every) * 1000);
        document.addEventListener('visibilitychange', look);
    },

    destroy() {
        clearInterval(this.asking);
    },
});
