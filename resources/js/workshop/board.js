const SVG = 'http://www.w3.org/2000/svg';
const DRAG_PX = 8;

/** Composing a block: what is held, which place is chosen, and what a click, a key or a drag does there. */
export class Board {
    constructor(root, outbox) {
        this.root = root;
        this.outbox = outbox;
        this.hand = null;
        this.chosen = null;
        this.drag = null;
        // The place whose content is to change places with that of the next one chosen.
        this.swapping = null;
        root.addEventListener('click', (event) => this.click(event));
        root.addEventListener('keydown', (event) => this.key(event));
        root.addEventListener('pointerdown', (event) => this.grab(event));
        root.addEventListener('change', (event) => this.reclothe(event));
        document.addEventListener('pointermove', (event) => this.move(event));
        document.addEventListener('pointerup', (event) => this.drop(event));
        document.addEventListener('pointercancel', () => this.forgetDrag());
        this.restore();
        if (location.hash.startsWith('#cell-')) {
            this.choose(this.svg()?.querySelector(location.hash));
        }
    }

    svg() {
        return this.root.querySelector('#board');
    }

    spots() {
        return [...(this.svg()?.querySelectorAll('.spot') ?? [])];
    }

    /** After the page was drawn anew: what is held and chosen is as before. */
    restore() {
        if (this.svg() === null) {
            return;
        }
        const spot = this.chosen && this.svg().querySelector(`#${this.chosen}`);
        this.spots().forEach((one, index) => {
            one.setAttribute('aria-pressed', String(one === spot));
            one.setAttribute('tabindex', one === (spot ?? this.spots()[0]) || (!spot && index === 0) ? '0' : '-1');
        });
        if (this.hand && !this.root.querySelector(`[data-hand="${this.hand.id}"]`)) {
            this.hand = null;
        }
        this.root.querySelector('[data-swap-start]')?.setAttribute('aria-pressed', String(this.swapping !== null));
        this.root.querySelectorAll('[data-hand]').forEach((button) => button.setAttribute('aria-pressed',
            String(button.dataset.hand === this.hand?.id)));
        const all = this.root.querySelector('#lay-all');
        if (all) {
            all.disabled = this.hand === null || !this.spots().some((one) => one.dataset.cell === 'null');
        }
        this.tools(spot);
    }

    hold(button) {
        this.hand = button === null || this.hand?.id === button.dataset.hand ? null : {
            id: button.dataset.hand, as: button.dataset.as, shape: button.dataset.shape,
        };
        this.restore();
    }

    holdLast() {
        const buttons = [...this.root.querySelectorAll('#shelf [data-as="unit"]')];
        this.hand = null;
        if (buttons.length > 0) {
            this.hold(buttons.at(-1));
        }
    }

    choose(spot, focus = false) {
        if (!spot) {
            return;
        }
        this.chosen = spot.id;
        this.restore();
        if (focus) {
            spot.focus();
        }
    }

    /** The tools work on the chosen place: its form is told where that is. */
    tools(spot) {
        const form = this.root.querySelector('#cell-form');
        const hint = this.root.querySelector('#tools-hint');
        if (!form) {
            return;
        }
        const filled = Boolean(spot) && spot.dataset.cell !== 'null';
        form.hidden = !filled;
        hint.textContent = spot ? spot.getAttribute('aria-label') : hint.parentElement.dataset.on;
        this.root.querySelectorAll('.reclothe').forEach((set) => {
            set.hidden = !filled || set.dataset.ofUnit !== spot.dataset.holds;
            if (!set.hidden) {
                const fabrics = JSON.parse(spot.dataset.fabrics);
                set.querySelectorAll('[data-reclothe]').forEach((select) => {
                    select.value = fabrics[select.dataset.reclothe] ?? select.dataset.reclothe;
                });
            }
        });
        if (filled) {
            const values = this.fields(spot);
            Object.entries(values).forEach(([name, value]) => {
                form.elements[name].value = value;
            });
            form.querySelector('[data-tool="narrower"]').disabled = values.across === '1';
            const shorter = form.querySelector('[data-tool="shorter"]');
            if (shorter) {
                shorter.disabled = values.down === '1';
            }
        }
    }

    fields(spot) {
        const [across, down] = [Number(spot.dataset.across), Number(spot.dataset.down)];

        return {
            column: spot.dataset.column, row: spot.dataset.row, cell: spot.dataset.cell, across: String(across), down: String(down),
            wider: String(across + 1), narrower: String(across - 1), taller: String(down + 1), shorter: String(down - 1),
        };
    }

    click(event) {
        const shelf = event.target.closest('[data-hand]');
        if (shelf) {
            this.hold(shelf);

            return;
        }
        if (event.target.closest('#lay-all')) {
            this.layAll();

            return;
        }
        if (event.target.closest('[data-swap-start]')) {
            this.startSwap();

            return;
        }
        const spot = event.target.closest('.spot');
        if (spot) {
            this.use(spot);
        }
    }

