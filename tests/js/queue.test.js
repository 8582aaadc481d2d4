import fc from 'fast-check';
import { beforeEach, expect, it } from 'vitest';
import { TapQueue, forgetQueues, newId } from '../../resources/js/queue.js';

const tap = (id, more = {}) => ({ id, kind: 'add', amount: 1, anchor: 'a', ...more });
const ids = (queue) => queue.all().map(({ id }) => id);

/** A device that stores nothing, as in a private window. */
const noStorage = {
    get length() {
        throw new Error('denied');
    },
    getItem: () => {
        throw new Error('denied');
    },
    setItem: () => {
        throw new Error('full');
    },
    removeItem: () => {},
    key: () => null,
};

beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
});

it('keeps taps in the order in which they were made, over a reload', () => {
    const queue = new TapQueue('q.1');
    ['x', 'a', 'm', 'b'].forEach((id) => queue.add(tap(id)));
    queue.remove('a');
    expect(ids(new TapQueue('q.1'))).toEqual(['x', 'm', 'b']);
    expect(ids(new TapQueue('q.2'))).toEqual([]);
    // The clue whose number begins with this one is another clue.
    expect(ids(new TapQueue('q'))).toEqual([]);
});

it('loses nothing when two windows add and take out in turn', () => {
    fc.assert(
        fc.property(fc.array(fc.tuple(fc.boolean(), fc.boolean()), { maxLength: 60 }), (moves) => {
            localStorage.clear();
            const windows = [new TapQueue('q.1'), new TapQueue('q.1')];
            const expected = new Set();
            moves.forEach(([second, adds], index) => {
                const queue = windows[second ? 1 : 0];
                if (adds) {
                    queue.add(tap(`t${index}`));
                    expected.add(`t${index}`);
                } else {
                    const first = queue.all()[0];
                    if (first) {
                        queue.remove(first.id);
                        expected.delete(first.id);
                    }
                }
                if (index % 7 === 0) {
                    windows[0].markAllWaiting();
                }
            });
            expect(new Set(ids(windows[0]))).toEqual(expected);
            expect(ids(windows[1])).toEqual(ids(windows[0]));
        }),
    );
});

it('marks taps nobody is looking at, and only those that are still there', () => {
    const queue = new TapQueue('q.1');
    queue.add(tap('a'));
    queue.add(tap('b'));
    queue.remove('a');
    queue.markAllWaiting();
    expect(queue.all()).toEqual([tap('b', { queued: true })]);
    queue.add(tap('c'));
    expect(queue.all()[1].queued).toBeUndefined();
});

it('takes over what an earlier release kept under one key', () => {
    localStorage.setItem('dew.taps.q.1', JSON.stringify([tap('a'), tap('b')]));
    const queue = new TapQueue('q.1');
    expect(queue.all()).toEqual([tap('a', { queued: true }), tap('b', { queued: true })]);
    expect(localStorage.getItem('dew.taps.q.1')).toBeNull();
});

it('counts on where the device stores nothing, and past what it cannot read', () => {
    const queue = new TapQueue('q.1', noStorage, noStorage);
    queue.add(tap('a'));
    queue.add(tap('b'));
    queue.markAllWaiting();
    expect(queue.all()).toEqual([tap('a', { queued: true }), tap('b', { queued: true })]);
    queue.remove('a');
    expect(ids(queue)).toEqual(['b']);
    expect(queue.wasUsedLately()).toBe(false);

    localStorage.setItem('dew.taps.q.1/000.broken', '{');
    localStorage.setItem('dew.taps.q.1', '{');
    expect(ids(new TapQueue('q.1'))).toEqual([]);
});

it('knows that a tap was made a moment ago, and forgets everything at sign-out', () => {
    const queue = new TapQueue('q.1');
    expect(queue.wasUsedLately()).toBe(false);
    queue.add(tap('a'));
    localStorage.setItem('other', 'stays');
    expect(new TapQueue('q.1').wasUsedLately()).toBe(true);
    forgetQueues();
    expect(new TapQueue('q.1').isEmpty()).toBe(true);
    expect(new TapQueue('q.1').wasUsedLately()).toBe(false);
    expect(localStorage.getItem('other')).toBe('stays');
});

it('makes ids that no two taps share', () => {
    const made = new Set(Array.from({ length: 500 }, newId));
    expect(made.size).toBe(500);
    made.forEach((id) => expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/));
});
