// @vitest-environment jsdom
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { counters } from '../../resources/js/counters.js';

const page = `
    <div data-counters="/counters" data-queue="q.1" data-waiting="Waiting" data-failed="Not saved" data-whole="Count in whole numbers.">
        <form id="taps" method="post" action="/taps" hidden></form>
        <template>
            <button type="button" data-undo>Undo</button>
            <p data-asks><button type="button" data-as-sewn>As sewn</button><button type="button" data-sure>Count it all the same</button></p>
        </template>
        ${['sewn', 'trimmed'].map((counter) => `<section class="counter" id="beam-${counter}" data-total="104">
            <output>7</output><input class="counter-typed" readonly value="7" data-tap="set beam ${counter}"><progress max="104" value="7"></progress>
            <div class="counter-buttons">
                <button form="taps" name="tap" value="2 beam ${counter}">+2</button>
                <button form="taps" name="tap" value="all beam ${counter}">All</button>
            </div>
            <p class="field-error"></p>
        </section>`).join('')}
    </div>`;

/** Taps as the server got them, and how it answers each: at once, or when the test lets it. */
let got;
let hold;
let done;
let refuses;

const answer = (status, body) => ({ ok: status < 400, status, json: async () => body });

/** Counts as the server does; `refuses` answers a tap in another way. */
const server = async (address, { body } = {}) => {
    if (address === '/counters') {
        const undo = (counter) => got.filter((tap) => tap.counter === counter && !got.some(({ undoes }) => undoes === tap.id)).at(-1)?.id ?? null;

        return answer(200, Object.fromEntries(Object.entries(done).map(([counter, count]) => [`beam-${counter}`, { done: count, total: 104, message: null, undo: undo(counter) }])));
    }
    const tap = JSON.parse(body);
    got.push(tap);
    await hold;
    const refused = refuses(tap);
    if (refused !== null) {
        return refused;
    }
    const counter = tap.kind === 'undo' ? got.find(({ id }) => id === tap.undoes).counter : tap.counter;
    const before = done[counter];
    done[counter] = { add: () => before + tap.amount, set: () => tap.amount, all: () => 104, undo: () => got.find(({ id }) => id === tap.undoes).was }[tap.kind]();
    tap.was = before;

    return answer(200, { done: done[counter], total: 104, applied: done[counter] - before, message: null });
};

const counter = (name) => {
    const box = document.getElementById(`beam-${name}`);
    const button = (text) => [...box.querySelectorAll('button')].find((each) => each.textContent === text && !each.hidden);

    return {
        press: (text) => button(text).click(),
        offers: (text) => button(text) !== undefined,
        type: (text) => {
            const input = box.querySelector('input');
            input.focus();
            input.value = text;
            input.blur();
            input.dispatchEvent(new Event('change'));
        },
        get reads() {
            return [box.querySelector('output').textContent, box.querySelector('input').value, String(box.querySelector('progress').value)];
        },
        get says() {
            return box.querySelector('.field-error').textContent;
        },
    };
};

const settled = () => vi.waitFor(() => expect(Object.keys(localStorage)).toEqual([]));
/** The page as it is sent, with what it shows of the last tap. */
const opened = (undo = '') => {
    document.body.innerHTML = page.replace('counter-buttons">', `counter-buttons">${undo}`);
    counters();
};

beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
    got = [];
    hold = null;
    done = { sewn: 7, trimmed: 7 };
    refuses = () => null;
    vi.stubGlobal('fetch', server);
    opened();
});

afterEach(() => vi.unstubAllGlobals());

it('shows a tap at once in number, field and bar, and sends it', async () => {
    counter('sewn').press('+2');
    expect(counter('sewn').reads).toEqual(['9', '9', '9']);
    await settled();
    expect(got.map(({ kind, task, amount }) => [kind, task, amount])).toEqual([['add', 'beam', 2]]);
    expect([done.sewn, counter('trimmed').reads[0]]).toEqual([9, '7']);
});

it('takes a number that is typed, and sends nothing for the one that is there already', async () => {
    counter('sewn').type('31');
    await settled();
    counter('sewn').type('31');
    expect(got.map(({ kind, amount }) => [kind, amount])).toEqual([['set', 31]]);
    expect(counter('sewn').reads).toEqual(['31', '31', '31']);
});

