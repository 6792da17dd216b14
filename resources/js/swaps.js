import { complainOf, hush, sayWhatCame } from './answer.js';

const REASONS = { 403: 'gone', 404: 'gone', 409: 'other', 413: 'large', 419: 'stale', 429: 'often', 503: 'busy', 507: 'full' };
const SAVED_FOR_MS = 2500;
const BY_HAND = ['click', 'submit', 'change'];

// A form that is only looked through, as it is typed, changes nothing.
const isLook = (ctx) => /\/look$/.test(ctx.request.action ?? '');
const isChange = (ctx) => ctx.request.method !== 'GET' && ctx.swap !== 'none' && !isLook(ctx);
const statusOf = (ctx) => ctx?.response?.status ?? 0;

/** Says so when a change did not reach the table, instead of doing nothing. */
export function sayWhatFailed() {
    document.addEventListener('htmx:response:error', (event) => {
        const { ctx } = event.detail;
        if (statusOf(ctx) !== 422 && ctx.swap !== 'none') {
            complainOf(REASONS[statusOf(ctx)] ?? 'other');
        }
        sayWhatCame(ctx.response?.headers);
    });
    document.addEventListener('htmx:error', (event) => {
        const { ctx } = event.detail;
        if (ctx && !ctx.response && ctx.swap !== 'none') {
            complainOf('unreachable');
        }
    });
    document.addEventListener('htmx:before:request', (event) => BY_HAND.includes(event.detail.ctx.sourceEvent?.type) && hush());
    document.addEventListener('htmx:after:swap', (event) => {
        if (statusOf(event.detail.ctx) < 400 || statusOf(event.detail.ctx) === 422) {
            sayWhatCame(event.detail.ctx.response?.headers);
        }
    });
}

/** A field or button tells whether what it asked for is on its way, saved, or not saved. */
export function showHowItGoes() {
    const formOf = (ctx) => ctx.sourceElement?.closest?.('form');
    const mark = (form, how) => {
        if (form) {
            form.dataset.state = how;
        }
    };

    document.addEventListener('htmx:before:request', (event) => isChange(event.detail.ctx) && mark(formOf(event.detail.ctx), 'busy'));
    document.addEventListener('htmx:finally:request', (event) => {
        const { ctx } = event.detail;
        const form = formOf(ctx);
        if (!form || !isChange(ctx)) {
            return;
        }
        const isSaved = statusOf(ctx) >= 200 && statusOf(ctx) < 400;
        mark(form, isSaved ? 'saved' : 'unsaved');
        if (isSaved) {
            setTimeout(() => form.dataset.state === 'saved' && delete form.dataset.state, SAVED_FOR_MS);
        }
    });
}

/** Of several searches in a row only the last is asked for; whoever waits its turn and is overtaken is left out. */
export function askOnlyTheLatest() {
    const latest = new WeakMap();

    document.addEventListener('htmx:config:request', (event) => latest.set(event.detail.ctx.sourceElement, event.detail.ctx));
    document.addEventListener('htmx:before:request', (event) => {
        const { ctx } = event.detail;
        if (ctx.sourceElement.matches('[data-latest]') && latest.get(ctx.sourceElement) !== ctx) {
            event.preventDefault();
        }
    });
}

/**
 * What is asked for from within a sheet comes with the picker as it is shown then, whatever that was when the sheet was
 * made: the picker alone is brought anew as it is opened and looked through. None is shown: nothing is said.
 */
export function tellWhatThePickerShows() {
    document.addEventListener('htmx:before:request', (event) => {
        const { ctx } = event.detail;
        if (ctx.sourceElement.closest('#sheet')) {
            ctx.request.headers['Wren-Picker'] = document.getElementById('picker')?.dataset.shows ?? '';
        }
    });
}

const ROWS = '.lane-row, #picker li, #flags li, #flags article';
const CONTROLS = 'button, input:not([type="hidden"]), select, a';

/** Where the hand is: which control of which row, so that it can be found again when the row is gone. */
const handAt = (element) => {
    const row = element?.closest?.(ROWS);
    if (!row) {
        return null;
    }
    const list = row.closest('section, ul, #sheet');

    return {
        element,
        list: list?.id ?? '',
        index: [...document.querySelectorAll(ROWS)].indexOf(row),
        control: [...row.querySelectorAll(CONTROLS)].indexOf(element),
        top: row.getBoundingClientRect().top,
    };
};

const findAgain = (hand) => {
    const rows = [...document.querySelectorAll(ROWS)];
    const row = rows[Math.min(hand.index, rows.length - 1)];
    const controls = row ? [...row.querySelectorAll(CONTROLS)].filter((control) => control.checkVisibility()) : [];

    return { row, control: controls[Math.min(Math.max(0, hand.control), controls.length - 1)] };
};

