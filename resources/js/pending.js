/** Counts down what takes effect in a few seconds, and shows the page as it is then. */
export const pending = () => document.querySelectorAll('[data-pending]').forEach((box) => {
    const until = Date.now() + Number(box.dataset.pending) * 1000;
    const says = box.querySelector('[data-pending-says]');
    const show = () => {
        const seconds = Math.max(0, Math.ceil((until - Date.now()) / 1000));
        says.textContent = seconds === 0 ? box.dataset.done : box.dataset.says.replace('#', seconds);
        if (seconds === 0) {
            clearInterval(timer);
            box.querySelector('form').hidden = true;
            setTimeout(() => location.reload(), 800);
        }
    };
    const timer = setInterval(show, 250);
    show();
});
