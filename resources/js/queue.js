/** A key that nobody else makes; browsers have `randomUUID` only where the page came encrypted. */
export const newKey = () => [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');

/**
 * What is done without a signal waits in the browser, in the order in which it was done, and each leaves the queue only once the table has
 * answered it.
 *
 * @param {object} how
 * @param {() => string} how.name under which the browser keeps it
 * @param {() => {token?: string, address?: string}} how.to where a fresh token is to be had, and where each is sent; neither where this
 *     page sends none
 * @param {(item: object) => object} how.fields of the form that each is sent as
 * @param {(answer: Response) => boolean} how.isAnswered whether the table has it, or will never take it
 * @param {number} how.triesAgainAfterMs
 * @param {(isSent: boolean) => void} how.after a try to send all of them
 * @param {() => void} [how.isSignedOut] nobody is signed in any more, so that nothing can be sent
 */
export function queue({ name, to, fields, isAnswered, triesAgainAfterMs, after, isSignedOut = () => {} }) {
    // Where the browser keeps nothing, it is kept in this page.
    const inPage = new Map();
    let isSending = false;
    let timer = 0;

    const all = () => {
        try {
            return JSON.parse(localStorage.getItem(name()) ?? 'null') ?? inPage.get(name()) ?? [];
        } catch {
            return inPage.get(name()) ?? [];
        }
    };

    const keep = (items) => {
        try {
            items.length === 0 ? localStorage.removeItem(name()) : localStorage.setItem(name(), JSON.stringify(items));
            inPage.delete(name());
        } catch {
            inPage.set(name(), items);
        }
    };

    const sendLater = () => {
        clearTimeout(timer);
        timer = setTimeout(send, triesAgainAfterMs);
    };

    async function sendAll({ token, address }) {
        const fresh = await fetch(token, { headers: { Accept: 'application/json' } });
        if (!fresh.ok) {
            isSignedOut();
            throw new Error(`answered ${fresh.status}`);
        }
        const { token: csrf } = await fresh.json();
        while (all().length > 0) {
            const answer = await fetch(address, {
                method: 'POST',
                headers: { 'X-CSRF-TOKEN': csrf, 'HX-Request': 'true' },
                body: new URLSearchParams(fields(all()[0])),
            });
            if (!isAnswered(answer)) {
                throw new Error(`answered ${answer.status}`);
            }
            // What was done while it was on its way stands behind it.
            keep(all().slice(1));
        }
    }

    async function send() {
        const where = to();
        if (where.token === undefined || isSending || all().length === 0) {
            return;
        }
        isSending = true;
        let isSent = true;
        try {
            await sendAll(where);
        } catch {
            isSent = false;
            sendLater();
        }
        isSending = false;
        after(isSent);
    }

    return { all, put: (item) => keep([...all(), item]), send, sendLater };
}
