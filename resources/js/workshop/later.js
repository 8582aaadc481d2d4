/**
 * Says what will be done, and does it after some seconds unless it is undone. What is left before that is not done.
 *
 * @param {HTMLElement} box where it is said
 * @param {{wait: string, says: string, undo: string}} words seconds; the sentence, with # for the seconds left; what the button says
 * @param {() => void} work
 */
export const later = (box, words, work) => {
    const until = Date.now() + Number(words.wait) * 1000;
    const bar = document.createElement('div');
    bar.className = 'message is-warning pending';
    bar.setAttribute('role', 'status');
    const text = document.createElement('span');
    const undo = document.createElement('button');
    undo.type = 'button';
    undo.className = 'btn btn-main';
    undo.textContent = words.undo;
    bar.append(text, undo);
    const end = () => {
        clearInterval(timer);
        bar.remove();
        box.hidden = box.children.length === 0;
    };
    const show = () => {
        const seconds = Math.max(0, Math.ceil((until - Date.now()) / 1000));
        text.textContent = words.says.replace('#', seconds);
        if (seconds === 0) {
            end();
            work();
        }
    };
    const timer = setInterval(show, 250);
    undo.addEventListener('click', end);
    box.append(bar);
    box.hidden = false;
    show();
    undo.focus();
};
