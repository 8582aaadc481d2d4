// @vitest-environment jsdom
import { beforeEach, expect, it } from 'vitest';
import { Board } from '../../resources/js/workshop/board.js';

// What a browser has and these tests' page has not.
globalThis.CSS ??= { escape: (text) => text.replace(/[^\w-]/g, '\\$&') };

const LAY = JSON.stringify({ kind: 'lay', block: 'b', column: '\u0001column:int', row: '\u0001row:int', expect: '\u0001cell:json' });

/** A block of three columns and two rows: a wide thing at the top left, the other places empty. */
const spot = (column, row, across, cell, holds) => `<g class="spot${cell ? '' : ' is-empty'}" id="cell-${column}-${row}" tabindex="-1"
    data-column="${column}" data-row="${row}" data-across="${across}" data-down="1" data-cell='${JSON.stringify(cell)}' data-holds="${holds}"
    data-fabrics="{}" data-what="${holds}" aria-label="Column ${column}, row ${row}"><rect class="spot-ground" x="${(column - 1) * 200}" y="${(row - 1) * 200}"
    width="${200 * across}" height="200"/>${cell ? '<use href="#look" transform="translate(0 0)"/>' : ''}</g>`;

const page = `<div id="root">
    <div id="shelf">
        <button data-hand="u-beam" data-as="unit"><span class="shelf-name">Beam</span></button>
        <button data-hand="u-wake" data-as="unit"><span class="shelf-name">Wake</span></button>
    </div>
    <svg id="board" data-lay='${LAY}' data-swap='{"kind":"swap"}'><defs><g id="look-u-beam"/></defs>
        ${spot(1, 1, 2, { column: 1, row: 1, unit: 'u-beam', across: 2 }, 'u-beam')}${spot(3, 1, 1, null, '')}
        ${spot(1, 2, 1, null, '')}${spot(2, 2, 1, null, '')}${spot(3, 2, 1, null, '')}
    </svg>
    <button id="lay-all">Lay in every empty place</button><button data-swap-start>Swap</button>
    <div data-on="Choose a place."><p id="tools-hint"></p></div>
    <form id="cell-form">${['column', 'row', 'cell', 'across', 'down', 'wider', 'narrower', 'taller', 'shorter'].map((name) => `<input name="${name}">`).join('')}
        ${['turn_right', 'turn_left', 'mirror', 'lift', 'narrower', 'shorter'].map((tool) => `<button data-tool="${tool}">${tool}</button>`).join('')}</form>
</div>`;

let board;
let sent;
let tools;

const at = (column, row) => document.getElementById(`cell-${column}-${row}`);
const shelf = (unit) => document.querySelector(`[data-hand="${unit}"]`);
const click = (element) => element.dispatchEvent(new MouseEvent('click', { bubbles: true }));
const press = (element, key) => element.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
const pressed = () => [...document.querySelectorAll('[data-hand][aria-pressed="true"]')].map(({ dataset }) => dataset.hand);

beforeEach(() => {
    document.body.innerHTML = page;
    sent = [];
    tools = [];
    board = new Board(document.getElementById('root'), { add: (edit) => sent.push(edit) });
    document.getElementById('cell-form').addEventListener('submit', (event) => {
        event.preventDefault();
        tools.push(event.submitter.dataset.tool);
    });
});

it('chooses a place with an empty hand, tells the tools where it is, and sends nothing', () => {
    click(at(1, 1));
    const form = document.getElementById('cell-form');
    expect([form.hidden, form.elements.column.value, form.elements.across.value, form.elements.wider.value, form.elements.narrower.value])
        .toEqual([false, '1', '2', '3', '1']);
    expect([form.querySelector('[data-tool=narrower]').disabled, form.querySelector('[data-tool=shorter]').disabled]).toEqual([false, true]);
    click(at(3, 1));
    expect([form.hidden, document.getElementById('tools-hint').textContent, sent.length]).toEqual([true, 'Column 3, row 1', 0]);
});

