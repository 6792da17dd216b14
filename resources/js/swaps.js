/** Says so when a change did not reach the table, instead of doing nothing. */
export function sayWhatFailed() {
    const failed = document.getElementById('failed');
    const say = (reason) => {
        failed.textContent = failed.dataset[reason] ?? failed.dataset.other;
    };

    document.addEventListener('htmx:response:error', (event) => {
        const status = event.detail.ctx?.response?.raw?.status ?? event.detail.ctx?.response?.status;
        if (status !== 422) {
            say({ 404: 'gone', 419: 'stale', 429: 'often' }[status] ?? 'other');
        }
    });
    document.addEventListener('htmx:error', (event) => {
        if (!event.detail.ctx?.response) {
            say('unreachable');
        }
    });
    document.addEventListener('htmx:before:request', () => {
        failed.textContent = '';
    });
}

/** After a swap the keyboard stays where it was, or goes to where the page says it should. */
export function keepFocus() {
    document.addEventListener('htmx:after:swap', () => {
        const wrong = document.querySelector('#sheet [aria-invalid="true"]');
        const wanted = document.querySelector('#picker [data-focus]') ?? document.querySelector('#sheet [data-focus]');
        if (wrong) {
            wrong.focus();
        } else if (document.activeElement === document.body || document.activeElement === null) {
            wanted?.focus();
        }
    });
}
