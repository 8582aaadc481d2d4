import { TapQueue, newId } from './queue.js';
import { TapSender } from './sender.js';

const REFRESH_MS = 20000;
const SETTLE_MS = 1000;

/** One counter on the page: shows a tap at once, and what the server made of it as soon as it answers. */
class Counter {
    /**
     * @param {HTMLElement} box
     * @param {HTMLTemplateElement} undo
     */
    constructor(box, undo) {
        this.box = box;
        this.undo = undo;
        this.output = box.querySelector('output');
        this.total = Number(box.dataset.total);
        this.done = Number(this.output.textContent);
        this.lastTap = null;
    }

    /** @param {string} asked as the button says it: how many, of which task, on which counter */
    press(asked) {
        const [amount, task, counter] = asked.split(' ');
        const all = amount === 'all';
        this.say('');
        const after = all ? Math.max(this.total, this.done) : this.done + Number(amount);
        if (after >= 0 && after <= Math.max(this.total, this.done)) {
            this.show(after);
        }

        return this.tap({ kind: all ? 'all' : 'add', task, counter, ...(all ? {} : { amount: Number(amount) }) });
    }

    takeBack() {
        const undoes = this.lastTap;
        this.mayUndo(null);
        this.say('');

        return this.tap({ kind: 'undo', undoes });
    }

    tap(what) {
        return { id: newId(), ...what, anchor: this.box.id };
    }

    settle({ done, message, accepted, applied }, tap) {
        if (done !== undefined) {
            this.show(done);
        }
        if (message !== undefined) {
            this.say(message ?? '');
        }
        if (tap && tap.kind !== 'undo' && accepted && applied !== 0) {
            this.mayUndo(tap.id);
        }
    }

    show(done) {
        this.done = done;
        this.output.textContent = done;
        this.box.querySelector('progress').value = done;
    }

    say(message) {
        this.box.querySelector('.field-error').textContent = message;
    }

    mayUndo(tap) {
        this.lastTap = tap;
        const button = this.box.querySelector('[data-undo]') ?? (tap === null ? null : this.addUndo());
        if (button) {
            button.hidden = tap === null;
        }
    }

    addUndo() {
        const buttons = this.box.querySelector('.counter-buttons');
        buttons.append(this.undo.content.cloneNode(true));

        return buttons.querySelector('[data-undo]');
    }
}

/** The counters of one clue: takes their taps, and tells each what became of them. */
class ClueCounters {
    /** @param {HTMLElement} root */
    constructor(root) {
        const { queue, counters } = root.dataset;
        const form = root.querySelector('form');
        this.root = root;
        this.known = new Map();
        this.queue = new TapQueue(queue);
        this.sender = new TapSender(this.queue, { taps: form.action, counters }, {
            answered: (tap, answer) => this.settle(tap, answer),
            waiting: (tap) => this.tell(tap.anchor, { message: root.dataset.waiting }),
            signedOut: (isOut) => root.querySelectorAll('[data-signed-out]').forEach((message) => {
                message.hidden = !isOut;
            }),
        });
        form.addEventListener('submit', (event) => {
            event.preventDefault();
            this.take(this.counter(event.submitter.closest('.counter').id).press(event.submitter.value));
        });
        root.addEventListener('click', (event) => {
            if (event.target.closest('[data-undo]')) {
                this.take(this.counter(event.target.closest('.counter').id).takeBack());
            }
        });
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
    }

    /** The counter of that place; null when the page no longer has it. */
    counter(anchor) {
        const box = document.getElementById(anchor);
        if (box && !this.known.has(anchor)) {
            this.known.set(anchor, new Counter(box, this.root.querySelector('template')));
        }

        return this.known.get(anchor) ?? null;
    }

    take(tap) {
        this.queue.add(tap);
        this.sender.flush();
    }

    settle(tap, answer) {
        const message = 'done' in answer ? answer.message : Object.values(answer.errors ?? {}).flat()[0] ?? this.root.dataset.failed;
        this.tell(tap.anchor, { ...answer, message }, tap);
    }

    /** Passes an answer on to its counter, with what is still on its way added, so that the number does not jump back in between. */
    tell(anchor, answer, tap = null) {
        if (answer.done !== undefined) {
            const coming = this.queue.all().filter((kept) => kept.anchor === anchor && kept.kind === 'add');
            answer = { ...answer, done: coming.reduce((done, kept) => done + kept.amount, answer.done) };
        }
        this.counter(anchor)?.settle(answer, tap);
    }

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
    }
}

export const counters = () => document.querySelectorAll('[data-counters]').forEach((root) => new ClueCounters(root));
