const DRAG_PX = 6;
const KEYS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** The edit that puts a task into another list, or into another place of its own. */
export const moveEdit = (card, to, before) => {
    const list = card.slice(0, card.lastIndexOf('/'));

    return { kind: 'move', place: card, ...(list === to ? {} : { to }), ...(before === null ? {} : { before }) };
};

/** Moving cards between the columns of the board: by dragging their grips, or by the arrow keys on them. */
export class Cards {
    constructor(root, outbox) {
        this.root = root;
        this.outbox = outbox;
        this.drag = null;
        this.focus = null;
        root.addEventListener('pointerdown', (event) => this.grab(event));
        document.addEventListener('pointermove', (event) => this.move(event));
        document.addEventListener('pointerup', (event) => this.drop(event));
        document.addEventListener('pointercancel', () => this.forget());
        root.addEventListener('keydown', (event) => this.key(event));
    }

    /** After the page was drawn anew the grip that was in hand has the focus again, unless somebody went on to something else. */
    restore() {
        const on = document.activeElement;
        if (this.focus && (on === null || on === document.body || on.matches('[data-grip]'))) {
            this.root.querySelector(`[data-card$="/${this.focus}"] [data-grip]`)?.focus();
        }
        if (this.outbox.isEmpty()) {
            this.focus = null;
        }
    }

    columns() {
        return [...this.root.querySelectorAll('[data-clue]')];
    }

    cards(column) {
        return [...column.querySelectorAll('[data-card]')];
    }

    idOf(card) {
        return card.dataset.card.slice(card.dataset.card.lastIndexOf('/') + 1);
    }

    grab(event) {
        const grip = event.target.closest?.('[data-grip]');
        if (!grip || event.button !== 0) {
            return;
        }
        const card = grip.closest('[data-card]');
        this.drag = { card, x: event.clientX, y: event.clientY, moving: false };
    }

    move(event) {
        if (this.drag === null) {
            return;
        }
        const [x, y] = [event.clientX - this.drag.x, event.clientY - this.drag.y];
        if (!this.drag.moving && Math.hypot(x, y) < DRAG_PX) {
            return;
        }
        event.preventDefault();
        this.drag.moving = true;
        this.drag.card.classList.add('is-dragged');
        this.drag.card.style.transform = `translate(${x}px, ${y}px)`;
        const at = this.under(event);
        this.columns().forEach((column) => column.classList.toggle('is-target', column === at?.column));
        const board = this.root.querySelector('.clue-board');
        const box = board.getBoundingClientRect();
        if (event.clientX > box.right - 40 || event.clientX < box.left + 40) {
            board.scrollLeft += event.clientX > box.right - 40 ? 14 : -14;
        }
    }

    /** The column under the pointer, and the card there that it stands before. */
    under(event) {
        const column = document.elementsFromPoint(event.clientX, event.clientY)
            .map((node) => node.closest('[data-clue]'))
            .find((found) => found !== null);
        if (!column) {
            return null;
        }
        const before = this.cards(column)
            .filter((card) => card !== this.drag.card)
            .find((card) => {
                const box = card.getBoundingClientRect();

                return event.clientY < box.top + box.height / 2;
            });

        return { column, before: before ? this.idOf(before) : null };
    }

    drop(event) {
        if (this.drag === null) {
            return;
        }
        const { card, moving } = this.drag;
        const at = moving ? this.under(event) : null;
        this.forget();
        if (at !== null) {
            this.put(card, at.column, at.before);
        }
    }

    forget() {
        if (this.drag !== null) {
            this.drag.card.classList.remove('is-dragged');
            this.drag.card.style.transform = '';
            this.columns().forEach((column) => column.classList.remove('is-target'));
            this.drag = null;
        }
    }

    put(card, column, before) {
        const id = this.idOf(card);
        const cards = this.cards(column);
        const next = cards[cards.indexOf(card) + 1];
        if (column === card.closest('[data-clue]') && (before === id || before === (next ? this.idOf(next) : null))) {
            return;
        }
        this.focus = id;
        this.outbox.add({
            edit: JSON.stringify(moveEdit(card.dataset.card, column.dataset.clue, before)),
        });
    }

    key(event) {
        const grip = event.target.closest?.('[data-grip]');
        if (!grip || !KEYS[event.key]) {
            return;
        }
        event.preventDefault();
        const card = grip.closest('[data-card]');
        const column = card.closest('[data-clue]');
        const [across, down] = KEYS[event.key];
        if (across !== 0) {
            const to = this.columns()[this.columns().indexOf(column) + across];
            if (to) {
                this.put(card, to, null);
            }

            return;
        }
        const cards = this.cards(column);
        const at = cards.indexOf(card);
        if (down < 0 && at > 0) {
            this.put(card, column, this.idOf(cards[at - 1]));
        } else if (down > 0 && at < cards.length - 1) {
            this.put(card, column, cards[at + 2] ? this.idOf(cards[at + 2]) : null);
        }
    }
}
