const nameOfQueue = (crew) => `wren-pocket-${crew}`;

/** The pocket desk: looks up what was reckoned beforehand, keeps what is bought, and sends each once when there is a signal. */
export function pocket() {
    return {
        limits: {},
        waiting: [],
        isOffline: !navigator.onLine,
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
        sent: '',

        init() {
            this.limits = JSON.parse(this.$root.dataset.limits);
            this.keepWaiting(JSON.parse(localStorage.getItem(this.queue()) ?? '[]'));
            window.addEventListener('online', () => this.send());
            window.addEventListener('offline', () => (this.isOffline = true));
            this.send();
        },

        queue() {
            return nameOfQueue(this.$root.dataset.crew);
        },

        look() {
            const limit = this.limits[this.$refs.kind.value];
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
            const { kind, pieces, price, place } = this.$refs;
            const says = `${pieces.value} × ${kind.selectedOptions[0].text}${price.value === '' ? '' : `, ${price.value}`}`;
            const entry = { key: crypto.randomUUID(), says, wrong: '', fields: { kind: kind.value, pieces: pieces.value, price: price.value, place: place.value } };
            this.keepWaiting([...this.waiting, entry]);
            price.value = '';
            this.send();
        },

        drop(event) {
            this.keepWaiting(this.waiting.filter((entry) => entry.key !== event.target.dataset.key));
        },

        keepWaiting(waiting) {
            this.waiting = waiting;
            this.hasWaiting = waiting.length > 0;
            localStorage.setItem(this.queue(), JSON.stringify(waiting));
        },

        /** An entry leaves the queue only once the table has said that it has it; sent twice, it is known by its key. */
        async send() {
            if (this.isSending) {
                return;
            }
            this.isSending = true;
            try {
                const fresh = await fetch(this.$root.dataset.token, { headers: { Accept: 'application/json' } });
                if (!fresh.ok) {
                    throw new Error('signed out');
                }
                const { token } = await fresh.json();
                this.isOffline = false;
                for (const entry of [...this.waiting]) {
                    await this.sendOne(entry, token);
                }
            } catch {
                this.isOffline = true;
            }
            this.isSending = false;
        },

        async sendOne(entry, token) {
            const answer = await fetch(this.$root.dataset.send, {
                method: 'POST',
                headers: { Accept: 'application/json', 'X-CSRF-TOKEN': token },
                body: new URLSearchParams({ ...entry.fields, key: entry.key }),
            });
            if (answer.ok) {
                this.keepWaiting(this.waiting.filter((other) => other.key !== entry.key));
                this.sent = `Sent: ${entry.says}.`;
            } else if (answer.status === 422) {
                const { message } = await answer.json();
                this.keepWaiting(this.waiting.map((other) => (other.key === entry.key ? { ...other, wrong: message } : other)));
            } else {
                throw new Error(`answered ${answer.status}`);
            }
        },
    };
}

/** Lets the pocket desk open without a signal; forgets it when someone signs out. */
export function carryPocketDesk() {
    if (!('serviceWorker' in navigator)) {
        return;
    }
    navigator.serviceWorker.register('/pocket.js');
    navigator.serviceWorker.ready.then(({ active }) => {
        if (navigator.serviceWorker.controller === null) {
            active.postMessage('claim');
        }
    });
    for (const form of document.querySelectorAll('form[action$="/sign-out"]')) {
        form.addEventListener('submit', () => caches.delete('wren-pocket'));
    }
}
