import { beforeEach, expect, it } from 'vitest';
import { TapQueue } from '../../resources/js/queue.js';
import { TapSender, token } from '../../resources/js/sender.js';

const tap = (id) => ({ id, kind: 'add', amount: 1, anchor: 'a' });
const answer = (status, body = { done: 1, total: 9, applied: 1, message: null }) => ({
    status,
    ok: status >= 200 && status < 300,
    json: () => (body === 'no JSON' ? Promise.reject(new SyntaxError('no JSON')) : Promise.resolve(body)),
});

let queue, told, asked, later;

/** A sender whose server answers with these, one after another; the last one for ever after. */
const sender = (...answers) =>
    new TapSender(
        queue,
        { taps: '/taps', counters: '/counters' },
        {
            answered: ({ id }, { accepted, message }) => told.push(['answered', id, accepted, message ?? null]),
            waiting: ({ id }) => told.push(['waiting', id]),
            signedOut: (isOut) => told.push(['signed out', isOut]),
        },
        async (address, { method = 'GET', body = null } = {}) => {
            asked.push([method, address, body === null ? null : JSON.parse(body)]);
            const next = answers.length > 1 ? answers.shift() : answers[0];
            if (next instanceof Error) {
                throw next;
            }

            return next;
        },
        (work) => later.push(work),
    );

const ids = () => queue.all().map(({ id }) => id);

beforeEach(() => {
    localStorage.clear();
    queue = new TapQueue('q.1');
    [told, asked, later] = [[], [], []];
    ['a', 'b'].forEach((id) => queue.add(tap(id)));
});

it('sends taps one after another and takes each out once it is answered, refused ones too', async () => {
    await sender(answer(200), answer(422, { done: 9, total: 9, applied: 0, message: 'All are counted.' })).flush();
    expect(ids()).toEqual([]);
    expect(asked.map(([, , body]) => body.id)).toEqual(['a', 'b']);
    expect(asked[0][2].anchor).toBeUndefined();
    expect(told.filter(([what]) => what === 'answered')).toEqual([['answered', 'a', true, null], ['answered', 'b', false, 'All are counted.']]);
});

it.each([
    ['no connection', new TypeError('Failed to fetch')],
    ['a server error', answer(500)],
    ['a busy server', answer(503)],
    ['too many taps', answer(429)],
    ['an answer that is no JSON', answer(200, 'no JSON')],
])('keeps taps and tries again after %s', async (_, failure) => {
    const mine = sender(failure, answer(200));
    await mine.flush();
    expect(ids()).toEqual(['a', 'b']);
    expect(queue.all().every(({ queued }) => queued)).toBe(true);
    expect(told).toContainEqual(['waiting', 'a']);
    await later[0]();
    await mine.flush();
    expect(ids()).toEqual([]);
});

it('keeps taps when somebody is signed out, says so, and sends them after the next sign-in', async () => {
    const mine = sender(answer(401, { message: 'Unauthenticated.' }), answer(200));
    await mine.flush();
    expect(ids()).toEqual(['a', 'b']);
    expect(told).toContainEqual(['signed out', true]);
    // Asking again and again without a sign-in would help nobody.
    expect(later).toEqual([]);
    await mine.flush();
    expect(ids()).toEqual([]);
    expect(told.at(-1)).toEqual(['answered', 'b', true, null]);
    expect(told.filter(([what]) => what === 'signed out').at(-1)).toEqual(['signed out', false]);
});

it('renews an old token once and sends the tap again', async () => {
    await sender(answer(419, { message: 'CSRF token mismatch.' }), answer(200, {}), answer(200)).flush();
    expect(asked.slice(0, 3).map(([method, address]) => `${method} ${address}`)).toEqual(['POST /taps', 'GET /counters', 'POST /taps']);
    expect(ids()).toEqual([]);
});

it('keeps taps when the token cannot be renewed', async () => {
    await sender(answer(419), answer(401), answer(419)).flush();
    expect(ids()).toEqual(['a', 'b']);
    expect(told).toContainEqual(['signed out', true]);
});

it('sends nothing twice when it is asked to send while it sends', async () => {
    const mine = sender(answer(200));
    await Promise.all([mine.flush(), mine.flush(), mine.flush()]);
    expect(asked).toHaveLength(2);
});

it('tells what an error of the form says, and goes on', async () => {
    await sender(answer(422, { errors: { amount: ['Count in whole numbers.'] } }), answer(404, { message: 'Not found' })).flush();
    expect(ids()).toEqual([]);
    expect(told.filter(([what]) => what === 'answered').map(([, , accepted]) => accepted)).toEqual([false, false]);
});

it('reads the counters only while nothing is on its way', async () => {
    expect(await sender(answer(200, { a: { done: 3, total: 9 } })).counters()).toBeNull();
    ['a', 'b'].forEach((id) => queue.remove(id));
    expect(await sender(answer(200, { a: { done: 3, total: 9 } })).counters()).toEqual({ a: { done: 3, total: 9 } });
    expect(await sender(answer(401)).counters()).toBeNull();
    expect(told.at(-1)).toEqual(['signed out', true]);
    expect(await sender(new TypeError('offline')).counters()).toBeNull();
});

it('reads the token from the cookie of this session', () => {
    expect(token('dew_theme=dark; XSRF-TOKEN=abc%3D%3D; x=y')).toBe('abc==');
    expect(token('NOT-XSRF-TOKEN=abc')).toBe('');
    expect(token('')).toBe('');
});
