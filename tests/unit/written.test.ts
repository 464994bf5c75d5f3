import { describe, expect, it } from 'vitest';
import type { PartSheet } from '../../frontend/src/api/client';
import { asksOf, codeOf, written } from '../../frontend/src/features/parts/written';
import { shown } from './samples';

const part: PartSheet = {
    kind: 'fan',
    code: 'box-20-plain',
    name: 'Box fan',
    like: 'box-20-plain',
    like_name: 'Box fan',
    standing: 'changed',
    revision: 3,
    figures: [
        {
            path: 'free_flow',
            name: 'free flow',
            shown: shown('1,050 cfm', '1,784 m³/h'),
            entry: '1,050.4 cfm',
            from: 'measured',
            shipped: shown('1,250 cfm'),
            is_own: true,
        },
        { path: 'power', name: 'power', shown: shown('75 W'), entry: '', from: 'typical', shipped: null, is_own: false },
    ],
    points: { along: 'flow', from: null, is_own: false, rows: [] },
    packs: [{ count: 1, price: '28.00' }],
    curve: null,
    notes: [],
    facts: [],
    ratings: [],
};

describe('a part as it is written', () => {
    it('writes only figures of one’s own, as they were written', () => {
        expect(written(part).figures).toEqual([
            { path: 'free_flow', entry: '1,050.4 cfm', from: 'measured' },
            { path: 'power', entry: '', from: 'measured' },
        ]);
    });

    it('asks to keep what is written and leaves out what is not', () => {
        const form = written(part);
        form.figures[1]!.entry = ' 80 W ';
        expect(asksOf(form, part.revision)).toEqual({
            name: 'Box fan',
            like: 'box-20-plain',
            figures: { free_flow: { entry: '1,050.4 cfm', from: 'measured' }, power: { entry: ' 80 W ', from: 'measured' } },
            points: [],
            points_from: 'measured',
            packs: [{ count: 1, price: '28.00' }],
            revision: 3,
        });
        form.figures.forEach((figure) => (figure.entry = ''));
        expect(asksOf(form, 0).figures).toEqual({});
    });

    it('writes measured points of one’s own only', () => {
        const rows = [{ along: '500 cfm', pressure: '0.0805 inWC' }];
        const own = { ...part, points: { along: 'flow', from: 'rated' as const, is_own: true, rows } };
        expect(written(own).points).toEqual(rows);
        expect(written(own).pointsFrom).toBe('rated');
        expect(written({ ...own, points: { ...own.points, is_own: false } }).points).toEqual([]);
    });

    it('changes a copy, not the part', () => {
        const form = written(part);
        form.packs[0]!.price = '1';
        expect(part.packs[0]?.price).toBe('28.00');
    });

    it('makes a code from the name that nobody has yet', () => {
        expect(codeOf('Fen board 20 × 20', [])).toBe('own-fen-board-20-20');
        expect(codeOf('Fen board 20 × 20', ['own-fen-board-20-20', 'own-fen-board-20-20-2'])).toBe('own-fen-board-20-20-3');
        expect(codeOf('×', [])).toBe('own-part');
    });
});
