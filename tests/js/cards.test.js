import { describe, expect, it } from 'vitest';
import { moveEdit } from '../../resources/js/workshop/cards.js';

const task = { id: 't-beam', unit: 'u-beam' };

describe('a card of the board', () => {
    it('is taken out of one clue and put into another, before a card or at the end', () => {
        expect(moveEdit('clues/k-1/tasks/t-beam', task, 'clues/k-2/tasks', 't-wake')).toEqual({
            kind: 'together',
            edits: [
                { kind: 'remove', place: 'clues/k-1/tasks/t-beam', expect: task },
                { kind: 'add', to: 'clues/k-2/tasks', item: task, before: 't-wake' },
            ],
        });
        expect(moveEdit('clues/k-1/tasks/t-beam', task, 'clues/k-2/tasks', null).edits[1]).toEqual({
            kind: 'add', to: 'clues/k-2/tasks', item: task,
        });
    });

    it('moves within its own clue', () => {
        expect(moveEdit('clues/k-1/tasks/t-beam', task, 'clues/k-1/tasks', 't-wake'))
            .toEqual({ kind: 'move', place: 'clues/k-1/tasks/t-beam', before: 't-wake' });
        expect(moveEdit('clues/k-1/tasks/t-beam', task, 'clues/k-1/tasks', null)).toEqual({ kind: 'move', place: 'clues/k-1/tasks/t-beam' });
    });
});
