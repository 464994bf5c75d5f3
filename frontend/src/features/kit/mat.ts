import type { CutPlan } from '../../api/client';

export type PlanSheet = CutPlan['sheets'][number];
export type PlacedPart = PlanSheet['placed'][number];
export type PlanPart = CutPlan['parts'][number];

/** A part that was moved by hand: where its own origin lies now, mm. */
export interface Moved {
    piece: string;
    sheet: string;
    number: number;
    x_mm: number;
    y_mm: number;
    turn: number;
}

type Point = number[];

/** A path of an outline and its holes; y goes up on the sheet and down on the screen. */
export const pathOf = (outlines: Point[][], height: number): string =>
    outlines
        .map((outline) => `M${outline.map(([x, y]) => `${(x ?? 0).toFixed(1)} ${(height - (y ?? 0)).toFixed(1)}`).join('L')}Z`)
        .join('');

/** Where the label of a part stands: in the middle of its extent, or low on its left where a hole is there. */
export function labelOf(part: { outline: Point[]; holes: Point[][] }): { x: number; y: number } {
    const xs = part.outline.map(([x]) => x ?? 0);
    const ys = part.outline.map(([, y]) => y ?? 0);
    const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
    const isHollow = part.holes.some((hole) => {
        const [hx, hy] = [hole.map(([x]) => x ?? 0), hole.map(([, y]) => y ?? 0)];
        const [x, y] = [(left + right) / 2, (low + high) / 2];
        return Math.min(...hx) < x && Math.max(...hx) > x && Math.min(...hy) < y && Math.max(...hy) > y;
    });
    if (isHollow) return { x: left + 0.06 * (right - left), y: low + 0.06 * (high - low) };
    // Of a triangle the middle of its corners is on board.
    return { x: xs.reduce((sum, x) => sum + x, 0) / xs.length, y: ys.reduce((sum, y) => sum + y, 0) / ys.length };
}

/** Marks of a ruler along a side, mm, in inches or in centimetres. */
export function ruler(length: number, imperial: boolean): { at: number; label: string }[] {
    const step = imperial ? 25.4 : 10;
    return Array.from({ length: Math.floor(length / step) + 1 }, (_, mark) => ({
        at: mark * step,
        label: mark % (imperial ? 6 : 10) === 0 ? String(mark) : '',
    }));
}
