const EVERY = 1000;

/** Asks how far something is that is made elsewhere, says so, and shows it once it is ready. */
export const calculating = () => document.querySelectorAll('[data-calculating]').forEach((box) => {
    const says = box.querySelector('[data-calculating-says]');
    const ask = async () => {
        try {
            const answer = await fetch(box.dataset.calculating, { headers: { Accept: 'application/json' } });
            const state = answer.ok ? await answer.json() : null;
            if (state?.ready) {
                return box.dataset.then ? location.replace(box.dataset.then) : location.reload();
            }
            if (state?.says && state.says !== says.textContent) {
                says.textContent = state.says;
            }
        } catch {
            // Without a connection for a moment: it is asked again.
        }
        setTimeout(ask, EVERY);
    };
    setTimeout(ask, EVERY);
});