    /** With something in hand: lay it, or turn what is the same already. With an empty hand: choose the place. */
    use(spot) {
        const from = this.swapping && this.svg().querySelector(`#${this.swapping}`);
        if (from && from !== spot) {
            this.swap(from, spot);
            this.choose(spot, true);
        } else if (this.hand === null) {
            this.choose(spot, true);
        } else if (spot.dataset.holds === this.hand.id) {
            this.choose(spot, true);
            this.tool('turn_right');
        } else {
            this.lay(spot, this.hand);
            this.choose(spot, true);
        }
    }

    /** From here on the next place that is chosen changes places with this one; the same again stops that. */
    startSwap() {
        this.swapping = this.swapping === this.chosen ? null : this.chosen;
        this.restore();
    }

    swap(from, spot) {
        this.swapping = null;
        this.outbox.add({
            edit: this.svg().dataset.swap, ...this.fields(from), with_column: spot.dataset.column, with_row: spot.dataset.row, board: '1',
        });
    }

    layEdit(spot, hand, literal) {
        const edit = JSON.parse(this.svg().dataset.lay);
        edit[hand.as] = hand.id;
        if (literal) {
            Object.assign(edit, { column: Number(spot.dataset.column), row: Number(spot.dataset.row),
                expect: JSON.parse(spot.dataset.cell) });
        }

        return edit;
    }

    lay(spot, hand) {
        this.outbox.add({ edit: JSON.stringify(this.layEdit(spot, hand, false)), ...this.fields(spot), board: '1' });
        this.draw(spot, hand);
    }

    layAll() {
        const fits = (spot) => spot.dataset.ways === undefined || JSON.parse(spot.dataset.ways)[this.hand?.shape] !== undefined;
        const empty = this.spots().filter((spot) => spot.dataset.cell === 'null' && fits(spot));
        if (this.hand === null || empty.length === 0) {
            return;
        }
        this.outbox.add({
            edit: JSON.stringify({ kind: 'together', edits: empty.map((spot) => this.layEdit(spot, this.hand, true)) }), board: '1',
        });
        empty.forEach((spot) => this.draw(spot, this.hand));
    }

    /** Shows at once what was laid; the server's drawing takes its place. */
    draw(spot, hand) {
        const { id } = hand;
        spot.querySelectorAll('use, text').forEach((node) => node.remove());
        spot.classList.remove('is-empty');
        spot.dataset.holds = id;
        spot.dataset.cell = JSON.stringify({ column: Number(spot.dataset.column), row: Number(spot.dataset.row),
            [hand.as === 'inner' ? 'block' : 'unit']: id });
        if (this.svg().querySelector(`#look-${CSS.escape(id)}`)) {
            const ground = spot.querySelector('.spot-ground');
            const way = this.way(spot, ground, hand);
            if (way) {
                const use = document.createElementNS(SVG, 'use');
                use.setAttribute('href', `#look-${id}`);
                use.setAttribute('transform', way);
                ground.after(use);
            }
        }
    }

    /** How what is held would be moved to lie in a place; on 60° axes the place says it for every shape. */
    way(spot, ground, hand) {
        return spot.dataset.ways === undefined
            ? `translate(${ground.getAttribute('x')} ${ground.getAttribute('y')})`
            : JSON.parse(spot.dataset.ways)[hand.shape];
    }

    tool(name) {
        const button = this.root.querySelector(`#cell-form:not([hidden]) [data-tool="${name}"]`);
        if (button && !button.disabled) {
            button.form.requestSubmit(button);
        }
    }

    /** Shows at once what a tool does to the chosen place. */
    preview(name) {
        const spot = this.svg()?.querySelector(`#${this.chosen}`);
        const use = spot?.querySelector('use');
        if (!use || (spot.dataset.ways !== undefined && name !== 'lift')) {
            return;
        }
        const box = Object.fromEntries(['x', 'y', 'width', 'height'].map((side) => [side,
            Number(spot.querySelector('.spot-ground').getAttribute(side))]));
        const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
        const moves = { turn_right: `rotate(90 ${x} ${y})`, turn_left: `rotate(270 ${x} ${y})`,
            mirror: `translate(${2 * x} 0) scale(-1 1)` };
        if (name === 'lift') {
            spot.querySelectorAll('use, text').forEach((node) => node.remove());
            Object.assign(spot.dataset, { cell: 'null', holds: '' });
            this.restore();
        } else if (moves[name] && (name === 'mirror' || box.width === box.height)) {
            spot.querySelectorAll('text').forEach((node) => node.remove());
            use.setAttribute('transform', `${moves[name]} ${use.getAttribute('transform')}`);
        }
    }

