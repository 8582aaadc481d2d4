const RETRY_MS = 5000;

/** The token of this session, from the cookie that every page renews. */
export const token = (cookies = document.cookie) => decodeURIComponent(/(?:^|;\s*)XSRF-TOKEN=([^;]*)/.exec(cookies)?.[1] ?? '');

const headers = () => ({ 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token() });

/**
 * Sends the taps of a queue, one after another, and takes each out once the server has answered it. A tap is kept while there is no
 * connection, while the server is busy, and while nobody is signed in any more.
 */
export class TapSender {
    /**
     * @param {TapQueue} queue
     * @param {{taps: string, counters: string}} addresses
     * @param {{answered: function(object, object): void, waiting: function(object): void, signedOut: function(boolean): void}} tell
     */
    constructor(queue, addresses, tell, request = (...call) => fetch(...call), later = (work, delay) => setTimeout(work, delay)) {
        this.queue = queue;
        this.addresses = addresses;
        this.tell = tell;
        this.request = request;
        this.later = later;
        this.sending = false;
    }

    async flush() {
        if (this.sending) {
            return;
        }
        this.sending = true;
        try {
            for (let tap = this.queue.all()[0]; tap !== undefined; tap = this.queue.all()[0]) {
                const answer = await this.send(tap);
                if (answer === 'waiting' || answer === 'signed out') {
                    this.queue.markAllWaiting();
                    this.tell.waiting(tap);
                    this.tell.signedOut(answer === 'signed out');
                    if (answer === 'waiting') {
                        this.later(() => this.flush(), RETRY_MS);
                    }
                    break;
                }
                this.queue.remove(tap.id);
                this.tell.signedOut(false);
                this.tell.answered(tap, answer);
            }
        } finally {
            this.sending = false;
        }
    }

    /** What the counters stand at, or null while that cannot be learned or taps are still on their way. */
    async counters() {
        if (this.sending || !this.queue.isEmpty()) {
            return null;
        }
        try {
            const response = await this.request(this.addresses.counters, { headers: { Accept: 'application/json' } });
            this.tell.signedOut(response.status === 401);

            return response.ok && this.queue.isEmpty() && !this.sending ? await response.json() : null;
        } catch {
            return null;
        }
    }

    /** @returns {Promise<object|string>} the server's answer; or why there is none */
    async send({ anchor, ...body }) {
        try {
            let response = await this.post(body);
            if (response.status === 419) {
                // The page is older than its session. Asking for anything renews the token, if somebody is still signed in.
                await this.request(this.addresses.counters, { headers: { Accept: 'application/json' } });
                response = await this.post(body);
            }
            if (response.status === 401 || response.status === 419) {
                return 'signed out';
            }
            if (response.status >= 500 || response.status === 429) {
                return 'waiting';
            }
            const answer = await response.json();

            return { ...answer, accepted: response.ok && 'done' in answer };
        } catch {
            return 'waiting';
        }
    }

    post(body) {
        return this.request(this.addresses.taps, { method: 'POST', headers: headers(), body: JSON.stringify(body) });
    }
}
