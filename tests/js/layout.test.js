import { describe, expect, it } from 'vitest';
import { moved, neighbour } from '../../resources/js/layout-places.js';

// Three across and two down, 100 apart.
const grid = [[50, 50], [150, 50], [250, 50], [50, 150], [150, 150], [250, 150]];

describe('the layout', () => {
    it('goes from a block to the next one in each direction, and stops at the edge', () => {
        expect(neighbour(grid, 0, [1, 0])).toBe(1);
        expect(neighbour(grid, 4, [0, -1])).toBe(1);
        expect(neighbour(grid, 2, [1, 0])).toBeNull();
        expect(neighbour(grid, 0, [0, -1])).toBeNull();
    });
    it('goes from row to row on point, where the next row lies aside', () => {
        const point = [[100, 100], [300, 100], [200, 200], [100, 300]];
        expect(neighbour(point, 0, [0, 1])).toBe(3);
        expect(neighbour(point, 1, [-1, 0])).toBe(0);
        expect(neighbour(point, 2, [1, 0])).toBe(1);
    });
    it('brings a block to another place on top of what was done to it', () => {
        expect(moved(null, [50, 50], [150, 50])).toBe('translate(100 0)');
        expect(moved('rotate(90 50 50)', [50, 50], [50, 150])).toBe('translate(0 100) rotate(90 50 50)');
    });
});
