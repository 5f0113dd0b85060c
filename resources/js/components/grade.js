// Says under the five meshes what the picked one would do to the rhythm.
export default () => ({
    show(event) {
        document.getElementById('preview').textContent = event.target.dataset.preview;
    },
});
