import { describe, expect, it, vi } from 'vitest';
import { labelOf, pathOf, ruler, type PlanSheet } from '../../frontend/src/features/kit/mat';
import SheetMat from '../../frontend/src/features/kit/SheetMat.vue';
import { figuresOf, type Size } from '../../frontend/src/features/kit/sizes';
import { mounted } from './mounted';

const SQUARE = [
    [0, 0],
    [100, 0],
    [100, 100],
    [0, 100],
];

describe('the cutting mat', () => {
    it('draws what goes up on the sheet down on the screen', () => {
        expect(
            pathOf(
                [
                    [
                        [0, 0],
                        [50, 0],
                        [50, 20],
                    ],
                ],
                100,
            ),
        ).toBe('M0.0 100.0L50.0 100.0L50.0 80.0Z');
    });

    it('puts a label on board, never in a hole', () => {
        expect(labelOf({ outline: SQUARE, holes: [] })).toEqual({ x: 50, y: 50 });
        const hole = SQUARE.map(([x, y]) => [20 + 0.6 * x!, 20 + 0.6 * y!]);
        expect(labelOf({ outline: SQUARE, holes: [hole] })).toEqual({ x: 6, y: 6 });
    });

    it('has a ruler in inches or in centimetres', () => {
        expect(
            ruler(914.4, true)
                .filter(({ label }) => label)
                .map(({ label }) => label),
        ).toEqual(['0', '6', '12', '18', '24', '30', '36']);
        expect(
            ruler(305, false)
                .filter(({ label }) => label)
                .map(({ label, at }) => [label, at]),
        ).toEqual([
            ['0', 0],
            ['10', 100],
            ['20', 200],
            ['30', 300],
        ]);
    });

    const sheet: PlanSheet = {
        id: 'board',
        number: 1,
        name: 'Board, 1',
        width_mm: 300,
        height_mm: 200,
        bought: true,
        grain: 'along',
        folds: [],
        zones: [],
        placed: [
            { label: 'A', piece: 'A.1', part: 'base', outline: SQUARE, holes: [], x_mm: 0, y_mm: 0, turn: 0, pinned: false },
            {
                label: 'B',
                piece: 'B.1',
                part: 'shroud',
                outline: SQUARE.map(([x, y]) => [x! + 110, y!]),
                holes: [],
                x_mm: 110,
                y_mm: 0,
                turn: 0,
                pinned: true,
            },
        ],
        used_share: 0.33,
        offcut: null,
    };

    it('moves a part by an eighth of an inch for an arrow key, and tells what stays', async () => {
        const moved = vi.fn();
        const page = mounted(SheetMat, { sheet, scale: 0.5, imperial: true, lit: '', picked: '', mayMove: true, onMoved: moved });
        const parts = page.all('[data-piece]');
        expect(parts.map((part) => part.getAttribute('aria-label'))).toEqual(['Part A.1', 'Part B.1, stays where it is']);
        parts[0]!.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp', bubbles: true }));
        expect(moved).toHaveBeenCalledWith({ piece: 'A.1', sheet: 'board', number: 1, x_mm: 0, y_mm: 25.4 / 8, turn: 0 });
    });

    it('lets whoever may not change anything only look', () => {
        const moved = vi.fn();
        const page = mounted(SheetMat, { sheet, scale: 0.5, imperial: true, lit: '', picked: '', mayMove: false, onMoved: moved });
        page.all('[data-piece]')[0]!.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp', bubbles: true }));
        expect(moved).not.toHaveBeenCalled();
    });
});

describe('what to measure', () => {
    const size = (kind: 'fan' | 'filter', path: string, effects: Size['effects'] = []): Size => ({
        kind,
        code: kind,
        part: kind,
        path,
        name: path,
        value: { imperial: '1 in', metric: '25 mm' },
        entry: '',
        measured: false,
        by: '',
        at: '',
        effects,
    });

    it('is asked for thing by thing, first what something is cut by, each with a place for the tape', () => {
        const effect = { imperial: 'A gap.', metric: 'A gap.' };
        const figures = figuresOf([
            size('fan', 'body.side'),
            size('fan', 'body.blade_circle', [effect]),
            size('fan', 'carton_width'),
            size('filter', 'depth', [effect]),
        ]);
        expect(figures.map(({ sizes }) => sizes.map(({ path }) => path))).toEqual([
            ['body.blade_circle', 'body.side'],
            ['depth'],
            ['carton_width'],
        ]);
        for (const { figure, sizes } of figures) {
            for (const { path } of sizes) expect(figure.tapes[path]?.d).toMatch(/^M/);
        }
    });
});
