// Shows that a picture was chosen.
export default () => ({
    label: 'Add a picture',

    chosen(event) {
        const [file] = event.target.files;
        this.label = file ? `Picture: ${file.name}` : 'Add a picture';
    },
});
