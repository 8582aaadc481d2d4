import { describe, expect, it } from 'vitest';
import { part } from '../../resources/js/photo.js';

describe('the part of a photograph that is marked', () => {
    it('is the box between two points, whichever comes first', () => {
        expect(part({ x: 10, y: 20 }, { x: 60, y: 90 })).toEqual({ x: 10, y: 20, width: 50, height: 70 });
        expect(part({ x: 60, y: 90 }, { x: 10, y: 20 })).toEqual({ x: 10, y: 20, width: 50, height: 70 });
    });
    it('stays within the photograph', () => {
        expect(part({ x: -20, y: 50 }, { x: 130, y: 400 })).toEqual({ x: 0, y: 50, width: 100, height: 50 });
    });
    it('is never too small to be used', () => {
        expect(part({ x: 50, y: 99 }, { x: 50, y: 99.5 })).toEqual({ x: 50, y: 95, width: 5, height: 5 });
    });
});
