// A piece in a drawing says its name on hover by itself; for a finger and for the keyboard it is written below the drawing.
export function nameWhatIsTouched() {
    for (const kind of ['pointerover', 'pointerdown', 'focusin']) {
        document.addEventListener(kind, (event) => {
            const piece = event.target.closest?.('.piece[data-name]');
            const place = piece?.closest('section')?.querySelector('[data-named]');
            if (place) {
                place.textContent = piece.dataset.name;
            }
        });
    }
}
