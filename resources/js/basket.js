/**
 * The shopping list in a shop without a signal: the list opens as it was last seen, a tick shows at once, waits in the browser and is sent
 * when there is a signal again, in the order in which it was made.
 */
const FORMS = 'form[data-basket]';
const TRIES_AGAIN_AFTER_MS = 5_000;
const nameOf = () => `wren.basket.${document.body.dataset.crew ?? ''}`;

const waiting = () => {
    try {
        return JSON.parse(localStorage.getItem(nameOf()) ?? '[]');
    } catch {
        return [];
    }
};

function keep(ticks) {
    try {
        ticks.length === 0 ? localStorage.removeItem(nameOf()) : localStorage.setItem(nameOf(), JSON.stringify(ticks));
        return true;
    } catch {
        return false;
    }
}

/** Shows a tick as if the table had it already. */
function show(form, isInBasket) {
    const button = form.querySelector('button');
    button.value = isInBasket ? '0' : '1';
    button.firstChild.textContent = isInBasket ? form.dataset.back : form.dataset.in;
    form.classList.toggle('is-in-basket', isInBasket);
}

function showAll() {
    const last = new Map(waiting().map(({ kind, isInBasket }) => [kind, isInBasket]));
    for (const form of document.querySelectorAll(FORMS)) {
        const kind = form.elements.kind.value;
        if (last.has(kind)) {
            show(form, last.get(kind));
        }
    }
    showPlaces();
    const note = document.querySelector('[data-basket-waits]');
    if (note) {
        note.hidden = last.size === 0;
    }
}

/** Says where all of it is in the basket, and leads on to the next shop where something is still to get. */
function showPlaces() {
    const places = [...document.querySelectorAll('[data-place]')];
    const isDone = (place) => place.querySelector(`${FORMS}:not(.is-in-basket)`) === null;
    places.forEach((place, at) => {
        const next = [...places.slice(at + 1), ...places.slice(0, at)].find((other) => !isDone(other));
        const link = place.querySelector('[data-next-place]');
        place.querySelector('[data-all-in]').hidden = !isDone(place);
        link.hidden = next === undefined;
        if (next) {
            link.href = `#${next.getAttribute('aria-labelledby')}`;
        }
    });
}

let isSending = false;

async function send() {
    const form = document.querySelector(FORMS);
    if (isSending || form === null || waiting().length === 0) {
        return;
    }
    isSending = true;
    try {
        const fresh = await fetch(form.dataset.token, { headers: { Accept: 'application/json' } });
        if (!fresh.ok) {
            throw new Error(`answered ${fresh.status}`);
        }
        const { token } = await fresh.json();
        while (waiting().length > 0) {
            const [{ kind, isInBasket }] = waiting();
            const answer = await fetch(form.action, {
                method: 'POST',
                headers: { 'X-CSRF-TOKEN': token, 'HX-Request': 'true' },
                body: new URLSearchParams({ kind, in_basket: isInBasket ? '1' : '0' }),
            });
            if (!answer.ok && answer.status !== 422) {
                throw new Error(`answered ${answer.status}`);
            }
            // What was ticked while it was on its way stands behind it.
            keep(waiting().slice(1));
        }
    } catch {
        setTimeout(send, TRIES_AGAIN_AFTER_MS);
    }
    isSending = false;
    showAll();
}

export function tickWithoutASignal() {
    if (document.querySelector(FORMS) === null) {
        return;
    }
    showAll();
    send();
    addEventListener('online', send);
    document.addEventListener('submit', (event) => {
        const form = event.target;
        if (!form.matches?.(FORMS)) {
            return;
        }
        const tick = { kind: form.elements.kind.value, isInBasket: form.querySelector('button').value === '1' };
        if (keep([...waiting(), tick])) {
            event.preventDefault();
            showAll();
            send();
        }
    });
}
