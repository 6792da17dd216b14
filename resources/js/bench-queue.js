import { complainOf, say } from './answer.js';
import { newKey, queue } from './queue.js';

/**
 * Presses at the bench without a signal: each waits under a key of its own until the table has said that it has it, in the order in which
 * they were made; meanwhile the steps go on from what the page knows of the plan.
 */
const AHEAD = 4;
const DRAWS_AHEAD_AFTER_MS = 1_500;
const TRIES_AGAIN_AFTER_MS = 3_000;

const bench = () => document.querySelector('[data-steps]');
const words = () => JSON.parse(bench().dataset.words);

const presses = queue({
    name: () => `wren-bench-${bench()?.dataset.box}`,
    to: () => ({ token: bench()?.dataset.token, address: bench()?.dataset.press }),
    fields: (press) => ({ kind: 'in', ...press }),
    isAnswered: ({ status }) => status !== 401 && status !== 419 && status < 500,
    triesAgainAfterMs: TRIES_AGAIN_AFTER_MS,
    isSignedOut: () => complainOf('stale'),
    after: (isSent) => isSent && showWhatThereIs(),
});

/** Drawings of the steps that come, by the plan and the step. */
const drawn = new Map();

async function drawAhead() {
    const { look, plan, done } = bench()?.dataset ?? {};
    if (look === undefined || !navigator.onLine) {
        return;
    }
    for (let by = 1; by <= AHEAD; by++) {
        const step = `${plan} ${Number(done) + by}`;
        if (!drawn.has(step)) {
            const answer = await fetch(look.replace('BY', by), { headers: { 'HX-Request': 'true' } }).catch(() => null);
            const svg = answer?.ok ? new DOMParser().parseFromString(await answer.text(), 'text/html').querySelector('.bench-drawn svg') : null;
            if (svg === null) {
                return;
            }
            drawn.set(step, svg.outerHTML);
        }
    }
}

/** Shows the step that comes after all those that wait. */
function goOnAlone() {
    const place = bench();
    const { plan, done } = place.dataset;
    const steps = JSON.parse(place.dataset.steps);
    const count = presses.all().length;
    const form = place.querySelector('form[data-goes-in]');
    if (count === 0 || !form) {
        return;
    }
    const step = steps[count];
    place.classList.add('is-alone');
    place.querySelector('.bench-name').textContent = step?.name ?? words().allIn;
    const says = place.querySelector('.bench-text');
    says.textContent = step?.says ?? '';
    place.querySelectorAll('.bench-path li').forEach((one, index) => {
        one.classList.toggle('is-in', index < Number(done) + count);
        one.classList.toggle('is-now', index === Number(done) + count);
    });
    const drawing = drawn.get(`${plan} ${Number(done) + count}`);
    if (drawing !== undefined) {
        place.querySelector('.bench-drawn svg').outerHTML = drawing;
    }
    form.hidden = step === undefined;
    form.elements.piece.value = step?.piece ?? '';
    form.querySelector('[data-in]').textContent = step?.in ?? '';
    form.elements.once.value = newKey();
    say(words().waits.replace(':count', count));
}

function wait(form) {
    presses.put({ once: form.elements.once.value, piece: form.elements.piece.value, saw: form.elements.saw.value });
    goOnAlone();
    presses.sendLater();
}

function showWhatThereIs() {
    bench()?.classList.remove('is-alone');
    say(words().sent);
    window.htmx.ajax('GET', location.pathname, { target: '#bench', swap: 'outerMorph' });
}

export function waitForASignal() {
    const isAlone = () => bench() !== null && (!navigator.onLine || presses.all().length > 0);
    document.addEventListener(
        'submit',
        (event) => {
            if (event.target.matches?.('[data-steps] form[data-goes-in]') && isAlone()) {
                event.preventDefault();
                event.stopImmediatePropagation();
                wait(event.target);
            }
        },
        true,
    );
    // The line may be gone although the browser does not know it yet.
    document.addEventListener('htmx:error', (event) => {
        const form = event.detail.ctx?.sourceElement;
        if (form?.matches?.('[data-steps] form[data-goes-in]') && !event.detail.ctx.response) {
            setTimeout(() => wait(form));
        }
    });
    // Nobody looks at the other screen while presses wait: what it brings would go over them.
    document.addEventListener('htmx:before:request', (event) => {
        if (event.detail.ctx?.sourceElement?.matches?.('[data-looks-on]') && isAlone()) {
            event.preventDefault();
        }
    });
    document.addEventListener('htmx:after:swap', () => bench() && setTimeout(drawAhead, DRAWS_AHEAD_AFTER_MS));
    window.addEventListener('online', presses.send);
    if (bench()) {
        setTimeout(drawAhead, DRAWS_AHEAD_AFTER_MS);
        goOnAlone();
        presses.send();
    }
}
