const MOST = 3;

/** Keeps a theme to three colours while they are chosen, and takes one that is not among the swatches. */
export function palette() {
    return {
        chosen: 0,

        init() {
            this.count();
        },

        count() {
            const boxes = [...this.$root.querySelectorAll('input[type="checkbox"]')];
            this.chosen = boxes.filter((box) => box.checked).length;
            for (const box of boxes) {
                box.disabled = !box.checked && this.chosen >= MOST;
            }
        },

        takeOwn(event) {
            const own = this.$refs.own;
            own.value = event.target.value;
            own.disabled = false;
            own.checked = this.chosen < MOST || own.checked;
            this.$refs.ownMark.setAttribute('fill', own.value);
            this.$refs.ownTile.hidden = false;
            this.count();
        },
    };
}
