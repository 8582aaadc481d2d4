import {
    asShape, bent, divided, leastRadius, mayRemove, measured, moved, path, read, snapped, without, written,
} from './outline-shape.js';

const SVG = 'http://www.w3.org/2000/svg';
const PER_INCH = 100;
/** In pixels on the screen, whatever the size of the unit. */
const CORNER_PX = 8;
const REACH_PX = 20;
const DOT_PX = 5;
const KEYS_MS = 500;
const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** Setting the corners of a piece on a fine grid: by dragging, by a click where a corner is to be, or by the arrow keys. */
export class OutlineEditor {
    constructor(root, outbox) {
        this.root = root;
        this.outbox = outbox;
        this.chosen = 0;
        this.corners = [];
        this.drag = null;
        this.timer = null;
        root.addEventListener('pointerdown', (event) => this.grab(event));
        document.addEventListener('pointermove', (event) => this.move(event));
        document.addEventListener('pointerup', (event) => this.drop(event));
        document.addEventListener('pointercancel', () => {
            this.drag = null;
            this.restore();
        });
        root.addEventListener('keydown', (event) => this.key(event));
        root.addEventListener('click', (event) => this.click(event));
        root.addEventListener('change', (event) => this.change(event));
        this.restore();
    }

    box() {
        return this.root.querySelector('#outline-board');
    }

    part(name) {
        return this.box().querySelector(`[data-outline-${name}]`);
    }

    step() {
        return Number(this.part('step').value);
    }

    metric() {
        return this.box().dataset.metric === '1';
    }

    pieces() {
        return JSON.parse(this.box().dataset.pieces);
    }

    piece() {
        return this.pieces().find(({ id }) => id === this.part('piece').value) ?? this.pieces()[0];
    }

    /** After the page was drawn anew: what the server knows, unless more is on its way to it. */
    restore() {
        // What is in hand stays there; it is sent when it is let go.
        if (this.box() === null || this.drag !== null) {
            return;
        }
        this.box().hidden = false;
        const piece = this.piece();
        if (piece.id !== this.shown || (this.outbox.isEmpty() && this.timer === null)) {
            this.shown = piece.id;
            this.known = piece.raw;
            this.corners = read(piece.shape);
        }
        this.draw();
    }

    say(word, values) {
        return Object.entries(values).reduce(
            (text, [name, value]) => text.replace(`:${name}`, value),
            JSON.parse(this.box().dataset.words)[word],
        );
    }

    draw() {
        const svg = this.part('svg');
        const [width, height] = [Number(this.box().dataset.width), Number(this.box().dataset.height)];
        const focused = document.activeElement?.closest?.('[data-outline-svg]') ? document.activeElement.id : null;
        const margin = Math.max(width, height) * PER_INCH * 0.05;
        const view = [-margin, -margin, width * PER_INCH + 2 * margin, height * PER_INCH + 2 * margin];
        svg.setAttribute('viewBox', view.join(' '));
        const pixel = view[2] / (svg.getBoundingClientRect().width || 480);
        this.chosen = Math.min(this.chosen, this.corners.length - 1);
        const parts = [];
        const make = (name, attributes) => {
            const node = document.createElementNS(SVG, name);
            Object.entries(attributes).forEach(([key, value]) => node.setAttribute(key, value));
            parts.push(node);

            return node;
        };
        if (this.box().dataset.picture) {
            make('image', {
                href: this.box().dataset.picture, width: width * PER_INCH, height: height * PER_INCH, preserveAspectRatio: 'none',
            });
        }
        const piece = this.piece();
        this.pieces().filter(({ id }) => id !== piece.id).forEach((other) => make('path', {
            class: 'outline-other', d: path(read(other.shape)), fill: other.paint,
        }));
        make('path', { class: 'outline-grid', d: this.lines(this.step(), width, height) });
        make('path', { class: 'outline-grid is-whole', d: this.lines(this.metric() ? 1 / 2.54 : 1, width, height) });
        make('path', { class: `outline-own${this.box().dataset.picture ? ' is-over-picture' : ''}`, d: path(this.corners), fill: piece.paint });
        this.corners.forEach((corner, index) => {
            const next = this.corners[(index + 1) % this.corners.length];
            const [x, y] = [(corner.x + next.x) / 2 * PER_INCH, (corner.y + next.y) / 2 * PER_INCH];
            const values = { one: index + 1, other: (index + 1) % this.corners.length + 1 };
            make('circle', {
                class: 'outline-side', id: `side-${index}`, 'data-side': index, cx: x, cy: y, r: DOT_PX * pixel, tabindex: 0, role: 'button',
                'aria-label': this.say('divide', values),
            });
        });
        this.corners.forEach((corner, index) => {
            const at = { cx: corner.x * PER_INCH, cy: corner.y * PER_INCH };
            make('circle', { class: 'outline-reach', 'data-corner': index, ...at, r: REACH_PX * pixel });
            make('circle', {
                class: 'outline-corner', id: `corner-${index}`, 'data-corner': index, ...at, r: CORNER_PX * pixel, tabindex: 0,
                role: 'button', 'aria-pressed': index === this.chosen,
                'aria-label': this.say('corner', { number: index + 1, x: corner.text[0], y: corner.text[1] }),
            });
        });
        svg.replaceChildren(...parts);
        if (focused !== null) {
            svg.querySelector(`#${focused}`)?.focus();
        }
        this.tools();
    }

