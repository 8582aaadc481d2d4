import { shrink } from './workshop/picture.js';

/** Photographs are made smaller before they are sent. */
export const photographs = () => document.querySelectorAll('input[data-shrink-photo]').forEach((input) => {
    input.addEventListener('change', () => {
        if (input.files.length === 0) {
            return;
        }
        const buttons = input.form.querySelectorAll('button');
        buttons.forEach((button) => { button.disabled = true; });
        shrink(input).finally(() => buttons.forEach((button) => { button.disabled = false; }));
    });
});

/** The part of a photograph between two points, in hundredths of it, never smaller than can be used. */
export const part = (from, to, least = 5) => {
    const side = (one, other) => {
        const low = Math.min(Math.max(Math.min(one, other), 0), 100 - least);
        const high = Math.max(Math.min(Math.max(one, other), 100), low + least);
        return [low, high - low].map((value) => Math.round(value * 10) / 10);
    };
    const [[x, width], [y, height]] = [side(from.x, to.x), side(from.y, to.y)];
    return { x, y, width, height };
};

/** A box is drawn over a photograph with a finger or a mouse; the four numbers below say the same and can be typed. */
export const marking = () => document.querySelectorAll('[data-mark-part]').forEach((area) => {
    const box = area.querySelector('.photo-box');
    const fields = Object.fromEntries(['x', 'y', 'width', 'height'].map((name) => [name, area.closest('form').elements[name]]));
    const show = () => {
        box.style.left = `${fields.x.value}%`;
        box.style.top = `${fields.y.value}%`;
        box.style.width = `${fields.width.value}%`;
        box.style.height = `${fields.height.value}%`;
    };
    const at = (event) => {
        const frame = area.getBoundingClientRect();
        return { x: 100 * (event.clientX - frame.left) / frame.width, y: 100 * (event.clientY - frame.top) / frame.height };
    };
    let from = null;
    area.addEventListener('pointerdown', (event) => {
        from = at(event);
        area.setPointerCapture(event.pointerId);
        event.preventDefault();
    });
    area.addEventListener('pointermove', (event) => {
        if (from !== null) {
            Object.entries(part(from, at(event))).forEach(([name, value]) => { fields[name].value = value; });
            show();
        }
    });
    ['pointerup', 'pointercancel'].forEach((name) => area.addEventListener(name, () => { from = null; }));
    Object.values(fields).forEach((field) => field.addEventListener('input', show));
    show();
});
