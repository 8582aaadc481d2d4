// @vitest-environment jsdom
import { beforeEach, expect, it, vi } from 'vitest';
import { known, show } from '../../resources/js/workshop/panels.js';

let root;

const panel = (name) => root.querySelector(`[data-panel="${name}"]`);

beforeEach(() => {
    document.body.innerHTML = `
        <div id="workshop">
            <section data-panel="facts" data-hash="aaa"><p>Old</p><details><summary>More</summary><p>Text</p></details></section>
            <section data-panel="fields" data-hash="bbb">
                <form data-own><input name="width" value="2"><input type="checkbox" name="squared"></form>
                <button name="edit" value="1">Turn</button><svg data-outline-svg><path d="M0 0"/></svg>
            </section>
        </div>`;
    root = document.getElementById('workshop');
});

it('names the panels that the page has, but for those that are left out', () => {
    expect(known(root)).toBe('facts:aaa,fields:bbb');
    expect(known(root, ['facts'])).toBe('fields:bbb');
});

it('puts in what was drawn again, and leaves every other panel as it is', async () => {
    const other = panel('fields').innerHTML;
    show(root, { facts: '<p>New</p>', nowhere: '<p>Lost</p>' });
    expect([panel('facts').innerHTML, panel('fields').innerHTML]).toEqual(['<p>New</p>', other]);
    // By its content, so that the server sends it no second time.
    await vi.waitFor(() => expect(panel('facts').dataset.hash).toMatch(/^[0-9a-f]{12}$/));
    const first = panel('facts').dataset.hash;
    show(root, { facts: '<p>Newer</p>' });
    await vi.waitFor(() => expect(panel('facts').dataset.hash).toMatch(/^[0-9a-f]{12}$/));
    expect(panel('facts').dataset.hash).not.toBe(first);
});

it('does nothing when nothing came', () => {
    const before = root.innerHTML;
    show(root, null);
    show(root, {});
    expect(root.innerHTML).toBe(before);
});

it('keeps open what somebody opened', () => {
    panel('facts').querySelector('details').open = true;
    show(root, { facts: '<p>New</p><details><summary>More</summary><p>Other text</p></details>' });
    expect(panel('facts').querySelector('details').open).toBe(true);
    expect(panel('facts').textContent).toContain('Other text');
});

it('keeps what somebody has typed and not sent, and takes every other value', () => {
    const html = `<form data-own><input name="width" value="5"><input type="checkbox" name="squared"></form>
        <button name="edit" value="2">Turn</button><svg data-outline-svg></svg>`;
    const field = () => panel('fields').querySelector('[name=width]');
    show(root, { fields: html });
    expect([field().value, panel('fields').querySelector('button').value]).toEqual(['5', '2']);
    field().value = '7';
    panel('fields').querySelector('[name=squared]').checked = true;
    show(root, { fields: html.replace('value="5"', 'value="6"').replace('value="2"', 'value="3"') });
    expect([field().value, panel('fields').querySelector('[name=squared]').checked, panel('fields').querySelector('button').value])
        .toEqual(['7', true, '3']);
});

it('gives a button that has just been pressed the edit that it stands for now', () => {
    panel('fields').querySelector('button').focus();
    show(root, { fields: panel('fields').innerHTML.replace('value="1"', 'value="9"') });
    expect(panel('fields').querySelector('button').value).toBe('9');
});

it('leaves a drawing to the script that draws it', () => {
    const svg = panel('fields').querySelector('svg');
    show(root, { fields: panel('fields').innerHTML.replace('M0 0', 'M1 1') });
    expect(panel('fields').querySelector('svg')).toBe(svg);
    expect(svg.querySelector('path').getAttribute('d')).toBe('M0 0');
});
