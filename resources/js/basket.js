/**
 * The shopping list in a shop without a signal: the list opens as it was last seen, a tick shows at once, waits in the browser and is sent
 * when there is a signal again, in the order in which it was made.
 */
import { queue } from './queue.js';

const FORMS = 'form[data-basket]';
const TRIES_AGAIN_AFTER_MS = 5_000;

const ticks = queue({
    name: () => `wren.basket.${document.body.dataset.crew ?? ''}`,
    to: () => {
        const form = document.querySelector(FORMS);

        return { token: form?.dataset.token, address: form?.action };
    },
    fields: ({ kind, isInBasket }) => ({ kind, in_basket: isInBasket ? '1' : '0' }),
    isAnswered: ({ ok, status }) => ok || status === 422,
    triesAgainAfterMs: TRIES_AGAIN_AFTER_MS,
    after: () => showAll(),
});

/** Shows a tick as if the table had it already. */
function show(form, isInBasket) {
    const button = form.querySelector('button');
    button.value = isInBasket ? '0' : '1';
    button.firstChild.textContent = isInBasket ? form.dataset.back : form.dataset.in;
    form.classList.toggle('is-in-basket', isInBasket);
}

function showAll() {
    const last = new Map(ticks.all().map(({ kind, isInBasket }) => [kind, isInBasket]));
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

export function tickWithoutASignal() {
    if (document.querySelector(FORMS) === null) {
        return;
    }
    showAll();
    ticks.send();
    addEventListener('online', ticks.send);
    document.addEventListener('submit', (event) => {
        const form = event.target;
        if (!form.matches?.(FORMS)) {
            return;
        }
        event.preventDefault();
        ticks.put({ kind: form.elements.kind.value, isInBasket: form.querySelector('button').value === '1' });
        showAll();
        ticks.send();
    });
}
