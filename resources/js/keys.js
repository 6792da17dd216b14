const SILENT = 'wren-keys-off';
const TYPES_NOTHING = ['checkbox', 'radio', 'button', 'submit', 'range', 'color'];

const isTyping = (element) =>
    element.closest('textarea, select, [contenteditable]') !== null || (element.matches('input') && !TYPES_NOTHING.includes(element.type));

const carrierOf = (key) => [...document.querySelectorAll(`[data-key="${CSS.escape(key)}"]`)].find((element) => element.checkVisibility());

/** Single keys press what carries them in `data-key`: never while someone types, nor with the keys switched off. */
export function listenToKeys() {
    const list = document.getElementById('keys');
    const isOff = document.getElementById('keys-off');

    document.addEventListener('keydown', (event) => {
        const key = event.key.toLowerCase();
        const isSilent = localStorage.getItem(SILENT) !== null || (isTyping(event.target) && key !== 'escape');
        if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || isSilent || document.querySelector('dialog[open]')) {
            return;
        }
        if (key === '?' && list) {
            list.showModal();

            return;
        }
        const carrier = carrierOf(key);
        if (carrier === undefined) {
            return;
        }
        event.preventDefault();
        if (carrier.matches('input')) {
            carrier.focus();
            carrier.select();
        } else {
            carrier.click();
        }
    });

    for (const opener of document.querySelectorAll('[data-opens-keys]')) {
        opener.addEventListener('click', () => list.showModal());
    }
    if (isOff) {
        isOff.checked = localStorage.getItem(SILENT) !== null;
        isOff.addEventListener('change', () => (isOff.checked ? localStorage.setItem(SILENT, '1') : localStorage.removeItem(SILENT)));
    }
}
