// A level that is dragged: by its slider, with the arrow keys, or in the drawing of the container itself.
export default () => ({
    init() {
        const slider = this.$root.querySelector('[data-level] input');
        const drawing = this.$root.closest('.supply')?.querySelector('.supply__container');
        if (!slider) {
            return;
        }
        slider.closest('[data-level]').hidden = false;
        const form = this.$root;
        const set = () => {
            const left = form.querySelector('input[name=what][value=left]');
            left.checked = true;
            form.elements.amount.value = String(Math.round((Number(slider.value) / Number(slider.dataset.per)) * 10) / 10);
            form.elements.unit.value = slider.dataset.unit;
            const fill = drawing?.querySelector('.container-fill');
            if (fill) {
                const [top, bottom] = [Number(drawing.dataset.top), Number(drawing.dataset.bottom)];
                fill.setAttribute('y', String(bottom - (Number(slider.value) / Number(slider.max)) * (bottom - top)));
            }
        };
        slider.addEventListener('input', set);
        const drag = (event) => {
            const box = drawing.getBoundingClientRect();
            const y = ((event.clientY - box.top) / box.height) * 72;
            const [top, bottom] = [Number(drawing.dataset.top), Number(drawing.dataset.bottom)];
            slider.value = String(Math.max(0, Math.min(1, (bottom - y) / (bottom - top))) * Number(slider.max));
            set();
        };
        drawing?.addEventListener('pointerdown', (event) => {
            form.closest('details').open = true;
            drawing.setPointerCapture(event.pointerId);
            drag(event);
        });
        drawing?.addEventListener('pointermove', (event) => {
            if (drawing.hasPointerCapture(event.pointerId)) {
                drag(event);
            }
        });
    },
});
