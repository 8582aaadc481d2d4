// @vitest-environment jsdom
import { beforeEach, expect, it, vi } from 'vitest';
import { afterPress } from '../../resources/js/workshop/press.js';

let done;
let whenFree;

const pointer = (name, button = 0, { buttons = 1, on = document } = {}) =>
    on.dispatchEvent(Object.assign(new Event(name, { bubbles: true }), { button, buttons }));

beforeEach(() => {
    vi.useFakeTimers();
    done = [];
    whenFree = afterPress();
});

it('works at once when nothing is pressed', () => {
    whenFree(() => done.push('a'));
    expect(done).toEqual(['a']);
});

it('waits while something is pressed, and then works in the order in which it was asked', () => {
    pointer('pointerdown');
    whenFree(() => done.push('a'));
    whenFree(() => done.push('b'));
    vi.advanceTimersByTime(5000);
    expect(done).toEqual([]);
    pointer('pointerup');
    // The click is handled before anything is exchanged; what comes meanwhile waits for its turn.
    document.addEventListener('click', () => done.push('click'), { once: true });
    document.dispatchEvent(new Event('click', { bubbles: true }));
    whenFree(() => done.push('c'));
    expect(done).toEqual(['click']);
    vi.runAllTimers();
    expect(done).toEqual(['click', 'a', 'b', 'c']);
});

it('waits again when the next press comes first', () => {
    pointer('pointerdown');
    whenFree(() => done.push('a'));
    pointer('pointerup');
    pointer('pointerdown');
    vi.runAllTimers();
    expect(done).toEqual([]);
    pointer('pointercancel');
    vi.runAllTimers();
    expect(done).toEqual(['a']);
});

it('does not wait for a menu, nor for a finger that left the window', () => {
    pointer('pointerdown', 2);
    whenFree(() => done.push('a'));
    expect(done).toEqual(['a']);
    pointer('pointerdown');
    whenFree(() => done.push('b'));
    window.dispatchEvent(new Event('blur'));
    vi.runAllTimers();
    expect(done).toEqual(['a', 'b']);
});

it('does not wait for the list of a field, which takes the lifting for itself', () => {
    document.body.innerHTML = '<select><option>1</option></select><a href="#">Link</a>';
    pointer('pointerdown', 0, { on: document.querySelector('select') });
    whenFree(() => done.push('a'));
    expect(done).toEqual(['a']);
    pointer('pointerdown', 0, { on: document.querySelector('a') });
    whenFree(() => done.push('b'));
    expect(done).toEqual(['a']);
    pointer('pointerup');
    vi.runAllTimers();
    expect(done).toEqual(['a', 'b']);
});

it('waits no longer once the mouse moves with nothing pressed', () => {
    pointer('pointerdown');
    whenFree(() => done.push('a'));
    pointer('pointermove');
    vi.runAllTimers();
    expect(done).toEqual([]);
    pointer('pointermove', -1, { buttons: 0 });
    vi.runAllTimers();
    expect(done).toEqual(['a']);
});
