/** Counts down by the server's clock, whatever this device's says, and reloads once the hour has come. */
export const countdown = () => document.querySelectorAll('[data-opens]').forEach((box) => {
    const opens = Number(box.dataset.opens);
    const ahead = Number(box.dataset.now) - Date.now();
    const parts = Object.fromEntries([...box.querySelectorAll('[data-part]')].map((part) => [part.dataset.part, part]));
    const show = () => {
        const seconds = Math.max(0, Math.ceil((opens - Date.now() - ahead) / 1000));
        parts.days.textContent = Math.floor(seconds / 86400);
        parts.hours.textContent = Math.floor((seconds % 86400) / 3600);
        parts.minutes.textContent = Math.floor((seconds % 3600) / 60);
        parts.seconds.textContent = seconds % 60;
        if (seconds === 0) {
            clearInterval(timer);
            // Everybody's hour strikes at once: spread the rush over a few seconds.
            setTimeout(() => location.reload(), 500 + Math.random() * 3000);
        }
    };
    const timer = setInterval(show, 1000);
    show();
});
