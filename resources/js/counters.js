import { TapQueue, newId } from './queue.js';
import { TapSender } from './sender.js';

const REFRESH_MS = 20000;
const SETTLE_MS = 1000;

/** One counter on the page: shows a tap at once, and what the server made of it as soon as it answers. */
class Counter {
    /**
     * @param {HTMLElement} box
     * @param {HTMLTemplateElement} parts what a counter has at times: undo, and the answers to a question
     */
    constructor(box, parts) {
        this.box = box;
        this.parts = parts;
        this.typed = box.querySelector('input');
        this.output = box.querySelector('output');
        this.total = Number(box.dataset.total);
        this.done = Number(this.output.textContent);
        this.lastTap = box.querySelector('[data-undo]')?.value.split(' ')[1] ?? null;
        this.asked = null;
        this.isSure = false;
        this.isWrong = false;
    }

    /** @param {string} asked as the button says it: how many, of which task, on which counter */
    press(asked) {
        const [amount, task, counter] = asked.split(' ');
        const all = amount === 'all';
        this.expect(all ? Math.max(this.total, this.done) : this.done + Number(amount));

        return this.tap({ kind: all ? 'all' : 'add', task, counter, ...(all ? {} : { amount: Number(amount) }) });
    }

    /** The number that was typed; null where it is none, or the one that stands there. */
    type(problem) {
        const text = this.typed.value.trim();
        if (!/^\d{1,4}$/.test(text)) {
            this.typed.value = this.done;
            this.say(problem);
            this.isWrong = true;

            return null;
        }
        const [, task, counter] = this.typed.dataset.tap.split(' ');
        const amount = Number(text);
        if (amount === this.done) {
            return null;
        }
        this.expect(amount);

        return this.tap({ kind: 'set', task, counter, amount });
    }

    /** Shows at once what a tap should come to. */
    expect(after) {
        this.say('');
        this.ask(null);
        if (after >= 0 && after <= Math.max(this.total, this.done)) {
            this.show(after);
        }
    }

    /** @param {string|null} latest the last tap here that is still on its way, which comes after all that the page knows of */
    takeBack(latest) {
        const undoes = latest ?? this.lastTap;
        this.mayUndo(null);
        this.say('');

        return this.tap({ kind: 'undo', undoes });
    }

    tap(what) {
        return { id: newId(), ...what, anchor: this.box.id, ...(this.isSure ? { sure: '1' } : {}) };
    }

    settle({ done, message, accepted, applied, asks, undo }, tap) {
        if (asks) {
            this.ask(tap);
        }
        if (undo !== undefined && undo !== this.lastTap) {
            this.mayUndo(undo);
        }
        if (done !== undefined) {
            this.show(done);
        }
        // What was wrong with the last thing typed stays, whatever earlier taps are answered.
        if (message || (message === null && !this.isWrong)) {
            this.say(message ?? '');
        }
        if (tap && tap.kind !== 'undo' && accepted && applied !== 0) {
            this.mayUndo(tap.id);
        }
    }

    show(done) {
        this.done = done;
        this.output.textContent = done;
        // Not under the fingers of somebody who is typing.
        if (document.activeElement !== this.typed || this.typed.value === this.typed.defaultValue) {
            this.typed.value = done;
        }
        this.typed.defaultValue = done;
        this.box.querySelector('progress').value = done;
    }

    say(message) {
        this.isWrong = false;
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
        buttons.append(this.parts.content.querySelector('[data-undo]').cloneNode(true));

        return buttons.querySelector('[data-undo]');
    }

    /** Shows the answers to the question whether so many are trimmed; without a tap, takes them away. */
    ask(tap) {
        this.asked = tap;
        this.box.querySelector('[data-asks]')?.remove();
        if (tap !== null) {
            this.box.append(this.parts.content.querySelector('[data-asks]').cloneNode(true));
        }
    }

