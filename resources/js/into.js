/*
 * Drags a piece onto what it goes into: the same as choosing it in the piece's own list, which works by keyboard.
 */
const held = { piece: null };

const rowOf = (target) => target.closest?.('[data-piece]') ?? null;

const optionFor = (row) => {
    const list = held.piece?.querySelector('[data-into] select');

    return row === null || row === held.piece || !list
        ? null
        : [...list.options].find((option) => option.value === row.dataset.piece) ?? null;
};

const mark = (row) => {
    document.querySelectorAll('.takes-it').forEach((one) => one.classList.remove('takes-it'));
    row?.classList.add('takes-it');
};

document.addEventListener('dragstart', (event) => {
    held.piece = rowOf(event.target);
    event.dataTransfer?.setData('text/plain', held.piece?.dataset.piece ?? '');
});
document.addEventListener('dragover', (event) => {
    const row = rowOf(event.target);
    const takes = optionFor(row) !== null;
    if (takes) {
        event.preventDefault();
    }
    mark(takes ? row : null);
});
document.addEventListener('drop', (event) => {
    const option = optionFor(rowOf(event.target));
    mark(null);
    if (option === null) {
        return;
    }
    event.preventDefault();
    option.selected = true;
    option.closest('form').requestSubmit();
});
document.addEventListener('dragend', () => {
    held.piece = null;
    mark(null);
});
