import { kindCalled, kindOf } from './kinds.js';
import { newKey } from './queue.js';

const FIELDS = ['kind', 'pieces', 'price', 'place', 'source'];

const prefixOf = (crew) => `wren-pocket-${crew}-`;

/** The day on this device, as a field of a form has it. */
const today = () => {
    const now = new Date();

    return [now.getFullYear(), now.getMonth() + 1, now.getDate()].map((part) => String(part).padStart(2, '0')).join('-');
};

/**
 * What waits to be sent: each entry under a name of its own, so that two tabs never write over one another. Where the browser keeps
 * nothing, it is kept in this page.
 */
const drawer = (crew) => {
    const inPage = new Map();
    const name = (key) => prefixOf(crew) + key;

    return {
        isKept: true,

        put(entry) {
            inPage.set(entry.key, entry);
            try {
                localStorage.setItem(name(entry.key), JSON.stringify(entry));
            } catch {
                this.isKept = false;
            }
        },

        drop(key) {
            inPage.delete(key);
            try {
                localStorage.removeItem(name(key));
            } catch {
                this.isKept = false;
            }
        },

        all() {
            const entries = new Map(inPage);
            try {
                entries.clear();
                for (const kept of Object.keys(localStorage).filter((one) => one.startsWith(prefixOf(crew)))) {
                    const entry = JSON.parse(localStorage.getItem(kept));
                    entries.set(entry.key, entry);
                }
                if (!this.isKept) {
                    inPage.forEach((entry, key) => entries.set(key, entry));
                }
            } catch {
                this.isKept = false;
                inPage.forEach((entry, key) => entries.set(key, entry));
            }

            return [...entries.values()].sort((one, other) => one.at - other.at);
        },
    };
};

