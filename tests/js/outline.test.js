import { describe, expect, it } from 'vitest';
import {
    asShape, bent, divided, leastRadius, mayRemove, measured, moved, path, read, snapped, without, written,
} from '../../resources/js/workshop/outline-shape.js';

const shape = [
    { x: '0', y: '0', at: [0, 0] }, { x: '2 √2', y: '0', at: [2.828, 0] }, { arc: '3', radius: 3, clockwise: false },
    { x: '0', y: '3', at: [0, 3] },
];
const plain = (list) => list.map(({ at, radius, ...rest }) => rest);

describe('an outline on the grid', () => {
    it('writes lengths as a design does', () => {
        expect([0, 0.125, 0.5, 0.75, 1, 1.5, 2.625].map((inches) => written(inches, false)))
            .toEqual(['0', '1/8', '1/2', '3/4', '1', '1 1/2', '2 5/8']);
        expect([0, 1 / 2.54, 2.5 / 2.54].map((inches) => written(inches, true))).toEqual(['0', '1 cm', '2.5 cm']);
    });

    it('reads a typed length, in inches or centimetres', () => {
        expect(['1 1/2', '1/2', '0.75', '3', '3 in', '2.54 cm', '25.4mm'].map(measured)).toEqual([1.5, 0.5, 0.75, 3, 3, 1, 1]);
        expect(['', 'x', '1/0', '-2', '1 1/2 1'].map(measured)).toEqual([null, null, null, null, null]);
    });

    it('finds the nearest line, and the edge of the unit', () => {
        expect(snapped(1.3, 0.5, 6)).toBe(1.5);
        expect(snapped(-1, 0.5, 6)).toBe(0);
        expect(snapped(9, 0.5, 6)).toBe(6);
        // A unit of 4¼ in has an edge off the grid.
        expect(snapped(4.2, 0.5, 4.25)).toBe(4.25);
        expect(snapped(4, 0.5, 4.25)).toBe(4);
    });

    it('keeps what was written until a corner is moved', () => {
        const corners = read(shape);
        expect(asShape(corners)).toEqual(plain(shape));
        expect(asShape(moved(corners, 1, corners[1].x, 0.5, false))[1]).toEqual({ x: '2 √2', y: '1/2' });
        expect(asShape(moved(corners, 1, 2, 0, false))[1]).toEqual({ x: '2', y: '0' });
    });

    it('divides a side, straightens it and takes corners out, but never the last three', () => {
        const corners = divided(read(shape), 1, 2, 2, false);
        expect(asShape(corners)).toEqual([{ x: '0', y: '0' }, { x: '2 √2', y: '0' }, { x: '2', y: '2' }, { x: '0', y: '3' }]);
        expect(mayRemove(corners)).toBe(true);
        expect(asShape(without(corners, 1))).toHaveLength(3);
        expect(mayRemove(without(corners, 1))).toBe(false);
        expect(mayRemove(read(shape))).toBe(true);
    });

    it('bends a side, and draws it', () => {
        const corners = read(plain(shape.slice(0, 2)).map((one, index) => ({ ...one, at: [index * 4, 0] })));
        expect(leastRadius(corners, 0)).toBe(2);
        const half = bent(corners, 0, { radius: 2, text: '2', clockwise: true });
        expect(asShape(half)[1]).toEqual({ arc: '2', clockwise: true });
        expect(path(half)).toBe('M0 0A200 200 0 0 1 400 0L0 0Z');
    });
});
