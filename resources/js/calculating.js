const EVERY = 1000;

/**
 * Asks an address again and again how far something is that is made elsewhere, until it is ready.
 *
 * @param {string} address answers with `ready`, and with `says` while it is not
 * @param {{says: function(string): void, ready: function(): void}} tell
 */
export const watch = (address, tell, request = (...call) => fetch(...call), later = (work) => setTimeout(work, EVERY)) => {
    const ask = async () => {
        try {
            const answer = await request(address, { headers: { Accept: 'application/json' } });
            const state = answer.ok ? await answer.json() : null;
            if (state?.ready) {
                tell.ready();

                return;
            }
            if (state?.says) {
                tell.says(state.says);
            }
        } catch {
            // Without a connection for a moment: it is asked again.
        }
        later(ask);
    };
    later(ask);
};

/** Says how far something is, and shows it once it is ready. */
export const calculating = () => document.querySelectorAll('[data-calculating]').forEach((box) => {
    const words = box.querySelector('[data-calculating-says]');
    watch(box.dataset.calculating, {
        says: (text) => {
            // What is said again would be read out again.
            if (words.textContent !== text) {
                words.textContent = text;
            }
        },
        ready: () => box.dataset.then ? location.replace(box.dataset.then) : location.reload(),
    });
});
