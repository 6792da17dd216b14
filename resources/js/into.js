/*
 * Drags a piece onto what it goes into: the same as choosing it in the piece's own list, which works by keyboard.
 */
import htmx from 'htmx.org';

const held = { piece: null };

const rowOf = (target) => target.closest?.('[data-piece]') ?? null;

const goesInto = (row) => row !== null && row !== held.piece && (held.piece?.dataset.into.split(' ').includes(row.dataset.piece) ?? false);

const mark = (row) => {
    document.querySelectorAll('.takes-it').forEach((one) => one.classList.remove('takes-it'));
    row?.classList.add('takes-it');
};

/** The list comes when the piece's own things are opened; until then whatever it waits for is done once it is there. */
const whenItsListIsThere = (piece, then) => {
    const list = piece.querySelector('form[data-into] select');
    if (list) {
        then(list);

        return;
    }
    document.addEventListener('htmx:after:swap', () => whenItsListIsThere(piece, then), { once: true });
};

document.addEventListener('dragstart', (event) => {
    held.piece = rowOf(event.target);
    event.dataTransfer?.setData('text/plain', held.piece?.dataset.piece ?? '');
    const more = held.piece?.querySelector('.piece-more [hx-get]');
    if (more && held.piece.dataset.into !== '') {
        htmx.trigger(more, 'intersect');
    }
});
document.addEventListener('dragover', (event) => {
    const row = rowOf(event.target);
    const takes = goesInto(row);
    if (takes) {
        event.preventDefault();
    }
    mark(takes ? row : null);
});
document.addEventListener('drop', (event) => {
    const row = rowOf(event.target);
    mark(null);
    if (!goesInto(row)) {
        return;
    }
    event.preventDefault();
    whenItsListIsThere(held.piece, (list) => {
        list.value = row.dataset.piece;
        list.form.requestSubmit();
    });
});
document.addEventListener('dragend', () => {
    held.piece = null;
    mark(null);
});