    key(event) {
        const spot = event.target.closest?.('.spot');
        if (!spot || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        const steps = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
        const tools = { t: 'turn_right', T: 'turn_left', m: 'mirror', Delete: 'lift', Backspace: 'lift' };
        if (steps[event.key]) {
            this.step(spot, steps[event.key]);
        } else if (event.key === 'Enter' || event.key === ' ') {
            this.use(spot);
        } else if (tools[event.key]) {
            this.choose(spot);
            this.tool(tools[event.key]);
        } else if (/^[1-9]$/.test(event.key)) {
            const button = this.root.querySelectorAll('#shelf [data-hand]')[Number(event.key) - 1];
            if (button && this.hand?.id !== button.dataset.hand) {
                this.hold(button);
            }
        } else if (event.key === 's') {
            if (this.swapping && this.swapping !== spot.id) {
                this.use(spot);
            } else {
                this.choose(spot);
                this.startSwap();
            }
        } else if (event.key === 'Escape') {
            this.hand = null;
            this.swapping = null;
            this.restore();
        } else {
            return;
        }
        event.preventDefault();
    }

    /** On 60° axes: to the next thing in the row, or to what lies nearest in the row above or below. */
    stepOnSixty(spot, [right, down]) {
        const spots = this.spots();
        if (right !== 0) {
            const next = spots[spots.indexOf(spot) + right];
            this.choose(next?.dataset.row === spot.dataset.row ? next : null, true);

            return;
        }
        const middle = (one) => one.getBBox().x + one.getBBox().width / 2;
        const rows = spots.filter((one) => Math.sign(Number(one.dataset.row) - Number(spot.dataset.row)) === down);
        const near = rows.map((one) => [Math.abs(one.dataset.row - spot.dataset.row) * 1e6 + Math.abs(middle(one) - middle(spot)), one]);
        this.choose(near.sort(([a], [b]) => a - b)[0]?.[1], true);
    }

    step(spot, [right, down]) {
        if (spot.dataset.ways !== undefined) {
            this.stepOnSixty(spot, [right, down]);

            return;
        }
        const column = Number(spot.dataset.column) + (right > 0 ? Number(spot.dataset.across) : right);
        const row = Number(spot.dataset.row) + (down > 0 ? Number(spot.dataset.down) : down);
        const next = this.spots().find((one) => {
            const [left, top] = [Number(one.dataset.column), Number(one.dataset.row)];

            return column >= left && column < left + Number(one.dataset.across) && row >= top && row < top + Number(one.dataset.down);
        });
        this.choose(next, true);
    }

    reclothe(event) {
        const select = event.target.closest('[data-reclothe]');
        const spot = this.chosen && this.svg()?.querySelector(`#${this.chosen}`);
        if (select && spot) {
            this.outbox.add({ edit: select.dataset.edit, value: select.value, ...this.fields(spot), board: '1' });
        }
    }

    grab(event) {
        const from = event.target.closest('[data-hand], .spot');
        if (from && event.button === 0 && (from.dataset.hand || from.dataset.cell !== 'null')) {
            this.drag = { from, x: event.clientX, y: event.clientY, ghost: null };
        }
    }

    move(event) {
        if (this.drag === null || (this.drag.ghost === null && Math.hypot(event.clientX - this.drag.x,
            event.clientY - this.drag.y) < DRAG_PX)) {
            return;
        }
        if (this.drag.ghost === null) {
            this.drag.ghost = document.createElement('div');
            this.drag.ghost.className = 'drag-ghost';
            this.drag.ghost.textContent = this.drag.from.dataset.what ?? this.drag.from.querySelector('.shelf-name')?.textContent ?? '';
            document.body.append(this.drag.ghost);
        }
        this.drag.ghost.style.transform = `translate(${event.clientX + 8}px, ${event.clientY + 8}px)`;
        event.preventDefault();
    }

    drop(event) {
        const drag = this.drag;
        this.forgetDrag();
        if (drag === null || drag.ghost === null) {
            return;
        }
        // The click that ends a drag is none.
        document.addEventListener('click', (click) => click.stopPropagation(), { capture: true, once: true });
        setTimeout(() => document.dispatchEvent(new MouseEvent('click')));
        const spot = document.elementFromPoint(event.clientX, event.clientY)?.closest('.spot');
        if (!spot || spot === drag.from) {
            return;
        }
        if (drag.from.dataset.hand) {
            this.lay(spot, { id: drag.from.dataset.hand, as: drag.from.dataset.as, shape: drag.from.dataset.shape });
        } else {
            this.swap(drag.from, spot);
        }
        this.choose(spot);
    }

    forgetDrag() {
        this.drag?.ghost?.remove();
        this.drag = null;
    }
}