it('lays what is held in the place that is clicked, and shows it at once', () => {
    click(shelf('u-beam'));
    expect(pressed()).toEqual(['u-beam']);
    click(at(3, 2));
    expect(sent).toHaveLength(1);
    expect(JSON.parse(sent[0].edit)).toMatchObject({ kind: 'lay', block: 'b', unit: 'u-beam' });
    expect([sent[0].column, sent[0].row, sent[0].cell]).toEqual(['3', '2', 'null']);
    expect([at(3, 2).dataset.holds, at(3, 2).querySelector('use').getAttribute('transform')]).toEqual(['u-beam', 'translate(400 200)']);
    expect(pressed()).toEqual(['u-beam']);
});

it('turns what is the same already instead of laying it again', () => {
    click(shelf('u-beam'));
    click(at(1, 1));
    expect([sent, tools]).toEqual([[], ['turn_right']]);
});

it('lets go of what is held by the same button and by Escape', () => {
    click(shelf('u-beam'));
    click(shelf('u-beam'));
    expect(pressed()).toEqual([]);
    press(at(1, 2), '2');
    expect(pressed()).toEqual(['u-wake']);
    press(at(1, 2), 'Escape');
    expect(pressed()).toEqual([]);
});

it('lays in every empty place as one edit, each expecting what is there', () => {
    expect(document.getElementById('lay-all').disabled).toBe(true);
    click(shelf('u-wake'));
    click(document.getElementById('lay-all'));
    const { kind, edits } = JSON.parse(sent[0].edit);
    expect([kind, edits.map(({ column, row, expect: there, unit }) => [column, row, there, unit])])
        .toEqual(['together', [[3, 1, null, 'u-wake'], [1, 2, null, 'u-wake'], [2, 2, null, 'u-wake'], [3, 2, null, 'u-wake']]]);
    expect(document.getElementById('lay-all').disabled).toBe(false);
    board.restore();
    expect(document.getElementById('lay-all').disabled).toBe(true);
});

it('changes two places by what is clicked after the button, or by a key', () => {
    click(at(1, 1));
    click(document.querySelector('[data-swap-start]'));
    click(at(2, 2));
    expect(sent[0]).toMatchObject({ edit: '{"kind":"swap"}', column: '1', row: '1', with_column: '2', with_row: '2' });
    press(at(2, 2), 's');
    press(at(3, 2), 's');
    expect(sent[1]).toMatchObject({ column: '2', row: '2', with_column: '3', with_row: '2' });
});

it('walks by the arrows over a wide place in one step, and stays at the edge', () => {
    const where = () => document.activeElement.id;
    at(1, 1).focus();
    for (const [key, id] of [
        ['ArrowRight', 'cell-3-1'], ['ArrowRight', 'cell-3-1'], ['ArrowDown', 'cell-3-2'], ['ArrowLeft', 'cell-2-2'], ['ArrowUp', 'cell-1-1'],
    ]) {
        press(document.activeElement, key);
        expect([key, where()]).toEqual([key, id]);
    }
    press(at(1, 1), 't');
    press(at(1, 1), 'm');
    press(at(1, 1), 'Delete');
    expect([sent, tools]).toEqual([[], ['turn_right', 'mirror', 'lift']]);
});

it('shows at once what a tool does: turned about the middle of a square, taken away', () => {
    click(shelf('u-beam'));
    click(at(3, 1));
    board.preview('turn_right');
    expect(at(3, 1).querySelector('use').getAttribute('transform')).toBe('rotate(90 500 100) translate(400 0)');
    board.preview('lift');
    expect([at(3, 1).querySelector('use'), at(3, 1).dataset.cell]).toEqual([null, 'null']);
    // What is wider than high is not turned by eye: the server knows how it lies then.
    click(at(1, 1));
    click(shelf('u-beam'));
    click(at(1, 1));
    board.preview('turn_right');
    expect(at(1, 1).querySelector('use').getAttribute('transform')).toBe('translate(0 0)');
});