/** The pocket desk: looks up what was reckoned beforehand, keeps what is bought, and sends each once when there is a signal. */
export function pocket() {
    return {
        limits: {},
        waiting: [],
        isOffline: !navigator.onLine,
        isSignedOut: false,
        isUnsafe: !window.isSecureContext,
        isNotKept: false,
        isSending: false,
        buy: '',
        fair: '',
        each: '',
        needed: 0,
        hasLimits: false,
        hasEachOnly: false,
        hasNothing: false,
        isNeeded: false,
        hasWaiting: false,
        mended: '',
        sent: '',

        init() {
            this.words = JSON.parse(this.$root.dataset.words);
            this.limits = JSON.parse(this.$root.dataset.limits);
            this.drawer = drawer(this.$root.dataset.crew);
            this.bringOldOnes();
            this.look();
            this.show();
            window.addEventListener('online', () => this.send());
            window.addEventListener('offline', () => (this.isOffline = true));
            window.addEventListener('storage', () => this.show());
            this.send();
        },

        /** Entries from before each had a name of its own. */
        bringOldOnes() {
            try {
                const old = `wren-pocket-${this.$root.dataset.crew}`;
                JSON.parse(localStorage.getItem(old) ?? '[]').forEach((entry, index) => this.drawer.put({ at: index, ...entry }));
                localStorage.removeItem(old);
            } catch {
                this.isNotKept = true;
            }
        },

        show() {
            this.waiting = this.drawer.all();
            this.hasWaiting = this.waiting.length > 0;
            this.isNotKept = !this.drawer.isKept;
        },

        look() {
            this.$refs.kind.setCustomValidity('');
            const limit = this.limits[kindCalled(this.$refs.kind.value)?.id];
            const pack = limit?.packs[this.$refs.pieces.value];
            this.hasLimits = pack !== undefined;
            this.hasEachOnly = limit !== undefined && pack === undefined && limit.each !== null;
            this.hasNothing = limit !== undefined && limit.each === null;
            this.isNeeded = (limit?.needed ?? 0) > 0;
            [this.buy, this.fair] = pack ?? ['', ''];
            this.each = limit?.each ?? '';
            this.needed = limit?.needed ?? 0;
        },

        keep() {
            const { kind, pieces, price } = this.$refs;
            const called = kindCalled(kind.value);
            if (called === undefined) {
                kind.setCustomValidity(this.words.unknown);
                kind.reportValidity();

                return;
            }
            const says = `${pieces.value} × ${called.name}${price.value === '' ? '' : `, ${price.value}`}`;
            const fields = { ...Object.fromEntries(FIELDS.map((name) => [name, this.$refs[name].value])), kind: called.id };
            const before = this.waiting.find((entry) => entry.key === this.mended);
            this.drawer.put({ key: before?.key ?? newKey(), at: before?.at ?? Date.now(), says, wrong: '', fields: { ...fields, got_on: before?.fields.got_on ?? today() } });
            this.mended = '';
            price.value = '';
            this.sent = `${this.words.kept} ${says}.`;
            this.show();
            this.send();
        },

        /** Puts an entry that waits back into the fields; it waits on until it is kept again. */
        mend(event) {
            const entry = this.waiting.find((one) => one.key === event.target.dataset.key);
            for (const name of FIELDS) {
                this.$refs[name].value = entry?.fields[name] ?? this.$refs[name].value;
            }
            this.$refs.kind.value = kindOf(this.$refs.kind.value)?.name ?? this.$refs.kind.value;
            this.mended = entry?.key ?? '';
            this.look();
            this.$refs.price.focus();
        },

        drop(event) {
            this.drawer.drop(event.target.dataset.key);
            this.show();
        },

        /** An entry leaves the queue only once the table has said that it has it; sent twice, it is known by its key. */
        async send() {
            if (this.isSending || this.mended !== '') {
                return;
            }
            this.isSending = true;
            try {
                const fresh = await fetch(this.$root.dataset.token, { headers: { Accept: 'application/json' } });
                this.isOffline = false;
                this.isSignedOut = fresh.status === 401;
                if (fresh.ok) {
                    const { token } = await fresh.json();
                    for (const entry of this.drawer.all().filter((one) => one.wrong === '')) {
                        await this.sendOne(entry, token);
                    }
                }
            } catch {
                this.isOffline = true;
            }
            this.isSending = false;
            this.show();
        },

        async sendOne(entry, token) {
            const answer = await fetch(this.$root.dataset.send, {
                method: 'POST',
                headers: { Accept: 'application/json', 'X-CSRF-TOKEN': token },
                body: new URLSearchParams({ ...entry.fields, key: entry.key }),
            });
            if (answer.ok) {
                this.drawer.drop(entry.key);
                this.sent = `${this.words.sent} ${entry.says}.`;
            } else if (answer.status === 422) {
                const { message } = await answer.json();
                this.drawer.put({ ...entry, wrong: message });
            } else if (answer.status === 401 || answer.status === 419) {
                this.isSignedOut = true;
                throw new Error('signed out');
            } else {
                throw new Error(`answered ${answer.status}`);
            }
        },
    };
}

/** What the pocket desk is drawn with: the page itself and the built files that this page used. */
const whatItTakes = () => [
    location.pathname,
    '/favicon.svg',
    ...performance.getEntriesByType('resource').map(({ name }) => new URL(name).pathname).filter((path) => path.startsWith('/build/assets/')),
];

/** Lets the pocket desk open without a signal after one visit; forgets it when someone signs out. */
export function carryPocketDesk() {
    if (!('serviceWorker' in navigator)) {
        return;
    }
    navigator.serviceWorker.register('/pocket.js');
    navigator.serviceWorker.ready.then(({ active }) => {
        if (navigator.serviceWorker.controller === null) {
            active.postMessage('claim');
        }
        if (document.querySelector('[x-data="pocket"], form[data-basket]')) {
            active.postMessage({ keep: whatItTakes() });
        }
    });
    for (const form of document.querySelectorAll('form[action$="/sign-out"]')) {
        form.addEventListener('submit', () => caches.delete('wren-pocket'));
    }
}
