import { describe, expect, it } from 'vitest';
import { labelHeight, layLabels } from '../../frontend/src/drawing/labels';

const SIZE = { width: 900, height: 600 };
const COLUMN = 180;
const at = (x: number, y: number, height = 60) => ({ label: `${x},${y}`, x, y, height });

describe('labels beside a drawing', () => {
    it('stand on the side of what they point to', () => {
        const laid = layLabels([at(200, 100), at(700, 100), at(300, 300), at(600, 300)], SIZE, COLUMN);

        expect(Object.fromEntries(laid.map((one) => [one.label, one.side]))).toEqual({
            '200,100': 'left',
            '300,300': 'left',
            '600,300': 'right',
            '700,100': 'right',
        });
    });

    it('never overlap in a column, however close their anchors are', () => {
        for (const spread of [0, 1, 5, 40]) {
            const laid = layLabels(
                Array.from({ length: 10 }, (_, i) => at(i < 5 ? 100 : 800, 300 + i * spread)),
                SIZE,
                COLUMN,
            );
            for (const side of ['left', 'right'] as const) {
                const column = laid.filter((one) => one.side === side).sort((a, b) => a.top - b.top);
                column
                    .slice(1)
                    .forEach((one, i) => expect(one.top).toBeGreaterThanOrEqual((column[i]?.top ?? 0) + (column[i]?.height ?? 0)));
            }
        }
    });

    it('stay on the sheet, and clear of what is kept free at the foot of the left column', () => {
        const laid = layLabels([at(100, 590), at(150, 595), at(800, 595), at(820, 5)], SIZE, COLUMN, 170);

        for (const one of laid) {
            expect(one.top).toBeGreaterThanOrEqual(0);
            expect(one.top + one.height).toBeLessThanOrEqual(SIZE.height - (one.side === 'left' ? 170 : 0));
        }
    });

    it('keep the order of their anchors, so that leaders do not cross', () => {
        const laid = layLabels([at(100, 200), at(120, 210), at(140, 205), at(800, 1), at(810, 2), at(820, 3)], SIZE, COLUMN);
        const left = laid.filter((one) => one.side === 'left').sort((a, b) => a.top - b.top);

        expect(left.map((one) => one.y)).toEqual([200, 205, 210]);
    });

    it('send their leaders off at the inner edge of the column', () => {
        const laid = layLabels([at(100, 100), at(800, 100)], SIZE, COLUMN);

        expect(laid.map((one) => one.edge)).toEqual([COLUMN - 6, SIZE.width - COLUMN + 6]);
    });

    it('are none where there is nothing to say', () => {
        expect(layLabels([], SIZE, COLUMN)).toEqual([]);
    });

    it('are as high as their lines, of which long ones wrap', () => {
        expect(labelHeight(['moves 840 cfm', '62 dBA at 1 m'])).toBe(68);
        expect(labelHeight(['12 13/16 in × 12 13/16 in', 'hole 8 in'])).toBe(87);
        expect(labelHeight(['7 1/16 in × 7 1/16 in, 1 1/4 in high'])).toBe(68);
    });
});
