import { describe, expect, it } from 'vitest';
import { watch } from '../../resources/js/calculating.js';

/** Answers one request after the other, and runs what is put off at once, one at a time. */
const asked = async (answers) => {
    const told = [];
    const waiting = [];
    let count = 0;
    const request = async (address, options) => {
        expect([address, options.headers.Accept]).toEqual(['/made/1/state', 'application/json']);
        const answer = answers[count++];
        if (answer instanceof Error) {
            throw answer;
        }
        return { ok: answer.status === undefined, json: async () => answer };
    };
    watch('/made/1/state', { says: (text) => told.push(text), ready: () => told.push('READY') }, request, (work) => waiting.push(work));
    while (waiting.length > 0 && count < answers.length) {
        await waiting.shift()();
    }
    return { told, count, isWaiting: waiting.length > 0 };
};

describe('what is made elsewhere', () => {
    it('is asked about until it is ready, and then no more', async () => {
        const { told, count, isWaiting } = await asked([
            { ready: false, says: 'Size 1 of 2.' }, { ready: false, says: 'Size 2 of 2.' }, { ready: true, says: '' }, { ready: true },
        ]);
        expect(told).toEqual(['Size 1 of 2.', 'Size 2 of 2.', 'READY']);
        expect([count, isWaiting]).toEqual([3, false]);
    });

    it('is asked about again where there was no connection, or the server was busy', async () => {
        const { told, count, isWaiting } = await asked([new Error('offline'), { status: 503 }, { ready: false, says: '' }, { ready: true }]);
        expect(told).toEqual(['READY']);
        expect([count, isWaiting]).toEqual([4, false]);
    });

    it('is not called ready before it is', async () => {
        const { told, isWaiting } = await asked([{ ready: false, says: 'Calculating' }, { ready: false, says: 'Calculating' }]);
        expect(told).toEqual(['Calculating', 'Calculating']);
        expect(isWaiting).toBe(true);
    });
});