/** After a swap the keyboard stays where it was, or goes to where the page says it should; the page does not jump. */
export function keepFocus() {
    let hand = null;
    let hadPicker = false;
    let isAskedFor = false;

    document.addEventListener('htmx:before:swap', (event) => {
        const asking = event.detail.ctx?.sourceElement;
        hand = handAt(document.activeElement);
        hadPicker = document.getElementById('picker') !== null;
        // A piece that is there now, a need without one: a link beside the picker asks it for something else.
        isAskedFor = asking?.matches?.('a') === true && asking.closest('#picker') === null;
    });
    document.addEventListener('htmx:after:swap', (event) => {
        const picker = document.getElementById('picker');
        const hasLostFocus = document.activeElement === document.body || document.activeElement === null;
        const wrong = statusOf(event.detail.ctx) === 422 ? document.querySelector('#sheet [aria-invalid="true"], #receipt [aria-invalid="true"]') : null;

        if (wrong) {
            bringIntoView(wrong);
        } else if (picker && (!hadPicker || isAskedFor)) {
            const { top } = picker.getBoundingClientRect();
            if (top < 0 || top > window.innerHeight / 2) {
                picker.scrollIntoView({ block: 'start' });
            }
            picker.querySelector('[data-focus]')?.focus({ preventScroll: true });
        } else if (hand && hasLostFocus && hadPicker === (picker !== null) && findAgain(hand).control) {
            const { row, control } = findAgain(hand);
            control.focus({ preventScroll: true });
            window.scrollBy(0, row.getBoundingClientRect().top - hand.top);
        } else if (hasLostFocus) {
            (picker?.querySelector('[data-focus]') ?? document.querySelector('#sheet [data-focus]'))?.focus({ preventScroll: true });
        }
    });
}

/** What she opened stays open when the page round it is brought anew; what she sent off from within may close. */
export function keepOpen() {
    let opened = [];

    document.addEventListener('htmx:before:swap', (event) => {
        const { sourceElement } = event.detail.ctx;
        opened = [...document.querySelectorAll('details[open]')].filter((details) => !details.contains(sourceElement));
    });
    document.addEventListener('htmx:after:swap', () => opened.filter((details) => details.isConnected).forEach((details) => (details.open = true)));
}

/** A thing that went into its box leaves its form empty for the next. */
export function emptyWhatWentIn() {
    document.addEventListener('htmx:after:swap', (event) => {
        const { ctx } = event.detail;
        if (ctx.request.method === 'POST' && ctx.request.action.endsWith('/things') && statusOf(ctx) < 400) {
            document.getElementById('thing')?.reset();
        }
    });
}

const bringIntoView = (field) => {
    for (let closed = field.closest('details:not([open])'); closed; closed = closed.parentElement.closest('details:not([open])')) {
        closed.open = true;
    }
    field.focus({ preventScroll: true });
    field.scrollIntoView({ block: 'center' });
};

/** A page that was refused shows its first wrong field, wherever it stands. */
export function showWhatIsWrong() {
    const wrong = document.querySelector('main [aria-invalid="true"]');
    if (wrong) {
        bringIntoView(wrong);
    }
}

/** The gauges tell what changed of them, for those who do not see them move. */
export function announceGauges() {
    const read = () => Object.fromEntries([...document.querySelectorAll('#gauges .gauge')].map((gauge) => [gauge.ariaLabel, gauge.querySelector('.figure').textContent.trim()]));
    let before = {};

    document.addEventListener('htmx:before:swap', () => (before = read()));
    document.addEventListener('htmx:after:swap', () => {
        const now = read();
        const news = Object.keys(now).filter((name) => before[name] !== undefined && before[name] !== now[name]);
        if (news.length > 0) {
            document.getElementById('gauge-news').textContent = news.map((name) => `${name}: ${now[name]}`).join('. ');
        }
    });
}

/** On a phone the gauges go along in short once they have gone by. */
export function keepGaugesInSight() {
    const gauges = document.getElementById('gauges');
    if (gauges) {
        new IntersectionObserver(([{ isIntersecting, boundingClientRect }]) => {
            document.documentElement.dataset.gauges = !isIntersecting && boundingClientRect.bottom <= 0 ? 'past' : '';
        }).observe(gauges);
    }
}

/** So many answers are on their way. */
export function countWhatIsUnderWay() {
    const onTheirWay = new Set();
    document.addEventListener('htmx:config:request', (event) => event.detail.ctx.swap !== 'none' && onTheirWay.add(event.detail.ctx));
    document.addEventListener('htmx:finally:request', (event) => onTheirWay.delete(event.detail.ctx));

    return () => onTheirWay.size;
}
