import { TapQueue, newId } from './queue.js';

const REFRESH_MS = 20000;
const RETRY_MS = 5000;
const SETTLE_MS = 1000;

const post = (url, body) =>
    fetch(url, {
        method: 'POST',
        headers: {
            'Content-Type': 'application/json',
            Accept: 'application/json',
            'X-CSRF-TOKEN': document.querySelector('meta[name="csrf-token"]').content,
        },
        body: JSON.stringify(body),
    });

/** Sends the taps of one clue's counters, one after another, and keeps them until the server has answered. */
export const clue = () => ({
    init() {
        this.queue = new TapQueue(this.$el.dataset.queue);
        this.sending = false;
        this.$el.addEventListener('dew:tap', (event) => this.take(event.detail));
        addEventListener('online', () => this.flush());
        addEventListener('visibilitychange', () => this.refresh());
        setInterval(() => this.refresh(), REFRESH_MS);
        if (this.queue.all().length > 0) {
            this.queue.save(this.queue.all().map((tap) => ({ ...tap, queued: true })));
            this.flush();
        }
        if (this.queue.wasUsedLately()) {
            setTimeout(() => this.refresh(), SETTLE_MS);
        }
    },

    take(tap) {
        this.queue.add(tap);
        this.flush();
    },

    async flush() {
        if (this.sending) {
            return;
        }
        this.sending = true;
        for (let tap = this.queue.all()[0]; tap !== undefined; tap = this.queue.all()[0]) {
            const { anchor, ...body } = tap;
            const answer = await this.send(body);
            if (answer === null) {
                this.tell(anchor, { message: this.$root.dataset.waiting });
                this.queue.save(this.queue.all().map((kept) => ({ ...kept, queued: true })));
                setTimeout(() => this.flush(), RETRY_MS);
                break;
            }
            this.queue.remove(tap.id);
            this.tell(anchor, answer, tap);
        }
        this.sending = false;
    },

    /** The server's answer, or null while it cannot be reached. */
    async send(body) {
        try {
            const response = await post(this.$root.dataset.taps, body);
            if (response.status >= 500 || response.status === 429) {
                return null;
            }
            const answer = await response.json();

            return 'done' in answer
                ? { ...answer, accepted: response.ok }
                : { message: Object.values(answer.errors ?? {}).flat()[0] ?? this.$root.dataset.failed, accepted: false };
        } catch {
            return null;
        }
    },

    /** Passes an answer on to its counter, with what is still on its way added, so that the number does not jump back in between. */
    tell(anchor, answer, tap = null) {
        if (answer.done !== undefined) {
            const coming = this.queue.all().filter((kept) => kept.anchor === anchor && kept.kind === 'add');
            answer = { ...answer, done: coming.reduce((done, kept) => done + kept.amount, answer.done) };
        }
        document.getElementById(anchor)?.dispatchEvent(new CustomEvent('dew:counted', { detail: { ...answer, tap } }));
    },

    /** Brings in what another device has counted. */
    async refresh() {
        if (document.hidden || this.sending || this.queue.all().length > 0) {
            return;
        }
        try {
            const response = await fetch(this.$root.dataset.counters, { headers: { Accept: 'application/json' } });
            if (response.ok && this.queue.all().length === 0 && !this.sending) {
                Object.entries(await response.json()).forEach(([anchor, counted]) => this.tell(anchor, counted));
            }
        } catch {
            // Offline: the next refresh will do.
        }
    },
});

/** One counter: shows a tap at once, and what the server made of it as soon as it answers. */
export const counter = () => ({
    done: 0,
    message: '',
    lastTap: null,

    init() {
        this.done = Number(this.$el.dataset.done);
        this.message = this.$el.querySelector('.field-error').textContent;
        this.$el.addEventListener('dew:counted', (event) => this.settle(event.detail));
    },

    get cannotUndo() {
        return this.lastTap === null;
    },

    send(event) {
        const { name, value } = event.submitter;
        const all = name === 'kind';
        this.message = '';
        const tap = {
            id: newId(),
            kind: all ? 'all' : 'add',
            task: this.$root.dataset.task,
            counter: this.$root.dataset.counter,
            ...(all ? {} : { amount: Number(value) }),
        };
        const total = Number(this.$root.dataset.total);
        const after = all ? Math.max(total, this.done) : this.done + tap.amount;
        if (after >= 0 && after <= Math.max(total, this.done)) {
            this.done = after;
        }
        this.emit(tap);
    },

    undo() {
        const undoes = this.lastTap;
        this.lastTap = null;
        this.message = '';
        this.emit({ id: newId(), kind: 'undo', undoes });
    },

    emit(tap) {
        this.$root.dispatchEvent(new CustomEvent('dew:tap', { bubbles: true, detail: { ...tap, anchor: this.$root.dataset.anchor } }));
    },

    settle({ done, message, accepted, applied, tap }) {
        if (done !== undefined) {
            this.done = done;
        }
        if (message !== undefined) {
            this.message = message ?? '';
        }
        if (tap && tap.kind !== 'undo' && accepted && applied !== 0) {
            this.lastTap = tap.id;
        }
    },
});
