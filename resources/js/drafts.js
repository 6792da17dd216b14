/**
 * Drafts: what is typed into a longer form is kept in the browser until it is saved, and is there again when somebody
 * comes back to it. What the server shows in a form that it refused is newer than a draft.
 */
import { say } from './answer.js';

const FORMS = 'form[data-draft]';
const SENT = 'wren.draft-sent';
// A form that was filled in longer ago is begun anew.
const KEPT_FOR_MS = 14 * 24 * 60 * 60 * 1000;

const nameOf = (form) => `wren.draft.${document.body.dataset.crew ?? ''}.${location.pathname}${location.search}.${form.dataset.draft}`;
const fieldsOf = (form) =>
    [...form.elements].filter((field) => field.name && !['hidden', 'password', 'file', 'submit', 'button'].includes(field.type));

const read = (name) => {
    try {
        return JSON.parse(localStorage.getItem(name) ?? 'null');
    } catch {
        return null;
    }
};

function keep(form) {
    const typed = fieldsOf(form).map((field) =>
        ['checkbox', 'radio'].includes(field.type) ? [field.name, field.value, field.checked] : [field.name, field.value],
    );
    try {
        localStorage.setItem(nameOf(form), JSON.stringify({ at: Date.now(), typed }));
    } catch {
        // A full or forbidden storage keeps nothing; the form works without it.
    }
}

function putBack(form, draft) {
    const left = [...draft.typed];
    let changed = null;
    for (const field of fieldsOf(form)) {
        const isTick = ['checkbox', 'radio'].includes(field.type);
        const at = left.findIndex(([name, value]) => name === field.name && (!isTick || value === field.value));
        if (at < 0) {
            continue;
        }
        const [[, value, isOn]] = left.splice(at, 1);
        if (isTick ? field.checked !== isOn : field.value !== value) {
            isTick ? (field.checked = isOn) : (field.value = value);
            changed = field;
        }
    }
    if (changed !== null) {
        // Whoever listens to the form is there once the page has loaded.
        // A form as a whole listens to one of them; a field that listens to the other is not asked for anew.
        const kind = form.getAttribute('hx-trigger')?.startsWith('change') ? 'change' : 'input';
        const tell = () => setTimeout(() => changed.dispatchEvent(new Event(kind, { bubbles: true })));
        document.readyState === 'complete' ? tell() : addEventListener('load', tell, { once: true });
        say(form.dataset.draftBack);
        putTheRestBack(form, { ...draft, typed: left.filter(([, value]) => value !== '') });
    }
}

/** A form may grow as it is filled in: what has no place yet has one once the server has answered. */
function putTheRestBack(form, rest) {
    if (rest.typed.length > 0) {
        document.addEventListener('htmx:after:swap', () => form.isConnected && putBack(form, rest), { once: true });
    }
}

/** A form that was sent and is no longer there was saved: its draft is of no more use. */
function forgetWhatWasSaved() {
    const sent = sessionStorage.getItem(SENT);
    if (sent !== null) {
        sessionStorage.removeItem(SENT);
        if (![...document.querySelectorAll(FORMS)].some((form) => nameOf(form) === sent)) {
            localStorage.removeItem(sent);
        }
    }
}

export function keepDrafts() {
    forgetWhatWasSaved();
    for (const form of document.querySelectorAll(FORMS)) {
        const draft = read(nameOf(form));
        const isRefused = form.querySelector('[aria-invalid="true"], .wrong') !== null;
        if (draft && Date.now() - draft.at < KEPT_FOR_MS && !isRefused) {
            putBack(form, draft);
        }
    }
    for (const kind of ['input', 'change']) {
        document.addEventListener(kind, (event) => {
            const form = event.target.closest?.(FORMS);
            if (form && event.isTrusted) {
                keep(form);
            }
        });
    }
    document.addEventListener('submit', (event) => {
        if (event.target.matches(FORMS)) {
            keep(event.target);
            sessionStorage.setItem(SENT, nameOf(event.target));
        }
    });
}
