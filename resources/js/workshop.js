import { Board } from './workshop/board.js';
import { Cards } from './workshop/cards.js';
import { OutlineEditor } from './workshop/outline.js';
import { Outbox } from './workshop/outbox.js';
import { shrink } from './workshop/picture.js';
import { later } from './workshop/later.js';
import { known, show } from './workshop/panels.js';
import { afterPress } from './workshop/press.js';

const CATCH_UP_MS = 15000;
const PROOF_MS = 400;

const root = document.querySelector('#workshop');

/** A page on which a design is drawn up: every form of it is an edit, sent as it is made. */
const workshop = () => {
    const words = JSON.parse(root.dataset.words);
    const number = { now: Number(root.dataset.number) };
    const sent = new WeakMap();
    const whenFree = afterPress();
    let proofTimer = null;

    const about = (without = []) => ({ view: root.dataset.view, of: root.dataset.of, known: known(root, without) });

    const state = (name) => {
        const text = root.querySelector('#save-state');
        if (text && text.dataset.state !== name) {
            text.dataset.state = name;
            text.className = `save-state is-${name}`;
            text.textContent = words[name];
        }
    };

    const refuse = (message) => {
        const text = root.querySelector('#refusal');
        text.hidden = !message;
        text.textContent = message ?? '';
    };

    const clash = (item, after, answer) => {
        const box = root.querySelector('#clashes');
        const card = document.createElement('div');
        card.className = 'message is-warning clash';
        const text = document.createElement('p');
        text.textContent = answer.message;
        const choice = (label, value, work) => {
            const button = document.createElement('button');
            button.type = 'button';
            button.className = 'btn btn-other';
            button.textContent = label.replace(':theirs', value).replace(':mine', value);
            button.addEventListener('click', () => {
                card.remove();
                box.hidden = box.children.length === 0;
                work();
            });

            return button;
        };
        card.append(
            text,
            choice(root.dataset.theirs, answer.theirs, () => {}),
            choice(root.dataset.mine, answer.mine, () => [item, ...after].forEach((one) => outbox.insist(one))),
        );
        box.append(card);
        box.hidden = false;
    };

    const ask = async (parameters) => {
        const response = await fetch(`${root.dataset.state}?${new URLSearchParams(parameters)}`,
            { headers: { Accept: 'application/json' } });

        return response.ok ? response.json() : null;
    };

    const draw = (panels) => {
        const was = root.querySelector('#save-state')?.dataset.state ?? 'saved';
        // While more is on its way, the grid shows what was done at once; the last answer brings all of it.
        const { grid, ...others } = panels ?? {};
        show(root, outbox === null || outbox.isEmpty() ? (panels ?? {}) : others);
        root.querySelector('#save-state')?.removeAttribute('data-state');
        state(outbox === null ? was : outbox.stuck ? 'waiting' : outbox.isEmpty() ? 'saved' : 'saving');
        board?.restore();
        outline?.restore();
        cards?.restore();
    };

    /** The proof follows an edit at its own pace. */
    const prove = () => {
        clearTimeout(proofTimer);
        proofTimer = setTimeout(async () => {
            const answer = await ask({}).catch(() => null);
            const note = document.querySelector('#proof-note');
            if (answer !== null && note !== null) {
                note.textContent = answer.proof;
            }
        }, PROOF_MS);
    };

    /** What others changed meanwhile, and what was shown before it was known to be refused. */
    const catchUp = async (without = []) => {
        if (!outbox.isEmpty()) {
            return;
        }
        const answer = await ask(about(without)).catch(() => null);
        // An edit may have been answered meanwhile: what was asked for before it is older than what stands here.
        const isNews = answer !== null && (answer.number > number.now || (without.length > 0 && answer.number === number.now));
        if (isNews && outbox.isEmpty()) {
            number.now = answer.number;
            whenFree(() => draw(answer.panels));
            prove();
        }
    };

    const tell = (item, after, answer) => {
        refuse(answer.outcome === 'applied' || answer.outcome === 'conflict' ? null : (answer.message ?? words.refused));
        draw(answer.panels);
        if (answer.outcome === 'conflict') {
            clash(item, after, answer);
        }
        if (answer.outcome !== 'applied' && item.board) {
            catchUp(['grid']);
        }
        if (answer.outcome === 'applied') {
            if (item.then === 'hold') {
                board?.holdLast();
            } else if (item.then?.startsWith('/') || item.then?.startsWith('http')) {
                location.assign(item.then.replace('-new-', answer.made ?? ''));
            }
        }
    };

    const answered = (item, answer) => {
        if (answer.number !== undefined) {
            number.now = answer.number;
        }
        // Before the next edit is sent, whenever the page shows it.
        const after = answer.outcome === 'conflict' ? outbox.takeAfter(item) : [];
        whenFree(() => tell(item, after, answer));
        prove();
    };

    let board = null;
    let outline = null;
    let cards = null;
    let outbox = null;
    outbox = new Outbox(root.dataset.draft, { edits: root.dataset.edits, state: root.dataset.state }, { state, answered }, () => about());
    const mayEdit = !root.querySelector('.panels').disabled;
    board = mayEdit && root.querySelector('#board') ? new Board(root, outbox) : null;
    cards = mayEdit && root.dataset.view === 'clues' ? new Cards(root, outbox) : null;
    outline = mayEdit && root.dataset.view === 'unit' ? new OutlineEditor(root, outbox) : null;

    document.addEventListener('submit', (event) => {
        const form = event.target;
        if (!form.matches('#workshop form[data-edit], #edits')) {
            return;
        }
        event.preventDefault();
        const { _token, ...fields } = Object.fromEntries(new FormData(form, event.submitter));
        const text = JSON.stringify(fields);
        // A field that is left with the Enter key says so twice.
        if (form.matches('[data-auto]') && sent.get(form) === text) {
            return;
        }
        sent.set(form, text);
        setTimeout(() => sent.delete(form), 300);
        const then = form.matches('[data-hold]') ? 'hold' : (form.dataset.open ?? event.submitter?.dataset.leave);
        const send = () => outbox.add({ ...fields, ...(then ? { then } : {}), ...(form.id === 'cell-form' ? { board: '1' } : {}) });
        if (event.submitter?.dataset.wait) {
            later(root.querySelector('#waiting'), event.submitter.dataset, send);

            return;
        }
        send();
        if (event.submitter?.dataset.tool) {
            board?.preview(event.submitter.dataset.tool);
        }
    });
    root.addEventListener('change', (event) => {
        if (event.target.matches('[data-shrink]') && event.target.files.length > 0) {
            shrink(event.target).finally(() => event.target.form.requestSubmit());
        }
        event.target.closest('form[data-auto]')?.requestSubmit();
        if (event.target.matches('[data-grey]')) {
            document.getElementById(event.target.dataset.grey)?.classList.toggle('is-grey', event.target.checked);
        }
        if (event.target.matches('.kind input')) {
            const name = event.target.form.elements.name;
            const names = [...event.target.form.querySelectorAll('.kind input')].map((kind) => kind.dataset.name);
            name.value = names.includes(name.value) || name.value === '' ? event.target.dataset.name : name.value;
        }
    });
    document.addEventListener('keydown', (event) => {
        const typing = event.target.matches('input:not([type="radio"], [type="checkbox"]), textarea, select');
        const action = (event.ctrlKey || event.metaKey) && !typing ? { z: event.shiftKey ? 'redo' : 'undo',
            y: 'redo' }[event.key.toLowerCase()] : null;
        if (action && mayEdit) {
            event.preventDefault();
            outbox.add({ action });
        }
        if (event.key === '?' && !typing) {
            const keys = root.querySelector('.keys');
            keys?.toggleAttribute('open');
            keys?.scrollIntoView({ block: 'nearest' });
        }
    });
    window.addEventListener('online', () => outbox.flush());
    document.addEventListener('visibilitychange', () => document.hidden || catchUp());
    setInterval(() => document.hidden || catchUp(), CATCH_UP_MS);
    prove();
    root.dataset.ready = '';
};

if (root !== null) {
    workshop();
}
