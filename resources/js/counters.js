import { TapQueue, newId } from './queue.js';
import { TapSender } from './sender.js';

const REFRESH_MS = 20000;
const SETTLE_MS = 1000;

/** The counters of one clue: takes their taps, and tells each what became of them. */
export const clue = () => ({
    isSignedIn: true,

    init() {
        const { queue, taps, counters } = this.$el.dataset;
        this.queue = new TapQueue(queue);
        this.sender = new TapSender(this.queue, { taps, counters }, {
            answered: (tap, answer) => this.settle(tap, answer),
            waiting: (tap) => this.tell(tap.anchor, { message: this.$root.dataset.waiting }),
            signedOut: (isOut) => {
                this.isSignedIn = !isOut;
            },
        });
        this.$el.addEventListener('dew:tap', (event) => this.take(event.detail));
        addEventListener('online', () => this.sender.flush());
        addEventListener('visibilitychange', () => this.refresh());
        setInterval(() => this.refresh(), REFRESH_MS);
        if (!this.queue.isEmpty()) {
            this.queue.markAllWaiting();
            this.sender.flush();
        }
        if (this.queue.wasUsedLately()) {
            setTimeout(() => this.refresh(), SETTLE_MS);
        }
    },

    take(tap) {
        this.queue.add(tap);
        this.sender.flush();
    },

    settle(tap, answer) {
        const message = 'done' in answer ? answer.message : Object.values(answer.errors ?? {}).flat()[0] ?? this.$root.dataset.failed;
        this.tell(tap.anchor, { ...answer, message }, tap);
    },

    /** Passes an answer on to its counter, with what is still on its way added, so that the number does not jump back in between. */
    tell(anchor, answer, tap = null) {
        if (answer.done !== undefined) {
            const coming = this.queue.all().filter((kept) => kept.anchor === anchor && kept.kind === 'add');
            answer = { ...answer, done: coming.reduce((done, kept) => done + kept.amount, answer.done) };
        }
        document.getElementById(anchor)?.dispatchEvent(new CustomEvent('dew:counted', { detail: { ...answer, tap } }));
    },

    /** Sends what waits, or brings in what another device has counted. */
    async refresh() {
        if (document.hidden) {
            return;
        }
        if (!this.queue.isEmpty()) {
            await this.sender.flush();

            return;
        }
        Object.entries((await this.sender.counters()) ?? {}).forEach(([anchor, counted]) => this.tell(anchor, counted));
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
