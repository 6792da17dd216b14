/*
 * Drags a piece onto what it goes into: the same as choosing it in the piece's own list, which works by keyboard. The
 * list is brought when a piece is taken in hand; until it is there any row may be what takes it.
 */
import htmx from 'htmx.org';

const held = { piece: null };

const rowOf = (target) => target.closest?.('[data-piece]') ?? null;

const notBrought = (piece) => piece.querySelector('.piece-more [hx-get]');

const optionFor = (piece, id) => [...(piece.querySelector('form[data-into] select')?.options ?? [])].find((option) => option.value === id) ?? null;

const mayTake = (row) => row !== null && held.piece !== null && row !== held.piece && (notBrought(held.piece) !== null || optionFor(held.piece, row.dataset.piece) !== null);

const mark = (row) => {
    document.querySelectorAll('.takes-it').forEach((one) => one.classList.remove('takes-it'));
    row?.classList.add('takes-it');
};

// What its list does not name is asked for as well: the answer says why it does not go in.
const put = (piece, id) => {
    const select = piece.querySelector('form[data-into] select');
    if (select) {
        const option = optionFor(piece, id) ?? select.appendChild(new Option('', id));
        option.selected = true;
        select.form.requestSubmit();
    }
};

const onceBrought = (piece, then) => {
    if (notBrought(piece)) {
        document.addEventListener('htmx:after:swap', () => onceBrought(piece, then), { once: true });
    } else {
        then();
    }
};

document.addEventListener('dragstart', (event) => {
    held.piece = rowOf(event.target);
    event.dataTransfer?.setData('text/plain', held.piece?.dataset.piece ?? '');
    const more = held.piece && notBrought(held.piece);
    if (more) {
        htmx.trigger(more, 'intersect');
    }
});
document.addEventListener('dragover', (event) => {
    const row = rowOf(event.target);
    const takes = mayTake(row);
    if (takes) {
        event.preventDefault();
    }
    mark(takes && !notBrought(held.piece) ? row : null);
});
document.addEventListener('drop', (event) => {
    const row = rowOf(event.target);
    mark(null);
    if (!mayTake(row)) {
        return;
    }
    event.preventDefault();
    const [piece, id] = [held.piece, row.dataset.piece];
    onceBrought(piece, () => put(piece, id));
});
document.addEventListener('dragend', () => {
    held.piece = null;
    mark(null);
});
