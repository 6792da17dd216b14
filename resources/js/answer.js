/** The one place where everything is said: what was done, with a way back where there is one, and what went wrong. */
const part = (name) => document.getElementById(name);

/** What was done stands there so long, or until something else is said; what went wrong until it is put away. */
const SHOWN_FOR_MS = 20_000;
let goesAway = 0;

const putAwayLater = () => {
    clearTimeout(goesAway);
    goesAway = setTimeout(() => {
        const answer = part('answer');
        if (answer.dataset.shows === 'said') {
            answer.matches(':hover, :focus-within') ? putAwayLater() : (answer.dataset.shows = '');
        }
    }, SHOWN_FOR_MS);
};

const show = (shown, words) => {
    part(shown === 'said' ? 'failed' : 'said').textContent = '';
    // Emptied first, so that the same words said twice are heard twice.
    part(shown).textContent = '';
    requestAnimationFrame(() => (part(shown).textContent = words));
    part('answer').dataset.shows = words === '' ? '' : shown;
    putAwayLater();
};

const offerUndo = (address) => {
    const form = part('undo-form');
    form.hidden = !address;
    if (address) {
        form.action = address;
    }
};

export function say(words, undo = '') {
    offerUndo(undo);
    show('said', words);
}

export function complain(words) {
    offerUndo('');
    show('failed', words);
}

/** What was said is over once something else is asked for. */
export function hush() {
    part('answer').dataset.shows = '';
}

/** What goes wrong without an answer from the table, in the words of the page. */
export function complainOf(reason) {
    const words = part('failed').dataset;
    complain(words[reason] ?? words.other);
}

/** An answer may carry what it has to say beside the part of the page that it brings. */
export function sayWhatCame(headers) {
    const carried = headers?.get('Wren-Said');
    if (carried) {
        const { said, wrong, undo } = JSON.parse(decodeURIComponent(carried));
        wrong ? complain(wrong) : say(said, undo);
    }
}

/** A page that was loaded whole is said aloud like a part of one: a region only speaks when it changes. */
export function sayWhatThePageSays() {
    const answer = part('answer');
    const shows = answer?.dataset.shows;
    if (shows) {
        const words = part(shows).textContent;
        part(shows).textContent = '';
        requestAnimationFrame(() => (part(shows).textContent = words));
        putAwayLater();
    }
    part('answer-away')?.addEventListener('click', () => (answer.dataset.shows = ''));
}
