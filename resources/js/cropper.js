/** Shows which square of a photo is taken while it is chosen; the server cuts it by the same three figures. */
export function cropper() {
    return {
        isThere: false,
        picture: null,

        async take(event) {
            const file = event.target.files[0];
            // Read into a drawing: the page may show no address but its own.
            this.picture = file ? await createImageBitmap(file).catch(() => null) : null;
            this.isThere = this.picture !== null;
            this.draw();
        },

        part(name) {
            return Number(this.$root.querySelector(`[data-crop="${name}"]`).value) / 1000;
        },

        draw() {
            if (!this.picture) {
                return;
            }
            const canvas = this.$refs.canvas;
            const { width, height } = this.picture;
            const side = Math.min(width, height) * this.part('side');
            canvas.getContext('2d').drawImage(
                this.picture,
                (width - side) * this.part('x'), (height - side) * this.part('y'), side, side,
                0, 0, canvas.width, canvas.height,
            );
        },
    };
}
