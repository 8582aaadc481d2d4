/**
 * Work that would exchange what lies under a finger or the mouse: at once, or as soon as it is lifted. A link or button that is
 * exchanged or moved between being pressed and let go of is never clicked.
 */
export const afterPress = (page = document) => {
    let isPressed = false;
    const waiting = [];
    const lift = () => {
        isPressed = false;
        // The click follows what lifts the finger, and comes first.
        setTimeout(() => {
            while (!isPressed && waiting.length > 0) waiting.shift()();
        });
    };
    page.addEventListener('pointerdown', (event) => {
        // The list that a field opens takes the lifting for itself.
        isPressed = event.button === 0 && !event.target.matches?.('select, option');
    }, true);
    page.addEventListener('pointerup', lift, true);
    page.addEventListener('pointercancel', lift, true);
    // Whatever else has swallowed it, such as a menu or another window: the mouse moves with nothing pressed.
    page.addEventListener('pointermove', (event) => isPressed && event.buttons === 0 && lift(), true);
    window.addEventListener('blur', lift);

    return (work) => {
        if (isPressed || waiting.length > 0) {
            waiting.push(work);
        } else {
            work();
        }
    };
};
