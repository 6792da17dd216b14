// A piece in a drawing says its name on hover by itself; for a finger and for the keyboard it is written below the drawing. The drawing
// is one stop for the Tab key: within it, the arrows up and down go from piece to piece, as those to the sides go through the steps.
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
    document.addEventListener('keydown', (event) => {
        const piece = document.activeElement?.closest?.('.piece[data-name]');
        const way = { ArrowDown: 1, ArrowUp: -1 }[event.key];
        if (!piece || !way) {
            return;
        }
        event.preventDefault();
        const pieces = [...piece.closest('svg').querySelectorAll('.piece[data-name]')];
        const next = pieces[(pieces.indexOf(piece) + way + pieces.length) % pieces.length];
        piece.setAttribute('tabindex', '-1');
        next.setAttribute('tabindex', '0');
        next.focus();
    });
}
