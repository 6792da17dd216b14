const SILENT = 'wren-keys-off';
const TYPES_NOTHING = ['button', 'submit', 'image', 'reset'];

const isTyping = (element) =>
    element.closest('textarea, select, [contenteditable]') !== null || (element.matches('input') && !TYPES_NOTHING.includes(element.type));

const carrierOf = (key) => [...document.querySelectorAll(`[data-key="${CSS.escape(key)}"]`)].find((element) => element.checkVisibility());

/**
 * Single keys press what carries them in `data-key`: never while someone types or chooses, nor with the keys switched off. An Escape that
 * comes while an answer is on its way is not lost: it closes what that answer opens.
 */
export function listenToKeys(howManyUnderWay) {
    const list = document.getElementById('keys');
    const isOff = document.getElementById('keys-off');

    let waitingEscape = false;

    const press = (carrier) => {
        if (carrier.matches('input')) {
            carrier.focus();
            carrier.select();
        } else {
            carrier.click();
        }
    };

    document.addEventListener('htmx:after:swap', () => {
        const carrier = waitingEscape ? carrierOf('escape') : undefined;
        if (carrier) {
            waitingEscape = false;
            press(carrier);
        }
    });
    document.addEventListener('htmx:finally:request', () => (waitingEscape &&= howManyUnderWay() > 0));

    document.addEventListener('keydown', (event) => {
        const key = event.key.toLowerCase();
        const menu = key === 'escape' ? document.querySelector('details:is(.menu, .piece-more)[open]') : null;
        if (menu) {
            menu.open = false;
            menu.querySelector('summary').focus();
            event.preventDefault();

            return;
        }
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
            waitingEscape ||= key === 'escape' && howManyUnderWay() > 0;

            return;
        }
        event.preventDefault();
        press(carrier);
    });

    for (const opener of document.querySelectorAll('[data-opens-keys]')) {
        opener.addEventListener('click', () => list.showModal());
    }
    if (isOff) {
        isOff.checked = localStorage.getItem(SILENT) !== null;
        isOff.addEventListener('change', () => (isOff.checked ? localStorage.setItem(SILENT, '1') : localStorage.removeItem(SILENT)));
    }
}
