export interface Box {
    left: number;
    top: number;
    right: number;
    bottom: number;
}

interface Anchored<T> {
    label: T;
    x: number;
    y: number;
    height: number;
}

export interface Laid<T> extends Anchored<T> {
    side: 'left' | 'right';
    top: number;
    /** Where the leader leaves the label. */
    edge: number;
}

const GAP = 8;

/**
 * Lays labels in a column on either side, near what they point to and clear of each other, in screen pixels. At the
 * foot of the left column some height may be kept free for something else.
 */
export function layLabels<T>(labels: Anchored<T>[], size: { width: number; height: number }, column: number, keepFree = 0): Laid<T>[] {
    const sorted = [...labels].sort((a, b) => a.x - b.x);
    const half = Math.ceil(sorted.length / 2);
    return [...stack(sorted.slice(0, half), 'left', size, column, keepFree), ...stack(sorted.slice(half), 'right', size, column, 0)];
}

function stack<T>(
    labels: Anchored<T>[],
    side: 'left' | 'right',
    size: { width: number; height: number },
    column: number,
    keepFree: number,
): Laid<T>[] {
    const laid = [...labels]
        .sort((a, b) => a.y - b.y)
        .map((one) => ({ ...one, side, top: one.y - 16, edge: side === 'left' ? column - 6 : size.width - column + 6 }));
    let free = GAP;
    for (const one of laid) {
        one.top = Math.max(one.top, free);
        free = one.top + one.height + GAP;
    }
    let floor = size.height - GAP - keepFree;
    for (const one of [...laid].reverse()) {
        one.top = Math.min(one.top, floor - one.height);
        floor = one.top - GAP;
    }
    return laid;
}

/** Letters that a line of a label holds before it wraps. */
const LINE = 24;

/** Height of a label with a name and some lines, px: long lines take two. */
export function labelHeight(lines: string[]): number {
    return 30 + 19 * lines.reduce((rows, line) => rows + Math.max(1, Math.ceil(line.length / LINE)), 0);
}
