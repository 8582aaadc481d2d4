import { TapQueue, newId } from '../queue.js';
import { TapSender } from '../sender.js';

/** What an edit changes, as a text that is the same for two edits of one thing. */
export const thingOf = (edit) => {
    if (edit.place) {
        return edit.place;
    }
    const line = /-(column|row)$/.exec(edit.kind ?? '');

    return [line ? `${line[1]}s` : 'place', edit.block ?? edit.unit ?? '', edit.size ?? '', line ? '' : edit.column, line
        ? '' : edit.row].join(' ');
};

const parsed = (item) => {
    try {
        return JSON.parse(item.edit ?? 'null') ?? {};
    } catch {
        return {};
    }
};

/** The thing a waiting item changes, with its fields put in. */
const itemThing = (item) => {
    const filled = Object.fromEntries(
        Object.entries(parsed(item)).map(([key, value]) => {
            const place = typeof value === 'string' && value.startsWith('\u0001') ? value.slice(1).split(':')[0] : null;

            return [key, place === null ? value : item[place]];
        }),
    );

    return thingOf(filled);
};

/** Edits on their way to the server: kept on the device until they are answered, sent one after another. */
export class Outbox {
    /**
     * @param {string} draft  whose edits they are
     * @param {{edits: string, state: string}} addresses
     * @param {{state: function(string): void, answered: function(object, object): void}} tell
     * @param {function(): object} about  what the page shows
     */
    constructor(draft, addresses, tell, about = () => ({}), queue = new TapQueue(`edits.${draft}`), make = (...parts) =>
        new TapSender(...parts)) {
        this.queue = queue;
        this.tell = tell;
        this.stuck = false;
        this.sender = make(queue, { taps: addresses.edits, counters: addresses.state }, {
            answered: (item, answer) => {
                this.stuck = false;
                tell.answered(item, answer);
                tell.state(queue.isEmpty() ? 'saved' : 'saving');
            },
            waiting: () => {
                this.stuck = true;
                tell.state('waiting');
            },
            signedOut: (out) => out && tell.state('signed_out'),
        });
        // What the page shows is told with each edit when it is sent, not when it was made.
        const post = this.sender.post.bind(this.sender);
        this.sender.post = (body) => post({ ...body, ...about() });
        if (!queue.isEmpty()) {
            this.flush();
        }
    }

    /** Takes an edit in, unless nothing is to be done. What the same person changed a moment ago is not expected to be as it was. */
    add(fields) {
        const item = { ...fields };
        if (item.edit && this.queue.all().some((waiting) => waiting.edit && itemThing(waiting) === itemThing(item))) {
            const edit = parsed(item);
            delete edit.expect;
            item.edit = JSON.stringify(edit);
        }
        this.queue.add({ ...item, id: newId() });
        this.flush();
    }

    /** The same edit once more, whatever stands there now. */
    insist(item) {
        const edit = parsed(item);
        delete edit.expect;
        this.queue.add({ ...item, edit: JSON.stringify(edit), id: newId() });
        this.flush();
    }

    /** Takes out what waits behind an edit that met another's: it was meant for what that edit would have made. */
    takeAfter(item) {
        const after = item.edit ? this.queue.all().filter((waiting) => waiting.edit && itemThing(waiting) === itemThing(item)) : [];
        after.forEach(({ id }) => this.queue.remove(id));

        return after;
    }

    isEmpty() {
        return this.queue.isEmpty();
    }

    async flush() {
        if (!this.stuck) {
            this.tell.state(this.queue.isEmpty() ? 'saved' : 'saving');
        }
        await this.sender.flush();
    }
}
