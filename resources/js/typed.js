/** What is typed while an answer is on its way is newer than the answer: a swap leaves such fields as they are. */
const typedAt = new WeakMap();
let moment = 0;

const FIELDS = 'input, textarea, select';
const LEAVE = 'hx-morph-skip';

export function keepWhatIsTyped() {
    for (const kind of ['input', 'change']) {
        document.addEventListener(kind, (event) => typedAt.set(event.target, ++moment), true);
    }
    document.addEventListener('htmx:config:request', (event) => (event.detail.ctx.asked = moment));

    document.addEventListener('htmx:before:swap', (event) => {
        const { asked = moment } = event.detail.ctx;
        event.detail.ctx.left = event.detail.tasks
            .flatMap(({ target }) => [...(target?.querySelectorAll?.(FIELDS) ?? [])])
            .filter((field) => (typedAt.get(field) ?? 0) > asked);
        for (const field of event.detail.ctx.left) {
            field.setAttribute(LEAVE, '');
        }
    });
    document.addEventListener('htmx:finally:swap', (event) => {
        for (const field of event.detail.ctx.left ?? []) {
            field.removeAttribute(LEAVE);
        }
    });
}
