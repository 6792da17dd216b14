/**
 * A kind of thing by typing: any of its names, one of several, or what the crew called such a thing before. The browser's own list stands in
 * the page for whoever has no scripts; this takes its place with one that finds by every name and is worked by keys, touch and screen reader.
 */
const FIELDS = '.kinds input';
const SHOWN = 8;

const plain = (text) => text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '').trim();
const wordsOf = (text) => plain(text).split(/[^\p{L}\p{N}]+/u).filter(Boolean);

let known;
let knownIn;

/** Read again where the page has another list by now. */
function kinds() {
    const list = document.getElementById('kind-names');
    if (knownIn !== list) {
        knownIn = list;
        known = [...(list?.options ?? [])].map(({ value, dataset }) => ({
            id: dataset.id,
            name: value,
            names: [value, ...JSON.parse(dataset.also)].map((name) => ({ name, plain: plain(name), words: wordsOf(name) })),
        }));
    }

    return known;
}

/** The kind that is called just so, or known by it; undefined where none is. */
export const kindCalled = (text) => {
    const typed = plain(text);

    return kinds().find(({ id, names }) => id === typed || names.some((one) => one.plain === typed));
};

export const kindOf = (id) => kinds().find((kind) => kind.id === id);

/** A word that begins so, or one of what is typed as many: “bars”, “brushes”. */
const begins = (word, part) => word.startsWith(part) || [part.replace(/s$/, ''), part.replace(/es$/, '')].includes(word);

/** How far a name is from what was typed: 0 is it, 1 begins with it, 2 has words that begin so, 3 has it somewhere; infinite where it does not go. */
function distance({ plain: name, words }, typed, parts) {
    if ([typed, `${typed}s`, typed.replace(/s$/, ''), typed.replace(/es$/, '')].includes(name)) {
        return 0;
    }
    if (name.startsWith(typed)) {
        return 1;
    }
    if (parts.every((part) => words.some((word) => begins(word, part)))) {
        return 2;
    }

    return typed.length > 2 && name.includes(typed) ? 3 : Infinity;
}

function find(text) {
    const [typed, parts] = [plain(text), wordsOf(text)];
    const found = [];
    for (const kind of parts.length === 0 ? [] : kinds()) {
        const best = kind.names
            // Its own name goes before what else it is called.
            .map((one, at) => ({ name: one.name, far: distance(one, typed, parts) * 2 + (at === 0 ? 0 : 1) }))
            .reduce((nearest, one) => (one.far < nearest.far ? one : nearest));
        if (best.far < Infinity) {
            found.push({ kind, by: best.name, far: best.far });
        }
    }

    return found.sort((one, other) => one.far - other.far || one.kind.name.localeCompare(other.kind.name)).slice(0, SHOWN);
}

const listOf = (field) => field.parentElement.querySelector('[role=listbox]');
const activeOf = (field) => listOf(field).querySelector('[aria-selected=true]');

/** From now on it is ours: without scripts the browser's list is there. A swap leaves our list as it is, and the field as the server has it. */
function takeOver(field) {
    if (field.getAttribute('role') === 'combobox') {
        return;
    }
    field.removeAttribute('list');
    field.setAttribute('role', 'combobox');
    field.setAttribute('aria-autocomplete', 'list');
    field.setAttribute('aria-controls', listOf(field).id);
    field.setAttribute('aria-expanded', String(!listOf(field).hidden));
    const active = activeOf(field);
    if (active) {
        field.setAttribute('aria-activedescendant', active.id);
    }
}

function close(field) {
    listOf(field).hidden = true;
    listOf(field).replaceChildren();
    field.setAttribute('aria-expanded', 'false');
    field.removeAttribute('aria-activedescendant');
}

function open(field) {
    const list = listOf(field);
    const found = find(field.value);
    const isChosen = found.length === 1 && plain(found[0].kind.name) === plain(field.value);
    if (found.length === 0 || isChosen) {
        close(field);

        return;
    }
    list.replaceChildren(
        ...found.map(({ kind, by }, at) => {
            const option = document.createElement('li');
            option.id = `${list.id}-${at}`;
            option.role = 'option';
            option.ariaSelected = 'false';
            option.dataset.name = kind.name;
            option.append(kind.name);
            if (by !== kind.name) {
                const also = document.createElement('span');
                also.className = 'also';
                also.textContent = by;
                option.append(' ', also);
            }

            return option;
        }),
    );
    list.hidden = false;
    field.setAttribute('aria-expanded', 'true');
    field.removeAttribute('aria-activedescendant');
}

function activate(field, step) {
    const options = [...listOf(field).children];
    const at = options.indexOf(activeOf(field));
    const next = options[at === -1 && step < 0 ? options.length - 1 : (at + step + options.length) % options.length];
    options.forEach((option) => (option.ariaSelected = String(option === next)));
    field.setAttribute('aria-activedescendant', next.id);
    next.scrollIntoView({ block: 'nearest' });
}

function choose(field, option) {
    field.value = option.dataset.name;
    close(field);
    for (const kind of ['input', 'change']) {
        field.dispatchEvent(new Event(kind, { bubbles: true }));
    }
}

function press(event, field) {
    const isOpen = !listOf(field).hidden;
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step !== undefined) {
        isOpen || open(field);
        listOf(field).hidden || activate(field, step);
        event.preventDefault();
    } else if (event.key === 'Enter' && isOpen && activeOf(field)) {
        choose(field, activeOf(field));
        event.preventDefault();
    } else if (event.key === 'Escape' && isOpen) {
        close(field);
        // It closes the list, not what the list stands in.
        event.preventDefault();
        event.stopPropagation();
    }
}

export function findKindsByTyping() {
    const takeOverAll = () => document.querySelectorAll(FIELDS).forEach(takeOver);
    takeOverAll();
    document.addEventListener('htmx:after:swap', takeOverAll);
    const on = (kind, does, isCaught = false) =>
        document.addEventListener(kind, (event) => event.target.matches?.(FIELDS) && does(event.target, event), isCaught);
    on('focusin', takeOver);
    on('input', (field, event) => event.isTrusted && open(field));
    on('focusout', close);
    on('keydown', (field, event) => press(event, field), true);
    document.addEventListener('pointerdown', (event) => {
        const option = event.target.closest?.('.kinds [role=option]');
        if (option) {
            // The field keeps the focus.
            event.preventDefault();
            choose(option.closest('.kinds').querySelector('input'), option);
        }
    });
}