    lines(step, width, height) {
        const across = Array.from({ length: Math.floor(width / step + 1e-9) + 1 }, (none, index) => index * step * PER_INCH);
        const down = Array.from({ length: Math.floor(height / step + 1e-9) + 1 }, (none, index) => index * step * PER_INCH);

        return [
            ...across.map((x) => `M${x} 0V${height * PER_INCH}`), ...down.map((y) => `M0 ${y}H${width * PER_INCH}`),
            `M0 0H${width * PER_INCH}V${height * PER_INCH}H0Z`,
        ].join('');
    }

    tools() {
        const corner = this.corners[this.chosen];
        const next = (this.chosen + 1) % this.corners.length;
        this.part('chosen').textContent = corner === undefined ? ''
            : this.say('corner', { number: this.chosen + 1, x: corner.text[0], y: corner.text[1] });
        this.part('remove').disabled = !mayRemove(this.corners);
        this.part('bend-label').textContent = this.say('bend', { one: this.chosen + 1, other: next + 1 });
        this.part('bend').value = corner?.bend ? (corner.bend.clockwise ? 'right' : 'left') : '';
        const radius = this.part('radius');
        radius.disabled = !corner?.bend;
        if (document.activeElement !== radius) {
            radius.value = corner?.bend?.text ?? '';
        }
    }

    /** Takes the outline as it is now, and sends it, soon or at once. */
    put(corners, wait = 0) {
        this.corners = corners;
        this.complain('');
        this.draw();
        clearTimeout(this.timer);
        this.timer = setTimeout(() => this.send(), wait);
    }

    send() {
        clearTimeout(this.timer);
        this.timer = null;
        const shape = asShape(this.corners);
        if (JSON.stringify(shape) !== JSON.stringify(this.known)) {
            this.outbox.add({ edit: JSON.stringify({ kind: 'set', place: this.piece().place, to: shape, expect: this.known }) });
            this.known = shape;
        }
    }

    complain(text) {
        this.part('problem').textContent = text;
    }

    /** Where the pointer is on the grid. */
    point(event) {
        const svg = this.part('svg');
        const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());

