import { countdown } from './countdown.js';
import { forgetQueues } from './queue.js';
import { theme } from './theme.js';

/** Does something once the page has been painted; soon in a window that nobody sees. */
const afterPaint = (work) => document.hidden ? setTimeout(work) : requestAnimationFrame(() => setTimeout(work));

/** Alpine and the components for it come only where a page has any. */
const components = async () => {
    if (document.querySelector('[x-data]') === null) {
        return;
    }
    const [{ default: Alpine }, { clue }] = await Promise.all([import('@alpinejs/csp'), import('./counters.js')]);
    Alpine.data('clue', clue);
    Alpine.start();
};

document.querySelectorAll('form[data-sign-out]').forEach((form) => form.addEventListener('submit', forgetQueues));
afterPaint(async () => {
    theme();
    countdown();
    await components();
    // From here on taps are taken by script; before, the forms answer for themselves.
    document.documentElement.dataset.ready = '';
});
