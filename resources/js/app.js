import { countdown } from './countdown.js';
import { counters } from './counters.js';
import { forgetQueues } from './queue.js';
import { theme } from './theme.js';

/** Does something once the page has been painted; soon in a window that nobody sees. */
const afterPaint = (work) => document.hidden ? setTimeout(work) : requestAnimationFrame(() => setTimeout(work));

document.querySelectorAll('form[data-sign-out]').forEach((form) => form.addEventListener('submit', forgetQueues));
afterPaint(() => {
    theme();
    countdown();
    counters();
    // From here on taps are taken by script; before, the forms answer for themselves.
    document.documentElement.dataset.ready = '';
});