        return [
            snapped(at.x / PER_INCH, this.step(), Number(this.box().dataset.width)),
            snapped(at.y / PER_INCH, this.step(), Number(this.box().dataset.height)),
        ];
    }

    grab(event) {
        const corner = event.target.closest?.('[data-outline-svg] [data-corner]');
        if (!corner || this.root.querySelector('.panels').disabled) {
            return;
        }
        event.preventDefault();
        this.chosen = Number(corner.dataset.corner);
        this.drag = { corners: this.corners };
        this.draw();
        this.part('svg').querySelector(`#corner-${this.chosen}`).focus({ preventScroll: true });
    }

    move(event) {
        if (this.drag !== null) {
            this.corners = moved(this.drag.corners, this.chosen, ...this.point(event), this.metric());
            this.draw();
        }
    }

    drop() {
        if (this.drag !== null) {
            this.drag = null;
            this.send();
        }
    }

    click(event) {
        if (event.target.closest?.('[data-outline-remove]')) {
            this.remove();
        } else if (event.target.closest?.('[data-outline-svg]') && !this.root.querySelector('.panels').disabled) {
            const side = event.target.closest('[data-side]');
            if (side) {
                this.divide(Number(side.dataset.side));
            } else if (!event.target.closest('[data-corner]')) {
                this.put(moved(this.corners, this.chosen, ...this.point(event), this.metric()));
            }
        }
    }

    divide(index) {
        const [one, other] = [this.corners[index], this.corners[(index + 1) % this.corners.length]];
        const middle = (name, most) => snapped((one[name] + other[name]) / 2, this.step(), Number(most));
        const { width, height } = this.box().dataset;
        this.chosen = index + 1;
        this.put(divided(this.corners, index, middle('x', width), middle('y', height), this.metric()));
        this.part('svg').querySelector(`#corner-${this.chosen}`)?.focus({ preventScroll: true });
    }

    remove() {
        if (mayRemove(this.corners)) {
            const index = this.chosen;
            this.chosen = Math.max(0, index - 1);
            this.put(without(this.corners, index));
        }
    }

    key(event) {
        const { corner, side } = event.target.closest?.('[data-outline-svg]') ? event.target.dataset : {};
        if (side !== undefined && [' ', 'Enter'].includes(event.key)) {
            event.preventDefault();
            this.divide(Number(side));
        } else if (corner !== undefined && this.box()) {
            this.chosen = Number(corner);
            if (ARROWS[event.key]) {
                event.preventDefault();
                const { width, height } = this.box().dataset;
                const by = (value, steps, most) => steps === 0 ? value
                    : snapped(value + steps * this.step(), this.step(), Number(most));
                const [across, down] = ARROWS[event.key];
                const at = this.corners[this.chosen];
                this.put(
                    moved(this.corners, this.chosen, by(at.x, across, width), by(at.y, down, height), this.metric()), KEYS_MS,
                );
            } else if (['Delete', 'Backspace'].includes(event.key)) {
                event.preventDefault();
                this.remove();
            } else if ([' ', 'Enter'].includes(event.key)) {
                event.preventDefault();
                this.draw();
            }
        }
    }

    change(event) {
        const of = (name) => event.target.matches(`[data-outline-${name}]`);
        if (of('piece')) {
            this.send();
            this.chosen = 0;
            this.restore();
        } else if (of('step')) {
            this.draw();
        } else if (of('bend')) {
            const least = leastRadius(this.corners, this.chosen);
            // A gentle bend to begin with: twice the shortest radius there is.
            const radius = snapped(2 * least, this.step(), Infinity) || 2 * least;
            this.put(bent(this.corners, this.chosen, event.target.value === '' ? null : {
                ...(this.corners[this.chosen].bend ?? { radius, text: written(radius, this.metric()) }),
                clockwise: event.target.value === 'right',
            }));
        } else if (of('radius')) {
            const radius = measured(event.target.value);
            const least = leastRadius(this.corners, this.chosen);
            if (radius === null || radius < least - 1e-9) {
                this.complain(this.say(radius === null ? 'no_length' : 'short', { least: written(Math.ceil(least * 8) / 8, this.metric()) }));
            } else {
                this.put(bent(this.corners, this.chosen, {
                    ...this.corners[this.chosen].bend, radius, text: event.target.value.trim(),
                }));
            }
        }
    }
}
