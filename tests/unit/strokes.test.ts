import { expect, it } from 'vitest';
import type { Ledger } from '../../frontend/src/api/client';
import { drawn, withStrokes } from '../../frontend/src/features/work/strokes';
import { ledger, unit } from './samples';

const stroke = { part: 'fan', kind: 'fan', path: 'M0 0L1 1', shade: 0 };
const frame = { x: 0, y: 0, width: 9, height: 9 };
const answered = (mark: string, sent: boolean): Ledger => {
    const { drawing, ...rest } = unit();
    const strokes = sent ? { frame, strokes: [stroke] } : { frame: { x: 0, y: 0, width: 0, height: 0 }, strokes: [] };
    return ledger({ unit: { ...rest, drawing: { ...drawing, ...strokes, mark } } });
};

it('puts the strokes that were sent before into a drawing that comes without them', () => {
    const first = withStrokes(answered('cube', true));
    expect(drawn()).toEqual(['cube']);
    const again = withStrokes(answered('cube', false));
    expect(again?.unit?.drawing.strokes).toBe(first?.unit?.drawing.strokes);
    expect(again?.unit?.drawing.frame).toEqual(frame);
});

it('says where strokes are gone, and leaves alone what has no mark or no unit', () => {
    expect(withStrokes(answered('never-sent', false))).toBeNull();
    const bare = ledger({ unit: null });
    expect(withStrokes(bare)).toBe(bare);
    const unmarked = answered('', false);
    expect(withStrokes(unmarked)).toBe(unmarked);
});

it('keeps a dozen, those that were wanted last', () => {
    for (let number = 0; number < 11; number++) withStrokes(answered(`other-${number}`, true));
    withStrokes(answered('cube', false));
    withStrokes(answered('newest', true));
    expect(drawn()).toHaveLength(12);
    expect(drawn().slice(-2)).toEqual(['cube', 'newest']);
    expect(drawn()).not.toContain('other-0');
});
