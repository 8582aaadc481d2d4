import { describe, expect, it } from 'vitest';
import { moveEdit } from '../../resources/js/workshop/cards.js';

describe('a card of the board', () => {
    it('is put into another clue, before a card or at the end', () => {
        expect(moveEdit('clues/k-1/tasks/t-beam', 'clues/k-2/tasks', 't-wake'))
            .toEqual({ kind: 'move', place: 'clues/k-1/tasks/t-beam', to: 'clues/k-2/tasks', before: 't-wake' });
        expect(moveEdit('clues/k-1/tasks/t-beam', 'clues/k-2/tasks', null))
            .toEqual({ kind: 'move', place: 'clues/k-1/tasks/t-beam', to: 'clues/k-2/tasks' });
    });

    it('moves within its own clue', () => {
        expect(moveEdit('clues/k-1/tasks/t-beam', 'clues/k-1/tasks', 't-wake'))
            .toEqual({ kind: 'move', place: 'clues/k-1/tasks/t-beam', before: 't-wake' });
        expect(moveEdit('clues/k-1/tasks/t-beam', 'clues/k-1/tasks', null)).toEqual({ kind: 'move', place: 'clues/k-1/tasks/t-beam' });
    });
});
