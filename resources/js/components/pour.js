// Says before saving what is said of the picked agent, and asks for a word where it must not go in.
export default () => ({
    init() {
        const picked = this.$root.querySelector('input[name=agent]:checked');
        if (picked) {
            this.say(picked);
        }
    },

    show(event) {
        this.say(event.target);
    },

    // Leaves what has every typed word in its name or its note.
    filter(event) {
        const words = event.target.value.toLowerCase().split(/\s+/).filter(Boolean);
        this.$refs.agents.querySelectorAll('.agent').forEach((agent) => {
            const text = agent.querySelector('label > span').textContent.toLowerCase();
            agent.hidden = ! words.every((word) => text.includes(word)) && ! agent.querySelector('input').checked;
        });
    },

    // Enter picks the first that is left.
    first() {
        const agent = this.$refs.agents.querySelector('.agent:not([hidden]) input');
        agent?.click();
        agent?.focus();
    },

    say(input) {
        const refused = ['clear-first', 'never'].includes(input.dataset.verdict);
        const said = document.getElementById(`v-${input.value}`).textContent.trim();
        this.$refs.said.textContent = said.charAt(0).toUpperCase() + said.slice(1);
        this.$refs.said.classList.toggle('hazard', refused);
        this.$refs.happened.hidden = !refused;
        this.$refs.happened.querySelector('input').required = refused;
        this.$refs.happened.querySelector('input').checked = false;
    },
});
