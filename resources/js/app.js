import Alpine from '@alpinejs/csp';
import { clue } from './counters.js';
import { countdown } from './countdown.js';
import { theme } from './theme.js';
import { forgetQueues } from './queue.js';

Alpine.data('clue', clue);
Alpine.data('countdown', countdown);
Alpine.data('theme', theme);
Alpine.start();
// From here on taps are taken by script; before, the forms answer for themselves.
document.documentElement.dataset.ready = '';

document.querySelectorAll('form[data-sign-out]').forEach((form) => form.addEventListener('submit', forgetQueues));
