import { calculating } from './calculating.js';
import { countdown } from './countdown.js';
import { counters } from './counters.js';
import { layout } from './layout.js';
import { marking, photographs } from './photo.js';
import { pending } from './pending.js';
import { forgetQueues } from './queue.js';
import { theme } from './theme.js';

/** Does something once the page has been painted; soon in a window that nobody sees. */
const afterPaint = (work) => document.hidden ? setTimeout(work) : requestAnimationFrame(() => setTimeout(work));

// A file that is too large is said so before it is sent.
document.querySelectorAll('input[data-most]').forEach((input) => input.addEventListener('change', () => {
    const large = (input.files[0]?.size ?? 0) > Number(input.dataset.most);
    input.setCustomValidity(large ? input.dataset.tooLarge : '');
    input.reportValidity();
}));
document.querySelectorAll('input[data-zone]').forEach((input) => {
    // The zone of the device, where nobody has said another.
    input.value = input.value === 'UTC' ? Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC' : input.value;
});
document.querySelectorAll('input[data-choose-all]').forEach((all) => all.addEventListener('change', () => {
    all.form.querySelectorAll('input[type="checkbox"]').forEach((box) => { box.checked = all.checked; });
}));
document.querySelectorAll('form[data-sign-out]').forEach((form) => form.addEventListener('submit', forgetQueues));
afterPaint(() => {
    theme();
    countdown();
    pending();
    calculating();
    counters();
    photographs();
    marking();
    layout();
    // From here on taps are taken by script; before, the forms answer for themselves.
    document.documentElement.dataset.ready = '';
});
