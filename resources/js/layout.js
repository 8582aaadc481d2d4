import { moved, neighbour } from './layout-places.js';

/** Pixels that a pointer may move before a tap becomes a drag. */
const STILL = 6;

/** Blocks that are laid out: dragged onto each other, turned by a tap, moved by keys. What is changed is seen at once, then sent. */
export function layout() {
    const root = document.querySelector('#layout[data-layout]');
    if (root === null) {
        return;
    }
    const waiting = [];
    let sending = false;
    let picked = null;

    const board = () => root.querySelector('.is-board');
    const place = (number) => board().querySelector(`[data-place="${number}"]`);
    const middle = (one) => [Number(one.dataset.x), Number(one.dataset.y)];
    const block = (one) => one.querySelector('.layout-block');
    const say = (text) => {
        root.querySelector('.layout-said')?.remove();
        const line = document.createElement('p');
        line.className = 'field-error layout-said';
        line.setAttribute('role', 'alert');
        line.textContent = text;
        root.prepend(line);
    };

    /** Puts the board that came back in the place of the old one, with the focus and the grey view as they were. */
    const show = (html) => {
        const focus = document.activeElement?.dataset?.place;
        const grey = root.querySelector('[data-grey]')?.checked === true;
        root.innerHTML = html;
        root.querySelector('[data-grey]').checked = grey;
        picked = null;
        if (focus !== undefined) {
            take(place(focus));
        }
    };

    const send = async () => {
        if (sending || waiting.length === 0) {
            return;
        }
        sending = true;
        const { arrangement, revision, other } = board().dataset;
        try {
            const answer = await fetch(root.dataset.layout, {
                method: 'POST',
                headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': root.dataset.token },
                body: JSON.stringify({ ...waiting[0], arrangement, revision, other }),
            });
            const said = await answer.json();
            if (!answer.ok) {
                throw new Error(Object.values(said.errors ?? {})[0]?.[0] ?? root.dataset.lost);
            }
            waiting.shift();
            const fresh = new DOMParser().parseFromString(said.html, 'text/html').querySelector('.is-board');
            if (waiting.length > 0) {
                Object.assign(board().dataset, { arrangement: fresh.dataset.arrangement, revision: fresh.dataset.revision });
            } else {
                show(said.html);
            }
        } catch (error) {
            waiting.length = 0;
            const page = await fetch(location.href).then((answer) => answer.text()).catch(() => '');
            const there = new DOMParser().parseFromString(page, 'text/html').querySelector('#layout');
            if (there !== null) {
                show(there.innerHTML);
            }
            say(error instanceof TypeError ? root.dataset.lost : error.message);
        }
        sending = false;
        send();
    };

    const swap = (one, other) => {
        const [from, to] = [block(one), block(other)];
        const [there, here] = [moved(from.getAttribute('transform'), middle(one), middle(other)),
            moved(to.getAttribute('transform'), middle(other), middle(one))];
        from.setAttribute('transform', there);
        to.setAttribute('transform', here);
        one.insertBefore(to, one.lastElementChild);
        other.insertBefore(from, other.lastElementChild);
        waiting.push({ do: 'swap', first: Number(one.dataset.place), second: Number(other.dataset.place) });
        send();
    };
    const turn = (one) => {
        if (board().dataset.may !== 'free') {
            return;
        }
        const [x, y] = middle(one);
        block(one).setAttribute('transform', `rotate(${board().dataset.quarter} ${x} ${y}) ${block(one).getAttribute('transform') ?? ''}`);
        waiting.push({ do: 'turn', first: Number(one.dataset.place) });
        send();
    };

    /** A copy of a block that floats above the board while it is dragged. */
    const lifted = (svg, one) => {
        const box = one.querySelector('.layout-edge').getBoundingClientRect();
        const corner = new DOMPoint(box.left, box.top).matrixTransform(svg.getScreenCTM().inverse());
        const opposite = new DOMPoint(box.right, box.bottom).matrixTransform(svg.getScreenCTM().inverse());
        const ghost = svg.cloneNode(false);
        ghost.removeAttribute('role');
        ghost.setAttribute('class', 'layout-ghost');
        ghost.setAttribute('aria-hidden', 'true');
        ghost.setAttribute('viewBox', `${corner.x} ${corner.y} ${opposite.x - corner.x} ${opposite.y - corner.y}`);
        ghost.append(block(one).cloneNode(true));
        Object.assign(ghost.style, { left: `${box.left}px`, top: `${box.top}px`, width: `${box.width}px`, height: `${box.height}px` });
        document.body.append(ghost);

        return ghost;
    };

    const take = (one) => {
        board().querySelectorAll('.layout-place').forEach((each) => each.setAttribute('tabindex', each === one ? '0' : '-1'));
        one?.focus();
    };
    const pick = (one) => {
        board().querySelectorAll('.is-picked').forEach((each) => each.classList.remove('is-picked'));
        picked = one;
        one?.classList.add('is-picked');
    };

    root.addEventListener('keydown', (event) => {
        const one = event.target.closest?.('.layout-place');
        if (!one || board().dataset.may === 'as-laid') {
            return;
        }
        const arrows = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
        if (arrows[event.key]) {
            const all = [...board().querySelectorAll('.layout-place')];
            const next = neighbour(all.map(middle), all.indexOf(one), arrows[event.key]);
            take(next === null ? one : all[next]);
        } else if (event.key === 'Enter' || event.key === ' ') {
            if (picked === null) {
                pick(one);
            } else {
                const first = picked;
                pick(null);
                if (first !== one) {
                    swap(first, one);
                }
            }
        } else if (event.key === 'r' || event.key === 'R') {
            turn(one);
        } else if (event.key === 'Escape') {
            pick(null);
        } else {
            return;
        }
        event.preventDefault();
    });

    // A finger on a block drags it. What is within a drawing does not keep the page from scrolling by its style alone: the browser would
    // scroll, and take the pointer away.
    root.addEventListener('touchstart', (event) => {
        if (event.target.closest?.('.layout-place') && board().dataset.may !== 'as-laid' && event.touches.length === 1) {
            event.preventDefault();
        }
    }, { passive: false });

    root.addEventListener('pointerdown', (down) => {
        const one = down.target.closest?.('.layout-place');
        if (!one || board().dataset.may === 'as-laid' || down.button !== 0) {
            return;
        }
        down.preventDefault();
        take(one);
        const svg = board();
        const back = svg.getScreenCTM().inverse();
        const at = (event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(back);
        let frame = 0;
        let last = down;
        // Made ready before it is needed, so that the first movement is followed as fast as the others.
        const ghost = lifted(svg, one);
        let dragged = false;
        const move = (event) => {
            last = event;
            dragged ||= Math.hypot(event.clientX - down.clientX, event.clientY - down.clientY) > STILL;
            if (dragged && frame === 0) {
                // Only this one layer moves: the board is not painted anew.
                frame = requestAnimationFrame(() => {
                    frame = 0;
                    ghost.style.visibility = 'visible';
                    one.classList.add('is-dragged');
                    ghost.style.transform = `translate(${last.clientX - down.clientX}px, ${last.clientY - down.clientY}px)`;
                });
            }
        };
        const end = (event) => {
            cancelAnimationFrame(frame);
            svg.removeEventListener('pointermove', move);
            svg.removeEventListener('pointerup', end);
            svg.removeEventListener('pointercancel', end);
            one.classList.remove('is-dragged');
            ghost.remove();
            if (event.type === 'pointercancel') {
                return;
            }
            if (!dragged) {
                turn(one);

                return;
            }
            const all = [...svg.querySelectorAll('.layout-place')];
            const over = at(last);
            const far = all.map((each) => Math.hypot(middle(each)[0] - over.x, middle(each)[1] - over.y));
            const nearest = all[far.indexOf(Math.min(...far))];
            const reach = Math.min(...all.filter((each) => each !== one).map((each) => Math.hypot(
                middle(each)[0] - middle(one)[0], middle(each)[1] - middle(one)[1],
            ))) * 0.75;
            if (nearest !== one && Math.min(...far) < reach) {
                swap(one, nearest);
                take(nearest);
            }
        };
        svg.setPointerCapture?.(down.pointerId);
        svg.addEventListener('pointermove', move);
        svg.addEventListener('pointerup', end);
        svg.addEventListener('pointercancel', end);
    });
}
