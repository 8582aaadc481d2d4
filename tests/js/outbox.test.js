import { beforeEach, expect, it } from 'vitest';
import { Outbox, thingOf } from '../../resources/js/workshop/outbox.js';

const fill = (field) => `\u0001${field}`;
const turn = (column, expect) => ({ edit: JSON.stringify({ kind: 'turn', block: 'b', column: fill('column:int'), row: 1, by: 90, expect }), column: String(column) });

/** An outbox whose server answers when it is told to. */
const make = () => {
    const told = { states: [], answered: [], posted: [] };
    let tell = null;
    const sender = { sending: false, post: (body) => body, flush: async () => {} };
    const outbox = new Outbox('d', { edits: '/edits', state: '/state' }, {
        state: (name) => told.states.push(name),
        answered: (item, answer) => told.answered.push([item, answer]),
    }, () => ({ view: 'block' }), undefined, (queue, addresses, with_) => {
        tell = with_;

        return sender;
    });
    const answer = (outcome) => {
        const [item] = outbox.queue.all();
        outbox.queue.remove(item.id);
        tell.answered(item, { outcome });
    };

    return { outbox, told, sender, answer, tell };
};
const expectOf = (item) => JSON.parse(item.edit).expect;

beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
});

it('knows which two edits change the same thing', () => {
    expect(thingOf({ kind: 'set', place: 'title' })).toBe('title');
    expect(thingOf({ kind: 'turn', block: 'b', column: 1, row: 2 })).toBe(thingOf({ kind: 'mirror', block: 'b', column: 1, row: 2 }));
    expect(thingOf({ kind: 'turn', block: 'b', column: 1, row: 2 })).not.toBe(thingOf({ kind: 'turn', block: 'b', column: 2, row: 2 }));
    expect(thingOf({ kind: 'add-column', block: 'b', before: 1 })).toBe(thingOf({ kind: 'resize-column', block: 'b', column: 3 }));
    expect(thingOf({ kind: 'add-row', block: 'b', before: 1 })).not.toBe(thingOf({ kind: 'add-column', block: 'b', before: 1 }));
});

it('expects of a place what was there, but not while an edit of one\'s own to that place is on its way', () => {
    const { outbox, answer } = make();
    outbox.add(turn(1, { column: 1 }));
    outbox.add(turn(2, { column: 2 }));
    outbox.add(turn(1, { column: 1 }));
    expect(outbox.queue.all().map(expectOf)).toEqual([{ column: 1 }, { column: 2 }, undefined]);
    answer('applied');
    answer('applied');
    answer('applied');
    outbox.add(turn(1, { column: 1 }));
    expect(outbox.queue.all().map(expectOf)).toEqual([{ column: 1 }]);
});

it('keeps edits over a reload, each with an id of its own, and says where they are', () => {
    const { outbox, told, answer, tell } = make();
    expect(outbox.isEmpty()).toBe(true);
    outbox.add(turn(1, null));
    tell.waiting();
    outbox.add({ action: 'undo' });
    expect(told.states).toEqual(['saving', 'waiting']);
    const again = make();
    const kept = again.outbox.queue.all();
    expect(kept.map((item) => item.action ?? JSON.parse(item.edit).kind)).toEqual(['turn', 'undo']);
    expect(new Set(kept.map(({ id }) => id)).size).toBe(2);
    again.answer('applied');
    again.answer('applied');
    expect(again.told.states.at(-1)).toBe('saved');
    expect(again.told.answered).toHaveLength(2);
    expect(answer).toBeTypeOf('function');
});

it('sends an edit once more without asking what is there, when somebody insists', () => {
    const { outbox } = make();
    outbox.insist({ ...turn(1, { column: 1 }), id: 'x' });
    const [item] = outbox.queue.all();
    expect(expectOf(item)).toBeUndefined();
    expect(item.id).not.toBe('x');
});

it('takes out what waits behind an edit that met somebody else\'s, and nothing else', () => {
    const { outbox, answer } = make();
    outbox.add(turn(1, { column: 1 }));
    outbox.add(turn(1, { column: 1 }));
    outbox.add(turn(2, { column: 2 }));
    const [first] = outbox.queue.all();
    answer('conflict');
    expect(outbox.takeAfter(first).map(({ column }) => column)).toEqual(['1']);
    expect(outbox.queue.all().map(({ column }) => column)).toEqual(['2']);
});