it('says what is wrong with what is typed, and shows the number as it was', async () => {
    for (const text of ['many', '-3', '3.5', '12345', '']) {
        counter('sewn').type(text);
        expect([counter('sewn').says, ...counter('sewn').reads]).toEqual(['Count in whole numbers.', '7', '7', '7']);
    }
    expect(got).toEqual([]);
    counter('sewn').press('+2');
    expect(counter('sewn').says).toBe('');
});

it('undoes the last tap, not the one before it, while that is still on its way', async () => {
    counter('sewn').type('31');
    await settled();
    let release;
    hold = new Promise((resolve) => (release = resolve));
    counter('sewn').press('All');
    await vi.waitFor(() => expect(got).toHaveLength(2));
    counter('sewn').press('Undo');
    release();
    await settled();
    expect(got.at(-1).undoes).toBe(got[1].id);
    expect([done.sewn, ...counter('sewn').reads]).toEqual([31, '31', '31', '31']);
    expect(counter('sewn').offers('Undo')).toBe(false);
});

it('undoes after a reload the tap that the page before did not see answered', async () => {
    counter('sewn').type('31');
    await settled();
    hold = new Promise(() => {});
    counter('sewn').press('All');
    await vi.waitFor(() => expect(got).toHaveLength(2));
    const all = got[1].id;
    hold = null;
    got.pop();
    opened(`<button data-undo value="undo ${got[0].id}">Undo</button>`);
    counter('sewn').press('Undo');
    await settled();
    expect(got.map(({ kind }) => kind)).toEqual(['set', 'all', 'undo']);
    expect([got.at(-1).undoes, done.sewn]).toEqual([all, 31]);
});

it('undoes after a reload the tap that was counted after the page was drawn', async () => {
    counter('sewn').type('31');
    await settled();
    counter('sewn').press('All');
    await settled();
    opened(`<button data-undo value="undo ${got[0].id}">Undo</button>`);
    counter('sewn').press('Undo');
    counter('sewn').press('Undo');
    counter('sewn').type('9');
    await vi.waitFor(() => expect(got).toHaveLength(4));
    await settled();
    expect(got.map(({ kind }) => kind)).toEqual(['set', 'all', 'undo', 'set']);
    expect([got[2].undoes, got[3].amount, done.sewn]).toEqual([got[1].id, 9, 9]);
    await vi.waitFor(() => expect(counter('sewn').reads).toEqual(['9', '9', '9']));
});

it('asks before more are trimmed than are sewn, once, and does what is answered', async () => {
    refuses = (tap) => (tap.counter === 'trimmed' && tap.sure !== '1' && tap.kind !== 'undo'
        ? answer(200, { done: 7, total: 104, applied: 0, message: '7 are sewn.', asks: true }) : null);
    counter('trimmed').type('20');
    await settled();
    expect([counter('trimmed').says, counter('trimmed').reads[0], counter('trimmed').offers('As sewn')]).toEqual(['7 are sewn.', '7', true]);
    counter('trimmed').press('Count it all the same');
    await settled();
    expect([done.trimmed, done.sewn, counter('trimmed').offers('As sewn')]).toEqual([20, 7, false]);
    counter('trimmed').press('+2');
    await settled();
    expect(done).toEqual({ sewn: 7, trimmed: 22 });
});

it('counts as sewn what is trimmed, when that is the answer', async () => {
    refuses = (tap) => (tap.counter === 'trimmed' && tap.sure !== '1' ? answer(200, { done: 7, total: 104, applied: 0, message: '7 are sewn.', asks: true }) : null);
    counter('trimmed').press('All');
    await settled();
    counter('trimmed').press('As sewn');
    await settled();
    expect(done).toEqual({ sewn: 104, trimmed: 104 });
    expect([counter('sewn').reads[0], counter('trimmed').reads[0]]).toEqual(['104', '104']);
});

it('keeps what is typed while an earlier tap is answered', async () => {
    let release;
    hold = new Promise((resolve) => (release = resolve));
    counter('sewn').press('+2');
    const input = document.querySelector('#beam-sewn input');
    input.focus();
    input.value = '4';
    release();
    await settled();
    expect(counter('sewn').reads).toEqual(['9', '4', '9']);
});