    /** What was asked about, to be counted now. From here on they are not asked again. */
    answer() {
        const { kind, task, counter, amount } = this.asked;
        this.isSure = true;
        this.expect(kind === 'set' ? amount : kind === 'all' ? this.total : this.done + amount);

        return this.tap({ kind, task, counter, ...(kind === 'all' ? {} : { amount }) });
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
            const counter = () => this.counter(event.target.closest('.counter').id);
            if (event.target.closest('[data-undo]')) {
                event.preventDefault();
                this.undo(counter());
            } else if (event.target.closest('[data-sure]')) {
                this.take(counter().answer());
            } else if (event.target.closest('[data-as-sewn]')) {
                this.answerAsSewn(counter());
            }
        });
        root.querySelectorAll('.counter-typed').forEach((input) => {
            input.readOnly = false;
            input.addEventListener('focus', () => input.select());
            input.addEventListener('keydown', (event) => {
                if (event.key === 'Enter') {
                    event.preventDefault();
                    input.blur();
                } else if (event.key === 'Escape') {
                    input.value = input.defaultValue;
                    input.blur();
                }
            });
            input.addEventListener('change', () => {
                const tap = this.counter(input.closest('.counter').id).type(root.dataset.whole);
                if (tap !== null) {
                    this.take(tap);
                }
            });
        });
        addEventListener('online', () => this.sender.flush());
        addEventListener('visibilitychange', () => this.refresh());
        setInterval(() => this.refresh(), REFRESH_MS);
        if (!this.queue.isEmpty()) {
            this.queue.markAllWaiting();
            this.sender.flush();
        }
        this.learning = null;
        // Drawn before the last tap was counted, perhaps.
        this.mayBeOld = this.queue.wasUsedLately();
        if (this.mayBeOld) {
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

    /** Takes back the last tap here; a page that may be older than that one learns first which it is. */
    async undo(counter) {
        if (this.learning !== null) {
            return;
        }
        if (this.mayBeOld && this.queue.latest(counter.box.id) === null) {
            this.learning = this.refresh();
            await this.learning;
            this.learning = null;
        }
        const tap = counter.takeBack(this.queue.latest(counter.box.id));
        if (tap.undoes !== null) {
            this.take(tap);
        }
    }

    take(tap) {
        // What is counted after an undo comes after it.
        if (this.learning !== null) {
            this.learning.then(() => this.take(tap));

            return;
        }
        this.queue.add(tap);
        this.sender.flush();
    }

    /** What is trimmed was sewn: the counter of what is sewn follows the question's. */
    answerAsSewn(counter) {
        const { kind, task, amount } = counter.asked;
        const trimmed = kind === 'set' ? amount : kind === 'all' ? counter.total : counter.done + amount;
        const sewn = this.counter(counter.box.id.replace(/-trimmed$/, '-sewn'));
        if (sewn !== null) {
            sewn.expect(trimmed);
            this.take(sewn.tap({ kind: 'set', task, counter: 'sewn', amount: trimmed }));
        }
        this.take(counter.answer());
    }

    settle(tap, answer) {
        const message = 'done' in answer ? answer.message : Object.values(answer.errors ?? {}).flat()[0] ?? this.root.dataset.failed;
        if (this.queue.isUndone(tap.id)) {
            this.tell(tap.anchor, { done: answer.done });
        } else {
            this.tell(tap.anchor, { ...answer, message }, tap);
        }
    }

    /** Passes an answer on to its counter, with what is still on its way added, so that the number does not jump back in between. */
    tell(anchor, answer, tap = null) {
        if (answer.done !== undefined) {
            const coming = this.queue.all().filter((kept) => kept.anchor === anchor && ['add', 'set'].includes(kept.kind) && !this.queue.isUndone(kept.id));
            answer = { ...answer, done: coming.reduce((done, kept) => kept.kind === 'set' ? kept.amount : done + kept.amount, answer.done) };
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
        const counted = await this.sender.counters();
        if (counted !== null) {
            this.mayBeOld = false;
            Object.entries(counted).forEach(([anchor, one]) => this.tell(anchor, one));
        }
    }
}

export const counters = () => document.querySelectorAll('[data-counters]').forEach((root) => new ClueCounters(root));
