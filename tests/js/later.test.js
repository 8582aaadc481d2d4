// @vitest-environment jsdom
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { pending } from '../../resources/js/pending.js';
import { later } from '../../resources/js/workshop/later.js';

const words = { wait: '10', says: 'Clue 3 is removed in # seconds.', undo: 'Undo' };

let box;

beforeEach(() => {
    vi.useFakeTimers();
    document.body.innerHTML = '<div id="waiting" hidden></div>';
    box = document.getElementById('waiting');
});

afterEach(() => vi.useRealTimers());

it('says what will be done, counts down, and does it once', () => {
    const work = vi.fn();
    later(box, words, work);
    expect([box.hidden, box.querySelector('span').textContent]).toEqual([false, 'Clue 3 is removed in 10 seconds.']);
    vi.advanceTimersByTime(6_000);
    expect([box.querySelector('span').textContent, work.mock.calls.length]).toEqual(['Clue 3 is removed in 4 seconds.', 0]);
    vi.advanceTimersByTime(4_000);
    expect([box.hidden, box.children.length, work.mock.calls.length]).toEqual([true, 0, 1]);
    vi.advanceTimersByTime(60_000);
    expect(work).toHaveBeenCalledTimes(1);
});

it('does nothing once it is undone, and puts the button under the fingers', () => {
    const work = vi.fn();
    later(box, words, work);
    expect(document.activeElement.textContent).toBe('Undo');
    vi.advanceTimersByTime(9_900);
    document.activeElement.click();
    vi.advanceTimersByTime(60_000);
    expect([box.hidden, box.children.length, work.mock.calls.length]).toEqual([true, 0, 0]);
});

it('lets two wait beside each other, each undone by itself', () => {
    const [one, other] = [vi.fn(), vi.fn()];
    later(box, words, one);
    later(box, { ...words, says: 'Clue 4 is removed in # seconds.' }, other);
    box.querySelector('button').click();
    expect([box.hidden, box.textContent]).toEqual([false, 'Clue 4 is removed in 10 seconds.Undo']);
    vi.advanceTimersByTime(10_000);
    expect([one.mock.calls.length, other.mock.calls.length, box.hidden]).toEqual([0, 1, true]);
});

it('counts down on a page what takes effect in a few seconds, and takes its undo away then', () => {
    document.body.innerHTML = `<div data-pending="10" data-says="Opens in # seconds." data-done="It is open."><span data-pending-says></span>
        <form><button>Undo</button></form></div><div data-pending="3" data-says="#" data-done="Done."><span data-pending-says></span><form></form></div>`;
    pending();
    const says = () => [...document.querySelectorAll('[data-pending-says]')].map(({ textContent }) => textContent);
    expect(says()).toEqual(['Opens in 10 seconds.', '3']);
    vi.advanceTimersByTime(3_000);
    expect([says(), document.querySelector('form').hidden]).toEqual([['Opens in 7 seconds.', 'Done.'], false]);
});
