import { Idiomorph } from 'idiomorph';

/** Whether somebody has typed something into a field that is not sent yet. */
const isTouched = (node) => node.matches?.('input, textarea, select')
    && node.closest('[data-own]') !== null
    && (node.type === 'radio' || node.type === 'checkbox'
        ? node.checked !== node.defaultChecked : node.value !== (node.defaultValue ?? node.value));

const callbacks = {
    // What the browser itself opened, chose or typed stays.
    beforeAttributeUpdated: (name, node) => !(name === 'open' && node.tagName === 'DETAILS')
        && !(node.dataset?.keep ?? '').split(' ').includes(name),
    // What a script draws is drawn by it again.
    beforeNodeMorphed: (node) => !(node instanceof Element && (isTouched(node) || node.matches('[data-outline-svg]'))),
};

/** The panels of the page as the server knows them. */
export const known = (root, without = []) =>
    [...root.querySelectorAll('[data-panel]')]
        .filter((panel) => !without.includes(panel.dataset.panel))
        .map((panel) => `${panel.dataset.panel}:${panel.dataset.hash}`)
        .join(',');

const hashOf = async (html) => {
    if (!crypto.subtle) {
        return '';
    }
    const bytes = new Uint8Array(await crypto.subtle.digest('SHA-256', new TextEncoder().encode(html)));

    return Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('').slice(0, 12);
};

/** Puts what the server drew anew in the place of what is there, and touches nothing else. */
export const show = (root, panels) => {
    for (const [name, html] of Object.entries(panels ?? {})) {
        const panel = root.querySelector(`[data-panel="${name}"]`);
        if (panel === null) {
            continue;
        }
        // What somebody is typing stays; a button that was pressed must become what the server drew, with the edit it stands for.
        const ignoreActiveValue = document.activeElement?.matches('input, textarea, select') ?? false;
        Idiomorph.morph(panel, html, { morphStyle: 'innerHTML', ignoreActiveValue, callbacks });
        panel.dataset.hash = '';
        hashOf(html).then((hash) => {
            panel.dataset.hash = hash;
        });
    }
};
